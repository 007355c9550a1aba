package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.Samples;
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
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The oven is 300 × 200 mm with a gap of 5, 10 min and 0.2 kWh to preheat, 0.6 kW to hold. */
public class LoadPlanningTest {
    private static Bake bake(
            String key,
            int count,
            double side,
            double low,
            double high,
            double bakingTime,
            double most,
            String... after) {
        return Bake.plain(
                        key,
                        count,
                        LoadCases.box(side, side, 30),
                        new Temperature(low),
                        new Temperature(high),
                        new Minutes(bakingTime),
                        new Minutes(most))
                .after(Stream.of(after)
                        .map(k -> new Bake.Wait(BakeKey.of(k), new Minutes(15)))
                        .toList());
    }

    private static LoadPlan plan(Bake... bakes) {
        return LoadPlanning.plan(LoadProblem.of(Samples.OVEN, List.of(bakes)), Effort.PROOF);
    }

    @Test
    public void bakesWhoseWindowsAndHoldsMeetShareOneLoadAtTheLowEndForTheLongestNeed() {
        LoadPlan plan = plan(bake("seal", 4, 40, 125, 135, 30, 90), bake("flag", 8, 20, 120, 130, 15, 60));
        assertThat(plan.loads()).hasSize(1);
        PlannedLoad load = plan.loads().get(0);
        assertThat(load.temperature().c()).isEqualTo(125);
        assertThat(load.bakingTime().min()).isEqualTo(30);
        // 0.2 kWh to preheat, half an hour at 0.6 kW.
        assertThat(load.energy().kwh()).isEqualTo(0.5);
        assertThat(load.places()).hasSize(12);
        assertThat(load.why().get(0).message()).contains("125 to 130 °C suits all 2");
        assertThat(plan.scores()).allMatch(s -> s.proven());
    }

    @Test
    public void whatCannotShareGoesIntoAnotherLoadAndTheReasonIsSaid() {
        LoadPlan plan = plan(
                bake("a", 1, 40, 125, 135, 60, 90),
                bake("cool", 1, 40, 100, 110, 50, 90),
                bake("short", 1, 40, 125, 135, 10, 20),
                bake("b", 1, 40, 125, 135, 30, 90, "a"));
        assertThat(plan.loads()).hasSize(4);
        List<String> reasons = plan.loads().stream()
                .flatMap(l -> l.why().stream())
                .filter(f -> f.rule().equals("not-earlier"))
                .map(Advice::message)
                .toList();
        assertThat(reasons).anyMatch(r -> r.contains("no temperature suits both"));
        assertThat(reasons).anyMatch(r -> r.contains("no baking time suits both"));
        assertThat(reasons).anyMatch(r -> r.endsWith("b is built on a."));
    }

    /** Flags to 130 and lighthouses from 135 on: five degrees more for the flags would save a load. */
    @Test
    public void theOneChangeThatWouldFreeALoadIsSaidAndIsTrue() {
        LoadPlan plan = plan(bake("flags", 8, 20, 120, 130, 15, 60), bake("lighthouses", 4, 40, 135, 140, 30, 90));
        assertThat(plan.loads()).hasSize(2);
        assertThat(plan.loads().stream().flatMap(l -> l.why().stream()))
                .anyMatch(f ->
                        f.rule().equals("would-free") && f.message().startsWith("Bake flags at 135 instead of 130 °C"));
        assertThat(plan(bake("flags", 8, 20, 120, 135, 15, 60), bake("lighthouses", 4, 40, 135, 140, 30, 90))
                        .loads())
                .hasSize(1);
        LoadPlan saved = plan(bake("flags", 8, 20, 120, 130, 15, 25), bake("lighthouses", 4, 40, 125, 140, 30, 90));
        assertThat(saved.loads().stream().flatMap(l -> l.why().stream()))
                .anyMatch(f -> f.message().startsWith("Allow flags to bake for 30 min instead of at most 25 min"));
    }

    @Test
    public void aFullTrayGoesOnInTheNextLoad() {
        // Rows of 6 with 45 mm and a gap of 5 on 300 mm; 4 rows on 200 mm.
        LoadPlan plan = plan(bake("seal", 50, 45, 125, 135, 30, 90));
        assertThat(plan.loads())
                .extracting(l -> l.items().get(0).count())
                .hasSize(3)
                .allMatch(c -> c <= 24);
    }

    @Test
    public void whatNoLoadCanTakeIsLeftOutWithAFindingAndTheRestIsPlanned() {
        Bake ringed = bake("ring", 1, 20, 125, 135, 30, 90, "ring 2");
        LoadPlan plan = plan(
                bake("huge", 1, 301, 125, 135, 30, 90),
                bake("on it", 1, 20, 125, 135, 30, 90, "huge"),
                bake("apart", 1, 20, 130, 120, 30, 90),
                bake("past", 1, 20, 125, 135, 30, 90).dueAt(-60),
                ringed,
                bake("ring 2", 1, 20, 125, 135, 30, 90, "ring"),
                bake("fine", 1, 20, 125, 135, 30, 90));
        assertThat(plan.advice())
                .extracting(Advice::rule)
                .containsExactlyInAnyOrder("too-large", "waits", "no-temperature", "due-past", "ring", "ring");
        assertThat(plan.loads()).hasSize(1);
        assertThat(plan.loads().get(0).items()).hasSize(2);
        // Ten minutes' preheat and 30 of hold, an hour late before it began.
        assertThat(plan.value(Objective.LATENESS)).isEqualTo(100);
        LoadProblem ovenless = new LoadProblem(
                List.of(), Makers.ONE, List.of(ringed.after(List.of())), List.of(), List.of(), List.of());
        assertThat(LoadPlanning.plan(ovenless, Effort.PROOF).advice())
                .extracting(Advice::rule)
                .containsExactly("no-oven");
    }

    /** Fifteen of which no fewer than five and no more than six share a load: three fives, whatever is tempting first. */
    @Test
    public void aCountIsPartedSoThatNoneIsLeftOver() {
        // Rows of three with 90 mm and a gap of 5 on 300 mm, two rows on 200: six.
        Bake six = bake("a", 15, 90, 125, 135, 30, 90);
        Bake fives = new Bake(
                BakeKey.of("a"),
                "a",
                15,
                5,
                six.unit(),
                true,
                six.low(),
                six.high(),
                six.bakingTime(),
                six.most(),
                six.hands(),
                List.of(),
                six.due());
        LoadProblem problem = LoadProblem.of(Samples.OVEN, List.of(fives));
        for (Effort effort : Effort.values()) {
            LoadPlan plan = LoadPlanning.plan(problem, effort);
            PlanReviewer.review(problem, plan);
            assertThat(plan.loads()).extracting(l -> l.items().get(0).count()).containsExactly(5, 5, 5);
        }
        Bake seven = new Bake(
                BakeKey.of("a"),
                "a",
                7,
                5,
                six.unit(),
                true,
                six.low(),
                six.high(),
                six.bakingTime(),
                six.most(),
                six.hands(),
                List.of(),
                six.due());
        assertThat(plan(seven).advice()).extracting(Advice::rule).containsExactly("too-many");
    }

    /** A large oven that may run for half an hour and a small one that may run all day: the large thing has neither. */
    @Test
    public void anOvenMustTakeABakeInAllRespects() {
        LoadProblem two = new LoadProblem(
                List.of(
                        new LoadProblem.OvenUse(Samples.OVEN, List.of(Stretch.ofMinutes(0, 30))),
                        new LoadProblem.OvenUse(
                                LoadCases.oven(100, 100, List.of(new Length(150)), 5, false), List.of())),
                Makers.ONE,
                List.of(bake("large", 1, 150, 125, 135, 30, 90), bake("small", 1, 50, 125, 135, 30, 90)),
                List.of(),
                List.of(),
                LoadProblem.USUAL);
        LoadPlan plan = LoadPlanning.plan(two, Effort.PROOF);
        assertThat(plan.advice()).extracting(Advice::rule).containsExactly("hours-short");
        assertThat(plan.loads()).hasSize(1);
        PlanReviewer.review(two, plan);
    }

    @Test
    public void waitingForNothingOrTwoOfOneKeyAreRefused() {
        assertThat(Refusals.of(() -> plan(bake("a", 1, 9, 1, 2, 3, 4, "nobody")))
                        .get(0)
                        .found())
                .isEqualTo("nobody");
        assertThat(Refusals.of(() -> plan(bake("a", 1, 9, 1, 2, 3, 4), bake("a", 1, 9, 1, 2, 3, 4)))
                        .get(0)
                        .field())
                .isEqualTo("key");
    }

    @Test
    public void whatIsLateForTheHoursThereAreIsLeftOut() {
        Bake long1 = bake("a", 1, 40, 125, 135, 40, 90);
        List<Bake> bakes = List.of(long1, bake("b", 1, 40, 125, 135, 40, 90, "a"));
        LoadProblem hour = new LoadProblem(
                List.of(new LoadProblem.OvenUse(Samples.OVEN, List.of(Stretch.ofMinutes(0, 70)))),
                Makers.ONE,
                bakes,
                List.of(),
                List.of(),
                LoadProblem.USUAL);
        LoadPlan plan = LoadPlanning.plan(hour, Effort.SEARCH);
        assertThat(plan.loads()).hasSize(1);
        assertThat(plan.advice()).extracting(Advice::rule).containsExactly("no-hours");
        PlanReviewer.review(hour, plan);
    }

    @Test
    public void aPinnedLoadStaysAndOneThatCannotIsSaid() {
        List<Bake> bakes = List.of(bake("a", 2, 40, 125, 135, 30, 90), bake("b", 2, 40, 120, 135, 30, 90));
        LoadProblem pinned = new LoadProblem(
                List.of(new LoadProblem.OvenUse(Samples.OVEN, List.of())),
                Makers.ONE,
                bakes,
                List.of(new LoadProblem.Apart(BakeKey.of("a"), BakeKey.of("a"))),
                List.of(
                        new LoadProblem.PinnedLoad(
                                0,
                                List.of(new LoadProblem.PinnedItem(BakeKey.of("a"), 1)),
                                Optional.of(new Minutes(200))),
                        new LoadProblem.PinnedLoad(
                                0, List.of(new LoadProblem.PinnedItem(BakeKey.of("b"), 3)), Optional.empty())),
                LoadProblem.USUAL);
        LoadPlan plan = LoadPlanning.plan(pinned, Effort.PROOF);
        assertThat(plan.loads()).filteredOn(PlannedLoad::pinned).hasSize(1);
        PlannedLoad saved =
                plan.loads().stream().filter(PlannedLoad::pinned).findFirst().orElseThrow();
        assertThat(saved.in().min()).isEqualTo(200);
        assertThat(saved.items()).extracting(PlannedLoad.Item::count).containsExactly(1);
        assertThat(plan.advice()).extracting(Advice::rule).containsExactly("pin-broken");
    }

    @DataProvider
    public Object[][] seeds() {
        return Stream.iterate(0L, s -> s + 1)
                .limit(5)
                .map(s -> new Object[] {s})
                .toArray(Object[][]::new);
    }

    /** Stopped at the first request, at the second and so on into the solver: what is given is whole, and no worse than by rule. */
    @Test
    public void whenEverItIsStoppedThePlanSoFarIsGiven() {
        LoadProblem problem = LoadCases.bench(9, 5);
        double ruled = LoadPlanning.plan(problem, Effort.RULES).value(Objective.LATENESS);
        for (int rounds : new int[] {0, 1, 2, 40, 160, 170, 175, 180, 190, 400}) {
            AtomicInteger left = new AtomicInteger(rounds);
            List<LoadPlan> given = new ArrayList<>();
            LoadPlan plan = LoadPlanning.plan(
                    problem, Effort.PROOF, Optional.empty(), () -> left.getAndDecrement() <= 0, given::add);
            PlanReviewer.review(problem, plan);
            assertThat(plan.value(Objective.LATENESS)).isLessThanOrEqualTo(ruled);
            assertThat(given).isNotEmpty();
            for (int i = 1; i < given.size(); i++) {
                assertThat(given.get(i).value(Objective.LATENESS))
                        .isLessThanOrEqualTo(given.get(i - 1).value(Objective.LATENESS));
            }
        }
    }

    /** Five of each: by rule, by search and, for the first of them, with the solver. */
    @Test(dataProvider = "seeds")
    public void noPlanBreaksARule(long seed) {
        for (int i = 0; i < 5; i++) {
            LoadProblem problem = LoadCases.anything(100 * seed + i);
            LoadPlan ruled = LoadPlanning.plan(problem, Effort.RULES);
            PlanReviewer.review(problem, ruled);
            LoadPlan searched = LoadPlanning.plan(problem, i == 0 ? Effort.PROOF : Effort.SEARCH);
            PlanReviewer.review(problem, searched);
        }
    }

    /** What the solver proves is never under a bound that needed no search, nor over what the search found. */
    @Test(dataProvider = "seeds")
    public void ruleSearchAndProofAgreeAndRepeat(long seed) {
        LoadProblem problem = LoadCases.bench(4 + (int) (seed % 4), seed);
        LoadPlan proven = LoadPlanning.plan(problem, Effort.PROOF);
        LoadPlan searched = LoadPlanning.plan(problem, Effort.SEARCH);
        PlanReviewer.review(problem, proven);
        Objective first = Objective.LATENESS;
        assertThat(proven.scores().get(0).proven()).isTrue();
        assertThat(proven.value(first)).isLessThanOrEqualTo(searched.value(first));
        assertThat(searched.scores().get(0).bound()).isLessThanOrEqualTo(proven.value(first));
        assertThat(searched.value(first))
                .isLessThanOrEqualTo(LoadPlanning.plan(problem, Effort.RULES).value(first));
        assertThat(LoadPlanning.plan(problem, Effort.PROOF)).isEqualTo(proven);
    }
}
