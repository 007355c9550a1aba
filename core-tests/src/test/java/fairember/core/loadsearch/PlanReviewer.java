package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Place;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.Stretch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Holds a plan against the rules of its problem, in the problem's own words and with none of the planner's code. */
final class PlanReviewer {
    private static final double HAIR = 1e-6;

    private final LoadProblem problem;
    private final LoadPlan plan;
    private final Map<BakeKey, Bake> bakes = new HashMap<>();
    private final Map<BakeKey, Double> out = new HashMap<>();
    private final Set<BakeKey> leftOut = new HashSet<>();

    private PlanReviewer(LoadProblem problem, LoadPlan plan) {
        this.problem = problem;
        this.plan = plan;
        problem.bakes().forEach(b -> bakes.put(b.key(), b));
    }

    static void review(LoadProblem problem, LoadPlan plan) {
        PlanReviewer reviewer = new PlanReviewer(problem, plan);
        reviewer.counts();
        plan.loads().forEach(reviewer::load);
        reviewer.ovens();
        reviewer.hands();
        reviewer.values();
    }

    private void counts() {
        Map<BakeKey, Integer> counted = new HashMap<>();
        for (PlannedLoad load : plan.loads()) {
            for (PlannedLoad.Item item : load.items()) {
                BakeKey key = item.bake().key();
                counted.merge(key, item.count(), Integer::sum);
                assertThat(item.count())
                        .isGreaterThanOrEqualTo(
                                Math.min(item.bake().least(), item.bake().count()));
                out.merge(key, load.end().min(), Math::max);
            }
        }
        for (Bake bake : problem.bakes()) {
            if (!counted.containsKey(bake.key())) {
                assertThat(plan.advice())
                        .as("%s is left out with a word", bake.key())
                        .anyMatch(f -> f.about().contains(bake.name()));
                leftOut.add(bake.key());
            } else {
                assertThat(counted).containsEntry(bake.key(), bake.count());
            }
        }
    }

    private void load(PlannedLoad load) {
        Oven oven = problem.ovens().get(load.oven()).oven();
        double longest = 0;
        for (PlannedLoad.Item item : load.items()) {
            Bake b = item.bake();
            assertThat(load.temperature().c()).isBetween(b.low().c(), b.high().c());
            assertThat(load.bakingTime().min())
                    .isBetween(b.bakingTime().min() - HAIR, b.most().min() + HAIR);
            assertThat(load.places()).filteredOn(p -> p.key().equals(b.key())).hasSize(item.count());
            longest = Math.max(longest, b.bakingTime().min());
            for (PlannedLoad.Item other : load.items()) {
                assertThat(above(b, other.bake().key())).isFalse();
                assertThat(problem.apart())
                        .noneMatch(a -> a.one().equals(b.key())
                                && a.other().equals(other.bake().key()));
            }
        }
        double heating = oven.cold() ? 0 : oven.preheat().min();
        assertThat(load.in().min() - load.heatFrom().min()).isCloseTo(heating, within(HAIR));
        double whole =
                oven.preheat().min() + load.bakingTime().min() + oven.unload().min();
        assertThat(load.end().min() - load.heatFrom().min()).isCloseTo(whole, within(HAIR));
        double kwh = oven.preheatEnergy().kwh()
                + oven.keepHotKw() * load.bakingTime().min() / 60;
        assertThat(load.energy().kwh()).isCloseTo(kwh, within(HAIR));
        lies(
                load.heatFrom().min(),
                load.end().min(),
                problem.ovens().get(load.oven()).hours());
        places(oven, load.places());
    }

    private boolean above(Bake bake, BakeKey key) {
        return bake.after().stream().anyMatch(w -> w.key().equals(key) || above(bakes.get(w.key()), key));
    }

    private static void lies(double from, double to, List<Stretch> hours) {
        assertThat(hours.isEmpty()
                        || hours.stream().anyMatch(h -> h.from().min() <= from + HAIR && to <= h.to().min() + HAIR))
                .as("%s to %s lies in the hours", from, to)
                .isTrue();
    }

    private void places(Oven oven, List<Place> places) {
        double gap = oven.gap().mm();
        for (int i = 0; i < places.size(); i++) {
            Place a = places.get(i);
            Bake bake = bakes.get(a.key());
            boolean straight = a.width().equals(bake.unit().width())
                    && a.depth().equals(bake.unit().depth());
            boolean turned = a.width().equals(bake.unit().depth())
                    && a.depth().equals(bake.unit().width());
            assertThat(straight || (bake.turns() && turned)).isTrue();
            assertThat(right(a)).isLessThanOrEqualTo(oven.trayWidth().mm() + HAIR);
            assertThat(front(a)).isLessThanOrEqualTo(oven.trayDepth().mm() + HAIR);
            assertThat(a.left().mm()).isGreaterThanOrEqualTo(0);
            assertThat(a.back().mm()).isGreaterThanOrEqualTo(0);
            assertThat(bake.unit().height().mm())
                    .isLessThanOrEqualTo(oven.shelves().get(a.shelf()).mm());
            for (Place b : places.subList(i + 1, places.size())) {
                boolean clear = a.shelf() != b.shelf()
                        || right(a) + gap <= b.left().mm() + HAIR
                        || right(b) + gap <= a.left().mm() + HAIR
                        || front(a) + gap <= b.back().mm() + HAIR
                        || front(b) + gap <= a.back().mm() + HAIR;
                assertThat(clear).as("%s and %s keep their gap", a, b).isTrue();
            }
        }
    }

    private static double right(Place p) {
        return p.left().mm() + p.width().mm();
    }

    private static double front(Place p) {
        return p.back().mm() + p.depth().mm();
    }

    private void ovens() {
        List<PlannedLoad> loads = plan.loads();
        for (PlannedLoad a : loads) {
            for (PlannedLoad b : loads) {
                boolean other = a == b || a.oven() != b.oven();
                assertThat(other
                                || a.end().min() <= b.heatFrom().min() + HAIR
                                || b.end().min() <= a.heatFrom().min() + HAIR)
                        .isTrue();
            }
        }
    }

    private void hands() {
        Map<BakeKey, LoadPlan.Shaping> tasks = new HashMap<>();
        plan.hands().forEach(h -> tasks.put(h.key(), h));
        List<double[]> edges = new ArrayList<>();
        for (Bake bake : problem.bakes()) {
            if (leftOut.contains(bake.key())) {
                continue;
            }
            double ready = bake.hands().from().min();
            for (Bake.Wait wait : bake.after()) {
                ready = Math.max(ready, out.get(wait.key()) + wait.cooling().min());
            }
            double work = bake.hands().work().min();
            if (work > 0) {
                LoadPlan.Shaping task = tasks.get(bake.key());
                assertThat(task.begin().min()).isGreaterThanOrEqualTo(ready - HAIR);
                worked(task, work);
                edges.add(new double[] {task.begin().min(), 1});
                edges.add(new double[] {task.end().min() - HAIR, -1});
                ready = task.end().min();
            }
            for (PlannedLoad load : plan.loads()) {
                if (load.items().stream().anyMatch(i -> i.bake().key().equals(bake.key()))) {
                    assertThat(load.in().min()).as(bake.key().words()).isGreaterThanOrEqualTo(ready - HAIR);
                }
            }
        }
        edges.sort((a, b) -> Double.compare(a[0], b[0]));
        int busy = 0;
        for (double[] edge : edges) {
            busy += (int) edge[1];
            assertThat(problem.makers().atOnce() == 0
                            || busy <= problem.makers().atOnce())
                    .isTrue();
        }
    }

    private void worked(LoadPlan.Shaping task, double work) {
        if (!problem.makers().breaks()) {
            assertThat(task.end().min() - task.begin().min()).isCloseTo(work, within(HAIR));
            lies(task.begin().min(), task.end().min(), problem.makers().hours());
            return;
        }
        double open = problem.makers().hours().stream()
                .mapToDouble(h -> Math.max(
                        0,
                        Math.min(h.to().min(), task.end().min())
                                - Math.max(h.from().min(), task.begin().min())))
                .sum();
        assertThat(open).isCloseTo(work, within(HAIR));
    }

    private void values() {
        double late = 0;
        for (Bake bake : problem.bakes()) {
            if (bake.due().isPresent() && out.containsKey(bake.key())) {
                late += Math.max(0, out.get(bake.key()) - bake.due().getAsDouble());
            }
        }
        double finish =
                plan.loads().stream().mapToDouble(l -> l.end().min()).max().orElse(0);
        assertThat(plan.value(Objective.LATENESS)).isCloseTo(late, within(1.0));
        assertThat(plan.value(Objective.LOADS)).isEqualTo(plan.loads().size());
        assertThat(plan.value(Objective.FINISH)).isCloseTo(finish, within(HAIR));
        plan.scores().forEach(s -> assertThat(s.bound()).isLessThanOrEqualTo(s.value() + HAIR));
    }
}
