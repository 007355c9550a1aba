package fairember.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.StageKind;
import fairember.core.design.Armature;
import fairember.core.design.Arrangement;
import fairember.core.design.Assembly;
import fairember.core.design.BuildPoint;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.Drawn;
import fairember.core.design.Insert;
import fairember.core.design.Part;
import fairember.core.design.Pin;
import fairember.core.design.Placement;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Facing;
import fairember.core.shape.Point3;
import fairember.core.shape.ShapeKind;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Balances worked by hand, with clay of density 2 g/cm³. */
public class BalancingTest {
    private static Part part(ShapeKind kind, List<Double> mm, int count, Double shell, double x, double z) {
        Placement at = new Placement(x, z, 0, 0, Arrangement.MIRRORED, Facing.UP);
        Part made = Samples.part("P" + kind + z, kind.make(mm), count, Samples.CHALK, 0, shell);
        return new Part(made.name(), made.shape(), count, made.mixId(), BuildPoint.START, 0, made.core(), null, at);
    }

    private static Balance of(DesignKind kind, Pose pose, Armature armature, Part... parts) {
        return of(kind, pose, armature, Drawn.PAIR, List.of(parts));
    }

    private static Balance of(DesignKind kind, Pose pose, Armature armature, @Nullable Drawn drawn, List<Part> parts) {
        Stage whole = new Stage("whole", StageKind.FULL_BAKE, new Minutes(20));
        Design design = new Design(
                1,
                "It",
                "",
                kind,
                pose,
                parts,
                List.of(Assembly.WHOLE),
                List.of(whole),
                List.of(),
                List.of(),
                List.of(),
                armature,
                null,
                null,
                drawn);
        return Balancing.balance(Samples.measured(design));
    }

    private static Balance standing(Part... parts) {
        return of(DesignKind.FIGURINE, Pose.STANDS, Armature.NONE, parts);
    }

    /** Solids alone: inside the foot by e, centre of mass at z; the lean is atan(e/z). */
    @DataProvider
    public Object[][] stands() {
        return new Object[][] {
            {ShapeKind.BLOCK, List.of(10.0, 20.0, 40.0), 5.0, 20.0},
            {ShapeKind.ROD, List.of(30.0, 20.0), 15.0, 10.0},
            {ShapeKind.CONE, List.of(40.0, 60.0), 20.0, 15.0},
            {ShapeKind.DOME, List.of(40.0), 20.0, 7.5},
            {ShapeKind.FRUSTUM, List.of(14.0, 8.0, 4.0), 7.0, 153.0 / 93},
        };
    }

    @Test(dataProvider = "stands")
    public void aSolidLeansUntilItsCentreIsOverTheEdgeOfItsFoot(
            ShapeKind kind, List<Double> mm, double inside, double above) {
        Standing standing = standing(part(kind, mm, 1, null, 0, 0)).standing();
        assertThat(standing.insideMm()).isCloseTo(inside, within(0.001 * inside));
        assertThat(standing.aboveMm()).isCloseTo(above, within(0.001 * above));
        assertThat(standing.tipDeg()).isCloseTo(Math.toDegrees(Math.atan(inside / above)), within(0.05));
    }

    /**
     * What is round below gives by g = 0.5 mm, and stands on its section there: a ball or rod of radius r on √(2rg − g²); an
     * ellipsoid of semi-axes a and c on a·√(1 − (1 − g/c)²) of a; what stands on a face of its own gives nothing.
     */
    @DataProvider
    public Object[][] roundFeet() {
        return new Object[][] {
            {ShapeKind.BALL, List.of(40.0), Facing.UP, Math.sqrt(0.5 * 39.5), 20.0},
            {ShapeKind.BALL, List.of(20.0), Facing.DOWN, Math.sqrt(0.5 * 19.5), 10.0},
            {ShapeKind.ELLIPSOID, List.of(20.0, 20.0, 20.0), Facing.UP, Math.sqrt(0.5 * 19.5), 10.0},
            {ShapeKind.ELLIPSOID, List.of(60.0, 60.0, 4.0), Facing.UP, 30 * Math.sqrt(1 - 0.75 * 0.75), 2.0},
            {ShapeKind.ELLIPSOID, List.of(60.0, 20.0, 4.0), Facing.UP, 10 * Math.sqrt(1 - 0.75 * 0.75), 2.0},
            {
                ShapeKind.ELLIPSOID,
                List.of(30.0, 20.0, 20.0),
                Facing.ACROSS,
                10 * Math.sqrt(1 - Math.pow(14.5 / 15, 2)),
                15.0
            },
            {ShapeKind.ROD, List.of(20.0, 40.0), Facing.ACROSS, Math.sqrt(0.5 * 19.5), 10.0},
            {ShapeKind.ROD, List.of(20.0, 40.0), Facing.FRONT, Math.sqrt(0.5 * 19.5), 10.0},
            {ShapeKind.CAPSULE, List.of(20.0, 40.0), Facing.ACROSS, Math.sqrt(0.5 * 19.5), 10.0},
            {ShapeKind.CAPSULE, List.of(20.0, 40.0), Facing.UP, Math.sqrt(0.5 * 19.5), 20.0},
            {ShapeKind.DISC, List.of(30.0, 4.0), Facing.ACROSS, 2.0, 15.0},
            {ShapeKind.RING, List.of(30.0, 6.0), Facing.UP, 12 + Math.sqrt(0.5 * 5.5), 3.0},
            {ShapeKind.CORD, List.of(8.0, 40.0), Facing.UP, Math.sqrt(0.5 * 7.5), 4.0},
            {ShapeKind.DOME, List.of(40.0), Facing.DOWN, Math.sqrt(0.5 * 39.5), 12.5},
            {ShapeKind.EGG, List.of(20.0, 30.0, 10.0), Facing.UP, Math.sqrt(0.5 * 19.5), 10 + 3 * 10.0 / 8},
            {ShapeKind.TEARDROP, List.of(20.0, 40.0), Facing.UP, Math.sqrt(0.5 * 19.5), 10 + 400.0 / 120},
        };
    }

    @Test(dataProvider = "roundFeet")
    public void whatIsRoundBelowStandsOnTheSpotThatGives(
            ShapeKind kind, List<Double> mm, Facing facing, double inside, double above) {
        Placement at = new Placement(3, 7, -2, 0, Arrangement.MIRRORED, facing);
        Part made = Samples.part("P", kind.make(mm), 1, Samples.CHALK, 0, null);
        Standing standing = standing(new Part("P", made.shape(), 1, made.mixId(), BuildPoint.START, 0, null, null, at))
                .standing();
        assertThat(standing.insideMm()).isCloseTo(inside, within(0.001 * inside));
        assertThat(standing.aboveMm()).isCloseTo(above, within(0.001 * above));
        assertThat(standing.tipDeg()).isCloseTo(Math.toDegrees(Math.atan(inside / above)), within(0.02));
    }

    /** Three balls of 12 on a ring of 20: a triangle of spots. Its sides lie 10 from the middle and √(0.5·11.5) farther out. */
    @Test
    public void severalBallFeetStandOnAllBetweenTheirSpots() {
        Placement ring = new Placement(20, 0, 0, 0, Arrangement.RING, Facing.UP);
        Part feet = Samples.part("Foot", ShapeKind.BALL.make(List.of(12.0)), 3, Samples.CHALK, 0, null);
        Standing standing = standing(
                        new Part("Foot", feet.shape(), 3, feet.mixId(), BuildPoint.START, 0, null, null, ring))
                .standing();
        assertThat(standing.insideMm()).isCloseTo(10 + Math.sqrt(0.5 * 11.5), within(0.001));
        Part plate = part(ShapeKind.BLOCK, List.of(10.0, 10.0, 2.0), 1, null, 0, 0);
        Part above = part(ShapeKind.BALL, List.of(10.0), 2, null, 20, 0.3);
        // Beside a flat plate nothing gives: balls 0.3 mm above the ground do not touch it.
        assertThat(standing(plate, above).standing().insideMm()).isCloseTo(5, within(0.01));
    }

    /** Two feet 30 apart stand on all between them; a head out to the front falls. */
    @Test
    public void thePairIsOneFootAndWhatLeansOutFalls() {
        Part feet = part(ShapeKind.BLOCK, List.of(6.0, 10.0, 10.0), 2, null, 15, 0);
        Standing both = standing(feet).standing();
        assertThat(both.insideMm()).isCloseTo(5, within(1e-9));
        assertThat(both.footprint()).anyMatch(mm -> Math.abs(mm - 18) < 1e-6).anyMatch(mm -> Math.abs(mm + 18) < 1e-6);
        Part head = part(ShapeKind.BLOCK, List.of(20.0, 20.0, 20.0), 1, null, 40, 10);
        Balance leaning = standing(part(ShapeKind.BLOCK, List.of(10.0, 10.0, 10.0), 1, null, 0, 0), head);
        // (1·2·0 + 8·2·40)/18 = 35.56 across: 30.56 outside the foot.
        assertThat(leaning.standing().insideMm()).isCloseTo(5 - 640 / 18.0, within(1e-6));
        assertThat(leaning.standing().tipDeg()).isNegative();
        assertThat(leaning.advice()).extracting(Advice::rule).containsExactly("falls");
    }

    /** A cored ball on a rod: 38.746 g of clay and 7.069 of foil at 20 above the rod's top, the rod 8π/5 g. */
    @Test
    public void theCoreIsWeighedAsFoilAndTheSolidStandsBesideIt() {
        Part foot = part(ShapeKind.ROD, List.of(20.0, 8.0), 1, null, 0, 0);
        Part ball = part(ShapeKind.BALL, List.of(40.0), 1, 5.0, 0, 8);
        Balance balance = standing(foot, ball);
        double rod = Math.PI * 100 * 8 * 2 / 1000;
        double clay = Math.PI / 6 * (64_000 - 27_000) * 2 / 1000;
        double foil = Math.PI / 6 * 27_000 * 0.5 / 1000;
        double z = (rod * 4 + (clay + foil) * 28) / (rod + clay + foil);
        assertThat(balance.mass().g()).isCloseTo(rod + clay + foil, within(1e-6));
        assertThat(balance.centre().upMm()).isCloseTo(z, within(1e-6));
        assertThat(balance.solidMass().g()).isCloseTo(rod + Math.PI / 6 * 128, within(1e-6));
        assertThat(balance.solidCentre().upMm()).isGreaterThan(balance.centre().upMm());
        assertThat(balance.standing().tipDeg()).isCloseTo(Math.toDegrees(Math.atan(10 / z)), within(0.05));
        assertThat(balance.solidStanding().tipDeg())
                .isLessThan(balance.standing().tipDeg());
    }

    @Test
    public void everyFixMakesItStandAsItSays() {
        Part foot = part(ShapeKind.ROD, List.of(22.0, 30.0), 1, 3.0, 0, 0);
        Part top = part(ShapeKind.BALL, List.of(34.0), 1, null, 0, 29);
        Balance balance = standing(foot, top);
        assertThat(balance.standing().tipDeg()).isLessThan(Standing.WELL_DEG);
        assertThat(balance.ballast())
                .extracting(Ballast::way)
                .containsExactly(Ballast.Way.SOLID_FEET, Ballast.Way.HEAVY_BASE, Ballast.Way.WIDE_BASE);
        Ballast solid = balance.ballast().get(0);
        Balance without = standing(part(ShapeKind.ROD, List.of(22.0, 30.0), 1, null, 0, 0), top);
        assertThat(solid.tipDeg()).isCloseTo(without.standing().tipDeg(), within(1e-6));
        assertThat(solid.added().g())
                .isCloseTo(without.mass().g() - balance.mass().g(), within(1e-6));
        double m = balance.ballast().get(1).added().g();
        double z = (balance.mass().g() * balance.centre().upMm() + m * 2)
                / (balance.mass().g() + m);
        assertThat(Math.toDegrees(Math.atan(11 / z))).isCloseTo(20, within(0.05));
        double wider = balance.ballast().get(2).wider().mm();
        assertThat(Math.toDegrees(Math.atan((11 + wider) / balance.centre().upMm())))
                .isCloseTo(20, within(0.05));
        assertThat(standing(part(ShapeKind.DOME, List.of(30.0), 1, null, 0, 0)).ballast())
                .isEmpty();
    }

    @DataProvider
    public Object[][] pins() {
        return new Object[][] {
            // A block 20 high, its middle at 0, 10: pin 30 above and to the right by tan(tilt)·20.
            {0.0, 30.0, 0.0, null},
            {5.0, 30.0, -14.036, "hangs-tilted"},
            {-1.0, 30.0, 2.862, null},
            {0.0, 10.0, 0.0, "turns-over"},
            {0.0, 4.0, 180.0, "turns-over"},
        };
    }

    @Test(dataProvider = "pins")
    public void itHangsWithItsCentreUnderThePin(double x, double z, double tilt, String rule) {
        Armature hung = new Armature(List.of(), List.of(), new Pin(x, z));
        Balance balance = of(
                DesignKind.ORNAMENT, Pose.STANDS, hung, part(ShapeKind.BLOCK, List.of(8.0, 6.0, 20.0), 1, null, 0, 0));
        assertThat(balance.hangTiltDeg()).isCloseTo(tilt, within(0.001));
        assertThat(balance.standing()).isNull();
        if (rule == null) {
            assertThat(balance.advice()).isEmpty();
        } else {
            assertThat(balance.advice()).extracting(Advice::rule).containsExactly(rule);
        }
    }

    /** A stick of 100 mm, 3 thick and 4 g, its middle at 0, through a cube of 16 g whose middle is 40 above it. */
    @Test
    public void aTopperIsTopHeavyOverFourFifthsOfItsStick() {
        Armature stick = new Armature(List.of(stick(100, 4)), List.of(), null);
        Part cube = part(ShapeKind.BLOCK, List.of(20.0, 20.0, 20.0), 1, null, 0, 30);
        Balance balance = of(DesignKind.TOPPER, Pose.STANDS, stick, cube);
        // The stick takes π·3²/4·20 mm³ out of the cube; without that (16·40 + 4·0)/20 = 32 above the middle: 82 %.
        double clay = 16 - Math.PI * 9 / 4 * 20 * 2 / 1000;
        assertThat(balance.topShare()).isCloseTo(0.5 + clay * 0.4 / (clay + 4), within(1e-4));
        assertThat(balance.advice()).extracting(Advice::rule).containsExactly("top-heavy");
        Armature heavier = new Armature(List.of(stick(100, 16)), List.of(), null);
        assertThat(of(DesignKind.TOPPER, Pose.STANDS, heavier, cube).topShare())
                .isCloseTo(0.5 + clay * 0.4 / (clay + 16), within(1e-4));
    }

    private static Insert stick(double length, double grams) {
        return new Insert(
                "Pick",
                new Length(3),
                new Length(length),
                new Length(10),
                new Mass(grams),
                true,
                null,
                "",
                0,
                new Length(2),
                Length.ZERO,
                0,
                -50);
    }

    @DataProvider
    public Object[][] earrings() {
        // A pair of blocks 20 × 10 × h of density 2: each 0.4·h grams.
        return new Object[][] {
            {12.5, 5.0, Wearing.LIGHT, 0}, {12.6, 5.04, Wearing.USUAL, 0}, {20.0, 8.0, Wearing.USUAL, 0},
            {20.1, 8.04, Wearing.SHORT, 1}, {30.0, 12.0, Wearing.SHORT, 1}, {30.1, 12.04, Wearing.AVOID, 1}
        };
    }

    @Test(dataProvider = "earrings")
    public void earringsAreJudgedByTheWeightOfOne(double high, double grams, Wearing wearing, int advice) {
        Balance balance = of(
                DesignKind.EARRINGS,
                Pose.LIES,
                Armature.NONE,
                part(ShapeKind.BLOCK, List.of(20.0, 10.0, high), 2, null, 15, 0));
        assertThat(balance.earring().g()).isCloseTo(grams, within(1e-9));
        assertThat(Wearing.of(balance.earring())).isEqualTo(wearing);
        assertThat(balance.advice()).hasSize(advice);
        // The same design as one of the pair weighs twice as much; without a word of it, nothing is said of one.
        Part drawn = part(ShapeKind.BLOCK, List.of(20.0, 10.0, high), 2, null, 15, 0);
        assertThat(of(DesignKind.EARRINGS, Pose.LIES, Armature.NONE, Drawn.ONE, List.of(drawn))
                        .earring()
                        .g())
                .isCloseTo(2 * grams, within(1e-9));
        Balance unsaid = of(DesignKind.EARRINGS, Pose.LIES, Armature.NONE, null, List.of(drawn));
        assertThat(unsaid.earring()).isNull();
        assertThat(unsaid.advice()).extracting(Advice::rule).containsExactly("earring-drawn");
    }

    /** A block of 20 around a block of 10 that stands 5 up: what is left between, and its centre. */
    @Test
    public void aNestedPartIsWeighedWithoutWhatIsInsideIt() {
        Part inner = part(ShapeKind.BLOCK, List.of(10.0, 10.0, 10.0), 1, null, 0, 2);
        Part given = part(ShapeKind.BLOCK, List.of(20.0, 20.0, 20.0), 1, null, 0, 0);
        Part outer =
                new Part("Outer", given.shape(), 1, given.mixId(), BuildPoint.START, 0, null, 0, given.placement());
        Balance balance = standing(inner, outer);
        assertThat(balance.mass().g()).isCloseTo(16, within(1e-9));
        Weight between = balance.weights().get(1);
        assertThat(between.mass().g()).isCloseTo(14, within(1e-9));
        assertThat(between.at()).isEqualTo(new Point3(0, 0, (8000 * 10 - 1000 * 7) / 7000.0));
        assertThat(balance.centre().upMm()).isCloseTo(10, within(1e-9));
    }
}
