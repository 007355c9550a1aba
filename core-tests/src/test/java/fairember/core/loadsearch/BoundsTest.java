package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Score;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What no plan can be better than. The oven of the cases takes 12 min to heat and 3 to unload, 0.2 kWh and 0.6 kW. */
public class BoundsTest {
    private static Bake bake(String key, double side, double low, double bakingTime, double hands, double due) {
        return Bake.plain(
                        key,
                        1,
                        LoadCases.box(side, side, 30),
                        new Temperature(low),
                        new Temperature(low + 4),
                        new Minutes(bakingTime),
                        new Minutes(bakingTime + 30))
                .shaped(new Bake.Hands(Minutes.ZERO, new Minutes(hands)))
                .dueAt(due);
    }

    private static Bounds bounds(Bake... bakes) {
        LoadProblem problem =
                LoadProblem.of(LoadCases.oven(300, 220, List.of(new Length(150)), 5, false), List.of(bakes));
        return new Bounds(new Table(problem, problem.bakes()));
    }

    @Test
    public void aBakeAloneIsLateByWhatItsOwnHandsAndOvenTake() {
        // Hands to 50, the oven hot by then, hold 20 and unloading 3: out at 73, due at 60.
        Bounds alone = bounds(bake("a", 40, 120, 20, 50, 60));
        assertThat(alone.of(Objective.LATENESS)).isEqualTo(13);
        assertThat(alone.of(Objective.FINISH)).isEqualTo(73);
        assertThat(alone.of(Objective.LOADS)).isEqualTo(1);
        assertThat(alone.of(Objective.KWH)).isGreaterThan(0.2).isLessThanOrEqualTo(0.4);
    }

    @Test
    public void onePairOfHandsDelaysTheSecondOfTwo() {
        // Shaped at 50 and 100, each out 23 later: 73 and 123, due at 60 both.
        Bounds two = bounds(bake("a", 40, 120, 20, 50, 60), bake("b", 40, 120, 20, 50, 60));
        assertThat(two.of(Objective.LATENESS)).isEqualTo(13 + 63);
    }

    @Test
    public void bakesThatCanNeverShareTakeTheOvenOneAfterTheOther() {
        // 110 to 114 and 120 to 124: two loads of 12 + 20 + 3, out at 35 and 70.
        Bounds apart = bounds(bake("a", 40, 110, 20, 0, 30), bake("b", 40, 120, 20, 0, 30));
        assertThat(apart.of(Objective.LOADS)).isEqualTo(2);
        assertThat(apart.of(Objective.LATENESS)).isEqualTo(5 + 40);
        assertThat(apart.of(Objective.FINISH)).isEqualTo(70);
        // Two that leave no room for each other, though their windows meet.
        Bounds large = bounds(bake("a", 200, 120, 20, 0, 30), bake("b", 200, 120, 20, 0, 30));
        assertThat(large.of(Objective.LOADS)).isEqualTo(2);
    }

    @Test
    public void pricesOfTheHandsSayMoreWhereManyDesignsAreLate() {
        // As above, the oven free: 73 and 123 against 60. With a slot of two ticks and more, no more than that.
        LoadProblem two = LoadProblem.of(
                LoadCases.oven(300, 220, List.of(new Length(150)), 5, false),
                List.of(bake("a", 40, 120, 20, 50, 60), bake("b", 40, 120, 20, 50, 60)));
        assertThat(byPrices(two, 90)).isEqualTo(13 + 63);
        assertThat(byPrices(two, 90_000)).isBetween(60.0, 76.0);
        LoadProblem many = LoadCases.branching(24, 3);
        double without = new Bounds(new Table(many, many.bakes())).of(Objective.LATENESS);
        assertThat(byPrices(many, 2_000)).isGreaterThan(1.3 * without);
    }

    /** Squares of 40 by 40 mm on a tray that holds ten of them, two by five; out at 45 when they go in first, at 90 when second. */
    private static Bake squares(String key, int many, int least, double due) {
        return new Bake(
                BakeKey.of(key),
                key,
                many,
                least,
                LoadCases.box(40, 40, 30),
                false,
                new Temperature(120),
                new Temperature(124),
                new Minutes(30),
                new Minutes(60),
                Bake.Hands.NONE,
                List.of(),
                OptionalDouble.of(due));
    }

    private static Relaxation.Found relaxed(Relaxation.Loads loads, long late, Bake... bakes) {
        LoadProblem problem =
                LoadProblem.of(LoadCases.oven(210, 90, List.of(new Length(150)), 0, false), List.of(bakes));
        Table table = new Table(problem, problem.bakes());
        return new Relaxation(table, new Bounds(table), 1000, loads)
                .solve(0, late * table.scale, null, Relaxation.Way.FROM_BELOW, 1, () -> false);
    }

    @Test
    public void loadsInTurnHaveRoomForWhatIsNotDividedAndForPartOfWhatIs() {
        // Four of them undivided, of which the tray holds two at a time: two are out at 45 and two at 90.
        Bake[] halves =
                IntStream.range(0, 4).mapToObj(i -> squares("h" + i, 4, 4, 45)).toArray(Bake[]::new);
        assertThat(relaxed(Relaxation.Loads.IN_TURN, 500, halves).lateness()).isEqualTo(2 * 45);
        // Six, six and eight are two loads when the eight are divided, and three otherwise.
        Bake[] shared = {squares("a", 6, 1, 45), squares("b", 6, 1, 90), squares("c", 8, 1, 90)};
        assertThat(relaxed(Relaxation.Loads.IN_TURN, 0, shared).possible()).isTrue();
        assertThat(relaxed(Relaxation.Loads.WITH_EARLIER, 0, shared).possible()).isTrue();
        assertThat(relaxed(Relaxation.Loads.UNDIVIDED, 0, shared).possible()).isFalse();
        // Divided, one takes a load longer: none is in time that has but one.
        assertThat(relaxed(Relaxation.Loads.IN_TURN, 0, squares("a", 6, 1, 45), squares("b", 6, 1, 45))
                        .possible())
                .isFalse();
    }

    private static double byPrices(LoadProblem problem, long late) {
        Table table = new Table(problem, problem.bakes());
        return new HandPrices(table, new Bounds(table), late).bound(() -> false);
    }

    @DataProvider
    public Object[][] seeds() {
        return Stream.iterate(0L, s -> s + 1)
                .limit(6)
                .map(s -> new Object[] {s})
                .toArray(Object[][]::new);
    }

    /** Whatever the problem: no plan that is found is under any bound, in any order of the objectives. */
    @Test(dataProvider = "seeds")
    public void noPlanIsUnderABound(long seed) {
        underNoBound(LoadCases.anything(9000 + seed));
        underNoBound(LoadCases.branching(9, seed));
    }

    private static void underNoBound(LoadProblem problem) {
        List<Bake> bakes = new ArrayList<>(BakeFilter.filter(problem).bakes());
        for (Objective first : Objective.values()) {
            LoadProblem ordered = new LoadProblem(
                    problem.ovens(), problem.makers(), bakes, problem.apart(), List.of(), List.of(first));
            LoadPlan plan = LoadPlanning.plan(ordered, Effort.SEARCH);
            if (!plan.advice().isEmpty() || bakes.isEmpty()) {
                continue;
            }
            Table table = new Table(ordered, bakes);
            Bounds bounds = new Bounds(table);
            int horizon = (int) (2 * plan.value(Objective.FINISH) * table.scale) + 1;
            long late = Math.round(plan.value(Objective.LATENESS) * table.scale);
            if (late > 0) {
                double byPrices = new HandPrices(table, bounds, late).bound(() -> false);
                assertThat(byPrices).as("by prices").isLessThanOrEqualTo(late);
            }
            for (Relaxation.Loads loads :
                    List.of(Relaxation.Loads.FREE, Relaxation.Loads.IN_TURN, Relaxation.Loads.WITH_EARLIER)) {
                for (Relaxation.Way way : Relaxation.Way.values()) {
                    Relaxation.Found found =
                            new Relaxation(table, bounds, horizon, loads).solve(0, late, null, way, 0.2, () -> false);
                    // The plan itself keeps to all that is asked here, so there is always one.
                    assertThat(found.possible()).as("%s %s", loads, way).isTrue();
                }
            }
            for (Objective objective : Objective.values()) {
                boolean timed = objective == Objective.LATENESS || objective == Objective.FINISH;
                double bound = bounds.of(objective) / (timed ? table.scale : 1);
                assertThat(bound).as(objective.name()).isLessThanOrEqualTo(plan.value(objective) + 1e-6);
            }
        }
    }

    /** More bakes than the solver looks at whole, too many to be in time: shown to be as little late as can be. */
    @Test
    public void aLatePlanOfManyBranchingBakesIsProven() {
        LoadProblem problem = LoadCases.branching(26, 2);
        LoadPlan plan = LoadPlanning.plan(problem, Effort.PROOF);
        Score late = plan.scores().get(0);
        assertThat(late.objective()).isEqualTo(Objective.LATENESS);
        assertThat(late.value()).isPositive();
        assertThat(late.proven())
                .as("late %s, bound %s", late.value(), late.bound())
                .isTrue();
        PlanReviewer.review(problem, plan);
    }
}
