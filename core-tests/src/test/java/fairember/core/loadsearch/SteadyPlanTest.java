package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.PlannedLoad;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** After something has happened a plan changes only as much as is worth it. */
public class SteadyPlanTest {
    private static final int CASES = 40;

    @DataProvider
    public Object[][] benches() {
        Object[][] benches = new Object[CASES][];
        for (int seed = 0; seed < CASES; seed++) {
            benches[seed] = new Object[] {LoadCases.bench(4 + seed % 12, seed)};
        }
        return benches;
    }

    private static LoadPlan plan(LoadProblem problem, Optional<LoadPlan> earlier) {
        return LoadPlanning.plan(problem, Effort.RULES, earlier, () -> false, better -> {});
    }

    /** What is in each load, in the order they go in. */
    private static List<String> loads(List<PlannedLoad> loads) {
        return loads.stream()
                .map(load -> load.items().stream()
                        .map(item -> item.bake().key().words() + " x" + item.count())
                        .sorted()
                        .toList()
                        .toString())
                .toList();
    }

    @Test(dataProvider = "benches")
    public void whatIsDoneLeavesTheRestWhereItWasAndUndoBringsThePlanBack(LoadProblem problem) {
        LoadPlan first = plan(problem, Optional.empty());
        assertThat(loads(plan(problem, Optional.of(first)).loads())).isEqualTo(loads(first.loads()));
        if (first.loads().size() < 2) {
            return;
        }
        List<PlannedLoad> rest = first.loads().subList(1, first.loads().size());
        LoadProblem left = without(problem, first.loads().get(0));
        LoadPlan then = plan(left, Optional.of(first));
        if (!loads(then.loads()).equals(loads(rest))) {
            LoadPlan asItWas = plan(pinned(left, rest), Optional.empty());
            assertThat(isWorthIt(then, asItWas))
                    .as("%s instead of %s", loads(then.loads()), loads(rest))
                    .isTrue();
        }
        // Undone: what was done comes back into the plan that there was then, and nothing is lost or made twice.
        LoadPlan undone = plan(problem, Optional.of(then));
        assertThat(counts(undone)).isEqualTo(counts(first));
        assertThat(loads(plan(problem, Optional.of(first)).loads())).isEqualTo(loads(first.loads()));
    }

    private static Map<String, Integer> counts(LoadPlan plan) {
        Map<String, Integer> counts = new HashMap<>();
        plan.loads()
                .forEach(load -> load.items()
                        .forEach(item -> counts.merge(item.bake().key().words(), item.count(), Integer::sum)));
        return counts;
    }

    private static boolean isWorthIt(LoadPlan plan, LoadPlan than) {
        for (Objective objective : LoadProblem.USUAL) {
            double gain = than.value(objective) - plan.value(objective);
            double least = switch (objective) {
                case LATENESS -> 5;
                case LOADS -> 1;
                case KWH -> 0.03 * than.value(objective);
                case FINISH -> 30;
            };
            if (Math.abs(gain) >= least - 1e-9) {
                return gain > 0;
            }
        }
        return false;
    }

    private static LoadProblem pinned(LoadProblem problem, List<PlannedLoad> loads) {
        List<LoadProblem.PinnedLoad> pins = loads.stream()
                .map(load -> new LoadProblem.PinnedLoad(
                        load.oven(),
                        load.items().stream()
                                .map(item ->
                                        new LoadProblem.PinnedItem(item.bake().key(), item.count()))
                                .toList(),
                        Optional.empty()))
                .toList();
        return new LoadProblem(
                problem.ovens(), problem.makers(), problem.bakes(), problem.apart(), pins, problem.order());
    }

    private static LoadProblem without(LoadProblem problem, PlannedLoad done) {
        Map<BakeKey, Integer> gone = new HashMap<>();
        done.items().forEach(item -> gone.put(item.bake().key(), item.count()));
        List<Bake> bakes = new ArrayList<>();
        for (Bake bake : problem.bakes()) {
            int left = bake.count() - gone.getOrDefault(bake.key(), 0);
            if (left > 0) {
                List<Bake.Wait> waits = bake.after().stream()
                        .filter(wait -> problem.bakes().stream()
                                .anyMatch(other -> other.key().equals(wait.key())
                                        && other.count() > gone.getOrDefault(other.key(), 0)))
                        .toList();
                bakes.add(new Bake(
                        bake.key(),
                        bake.name(),
                        left,
                        Math.min(left, bake.least()),
                        bake.unit(),
                        bake.turns(),
                        bake.low(),
                        bake.high(),
                        bake.bakingTime(),
                        bake.most(),
                        bake.hands(),
                        waits,
                        bake.due()));
            }
        }
        return new LoadProblem(
                problem.ovens(), problem.makers(), bakes, problem.apart(), problem.pins(), problem.order());
    }
}
