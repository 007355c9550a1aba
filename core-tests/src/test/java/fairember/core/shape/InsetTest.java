package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is left inside a solid under a wall of one thickness: worked by hand, and searched over the surfaces. */
public class InsetTest {
    private static final Percentage TENTH_PERCENT = Percentage.withPercentage(0.1);

    private static final double LARGER = 15;

    /** Kind, dimensions, wall, base, volume of the core: exact offsets, worked from the inner solid's own measures. */
    @DataProvider
    public Object[][] coresByHand() {
        double pi = Math.PI;
        return new Object[][] {
            {ShapeKind.BALL, List.of(40.0), 5.0, Floor.COVERED, pi * 27_000 / 6},
            {ShapeKind.ROD, List.of(30.0, 20.0), 5.0, Floor.COVERED, 1000 * pi},
            {ShapeKind.ROD, List.of(30.0, 20.0), 5.0, Floor.OPEN, 1500 * pi},
            {ShapeKind.BLOCK, List.of(20.0, 16.0, 12.0), 3.0, Floor.COVERED, 840.0},
            {ShapeKind.BLOCK, List.of(20.0, 16.0, 12.0), 3.0, Floor.OPEN, 1260.0},
            // A capsule of 10 by 40: a rod of 30 and a ball of 10.
            {ShapeKind.CAPSULE, List.of(20.0, 50.0), 5.0, Floor.COVERED, 750 * pi + 500 * pi / 3},
            // Ball and cone that touch it keep one middle: similar by (r − w)/r = 2/3.
            {ShapeKind.TEARDROP, List.of(12.0, 18.0), 2.0, Floor.COVERED, 96 * pi},
            // r 15, h 20, S 25: the circle inside the section is 7.5; similar by (7.5 − 3)/7.5 = 0.6.
            {ShapeKind.CONE, List.of(30.0, 20.0), 3.0, Floor.COVERED, 324 * pi},
            // Open below: the same slope down to the base, r 15 − 3·25/20 = 11.25, h 15.
            {ShapeKind.CONE, List.of(30.0, 20.0), 3.0, Floor.OPEN, pi * 11.25 * 11.25 * 15 / 3},
            // r(z) = 15 − 0.75·z − 2·10/8: 11 at 2 mm, 8 at 6 mm.
            {ShapeKind.FRUSTUM, List.of(30.0, 18.0, 8.0), 2.0, Floor.COVERED, pi * 4 / 3 * (121 + 88 + 64)},
            // A ball of radius 16 cut 4 above its middle: a cap of height 12.
            {ShapeKind.DOME, List.of(40.0), 4.0, Floor.COVERED, 1728 * pi},
            {ShapeKind.DOME, List.of(40.0), 4.0, Floor.OPEN, 2 * pi * 4096 / 3},
        };
    }

    @Test(dataProvider = "coresByHand")
    public void theCoreIsTheOneWorkedByHand(
            ShapeKind kind, List<Double> values, double wall, Floor floor, double volume) {
        Solid solid = Shapes.make(kind, values);
        Inset inset = solid.inset(new Length(wall), floor).orElseThrow();
        assertThat(inset.exact()).isTrue();
        assertThat(inset.volume().mm3()).isCloseTo(volume, within(1e-5 * volume));
        assertThat(inset.thinnest().mm()).isCloseTo(wall, within(1e-9));
        double least = solid.volume().mm3() - wall * solid.surface().mm2();
        assertThat(inset.volume().mm3()).isGreaterThan(least);
    }

    /** A thicker wall leaves a smaller core, and a wall next to nothing leaves all of it. */
    @Test(dataProvider = "cored")
    public void theCoreShrinksAsTheWallGrows(Solid solid, Length wall, Floor floor) {
        double last = solid.volume().mm3();
        for (double share : new double[] {0.2, 0.4, 0.6, 0.8, 1}) {
            double core =
                    solid.inset(wall.times(share), floor).orElseThrow().volume().mm3();
            assertThat(core).isPositive().isLessThan(last);
            last = core;
        }
    }

    /** Those that take a core, with a wall that leaves one; an open base for every other one that can have it. */
    @DataProvider
    public Object[][] cored() {
        SplittableRandom random = new SplittableRandom(21);
        List<Object[]> rows = new ArrayList<>();
        for (ShapeKind kind : ShapeKind.values()) {
            for (int i = 0; i < 2; i++) {
                Solid solid = Shapes.of(kind, random);
                if (solid.kind().takesCore()) {
                    double half = solid.thickestSection().mm() / 2;
                    double most = solid instanceof Egg egg
                            ? Math.min(half, egg.widestAt().mm())
                            : half;
                    Floor floor = solid.kind().flatBase() && rows.size() % 2 == 0 ? Floor.OPEN : Floor.COVERED;
                    rows.add(new Object[] {solid, new Length(most * random.nextDouble(0.25, 0.8)), floor});
                }
            }
        }
        return rows.toArray(Object[][]::new);
    }

    /** Exact insets lie one wall inside; approximate ones nowhere deeper, and as near as they say. */
    @Test(dataProvider = "cored")
    public void everyFaceOfTheInsetLiesOneWallInside(Solid solid, Length wall, Floor floor) {
        Inset inset = solid.inset(wall, floor).orElseThrow();
        Inset.Core core = inset.cores().get(0);
        Meridian outline = new Meridian(solid);
        double nearest = Double.POSITIVE_INFINITY;
        for (Outline.Point corner : core.solid().section().get(0).points()) {
            double up = corner.upMm() + core.raisedMm();
            if (solid instanceof Ring || solid instanceof FrontAndSide || up < 1e-6) {
                continue;
            }
            double distance = floor == Floor.OPEN
                    ? outline.distanceAbove(corner.acrossMm(), up)
                    : outline.distance(corner.acrossMm(), up);
            nearest = Math.min(nearest, distance);
            if (solid instanceof Frustum hollow && !inset.exact() && corner.upMm() < 1e-6) {
                // The tip of a cone that hangs over an open base is as far from the rim as Pythagoras says.
                double rim = Math.hypot(hollow.bottom().mm() / 2, up);
                assertThat(distance).isCloseTo(rim, within(2 * Outline.FLATNESS_MM));
                continue;
            }
            assertThat(distance).isLessThanOrEqualTo(wall.mm() + 2 * Outline.FLATNESS_MM);
            if (inset.exact()) {
                assertThat(distance).isCloseTo(wall.mm(), within(2 * Outline.FLATNESS_MM));
            }
        }
        if (!(solid instanceof Ring) && !(solid instanceof Ellipsoid) && !(solid instanceof FrontAndSide)) {
            assertThat(nearest).isCloseTo(inset.thinnest().mm(), within(2 * Outline.FLATNESS_MM));
        }
        assertThat(inset.volume().mm3()).isBetween(0.0, solid.volume().mm3());
    }

    /** The wall of a pressed ball, searched over both surfaces in three dimensions. */
    @Test
    public void thePressedBallIsNowhereThickerThanAskedAndAsThinAsItSays() {
        Ellipsoid pressed = new Ellipsoid(new Length(60), new Length(40), new Length(24));
        Inset inset = pressed.inset(new Length(4), Floor.COVERED).orElseThrow();
        List<double[]> outer = cloud(30, 20, 12, 360);
        double thinnest = 9;
        double thickest = 0;
        for (double[] p : cloud(26, 16, 8, 20)) {
            double nearest = Double.POSITIVE_INFINITY;
            for (double[] q : outer) {
                double dx = p[0] - q[0];
                double dy = p[1] - q[1];
                double dz = p[2] - q[2];
                nearest = Math.min(nearest, dx * dx + dy * dy + dz * dz);
            }
            thinnest = Math.min(thinnest, Math.sqrt(nearest));
            thickest = Math.max(thickest, Math.sqrt(nearest));
        }
        assertThat(inset.thinnest().mm()).isCloseTo(thinnest, within(0.03));
        assertThat(thickest).isLessThanOrEqualTo(4.01);
        assertThat(inset.thickest().diameter().mm()).isEqualTo(4);
        assertThat(inset.exact()).isFalse();
    }

    private static List<double[]> cloud(double a, double b, double c, int n) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= n; j++) {
                double t = Math.PI / 2 * i / n;
                double f = Math.PI / 2 * j / n;
                points.add(
                        new double[] {a * Math.cos(t) * Math.cos(f), b * Math.cos(t) * Math.sin(f), c * Math.sin(t)});
            }
        }
        return points;
    }

    @Test(dataProvider = "cored")
    public void theThickestWallIsTheLargestBallThatFitsInTheClay(Solid solid, Length wall, Floor floor) {
        Inset inset = solid.inset(wall, floor).orElseThrow();
        InnerBall ball = inset.thickest();
        double said = ball.diameter().mm();
        if (solid instanceof Turned && (inset.exact() || solid instanceof Frustum)) {
            assertThat(said).isCloseTo(largestBall(solid, inset), Percentage.withPercentage(0.1));
        } else if (solid instanceof Block) {
            double corner = cornerBall(wall.mm());
            assertThat(said).isCloseTo(corner, Percentage.withPercentage(0.1));
        } else if (solid instanceof FrontAndSide) {
            // No more than the farthest that the surface lies from the core.
            assertThat(said).isGreaterThanOrEqualTo(wall.mm() * 0.99);
        } else {
            assertThat(said).isCloseTo(wall.mm(), within(1e-9));
        }
        InnerBall whole = solid.thickest();
        if (solid instanceof Turned) {
            assertThat(new Meridian(solid)
                            .distance(whole.middle().acrossMm(), whole.middle().upMm()))
                    .isGreaterThan(whole.diameter().mm() / 2 - 2 * Outline.FLATNESS_MM);
        }
    }

    /** Many times as large, so that the corners of a flattened outline do not matter. */
    private static double largestBall(Solid solid, Inset inset) {
        List<Meridian> cores = inset.cores().stream()
                .map(core -> new Meridian(Shapes.magnified(core.solid(), LARGER)))
                .toList();
        List<Double> raised =
                inset.cores().stream().map(core -> LARGER * core.raisedMm()).toList();
        return new Meridian(Shapes.magnified(solid, LARGER)).largestBall(cores, raised) / LARGER;
    }

    /** Rods and cut cones with two or three cores in a row: the thickest clay is where a bridge meets the shell, or past a point. */
    @Test
    public void theThickestClayAroundSeveralCoresIsFoundToo() {
        SplittableRandom random = new SplittableRandom(9);
        for (int i = 0; i < 16; i++) {
            Solid solid = Shapes.of(i % 2 == 0 ? ShapeKind.ROD : ShapeKind.FRUSTUM, random);
            Length wall = solid.thickestSection().times(random.nextDouble(0.1, 0.25));
            Floor floor = i % 4 < 2 ? Floor.COVERED : Floor.OPEN;
            Lobes.of(solid, wall, floor, 2 + i % 3)
                    .ifPresent(inset -> assertThat(inset.thickest().diameter().mm())
                            .isCloseTo(largestBall(solid, inset), Percentage.withPercentage(0.1)));
        }
    }

    /** Steps a ball's centre along the diagonal of a square corner of three walls. */
    private static double cornerBall(double wall) {
        double best = 0;
        for (double r = wall / 2; r < wall; r += wall / 5000) {
            boolean corner = Math.sqrt(3) * (wall - r) >= r;
            best = corner ? r : best;
        }
        return 2 * best;
    }

    @Test(dataProvider = "cored")
    public void aWallOfHalfTheThickestSectionLeavesNoCore(Solid solid, Length wall, Floor floor) {
        if (floor == Floor.COVERED) {
            Length half = solid.thickestSection().times(0.5);
            assertThat(solid.inset(half.times(1.0001), floor)).isEmpty();
            if (!(solid instanceof Egg) && !(solid instanceof FrontAndSide)) {
                assertThat(solid.inset(half.times(0.999), floor)).isPresent();
            }
        } else {
            double closed = solid.inset(wall, Floor.COVERED)
                    .map(inset -> inset.volume().mm3())
                    .orElse(0.0);
            assertThat(solid.inset(wall, floor).orElseThrow().volume().mm3()).isGreaterThan(closed);
        }
    }

    /** A row of lobes: their clay is more than that of one core, and each two are one wall apart. */
    @Test
    public void lobesStandInARowOneWallApart() {
        Length wall = new Length(4);
        Rod rod = new Rod(new Length(30), new Length(90));
        double one =
                Lobes.of(rod, wall, Floor.COVERED, 1).orElseThrow().volume().mm3();
        // Three of (82 − 8)/3 mm in a bore of 22.
        Inset three = Lobes.of(rod, wall, Floor.COVERED, 3).orElseThrow();
        assertThat(three.volume().mm3())
                .isCloseTo(Math.PI * 121 * 74, TENTH_PERCENT)
                .isLessThan(one);
        assertThat(three.cores()).hasSize(3);
        assertThat(three.cores().get(1).raisedMm() - three.cores().get(0).raisedMm())
                .isCloseTo(74 / 3.0 + 4, within(1e-9));
        // A ball between two edges one wall apart and the outer face: r = 4·(1 + 1/4)/2.
        assertThat(three.thickest().diameter().mm()).isGreaterThanOrEqualTo(5);
        Block beam = new Block(new Length(90), new Length(30), new Length(20));
        Inset across = Lobes.of(beam, wall, Floor.OPEN, 2).orElseThrow();
        assertThat(across.volume().mm3()).isCloseTo(78 * 22 * 16, TENTH_PERCENT);
        assertThat(across.cores().get(0).acrossMm()).isCloseTo(-21.5, within(1e-9));
        assertThat(Lobes.splits(ShapeKind.BALL)).isFalse();
        assertThat(Lobes.of(rod, new Length(14), Floor.COVERED, 8)).isEmpty();
    }
}
