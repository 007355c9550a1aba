package fairember.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds of every bent wire, tried on wires made by lot. */
public class RandomWiresTest {
    @DataProvider
    public Object[][] wires() {
        SplittableRandom random = new SplittableRandom(41);
        return IntStream.range(0, 30).mapToObj(i -> new Object[] {wire(random)}).toArray(Object[][]::new);
    }

    private static Wire wire(SplittableRandom random) {
        List<Wire.Leg> legs = new ArrayList<>();
        for (int i = 0; i < random.nextInt(1, 12); i++) {
            legs.add(new Wire.Leg(new Length(random.nextDouble(0.5, 90)), random.nextDouble(-180, 180)));
        }
        Metal metal = Metal.values()[random.nextInt(Metal.values().length)];
        return new Wire("Wire", new Gauge(random.nextDouble(0.2, 4)), metal, random.nextInt(1, 9), legs);
    }

    private static Wire with(Wire wire, List<Wire.Leg> legs) {
        return new Wire(wire.name(), wire.gauge(), wire.metal(), wire.count(), legs);
    }

    private static double apart(Wire.Corner a, Wire.Corner b) {
        return Math.hypot(a.acrossMm() - b.acrossMm(), a.upMm() - b.upMm());
    }

    /** Each stretch between two corners is as long as its leg, and all of them are what is cut. */
    @Test(dataProvider = "wires")
    public void itsCornersAreAsFarApartAsItsLegsAreLong(Wire wire) {
        List<Wire.Corner> corners = wire.corners();
        assertThat(corners).hasSize(wire.legs().size() + 1);
        double sum = 0;
        for (int i = 0; i < wire.legs().size(); i++) {
            double leg = wire.legs().get(i).length().mm();
            assertThat(apart(corners.get(i), corners.get(i + 1))).isCloseTo(leg, within(1e-9));
            sum += leg;
        }
        assertThat(wire.length().mm()).isCloseTo(sum, within(1e-9));
        assertThat(apart(corners.get(0), corners.get(corners.size() - 1))).isLessThanOrEqualTo(sum + 1e-9);
    }

    /** The bend at a corner is the one that was asked for, to the left when it is positive. */
    @Test(dataProvider = "wires")
    public void itTurnsAtEachCornerByWhatWasAsked(Wire wire) {
        List<Wire.Corner> c = wire.corners();
        for (int i = 1; i + 1 < c.size(); i++) {
            double before = Math.atan2(
                    c.get(i).upMm() - c.get(i - 1).upMm(),
                    c.get(i).acrossMm() - c.get(i - 1).acrossMm());
            double after = Math.atan2(
                    c.get(i + 1).upMm() - c.get(i).upMm(),
                    c.get(i + 1).acrossMm() - c.get(i).acrossMm());
            double turned =
                    Math.toDegrees(after - before) - wire.legs().get(i - 1).turnDeg();
            assertThat(Math.abs(turned - 360 * Math.round(turned / 360))).isLessThan(1e-6);
        }
    }

    /** All bends the other way: the mirror image, as long and as heavy. */
    @Test(dataProvider = "wires")
    public void bentTheOtherWayItIsItsMirrorImage(Wire wire) {
        Wire other = with(
                wire,
                wire.legs().stream()
                        .map(leg -> new Wire.Leg(leg.length(), -leg.turnDeg()))
                        .toList());
        for (int i = 0; i < wire.corners().size(); i++) {
            assertThat(other.corners().get(i).acrossMm())
                    .isCloseTo(wire.corners().get(i).acrossMm(), within(1e-9));
            assertThat(other.corners().get(i).upMm())
                    .isCloseTo(-wire.corners().get(i).upMm(), within(1e-9));
        }
        assertThat(other.mass()).isEqualTo(wire.mass());
    }

    /** Begun from its other end it is the same wire: its ends lie as far apart. */
    @Test(dataProvider = "wires")
    public void begunFromItsOtherEndItIsTheSameWire(Wire wire) {
        List<Wire.Leg> back = new ArrayList<>();
        int n = wire.legs().size();
        for (int i = n - 1; i >= 0; i--) {
            double turn = i > 0 ? -wire.legs().get(i - 1).turnDeg() : 0;
            back.add(new Wire.Leg(wire.legs().get(i).length(), turn));
        }
        List<Wire.Corner> there = new ArrayList<>(wire.corners());
        Collections.reverse(there);
        List<Wire.Corner> here = with(wire, back).corners();
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j < i; j++) {
                assertThat(apart(here.get(i), here.get(j))).isCloseTo(apart(there.get(i), there.get(j)), within(1e-9));
            }
        }
    }

    /** Twice as thick weighs four times as much; each gauge number is as many times thinner than the one before. */
    @Test(dataProvider = "wires")
    public void itsWeightGoesWithTheSquareOfItsThickness(Wire wire) {
        double thick = Math.min(3, wire.gauge().mm());
        Wire one = new Wire("One", new Gauge(thick), wire.metal(), 1, wire.legs());
        Wire two = new Wire("Two", new Gauge(2 * thick), wire.metal(), 1, wire.legs());
        assertThat(two.mass().g())
                .isCloseTo(4 * one.mass().g(), within(1e-9 * two.mass().g()));
        for (int number = 10; number < 30; number++) {
            double ratio =
                    Gauge.ofNumber(number).mm() / Gauge.ofNumber(number + 1).mm();
            // 39 steps make a factor of 92.
            assertThat(Math.pow(ratio, 39)).isCloseTo(92, within(1e-6));
        }
    }
}
