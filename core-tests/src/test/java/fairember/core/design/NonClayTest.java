package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.balance.Balance;
import fairember.core.balance.Balancing;
import fairember.core.balance.Standing;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.foilcore.CoreSpec;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import fairember.core.shape.Block;
import fairember.core.shape.Box;
import fairember.core.shape.Rod;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is not clay: on the scale, on the tray, in the heat and underfoot. */
public class NonClayTest {
    private static final Design SEAL = Samples.seal();

    private static Length mm(double mm) {
        return new Length(mm);
    }

    private static Placement at(double across, double up) {
        return Placement.MIDDLE.at(across, up, 0);
    }

    private static NonClay thing(
            Solid shape, double grams, NonClay.Oven oven, boolean support, @Nullable Double ceiling, Placement place) {
        return new NonClay(
                "Thing",
                shape,
                1,
                new Mass(grams),
                BuildPoint.START,
                oven,
                support,
                ceiling == null ? null : new Temperature(ceiling),
                null,
                null,
                place);
    }

    private static MeasuredDesign with(NonClay thing) {
        return Samples.measured(SEAL.with(SEAL.parts(), new Armature(List.of(), List.of(), null, List.of(thing))));
    }

    private static Balance balance(MeasuredDesign design) {
        return Balancing.balance(design);
    }

    private static Standing standing(MeasuredDesign design) {
        return Objects.requireNonNull(balance(design).standing());
    }

    /** The height of the centre with so many grams more at a height; findings are taken to be in the middle of the rest. */
    private static double raised(MeasuredDesign bare, double grams, double upMm) {
        double rest = bare.weight().g() - bare.fitted().g();
        return (rest * balance(bare).centre().upMm() + grams * upMm) / (rest + grams);
    }

    private static final int LAST = SEAL.stages().size() - 1;

    @Test
    public void aBoardUnderItWidensItsFootAndWeighsWhereItIs() {
        MeasuredDesign bare = Samples.measured(SEAL);
        Block board = new Block(mm(90), mm(90), mm(6));
        MeasuredDesign stands = with(thing(board, 30, NonClay.Oven.AFTER, false, null, at(0, -6)));
        assertThat(stands.weight().g()).isCloseTo(bare.weight().g() + 30, within(1e-9));
        assertThat(standing(stands).tipDeg()).isGreaterThan(standing(bare).tipDeg() + 5);
        double expected = raised(bare, 30, -3);
        assertThat(balance(stands).centre().upMm()).isCloseTo(expected, within(1e-6));
        // Put on after the oven, it takes no room there and sets no limit.
        assertThat(stands.stages().get(LAST)).isEqualTo(bare.stages().get(LAST));
        assertThat(stands.box().width().mm()).isCloseTo(90, within(1e-9));
    }

    @Test
    public void aSpringAboveItRaisesItsCentreByItsOwnWeight() {
        MeasuredDesign bare = Samples.measured(SEAL);
        Rod spring = new Rod(mm(8), mm(20));
        MeasuredDesign sprung = with(thing(spring, 5, NonClay.Oven.TAKEN_OUT, false, null, at(0, 60)));
        double expected = raised(bare, 5, 70);
        assertThat(balance(sprung).centre().upMm()).isCloseTo(expected, within(1e-6));
        assertThat(sprung.design().checkLines()).extracting(CheckLine::words).contains("Take out before baking: Thing");
        assertThat(sprung.stages().get(LAST).need())
                .isEqualTo(bare.stages().get(LAST).need());
    }

    @Test
    public void aSupportTakesRoomOnTheTrayAndIsNoPartOfThePiece() {
        MeasuredDesign bare = Samples.measured(SEAL);
        Rod cup = new Rod(mm(50), mm(40));
        MeasuredDesign held = with(thing(cup, 200, NonClay.Oven.IN, true, 300.0, at(60, 0)));
        assertThat(held.weight()).isEqualTo(bare.weight());
        assertThat(standing(held)).isEqualTo(standing(bare));
        assertThat(held.box()).isEqualTo(bare.box());
        MeasuredStage baked = held.stages().get(LAST);
        Box before = bare.stages().get(LAST).unit();
        assertThat(baked.unit().width().mm()).isCloseTo(before.width().mm() / 2 + 60 + 25, within(0.5));
        assertThat(baked.mass().g()).isCloseTo(bare.stages().get(LAST).mass().g() + 200, within(1e-9));
        assertThat(held.design().checkLines()).extracting(CheckLine::words).contains("Support in place: Thing");
    }

    @DataProvider
    public Object[][] ceilings() {
        double low =
                Samples.measured(SEAL).stages().get(LAST).need().window().low().c();
        return new Object[][] {
            {null, "heat-limit-unknown"}, {low - 20, "heat-limit"}, {low + 2, null}, {300.0, null},
        };
    }

    @Test(dataProvider = "ceilings")
    public void whatCannotTakeTheHeatStopsTheBakeAndTheRestOfTheDesignGoesOn(
            @Nullable Double ceiling, @Nullable String rule) {
        MeasuredDesign design = with(thing(new Ball(mm(6)), 1, NonClay.Oven.IN, false, ceiling, at(0, 30)));
        List<String> rules = design.advice().stream()
                .map(Advice::rule)
                .filter(r -> r.startsWith("heat-limit"))
                .distinct()
                .toList();
        assertThat(rules).isEqualTo(rule == null ? List.of() : List.of(rule));
        MeasuredDesign bare = Samples.measured(SEAL);
        assertThat(design.clay()).isEqualTo(bare.clay());
        double high = bare.stages().get(LAST).need().window().high().c();
        double most = ceiling == null ? high : Math.min(high, ceiling);
        assertThat(design.stages().get(LAST).need().window().high().c()).isEqualTo(most);
    }

    @Test
    public void aSupportThatIsNotInTheOvenIsRefused() {
        assertThatThrownBy(() -> thing(new Ball(mm(6)), 1, NonClay.Oven.AFTER, true, null, at(0, 0)))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors())
                                .singleElement()
                                .satisfies(error -> assertThat(error.field()).isEqualTo("oven")));
    }

    /** On a cold tile the seal's bake takes longer; on a board that is baked with it, it does not touch the tile. */
    @Test
    public void clayOnABoardThatIsBakedWithItDoesNotTouchTheTile() {
        Stage last = SEAL.stages().get(LAST);
        Rest tile = new Rest(Rest.On.TILE, mm(12), false);
        Stage onTile = new Stage(
                last.name(), last.kind(), last.assembly(), last.cooling(), last.quench(), last.own(), null, tile);
        List<Stage> stages = new ArrayList<>(SEAL.stages());
        stages.set(LAST, onTile);
        Block board = new Block(mm(90), mm(90), mm(6));
        NonClay under = thing(board, 30, NonClay.Oven.IN, false, 300.0, at(0, -6));
        double rack = near(SEAL.stages(), Armature.NONE);
        assertThat(near(stages, Armature.NONE)).isGreaterThan(rack);
        assertThat(near(stages, new Armature(List.of(), List.of(), null, List.of(under))))
                .isEqualTo(rack);
    }

    private static double near(List<Stage> stages, Armature armature) {
        Design design = new Design(
                SEAL.id(),
                SEAL.name(),
                "",
                SEAL.kind(),
                SEAL.pose(),
                SEAL.parts(),
                SEAL.assemblies(),
                stages,
                SEAL.steps(),
                SEAL.fittings(),
                SEAL.checks(),
                armature,
                null,
                null,
                null);
        return Samples.measured(design).stages().get(LAST).heat().near().min();
    }

    /** Hollow, a part has the clay and the thickness of one with foil, and weighs less by the foil; no foil is pressed for it. */
    @Test
    public void aHollowPartIsACoredOneWithoutFoil() {
        Part body = SEAL.parts().get(0);
        CoreSpec core = Objects.requireNonNull(body.core());
        CoreSpec empty = new CoreSpec(core.shell(), core.packing(), core.floor(), core.lobes(), true);
        List<Part> parts = new ArrayList<>(SEAL.parts());
        parts.set(0, body.with(body.shape(), empty, body.placement()));
        MeasuredDesign hollow = Samples.measured(SEAL.with(parts, Armature.NONE));
        MeasuredDesign cored = Samples.measured(SEAL);
        assertThat(hollow.clay()).isEqualTo(cored.clay());
        assertThat(hollow.weight().g())
                .isCloseTo(cored.weight().g() - cored.foil().g(), within(1e-9));
        assertThat(hollow.foil()).isEqualTo(Mass.ZERO);
        assertThat(hollow.stages().get(LAST).need().thickest())
                .isEqualTo(cored.stages().get(LAST).need().thickest());
        assertThat(hollow.stages().get(LAST).heat().near())
                .isLessThan(cored.stages().get(LAST).heat().near());
        Job job = new Job(new JobKey(1, 1), hollow, 3);
        assertThat(BatchNeeding.needs(List.of(job), MixWaste.ofHands(new Share(0)))
                        .cores())
                .isEmpty();
    }
}
