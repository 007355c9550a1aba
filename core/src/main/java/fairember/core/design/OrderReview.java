package fairember.core.design;

import static fairember.core.design.StepKind.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Holds the steps of a design against the order that makers have learned the hard way. */
public final class OrderReview {
    private static final Set<StepKind> PAINT = EnumSet.of(PRIME, BASE_COAT, WASH, DRY_BRUSH, BLUSH, DETAIL);

    /** What comes first, what after it, and why. */
    private static final List<Rule> RULES = List.of(
            new Rule("sand-first", EnumSet.of(SAND), PAINT, "sanding takes paint off"),
            new Rule("prime-first", EnumSet.of(PRIME), without(PRIME), "paint holds on primer, not under it"),
            new Rule(
                    "glue-first",
                    EnumSet.of(GLUE),
                    PAINT,
                    "glue holds on bare clay, and peels off with the paint under it"),
            new Rule(
                    "paint-inside-first",
                    PAINT,
                    EnumSet.of(CLOSE_UP),
                    "what is closed up cannot be reached with a brush"),
            new Rule(
                    "wash-first",
                    EnumSet.of(WASH),
                    EnumSet.of(DRY_BRUSH, BLUSH, DETAIL),
                    "a wash dirties what it runs over"),
            new Rule("trim-after-paint", PAINT, EnumSet.of(SOFT_TRIM), "wet paint spoils soft trim"),
            new Rule("varnish-last", PAINT, EnumSet.of(VARNISH), "varnish goes on paint that is dry"));

    private final Design design;
    private final AssemblyTree tree;
    private final List<Integer> order = new ArrayList<>();

    private record Rule(String name, Set<StepKind> first, Set<StepKind> then, String reason) {}

    private OrderReview(Design design) {
        this.design = design;
        this.tree = design.tree();
        for (int stage : tree.inOrder()) {
            tree.feeding(stage).forEach(this::take);
        }
        tree.finishing().forEach(this::take);
    }

    private static Set<StepKind> without(StepKind one) {
        Set<StepKind> others = EnumSet.copyOf(PAINT);
        others.remove(one);
        return others;
    }

    private void take(BuildPoint point) {
        for (int step = 0; step < design.steps().size(); step++) {
            if (step(step).at().equals(point)) {
                order.add(step);
            }
        }
    }

    /** The steps of a design that are out of order, each once for every rule, in the order they are done. */
    public static List<OrderBreak> breaks(Design design) {
        OrderReview review = new OrderReview(design);
        List<OrderBreak> breaks = new ArrayList<>();
        for (int step : review.order) {
            RULES.forEach(rule -> review.late(rule, step).ifPresent(breaks::add));
            review.oven(step).ifPresent(breaks::add);
        }
        return List.copyOf(breaks);
    }

    private Step step(int index) {
        return design.steps().get(index);
    }

    /**
     * A step that is done after another that it must come before: it belongs before the first of these. Where that is done on a smaller
     * assembly, which is joined by then, it is that one which belongs after.
     */
    private Optional<OrderBreak> late(Rule rule, int step) {
        Step late = step(step);
        if (!rule.first().contains(late.kind())) {
            return Optional.empty();
        }
        return order.stream()
                .takeWhile(before -> before != step)
                .filter(before -> rule.then().contains(step(before).kind())
                        && AssemblyTree.goesInto(
                                design.assemblies(),
                                step(before).at().assembly(),
                                late.at().assembly()))
                .findFirst()
                .map(before -> late(rule, step, before));
    }

    private OrderBreak late(Rule rule, int step, int before) {
        String late = step(step).name();
        String early = step(before).name();
        String message = "'%s' comes after '%s': %s.".formatted(late, early, rule.reason());
        boolean onOne = step(before).at().assembly() == step(step).at().assembly();
        return onOne
                ? new OrderBreak(
                        rule.name(),
                        step,
                        before,
                        false,
                        step(before).at(),
                        message,
                        "Move '%s' before '%s'.".formatted(late, early))
                : new OrderBreak(
                        rule.name(),
                        before,
                        step,
                        true,
                        step(step).at(),
                        message,
                        "Move '%s' after '%s'.".formatted(early, late));
    }

    /** Marks and holes are made in raw clay; what heat spoils is put on after the last bake. */
    private Optional<OrderBreak> oven(int index) {
        Step step = step(index);
        BuildPoint at = step.at();
        boolean raw = !tree.way(at).isEmpty();
        if ((step.kind() == SIGN || step.kind() == PIERCE) && !raw && at.bake() > 0) {
            BuildPoint sooner = new BuildPoint(at.assembly(), at.bake() - 1);
            String reason =
                    step.kind() == SIGN ? "cured clay takes a mark only with a graver" : "cured clay has to be drilled";
            return Optional.of(new OrderBreak(
                    "raw-clay-first",
                    index,
                    null,
                    false,
                    sooner,
                    "'%s' comes after the last bake: %s.".formatted(step.name(), reason),
                    "Move '%s' before the bake.".formatted(step.name())));
        }
        if (step.kind() == HEAT_SHY && raw) {
            BuildPoint end = new BuildPoint(0, tree.bakes(0).size());
            return Optional.of(new OrderBreak(
                    "heat-shy-last",
                    index,
                    null,
                    false,
                    end,
                    "'%s' comes before a bake that would spoil it.".formatted(step.name()),
                    "Move '%s' after the last bake.".formatted(step.name())));
        }
        return Optional.empty();
    }
}
