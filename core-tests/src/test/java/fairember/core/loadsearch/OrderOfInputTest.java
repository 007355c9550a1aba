package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.advice.Advice;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Makers;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.Stretch;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.Test;

/** A plan does not depend on the order its bakes are given in; what is pinned stays; what has no hours is left out, and no more. */
public class OrderOfInputTest {
    private static LoadProblem shuffled(LoadProblem problem, long seed) {
        List<Bake> bakes = new ArrayList<>(problem.bakes());
        Collections.shuffle(bakes, new Random(seed));
        return new LoadProblem(
                problem.ovens(), problem.makers(), bakes, problem.apart(), problem.pins(), problem.order());
    }

    private static List<Double> scores(LoadPlan plan) {
        return List.of(Objective.LATENESS, Objective.LOADS, Objective.KWH, Objective.FINISH).stream()
                .map(plan::value)
                .toList();
    }

    @Test
    public void theSameBakesInAnyOrderHaveTheSamePlan() {
        for (int seed = 0; seed < 5; seed++) {
            LoadProblem problem = LoadCases.bench(4 + seed % 7, 500 + seed);
            List<Double> first = scores(LoadPlanning.plan(problem, Effort.PROOF));
            assertThat(scores(LoadPlanning.plan(shuffled(problem, seed), Effort.PROOF)))
                    .as("case " + seed)
                    .isEqualTo(first);
        }
        LoadProblem large = LoadCases.bench(40, 3);
        List<Double> first = scores(LoadPlanning.plan(large, Effort.RULES));
        for (int seed = 0; seed < 2; seed++) {
            assertThat(scores(LoadPlanning.plan(shuffled(large, seed), Effort.RULES)))
                    .isEqualTo(first);
        }
    }

    private static Bake bake(String key, int count, double bakingTime, String... after) {
        return new Bake(
                BakeKey.of(key),
                key,
                count,
                1,
                LoadCases.box(80, 80, 30),
                true,
                new Temperature(125),
                new Temperature(135),
                new Minutes(bakingTime),
                new Minutes(90),
                Bake.Hands.NONE,
                List.of(after).stream()
                        .map(k -> new Bake.Wait(BakeKey.of(k), new Minutes(10)))
                        .toList(),
                OptionalDouble.empty());
    }

    private static LoadProblem problem(
            List<Stretch> hours, List<LoadProblem.Apart> apart, List<LoadProblem.PinnedLoad> pins, Bake... bakes) {
        return new LoadProblem(
                List.of(new LoadProblem.OvenUse(LoadCases.oven(200, 100, List.of(new Length(150)), 5, false), hours)),
                Makers.ONE,
                List.of(bakes),
                apart,
                pins,
                LoadProblem.USUAL);
    }

    @Test
    public void aBakeMayBeGivenBeforeTheOneItWaitsFor() {
        for (Effort effort : Effort.values()) {
            LoadPlan plan = LoadPlanning.plan(
                    problem(List.of(), List.of(), List.of(), bake("b", 1, 20, "a"), bake("a", 1, 20)), effort);
            assertThat(plan.loads())
                    .extracting(load -> load.items().get(0).bake().key().words())
                    .containsExactly("a", "b");
        }
    }

    /** Each load of a plan is pinned as it is: all of them stay, and nothing is said against any. */
    @Test
    public void everyLoadMayBePinned() {
        LoadProblem free = LoadCases.bench(8, 77);
        LoadPlan plan = LoadPlanning.plan(free, Effort.SEARCH);
        List<LoadProblem.PinnedLoad> pins = plan.loads().stream()
                .map(load -> new LoadProblem.PinnedLoad(
                        load.oven(),
                        load.items().stream()
                                .map(item ->
                                        new LoadProblem.PinnedItem(item.bake().key(), item.count()))
                                .toList(),
                        Optional.empty()))
                .toList();
        LoadPlan saved = LoadPlanning.plan(
                new LoadProblem(free.ovens(), free.makers(), free.bakes(), List.of(), pins, free.order()),
                Effort.SEARCH);
        assertThat(saved.loads()).hasSameSizeAs(plan.loads()).allMatch(PlannedLoad::pinned);
        assertThat(saved.advice()).extracting(Advice::rule).doesNotContain("pin-broken");
    }

    /** Two lie on the tray; a load of them takes 12 + 20 + 3 minutes, and the oven is open for 80: two loads, four things. */
    @Test
    public void whatFindsNoHoursIsLeftOutAndTheRestIsBaked() {
        LoadPlan plan = LoadPlanning.plan(
                problem(
                        List.of(Stretch.ofMinutes(0, 80)),
                        List.of(),
                        List.of(),
                        bake("eyes", 7, 20),
                        bake("heads", 1, 20, "eyes")),
                Effort.PROOF);
        assertThat(plan.loads().stream()
                        .flatMap(load -> load.items().stream())
                        .mapToInt(PlannedLoad.Item::count)
                        .sum())
                .isEqualTo(4);
        assertThat(plan.advice()).extracting(Advice::message).anyMatch(message -> message.startsWith("3 of 7 eyes"));
        assertThat(plan.advice()).extracting(Advice::message).anyMatch(message -> message.startsWith("heads"));
    }

    @Test
    public void whatIsKeptApartFromNothingIsRefused() {
        LoadProblem unknown = problem(
                List.of(),
                List.of(new LoadProblem.Apart(BakeKey.of("a"), BakeKey.of("z"))),
                List.of(),
                bake("a", 1, 20),
                bake("b", 1, 20));
        assertThat(Refusals.of(() -> LoadPlanning.plan(unknown, Effort.RULES))
                        .get(0)
                        .found())
                .isEqualTo("z");
    }
}
