package fairember.core.ovenload;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.finding.Finding;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Temperature;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class LoadPlanningTest {
    private static Bake bake(
            String key, int count, double side, double low, double high, double hold, double most, String... after) {
        return new Bake(
                key,
                key,
                count,
                new Box(new Length(side), new Length(side), new Length(30)),
                new Temperature(low),
                new Temperature(high),
                new Minutes(hold),
                new Minutes(most),
                List.of(after));
    }

    @Test
    public void bakesWhoseWindowsAndHoldsMeetShareOneLoadAtTheLowEndForTheLongestNeed() {
        LoadPlan plan = LoadPlanning.plan(
                List.of(bake("seal", 4, 40, 125, 135, 30, 90), bake("flag", 8, 20, 120, 130, 15, 60)), Samples.OVEN);
        assertThat(plan.loads()).hasSize(1);
        PlannedLoad load = plan.loads().get(0);
        assertThat(load.temperature().c()).isEqualTo(125);
        assertThat(load.hold().min()).isEqualTo(30);
        // 0.2 kWh to preheat, half an hour at 0.6 kW.
        assertThat(load.energy().kwh()).isEqualTo(0.5);
        assertThat(load.places()).hasSize(12);
        assertThat(load.why().get(0).says()).contains("125 to 130 °C suits all 2");
    }

    @Test
    public void whatCannotShareGoesIntoAnotherLoadAndTheReasonIsSaid() {
        List<Bake> bakes = List.of(
                bake("a", 1, 40, 125, 135, 60, 90),
                bake("cool", 1, 40, 100, 110, 50, 90),
                bake("short", 1, 40, 125, 135, 10, 20),
                bake("b", 1, 40, 125, 135, 30, 90, "a"));
        LoadPlan plan = LoadPlanning.plan(bakes, Samples.OVEN);
        assertThat(plan.loads()).hasSize(4);
        List<String> reasons = plan.loads().stream()
                .flatMap(l -> l.why().stream())
                .filter(f -> f.rule().equals("not-earlier"))
                .map(Finding::says)
                .toList();
        assertThat(reasons).anyMatch(r -> r.startsWith("cool not in load 1: no temperature suits both"));
        assertThat(reasons).anyMatch(r -> r.startsWith("short not in load 1: no hold suits both"));
        assertThat(reasons).anyMatch(r -> r.startsWith("b not in load 1: something it is built on"));
    }

    @Test
    public void aFullTrayGoesOnInTheNextLoad() {
        // Rows of 6 with 45 mm and a gap of 5 on 300 mm; 4 rows on 200 mm.
        LoadPlan plan = LoadPlanning.plan(List.of(bake("seal", 50, 45, 125, 135, 30, 90)), Samples.OVEN);
        assertThat(plan.loads()).extracting(l -> l.items().get(0).count()).containsExactly(24, 24, 2);
    }

    @Test
    public void whatNoLoadCanTakeIsLeftOutWithAFindingAndTheRestIsPlanned() {
        List<Bake> bakes = List.of(
                bake("huge", 1, 301, 125, 135, 30, 90),
                bake("on it", 1, 20, 125, 135, 30, 90, "huge"),
                bake("apart", 1, 20, 130, 120, 30, 90),
                bake("fine", 1, 20, 125, 135, 30, 90));
        LoadPlan plan = LoadPlanning.plan(bakes, Samples.OVEN);
        assertThat(plan.findings())
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder("too-large", "waits", "no-temperature");
        assertThat(plan.loads()).hasSize(1);
    }

    @Test
    public void waitingInARingOrForNothingIsRefused() {
        List<Bake> ring = List.of(bake("a", 1, 9, 1, 2, 3, 4, "b"), bake("b", 1, 9, 1, 2, 3, 4, "a"));
        assertThat(Refusals.of(() -> LoadPlanning.plan(ring, Samples.OVEN))
                        .get(0)
                        .field())
                .isEqualTo("after");
        List<Bake> lost = List.of(bake("a", 1, 9, 1, 2, 3, 4, "nobody"));
        assertThat(Refusals.of(() -> LoadPlanning.plan(lost, Samples.OVEN))
                        .get(0)
                        .found())
                .isEqualTo("nobody");
        List<Bake> twins = List.of(bake("a", 1, 9, 1, 2, 3, 4), bake("a", 1, 9, 1, 2, 3, 4));
        assertThat(Refusals.of(() -> LoadPlanning.plan(twins, Samples.OVEN))
                        .get(0)
                        .field())
                .isEqualTo("key");
    }

    @Test
    public void noPlanBreaksARuleOnThreeHundredRandomStudios() {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 300; round++) {
            List<Bake> bakes = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(12); i++) {
                double low = 100 + 5 * random.nextInt(8);
                double hold = 10 + random.nextInt(50);
                String[] after =
                        i > 0 && random.nextInt(3) == 0 ? new String[] {"b" + random.nextInt(i)} : new String[0];
                bakes.add(bake(
                        "b" + i,
                        1 + random.nextInt(30),
                        8 + random.nextInt(60),
                        low,
                        low + random.nextInt(20),
                        hold,
                        hold + random.nextInt(60),
                        after));
            }
            review(bakes, LoadPlanning.plan(bakes, Samples.OVEN));
            assertThat(LoadPlanning.plan(bakes, Samples.OVEN)).isEqualTo(LoadPlanning.plan(bakes, Samples.OVEN));
        }
    }

    /** Holds a plan against the rules without any of the planner's code. */
    private static void review(List<Bake> bakes, LoadPlan plan) {
        Map<String, Integer> counted = new HashMap<>();
        Map<String, Integer> first = new HashMap<>();
        Map<String, Integer> last = new HashMap<>();
        for (int i = 0; i < plan.loads().size(); i++) {
            PlannedLoad load = plan.loads().get(i);
            for (PlannedLoad.Item item : load.items()) {
                Bake bake = item.bake();
                counted.merge(bake.key(), item.count(), Integer::sum);
                first.putIfAbsent(bake.key(), i);
                last.put(bake.key(), i);
                assertThat(load.temperature().c())
                        .isBetween(bake.low().c(), bake.high().c());
                assertThat(load.hold().min())
                        .isBetween(bake.hold().min(), bake.most().min());
                assertThat(load.places().stream().filter(p -> p.key().equals(bake.key())))
                        .hasSize(item.count());
            }
            apart(load.places());
        }
        for (Bake bake : bakes) {
            assertThat(counted).containsEntry(bake.key(), bake.count());
            bake.after().forEach(key -> assertThat(last.get(key)).isLessThan(first.get(bake.key())));
        }
    }

    private static void apart(List<Place> places) {
        for (Place a : places) {
            assertThat(a.left().mm() + a.width().mm()).isLessThanOrEqualTo(300);
            assertThat(a.back().mm() + a.depth().mm()).isLessThanOrEqualTo(200);
            for (Place b : places) {
                boolean clear = a == b
                        || a.left().mm() + a.width().mm() + 5 <= b.left().mm() + 1e-9
                        || b.left().mm() + b.width().mm() + 5 <= a.left().mm() + 1e-9
                        || a.back().mm() + a.depth().mm() + 5 <= b.back().mm() + 1e-9
                        || b.back().mm() + b.depth().mm() + 5 <= a.back().mm() + 1e-9;
                assertThat(clear).as("%s and %s keep 5 mm apart", a, b).isTrue();
            }
        }
    }
}
