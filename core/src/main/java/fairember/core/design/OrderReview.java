package fairember.core.design;

import static fairember.core.design.StepKind.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Holds the steps of a design against the order that makers have learned the hard way. */
public final class OrderReview {
    private static final Set<StepKind> PAINT = EnumSet.of(PRIME, BASE_COAT, WASH, DRY_BRUSH, BLUSH, DETAIL);

    /** What comes first, what after it, and why. */
    private static final List<Rule> RULES = List.of(
            new Rule(
                    "hole-zone",
                    EnumSet.of(PIERCE),
                    EnumSet.of(RELIEF),
                    "where the hole goes has to stay free of relief"),
            new Rule("sand-first", EnumSet.of(SAND), PAINT, "sanding takes paint off"),
            new Rule("sand-before-buff", EnumSet.of(SAND), EnumSet.of(BUFF), "sanding takes the shine off again"),
            new Rule("drill-first", EnumSet.of(DRILL), PAINT, "drilling chips paint, and its dust sticks to it"),
            new Rule("pull-first", EnumSet.of(PULL), PAINT, "pulling a sleeve rubs paint off"),
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
        BuildPoint there = step(before).at();
        // What is done to cured clay stays there: the other is done too soon.
        boolean tooSoon = isRaw(there)
                && !isRaw(step(step).at())
                && !RAW.containsKey(step(step).kind());
        boolean onOne = there.assembly() == step(step).at().assembly() && !tooSoon;
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

    /** Whether nothing of what is there has been baked on its own. */
    private boolean isRaw(BuildPoint at) {
        return at.bake() == 0 && !tree.bakes(at.assembly()).isEmpty();
    }

    /** What is done to raw clay only, and why. */
    private static final Map<StepKind, String> RAW = Map.of(
            SIGN, "cured clay takes a mark only with a graver",
            PIERCE, "cured clay has to be drilled",
            VENT, "air that is trapped lifts blisters in the oven",
            POWDER, "powder holds only on raw clay");

    /** What is done to cured clay only, and why. */
    private static final Map<StepKind, String> CURED = Map.of(
            DRILL, "raw clay tears when it is drilled",
            PULL, "raw clay keeps its shape only with what is in it",
            BUFF, "raw clay smears");

    /** Marks and holes are made in raw clay; what heat spoils is put on after the last bake. */
    private Optional<OrderBreak> oven(int index) {
        Step step = step(index);
        BuildPoint at = step.at();
        boolean raw = !tree.way(at).isEmpty();
        String cured = CURED.get(step.kind());
        if (cured != null && isRaw(at)) {
            BuildPoint later = new BuildPoint(at.assembly(), 1);
            return Optional.of(new OrderBreak(
                    "cured-clay-first",
                    index,
                    null,
                    false,
                    later,
                    "'%s' comes before the first bake: %s.".formatted(step.name(), cured),
                    "Move '%s' after the bake.".formatted(step.name())));
        }
        String reason = RAW.get(step.kind());
        if (reason != null && !raw && at.bake() > 0) {
            BuildPoint sooner = new BuildPoint(at.assembly(), at.bake() - 1);
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
