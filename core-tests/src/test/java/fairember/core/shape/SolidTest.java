package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Length;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The closed forms against hand-worked values, and against sums over sections and grids of points, which share no code. */
public class SolidTest {
    private static final Percentage TENTH_PERCENT = Percentage.withPercentage(0.1);
    private static final Percentage HALF_PERCENT = Percentage.withPercentage(0.5);

    /** Kind, dimensions, volume, surface, T, height of the centroid; the table the issue of 0.1 % is held against. */
    @DataProvider
    public Object[][] workedByHand() {
        double pi = Math.PI;
        return new Object[][] {
            {ShapeKind.BALL, List.of(12.0), 288 * pi, 144 * pi, 12.0, 6.0},
            // Semi-axes 10, 10, 5, an oblate spheroid: e² = 3/4, A = 2πa²(1 + (1 − e²)/e·atanh e).
            {ShapeKind.ELLIPSOID, List.of(20.0, 20.0, 10.0), 2000 * pi / 3, 867.188, 10.0, 5.0},
            // Semi-axes 5, 5, 10, prolate: A = 2πa²(1 + c/(a·e)·asin e).
            {ShapeKind.ELLIPSOID, List.of(10.0, 10.0, 20.0), 1000 * pi / 3, 536.9609, 10.0, 10.0},
            // Semi-axes 3, 2, 1: 48.8821 by numerical integration.
            {ShapeKind.ELLIPSOID, List.of(6.0, 4.0, 2.0), 8 * pi, 48.8821, 2.0, 1.0},
            // r 10, q 10, p 20: half a ball and half a prolate spheroid.
            {ShapeKind.EGG, List.of(20.0, 30.0, 10.0), 2000 * pi, 200 * pi + 1073.92177, 20.0, 10 + 3 * 10 / 8.0},
            // r 10, q 5, p 7: no ball is larger than the egg is high.
            {ShapeKind.EGG, List.of(20.0, 12.0, 5.0), 800 * pi, 433.59414 + 507.20899, 12.0, 5 + 3 * 2 / 8.0},
            // R 10 pressed by 4: h 16, V = πh²(3R − h)/3, A = 2πRh + πf²/4 with f 16; centre (h − R) + 3·4²/(4·14)
            // above the foot.
            {ShapeKind.FLAT_BALL, List.of(20.0, 4.0), 3584 * pi / 3, 384 * pi, 16.0, 6 + 3 * 16 / 56.0},
            // The same stretched upwards three times: V three times as large; a ball of 20 still fits.
            {ShapeKind.FLAT_EGG, List.of(20.0, 60.0, 30.0, 12.0), 3584 * pi, 2813.1134, 20.0, 3 * (6 + 3 * 16 / 56.0)},
            {ShapeKind.ROD, List.of(8.0, 20.0), 320 * pi, 192 * pi, 8.0, 10.0},
            {ShapeKind.CAPSULE, List.of(8.0, 20.0), 192 * pi + 256 * pi / 3, 160 * pi, 8.0, 10.0},
            // r 6, D 12: point 24 above the ball's far side less 6; centroid 6 + 6²/48 past the ball's middle.
            {ShapeKind.TEARDROP, List.of(12.0, 18.0), 324 * pi, 162 * pi, 12.0, 6.75},
            {ShapeKind.DISC, List.of(20.0, 3.0), 300 * pi, 260 * pi, 3.0, 1.5},
            // Half a disc of 20: its largest circle has half the radius. A quarter of one of 24, 12 thick: r·√½/(1 +
            // √½).
            {ShapeKind.DISC_PIECE, List.of(20.0, 3.0, 2.0), 150 * pi, 130 * pi + 60, 3.0, 1.5},
            {
                ShapeKind.DISC_PIECE,
                List.of(24.0, 12.0, 4.0),
                432 * pi,
                144 * pi + 288,
                24 * Math.sqrt(0.5) / (1 + Math.sqrt(0.5)),
                6.0
            },
            {ShapeKind.BLOCK, List.of(10.0, 4.0, 6.0), 240.0, 248.0, 4.0, 3.0},
            // r 3, h 4, S 5: T = 2·3·4/8
            {ShapeKind.CONE, List.of(6.0, 4.0), 12 * pi, 24 * pi, 3.0, 1.0},
            // R 7, r 4, h 4, S 5: T = min(4, 2·7·4/(5+3)) = 4; centroid 4·(49+56+48)/(4·(49+28+16)) = 153/93
            {ShapeKind.FRUSTUM, List.of(14.0, 8.0, 4.0), 124 * pi, 120 * pi, 4.0, 153.0 / 93},
            {ShapeKind.FRUSTUM, List.of(8.0, 14.0, 4.0), 124 * pi, 120 * pi, 4.0, 4 - 153.0 / 93},
            {ShapeKind.DOME, List.of(18.0), 486 * pi, 243 * pi, 9.0, 27.0 / 8},
            // a 4, h 2, ball radius 5: centroid 3·8²/(4·13) − 3
            {ShapeKind.CAP, List.of(8.0, 2.0), 2 * pi * 52 / 6, 36 * pi, 2.0, 192.0 / 52 - 3},
            {ShapeKind.RING, List.of(24.0, 4.0), 80 * pi * pi, 80 * pi * pi, 4.0, 2.0},
            {ShapeKind.BAND, List.of(26.0, 2.0, 9.0), 504 * pi, 616 * pi, 2.0, 4.5},
            // The flag: area 600 − 36, edges 100 + 24; its largest circle is 9.5 in radius, right of the hole.
            {ShapeKind.CUT_OUT, List.of(3.0), 1692.0, 1500.0, 3.0, 1.5},
            {ShapeKind.CORD, List.of(4.0, 30.0), 120 * pi, 128 * pi, 4.0, 2.0},
            // One turn on 6/π with pitch 8: the line is √(36 + 64) = 10 long.
            {ShapeKind.COIL, List.of(1.0, 6 / pi, 1.0, 8.0), 2.5 * pi, 10.5 * pi, 1.0, 4.5},
            // b = 1, three turns of pitch 2π: (r√(r² + 1) + asinh r)/2 with r = 6π is 179.7184.
            {ShapeKind.SPIRAL, List.of(2.0, 3.0, 2 * pi), 179.7184 * pi, 179.7184 * 2 * pi + 2 * pi, 2.0, 1.0},
            // Two cords of 2: their middles 2 apart go round twice over 3π: each √(9π² + 16π²) = 5π.
            {ShapeKind.TWIST, List.of(2.0, 2.0, 3 * pi, 2.0), 10 * pi * pi, 20 * pi * pi + 4 * pi, 2.0, 2.0},
        };
    }

    @Test(dataProvider = "workedByHand")
    public void measuresAreThoseWorkedByHand(
            ShapeKind kind, List<Double> values, double volume, double surface, double thickest, double centroid) {
        Solid solid = Shapes.make(kind, values);
        assertThat(solid.volume().mm3()).isCloseTo(volume, within(1e-5 * volume));
        assertThat(solid.surface().mm2()).isCloseTo(surface, within(1e-5 * surface));
        assertThat(solid.thickestSection().mm()).isCloseTo(thickest, within(1e-9));
        assertThat(solid.centroidHeight().mm()).isCloseTo(centroid, within(1e-9));
        assertThat(solid.dimensions()).isEqualTo(values);
        assertThat(Shapes.make(solid.kind(), values)).isEqualTo(solid);
    }

    /** Two solids of every kind, drawn by lot. */
    @DataProvider
    public Object[][] every() {
        SplittableRandom random = new SplittableRandom(20);
        return Stream.of(ShapeKind.values())
                .flatMap(kind -> IntStream.range(0, 2).mapToObj(i -> new Object[] {Shapes.of(kind, random)}))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "every")
    public void turnedSolidsAgreeWithTheirSectionTurnedRoundTheAxis(Solid solid) {
        if (solid instanceof Turned) {
            Meridian section = new Meridian(solid);
            assertThat(section.volume()).isCloseTo(solid.volume().mm3(), HALF_PERCENT);
            assertThat(section.surface()).isCloseTo(solid.surface().mm2(), HALF_PERCENT);
            assertThat(section.centroid()).isCloseTo(solid.centroidHeight().mm(), HALF_PERCENT);
        }
    }

    /** Simpson's rule over the areas of the level sections, whose outlines are within 0.05 mm. */
    @Test(dataProvider = "every")
    public void levelSectionsAddUpToTheVolumeAndItsCentre(Solid solid) {
        if (solid instanceof Strand) {
            return;
        }
        double tall = solid.box().height().mm();
        int slices = 400;
        double volume = 0;
        double moment = 0;
        for (int i = 0; i < slices; i++) {
            double up = tall * (i + 0.5) / slices;
            double area = solid.level(up).stream().mapToDouble(Shapes::area).sum();
            volume += area * tall / slices;
            moment += area * up * tall / slices;
        }
        assertThat(volume).isCloseTo(solid.volume().mm3(), Percentage.withPercentage(1));
        assertThat(moment / volume).isCloseTo(solid.centroidHeight().mm(), Percentage.withPercentage(1));
    }

    @Test(dataProvider = "every")
    public void theHullFillsTheBoxAndStandsOnTheGround(Solid solid) {
        List<Point3> hull = solid.hull();
        double slack = 3 * Outline.FLATNESS_MM;
        assertThat(spread(hull.stream().map(Point3::acrossMm).toList()))
                .isLessThanOrEqualTo(solid.box().width().mm() + slack);
        assertThat(spread(hull.stream().map(Point3::frontMm).toList()))
                .isLessThanOrEqualTo(solid.box().depth().mm() + slack);
        List<Double> ups = hull.stream().map(Point3::upMm).toList();
        assertThat(spread(ups)).isCloseTo(solid.box().height().mm(), within(slack));
        assertThat(ups.stream().mapToDouble(u -> u).min().orElse(9)).isCloseTo(0, within(slack));
    }

    private static double spread(List<Double> values) {
        return values.stream().mapToDouble(v -> v).max().orElse(0)
                - values.stream().mapToDouble(v -> v).min().orElse(0);
    }

    @Test(dataProvider = "every")
    public void turnedEveryWayItKeepsItsVolumeAndItsCentreLiesWhereItsOutlineSays(Solid solid) {
        for (Facing facing : Facing.values()) {
            Posed posed = new Posed(solid, facing);
            double slack = 3 * Outline.FLATNESS_MM;
            List<Double> ups = posed.hull().stream().map(Point3::upMm).toList();
            assertThat(spread(ups)).isCloseTo(posed.box().height().mm(), within(slack));
            assertThat(ups.stream().mapToDouble(u -> u).min().orElse(9)).isCloseTo(0, within(slack));
            Point3 middle = posed.centroid();
            assertThat(middle.upMm()).isBetween(0.0, posed.box().height().mm());
            assertThat(Math.abs(middle.acrossMm()))
                    .isLessThanOrEqualTo(posed.box().width().mm() / 2);
            assertThat(Math.abs(middle.frontMm()))
                    .isLessThanOrEqualTo(posed.box().depth().mm() / 2);
        }
        Point3 twice = new Posed(solid, Facing.DOWN).turned(new Posed(solid, Facing.DOWN).turned(solid.centroid()));
        assertThat(twice.upMm()).isCloseTo(solid.centroid().upMm(), within(1e-9));
    }

    @Test(dataProvider = "every")
    public void sheetsCordsAndTubesTakeNoCore(Solid solid) {
        boolean cored = solid.inset(new Length(0.6), Floor.COVERED).isPresent();
        assertThat(cored).isEqualTo(solid.kind().takesCore());
    }

    @Test(dataProvider = "every")
    public void scalingEveryLengthByThreeScalesVolumeBy27AndSurfaceBy9(Solid solid) {
        Solid large = Scaled.by(solid, 3);
        assertThat(large.volume().mm3()).isCloseTo(27 * solid.volume().mm3(), TENTH_PERCENT);
        assertThat(large.surface().mm2()).isCloseTo(9 * solid.surface().mm2(), TENTH_PERCENT);
        assertThat(large.thickestSection().mm())
                .isCloseTo(3 * solid.thickestSection().mm(), TENTH_PERCENT);
        assertThat(large.box().height().mm()).isCloseTo(3 * solid.box().height().mm(), TENTH_PERCENT);
    }

    @Test
    public void whatDoesNotGoTogetherIsRefusedAtItsDimension() {
        assertThat(field(ShapeKind.EGG, 20, 30, 16)).isEqualTo("widestAtMm");
        assertThat(field(ShapeKind.CAPSULE, 20, 19)).isEqualTo("lengthMm");
        assertThat(field(ShapeKind.TEARDROP, 20, 20)).isEqualTo("lengthMm");
        assertThat(field(ShapeKind.RING, 20, 11)).isEqualTo("tubeMm");
        assertThat(field(ShapeKind.FRUSTUM, 0, 0, 11)).isEqualTo("topMm");
        // 20 turns on 20 mm give each of two cords half a millimetre; 4 mm thick they have room for two and a half.
        assertThat(field(ShapeKind.TWIST, 4, 2, 20, 20)).isEqualTo("turns");
        assertThat(ShapeKind.TWIST.make(List.of(4.0, 2.0, 20.0, 2.5)).kind()).isEqualTo(ShapeKind.TWIST);
        assertThat(field(ShapeKind.COIL, 3, 20, 2, 2)).isEqualTo("pitchMm");
        assertThat(field(ShapeKind.SPIRAL, 3, 4, 2)).isEqualTo("pitchMm");
        for (double bad : new double[] {0, -5, 1e9, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThat(field(ShapeKind.BALL, bad)).isEqualTo("diameterMm");
            assertThat(field(ShapeKind.TWIST, 2, 2, bad, 2)).isEqualTo("lengthMm");
        }
        assertThat(Refusals.of(() -> ShapeKind.CUT_OUT.make(List.of(3.0)))
                        .get(0)
                        .field())
                .isEqualTo("outline");
    }

    /**
     * A cap of 16 on a base of 16: ρ = (64 + 256)/32 = 10, more than half a ball; V = π·16·(192 + 256)/6, A = π(128 + 256); its
     * widest is the ball's 20, its largest ball 16, its centre of mass 3·4²/(4·14) over (ρ − h) = −6 above the ball's.
     */
    @Test
    public void aBallWithAFlatUndersideIsACapOfMoreThanHalf() {
        Solid cap = ShapeKind.CAP.make(List.of(16.0, 16.0));
        assertThat(cap.volume().mm3()).isCloseTo(Math.PI * 16 * 448 / 6, within(1e-6));
        assertThat(cap.surface().mm2()).isCloseTo(Math.PI * 384, within(1e-6));
        assertThat(cap.box().width().mm()).isCloseTo(20, within(1e-9));
        assertThat(cap.thickestSection().mm()).isCloseTo(16, within(1e-9));
        assertThat(cap.centroidHeight().mm()).isCloseTo(3 * 16 / 56.0 + 6, within(1e-9));
        assertThat(cap.inset(new Length(4), Floor.COVERED)
                        .orElseThrow()
                        .volume()
                        .mm3())
                .isPositive();
    }

    /** A quarter of a winding of 40 with a cord of 4: from the axis to 22 both settings; a half: 44 wide and 22 deep. */
    @Test
    public void aPartOfATurnHasTheBoxOfItsPart() {
        Solid quarter = ShapeKind.COIL.make(List.of(4.0, 40.0, 0.25, 8.0));
        assertThat(quarter.box().width().mm()).isCloseTo(22, within(1e-9));
        assertThat(quarter.box().depth().mm()).isCloseTo(22, within(1e-9));
        assertThat(quarter.box().height().mm()).isCloseTo(6, within(1e-9));
        Solid half = ShapeKind.COIL.make(List.of(4.0, 40.0, 0.5, 8.0));
        assertThat(half.box().width().mm()).isCloseTo(44, within(1e-9));
        assertThat(half.box().depth().mm()).isCloseTo(22, within(1e-9));
        Solid whole = ShapeKind.COIL.make(List.of(4.0, 40.0, 1.5, 8.0));
        assertThat(whole.box().depth().mm()).isCloseTo(44, within(1e-9));
    }

    private static String field(ShapeKind kind, double... values) {
        List<Double> list = DoubleStream.of(values).boxed().toList();
        return Refusals.of(() -> kind.make(list)).get(0).field();
    }
}
