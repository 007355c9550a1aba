package fairember.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import fairember.core.shape.Rod;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Shapes;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Heat through a piece, held against the series solution and against minutes that were worked out before. */
public class HeatingTest {
    private static final Material CLAY = Material.of(new Density(1.75));

    private static HeatBody body(double thickMm, double narrowing) {
        double r = thickMm / 2;
        return new HeatBody(new Length(r), narrowing, Length.ZERO, Mass.ZERO, 4 * Math.PI * r * r);
    }

    /** Biot number, g, and the first root ζ₁ and constant C₁ of the series, as any textbook of heat transfer has them. */
    @DataProvider
    public Object[][] series() {
        return new Object[][] {
            {0.1, 0, 0.3111, 1.0161},
            {0.1, 1, 0.4417, 1.0246},
            {0.1, 2, 0.5423, 1.0298},
            {1.0, 0, 0.8603, 1.1191},
            {1.0, 1, 1.2558, 1.2071},
            {1.0, 2, 1.5708, 1.2732},
            {10.0, 0, 1.4289, 1.2620},
            {10.0, 1, 2.1795, 1.5677},
            {10.0, 2, 2.8363, 1.9249},
        };
    }

    @Test(dataProvider = "series")
    public void theMiddleIsWithinHalfAPerCentOfTheSeries(double biot, int narrowing, double root, double constant) {
        double r = 0.012;
        double gives = biot * CLAY.conducts() / r;
        double diffusivity = CLAY.conducts() / CLAY.perVolume();
        // From where one term is enough to where a tenth of the difference is left.
        for (double left : new double[] {0.6, 0.3, 0.1}) {
            double fourier = Math.max(0.5, Math.log(constant / left) / (root * root));
            double minutes = fourier * r * r / diffusivity / 60;
            HeatedPiece heated = Heating.heat(
                    body(24, narrowing), CLAY, gives, OvenCurve.preheated(130), 20, new Minutes(minutes), 110, 140);
            HeatedPiece.Sample last = heated.samples().get(heated.samples().size() - 1);
            double at = last.min() * 60 * diffusivity / (r * r);
            double expected = constant * Math.exp(-root * root * at);
            double theta = (130 - last.centreC()) / 110;
            assertThat(theta).as("Bi %s, g %s", biot, narrowing).isCloseTo(expected, within(0.005 * expected));
        }
    }

    /** Minutes for the middle to come within 5 °C of a preheated still oven at 130 °C, from 20 °C. */
    @DataProvider
    public Object[][] minutes() {
        return new Object[][] {
            {2, 6, 6.5}, {2, 10, 11.3}, {2, 20, 25.1}, {2, 30, 41.6},
            {1, 6, 9.8}, {1, 10, 17.1}, {1, 20, 38.5}, {1, 30, 64.3},
            {0, 6, 19.8}, {0, 10, 34.9}, {0, 20, 79.7}, {0, 30, 135.0},
        };
    }

    @Test(dataProvider = "minutes")
    public void theMinutesToTheOvensTemperatureAreThoseOfTheTable(int narrowing, double thick, double expected) {
        HeatedPiece heated = Heating.heat(
                body(thick, narrowing),
                CLAY,
                Air.STILL.gives(),
                OvenCurve.preheated(130),
                20,
                new Minutes(expected * 1.3),
                110,
                140);
        assertThat(heated.near().orElseThrow().min()).isCloseTo(expected, within(0.015 * expected + 0.1));
    }

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 20).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    private static double warm(HeatBody body, double gives, double setC) {
        return Heating.heat(body, CLAY, gives, OvenCurve.preheated(setC), 20, new Minutes(600), 120, 200)
                .warm()
                .orElseThrow()
                .min();
    }

    @Test(dataProvider = "lots")
    public void aThickerDesignAColderOvenAndStillerAirTakeLonger(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double thick = random.nextDouble(3, 30);
        double narrowing = random.nextDouble(0, 2);
        double gives = random.nextDouble(10, 45);
        double minutes = warm(body(thick, narrowing), gives, 130);
        assertThat(warm(body(thick * 1.1, narrowing), gives, 130)).isGreaterThan(minutes);
        assertThat(warm(body(thick, narrowing * 0.9), gives, 130)).isGreaterThanOrEqualTo(minutes);
        assertThat(warm(body(thick, narrowing), gives * 1.2, 130)).isLessThan(minutes);
        assertThat(warm(body(thick, narrowing), gives, 135)).isLessThan(minutes);
    }

    @Test(dataProvider = "lots")
    public void theMiddleNeverPassesTheAirAndMinutesCountOnlyInsideTheWindow(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        ShapeKind kind = ShapeKind.values()[seed % ShapeKind.values().length];
        HeatBody body = HeatBody.of(Shapes.of(kind, random));
        assertThat(body.narrowing()).isBetween(0.0, 2.0);
        double rises = random.nextDouble(1, 20);
        double set = random.nextDouble(115, 150);
        OvenCurve curve = OvenCurve.cold(20, set, rises);
        HeatedPiece heated = Heating.heat(body, CLAY, Air.FAN.gives(), curve, 20, new Minutes(90), 120, 135);
        for (HeatedPiece.Sample sample : heated.samples()) {
            assertThat(sample.centreC()).isBetween(19.99, sample.airC() + 0.01);
            assertThat(sample.centreC()).isLessThanOrEqualTo(sample.outsideC() + 0.01);
        }
        double counting = heated.counting().min();
        if (set < 120) {
            assertThat(counting).isZero();
            assertThat(heated.warm()).isEmpty();
        } else {
            double warm = heated.warm().map(Minutes::min).orElse(90.0);
            assertThat(counting).isLessThanOrEqualTo(90 - warm + 0.1);
            if (set <= 135) {
                assertThat(counting).isCloseTo(90 - warm, within(0.2));
            }
        }
        assertThat(heated.hottest()).isLessThanOrEqualTo(set + 0.01);
    }

    @Test(dataProvider = "lots")
    public void aThinDesignInSlowAirWarmsAsOneLump(int seed) {
        // Biot under 0.01: the difference falls by e in ρ·c·R/((g + 1)·h) seconds, whatever the clay conducts.
        SplittableRandom random = new SplittableRandom(seed + 200);
        double narrowing = random.nextDouble(0, 2);
        double thick = random.nextDouble(1, 2);
        double gives = random.nextDouble(1, 2);
        double seconds = CLAY.perVolume() * thick / 2000 / ((narrowing + 1) * gives);
        HeatedPiece heated = Heating.heat(
                body(thick, narrowing),
                CLAY,
                gives,
                OvenCurve.preheated(120),
                20,
                new Minutes(2 * seconds / 60),
                119,
                121);
        HeatedPiece.Sample last = heated.samples().get(heated.samples().size() - 1);
        double left = (120 - last.centreC()) / 100;
        assertThat(left).isCloseTo(Math.exp(-last.min() * 60 / seconds), within(0.01));
        assertThat(heated.counting()).isEqualTo(Minutes.ZERO);
    }

    @Test(dataProvider = "lots")
    public void twiceTheDifferenceIsTwiceTheRiseAndALaterStartIsALaterRise(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 300);
        HeatBody body = body(random.nextDouble(4, 25), random.nextDouble(0, 2));
        double gives = random.nextDouble(10, 40);
        List<HeatedPiece.Sample> one = samples(body, gives, OvenCurve.preheated(70));
        List<HeatedPiece.Sample> two = samples(body, gives, OvenCurve.preheated(120));
        // The oven stands cold for five minutes, then goes up at once.
        OvenCurve late = new OvenCurve(
                List.of(new OvenCurve.Point(0, 20), new OvenCurve.Point(5, 20), new OvenCurve.Point(5 + 1e-6, 120)));
        List<HeatedPiece.Sample> later = samples(body, gives, late);
        for (int i = 0; i < one.size(); i++) {
            assertThat(two.get(i).centreC() - 20).isCloseTo(2 * (one.get(i).centreC() - 20), within(1e-6));
        }
        HeatedPiece.Sample end = later.get(later.size() - 1);
        HeatedPiece.Sample same = two.stream()
                .filter(s -> s.min() >= end.min() - 5 - 0.1)
                .findFirst()
                .orElseThrow();
        assertThat(end.centreC()).isCloseTo(same.centreC(), within(1.5));
    }

    private static List<HeatedPiece.Sample> samples(HeatBody body, double gives, OvenCurve curve) {
        return Heating.heat(body, CLAY, gives, curve, 20, new Minutes(30), 60, 140)
                .samples();
    }

    @Test
    public void aShellOverFoilIsWarmLongBeforeABallOfClayAndAFullOneIsTheSame() {
        Ball ball = new Ball(new Length(40));
        double solid = warm(HeatBody.of(ball), 18, 130);
        // 30 mm of foil at half a gram a cubic centimetre: 7.07 g against 29.7 g of clay in its place.
        double shell = warm(HeatBody.shell(ball, new Length(5), new Mass(7.07)), 18, 130);
        assertThat(shell).isBetween(0.3 * solid, 0.7 * solid);
        double nearlySolid = warm(HeatBody.shell(ball, new Length(19.9), new Mass(0.001)), 18, 130);
        assertThat(nearlySolid).isCloseTo(solid, within(0.02 * solid));
        // Heavier foil takes longer to heat.
        assertThat(warm(HeatBody.shell(ball, new Length(5), new Mass(14)), 18, 130))
                .isGreaterThan(shell);
    }

    @Test
    public void aRodIsBetweenAPlateAndABallAndALongOneNarrowsLess() {
        double stub = HeatBody.of(new Rod(new Length(10), new Length(10))).narrowing();
        double cord = HeatBody.of(new Rod(new Length(10), new Length(200))).narrowing();
        assertThat(cord).isCloseTo(0.85, within(0.01)).isLessThan(stub);
        assertThat(HeatBody.of(new Ball(new Length(9))).narrowing()).isEqualTo(2);
    }

    @Test
    public void aCurveGoesThroughItsReadingsAndOneOutOfOrderIsRefused() {
        OvenCurve curve = new OvenCurve(
                List.of(new OvenCurve.Point(0, 20), new OvenCurve.Point(10, 120), new OvenCurve.Point(20, 110)));
        assertThat(curve.at(-3)).isEqualTo(20);
        assertThat(curve.at(5)).isEqualTo(70);
        assertThat(curve.at(12.5)).isEqualTo(117.5);
        assertThat(curve.at(99)).isEqualTo(110);
        assertThat(Refusals.of(() -> new OvenCurve(List.of())).get(0).field()).isEqualTo("points");
        assertThat(Refusals.of(() -> new OvenCurve(List.of(new OvenCurve.Point(5, 20), new OvenCurve.Point(5, 30))))
                        .get(0)
                        .field())
                .isEqualTo("points[1]");
        assertThat(Refusals.of(() -> new OvenCurve(List.of(new OvenCurve.Point(0, Double.NaN))))
                        .get(0)
                        .field())
                .isEqualTo("points[0]");
    }
}
