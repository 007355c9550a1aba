package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.BatchScheduling;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.batch.WorkHours;
import fairember.core.batch.Workshop;
import fairember.core.colour.Opacity;
import fairember.core.colour.Srgb;
import fairember.core.daybook.Learned;
import fairember.core.input.InputError;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import fairember.core.stock.Supply;
import fairember.core.stock.SupplyKind;
import fairember.core.stock.SupplyUnit;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Paint, varnish and what else a step uses up: how much, how long it dries, what it costs, what does not hold. */
public class FinishTest {
    private static final Supply PAINT = supply(1, SupplyKind.PAINT, SupplyUnit.ML, 60, 360, 30, true);
    static final Supply MATT = supply(2, SupplyKind.VARNISH_MATT, SupplyUnit.ML, 100, 800, 0, true);
    private static final Supply GLOSS = supply(3, SupplyKind.VARNISH_GLOSS, SupplyUnit.DROP, 400, 800, 0, false);
    private static final Supply PAPER = supply(4, SupplyKind.WEARING, SupplyUnit.USE, 20, 100, 5, false);
    static final Supply YELLOW = coloured(11, "Yellow", "#f2c230", List.of(), 0);
    static final Supply SLATE = coloured(12, "Slate", "#3f4a50", List.of(), 0);
    static final Supply OLIVE =
            coloured(13, "Olive", null, List.of(new Supply.PaintPart(11, 3), new Supply.PaintPart(12, 1)), 1);
    private static final Supply SHINY = supply(6, SupplyKind.PAINT_GLOSS, SupplyUnit.ML, 60, 360, 30, true);
    private static final Supply PRIMER = supply(5, SupplyKind.PRIMER, SupplyUnit.ML, 100, 500, 0, true);

    private static Supply supply(
            long id, SupplyKind kind, SupplyUnit unit, double pack, long minor, double onShelf, boolean water) {
        return new Supply(
                id,
                kind.label(),
                kind,
                unit,
                pack,
                new Money(minor),
                onShelf,
                3,
                8,
                new Minutes(20),
                Share.ofPercent(30),
                water,
                0,
                null,
                Opacity.OPAQUE,
                List.of(),
                0,
                List.of());
    }

    private static Supply coloured(
            long id, String name, @Nullable String hex, List<Supply.PaintPart> parts, double water) {
        return new Supply(
                id,
                name,
                SupplyKind.PAINT,
                SupplyUnit.ML,
                20,
                new Money(100 * (id - 10)),
                id == 13 ? 2 : 0,
                0,
                8,
                new Minutes(20),
                Share.ofPercent(30),
                true,
                0,
                hex == null ? null : Srgb.parse("hex", hex),
                Opacity.OPAQUE,
                parts,
                water,
                List.of());
    }

    static StepUse coats(Supply supply, int coats, double percent) {
        return new StepUse(supply.id(), coats, null, Share.ofPercent(percent), 0, 0);
    }

    public static final Room DAMP = new Room(new Temperature(17), Share.ofPercent(71));

    /** A seal that is painted, glossed by drops and sanded, in damp air. */
    public static MeasuredDesign finished() {
        return seal(
                DAMP,
                coats(PAINT, 3, 60),
                coats(GLOSS, 2, 10),
                new StepUse(PAPER.id(), 0, null, Share.ofPercent(100), 0.5, 1));
    }

    static MeasuredDesign seal(Room room, StepUse... uses) {
        return seal(room, StepKind.OTHER, uses);
    }

    /** The seal with one more step at its end for each use. */
    static MeasuredDesign seal(Room room, StepKind before, StepUse... uses) {
        Design plain = Samples.seal();
        BuildPoint end = new BuildPoint(0, plain.tree().bakes(0).size());
        List<Step> steps = new ArrayList<>(plain.steps());
        steps.add(new Step("ready", Station.FINISH, Minutes.ZERO, new Minutes(1), before, end));
        for (StepUse use : uses) {
            steps.add(new Step(
                    "finish",
                    Station.FINISH,
                    new Minutes(2),
                    new Minutes(1),
                    false,
                    StepKind.OTHER,
                    new Minutes(5),
                    List.of(use),
                    null,
                    1,
                    null,
                    "",
                    "",
                    end));
        }
        Design finished = new Design(
                plain.id(),
                plain.name(),
                plain.collection(),
                plain.kind(),
                plain.pose(),
                plain.parts(),
                plain.assemblies(),
                plain.stages(),
                steps,
                plain.fittings(),
                plain.checks(),
                plain.armature(),
                plain.price(),
                plain.bakingMethod(),
                plain.drawn());
        return DesignMeasuring.measure(
                finished,
                Samples.PALETTE.with(List.of(PAINT, MATT, GLOSS, PAPER, PRIMER, YELLOW, SLATE, OLIVE, SHINY), room),
                Samples.ROLL,
                Samples.PACKET);
    }

    @DataProvider
    public Object[][] rooms() {
        // Saturation at 10, 20, 25, 30 °C: 12.3, 23.4, 31.7, 42.4 hPa (World Meteorological Organization, guide no. 8).
        return new Object[][] {
            {20, 50, 1.0}, {20, 75, 2.0}, {10, 50, 23.4 / 12.3}, {25, 50, 23.4 / 31.7}, {30, 20, 0.4}, {8, 92, 4.0}
        };
    }

    @Test(dataProvider = "rooms")
    public void dampAndColdAirDriesSlowly(int c, int percent, double times) {
        Room room = new Room(new Temperature(c), Share.ofPercent(percent));
        assertThat(room.slowness()).isCloseTo(times, within(0.01 * times));
        Minutes waiting =
                seal(room, coats(PAINT, 3, 100)).waiting(Samples.seal().steps().size() + 1);
        assertThat(waiting.min()).isCloseTo(5 + 3 * 20 * times, within(1 + 0.6 * times));
        // What does not dry with its water takes its own time.
        assertThat(seal(room, coats(GLOSS, 2, 100))
                        .waiting(Samples.seal().steps().size() + 1)
                        .min())
                .isCloseTo(45, within(1e-9));
    }

    /** Eight square metres a litre: 8 000 mm² take a millilitre, and 30 % stays on the brush. */
    @Test
    public void coatsTakeMillilitresByTheSurface() {
        MeasuredDesign seal = seal(Room.USUAL, coats(PAINT, 2, 50), coats(GLOSS, 1, 10));
        double mm2 = seal.parts().stream()
                .mapToDouble(p -> p.part().shape().surface().mm2() * p.part().count())
                .sum();
        assertThat(seal.uses().get(0).each()).isCloseTo(mm2 / 2 * 2 / 8000 / 0.7, within(1e-9));
        assertThat(seal.uses().get(1).each()).isCloseTo(mm2 / 10 / 8000 / 0.7 * 20, within(1e-9));
        StepUse head = new StepUse(PAINT.id(), 1, 1, Share.ofPercent(100), 0, 0);
        assertThat(seal(Room.USUAL, head).uses().get(0).surface().mm2())
                .isCloseTo(
                        seal.parts().get(1).part().shape().surface().mm2()
                                * seal.parts().get(1).part().count(),
                        within(1e-9));
    }

    @Test
    public void aBatchBuysWholePacksAndThePriceHoldsWhatIsUsed() {
        StepUse paper = new StepUse(PAPER.id(), 0, null, Share.ofPercent(100), 0.5, 1);
        MeasuredDesign seal = seal(Room.USUAL, coats(PAINT, 3, 100), paper);
        BatchNeeds needs =
                BatchNeeding.needs(List.of(new Job(new JobKey(1, 97), seal, 40)), MixWaste.ofHands(new Share(0)));
        double ml = 40 * seal.uses().get(0).each();
        assertThat(needs.supplies()).extracting(BatchNeeds.SupplyNeed::supply).containsExactly(PAINT, PAPER);
        assertThat(needs.supplies().get(0).needed()).isCloseTo(ml, within(1e-9));
        assertThat(needs.supplies().get(0).packs()).isEqualTo((int) Math.ceil((ml - 30) / 60));
        // Half a use for each piece and one for the batch, five of them at hand, 20 to a pack: 21 − 5 in one pack.
        assertThat(needs.supplies().get(1).needed()).isEqualTo(21);
        assertThat(needs.supplies().get(1).packs()).isEqualTo(1);
        long used = Math.round((ml * 360 / 60 + 21 * 100 / 20.0) / 40);
        assertThat(DesignCosting.cost(seal, 40, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING)
                        .rungs())
                .anySatisfy(rung -> {
                    assertThat(rung.name()).isEqualTo("supplies");
                    assertThat(rung.cost().minor()).isEqualTo(used);
                });
    }

    @Test
    public void whatDoesNotHoldShineOrDryIsSaid() {
        assertThat(rules(seal(Room.USUAL, coats(PAINT, 2, 100)))).containsExactly("finish-keyed");
        assertThat(rules(seal(Room.USUAL, StepKind.SAND, coats(PAINT, 2, 100)))).isEmpty();
        assertThat(rules(seal(Room.USUAL, coats(PRIMER, 1, 100), coats(PAINT, 2, 100))))
                .isEmpty();
        assertThat(rules(seal(Room.USUAL, coats(GLOSS, 1, 100), coats(MATT, 1, 100))))
                .containsExactly("finish-sheen", "finish-sticky");
        assertThat(rules(seal(Room.USUAL, coats(MATT, 1, 100), coats(GLOSS, 1, 10))))
                .containsExactly("finish-sticky");
        assertThat(rules(seal(Room.USUAL, StepKind.SAND, coats(SHINY, 1, 20), coats(MATT, 1, 50))))
                .containsExactly("finish-gloss-paint");
        assertThat(rules(seal(Room.USUAL, StepKind.SAND, coats(SHINY, 1, 20), coats(MATT, 1, 100))))
                .isEmpty();
    }

    private static Step making(String name, int part) {
        return new Step(
                name,
                Station.SHAPE,
                Minutes.ZERO,
                new Minutes(1),
                false,
                StepKind.OTHER,
                Minutes.ZERO,
                List.of(),
                part,
                1,
                null,
                "",
                "",
                BuildPoint.START);
    }

    /** Red on white is seen, white on red is not. */
    @Test
    public void aLightPartIsMadeBeforeADarkOne() {
        Mix red = new Mix(3, "Red", List.of(Mix.Ingredient.of(Samples.RED, 1)));
        Design seal = Samples.seal();
        List<Part> parts = List.of(
                Samples.part("Body", new Ball(new Length(20)), 1, red, 0, null),
                seal.parts().get(1),
                Samples.part("Nose", new Ball(new Length(6)), 1, Samples.CHALK, 0, null));
        for (boolean darkFirst : new boolean[] {true, false}) {
            Step body = making("shape body", 0);
            Step nose = making("roll the nose", 2);
            Design design = seal.with(parts, Armature.NONE).with(darkFirst ? List.of(body, nose) : List.of(nose, body));
            MeasuredDesign measured = DesignMeasuring.measure(
                    design,
                    new Palette(List.of(Samples.CHALK, red)).with(List.of(Samples.PIN)),
                    Samples.ROLL,
                    Samples.PACKET);
            assertThat(measured.orderBreaks())
                    .extracting(OrderBreak::rule)
                    .isEqualTo(darkFirst ? List.of("light-first") : List.of());
        }
    }

    /** A coat dries while hands do something else, and nothing goes on it before. */
    @Test
    public void theNextCoatWaitsUntilTheOneBeforeIsDry() {
        MeasuredDesign seal =
                seal(new Room(new Temperature(20), Share.ofPercent(75)), coats(PAINT, 2, 100), coats(MATT, 1, 100));
        WorkHours always = new WorkHours(LocalTime.of(0, 0), LocalTime.of(23, 59), EnumSet.allOf(DayOfWeek.class));
        LocalDateTime nine = LocalDateTime.of(2026, 3, 2, 9, 0);
        BatchSchedule schedule = BatchScheduling.schedule(
                List.of(new Job(new JobKey(1, 97), seal, 6)),
                Workshop.of(Samples.OVEN, always),
                BatchScheduling.Start.at(nine),
                problem -> LoadPlanning.plan(problem, Effort.RULES));
        List<BatchSchedule.HandsTask> finish = schedule.tasks().stream()
                .filter(task -> task.step().name().equals("finish"))
                .toList();
        LocalDateTime painted = finish.get(0).slots().get(0).to();
        // Two coats of 20 min in air that dries half as fast, and 5 min that the step says itself.
        assertThat(finish.get(1).slots().get(0).from()).isEqualTo(painted.plusMinutes(85));
        assertThat(schedule.dryings()).hasSize(2);
        assertThat(schedule.dryings().get(0).name()).endsWith(", finish");
        assertThat(schedule.finish())
                .isEqualTo(finish.get(1).slots().get(0).to().plusMinutes(45));
    }

    static List<String> rules(MeasuredDesign design) {
        return design.advice().stream()
                .map(Advice::rule)
                .filter(rule -> rule.startsWith("finish-"))
                .toList();
    }

    @Test
    public void whatCannotBeIsRefusedAtItsPlace() {
        assertThat(fields(() -> seal(Room.USUAL, coats(PAPER, 1, 100))))
                .singleElement()
                .isEqualTo("steps[5].uses[0].coats");
        assertThat(fields(() -> seal(Room.USUAL, new StepUse(1, 1, 99, Share.ofPercent(50), 0, 0))))
                .containsExactly("steps[5].uses[0].part");
        assertThat(fields(() -> seal(Room.USUAL, new StepUse(77, 1, null, Share.ofPercent(50), 0, 0))))
                .containsExactly("steps[5].uses[0].supplyId");
        assertThat(fields(() -> supply(1, SupplyKind.PAINT, SupplyUnit.G, 60, 360, 30, true)))
                .containsExactly("unit");
        assertThat(fields(() -> supply(1, SupplyKind.PAINT, SupplyUnit.ML, 0, -1, 30, true)))
                .containsExactlyInAnyOrder("pack", "priceMinor");
    }

    private static List<String> fields(org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
        return Refusals.of(call).stream().map(InputError::field).toList();
    }
}
