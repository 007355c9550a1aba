package fairember.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Length;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WireTest {
    /** The published table of the American wire gauge, mm to three places. */
    @DataProvider
    public Object[][] gauges() {
        return new Object[][] {{0, 8.251}, {10, 2.588}, {16, 1.291}, {18, 1.024}, {20, 0.812}, {24, 0.511}, {36, 0.127}
        };
    }

    @Test(dataProvider = "gauges")
    public void gaugesAreThoseOfTheTable(int number, double mm) {
        if (mm <= Gauge.SPAN.high()) {
            Gauge gauge = Gauge.ofNumber(number);
            assertThat(gauge.mm()).isCloseTo(mm, within(0.0006));
            assertThat(gauge.number()).isEqualTo(number);
        } else {
            assertThat(Refusals.of(() -> Gauge.ofNumber(number)).get(0).field()).isEqualTo("gaugeMm");
        }
    }

    private static Wire.Leg leg(double mm, double turn) {
        return new Wire.Leg(new Length(mm), turn);
    }

    /** A hook: 30 along, back up by 10, then back over 20. One metre of copper of 1 mm weighs π/4·8.96 g. */
    @Test
    public void aBentWireIsAsLongAsItsLegsAndComesOutWhereItsBendsLead() {
        Wire hook = new Wire("Hook", new Gauge(1), Metal.COPPER, 2, List.of(leg(30, 90), leg(10, 90), leg(20, 0)));
        assertThat(hook.length().mm()).isEqualTo(60);
        assertThat(hook.mass().g()).isCloseTo(Math.PI / 4 * 8.96 * 0.06, within(1e-9));
        Wire.Corner end = hook.corners().get(3);
        assertThat(end.acrossMm()).isCloseTo(10, within(1e-9));
        assertThat(end.upMm()).isCloseTo(10, within(1e-9));
    }

    @Test
    public void wiresThatCannotBeAreRefused() {
        assertThat(Refusals.of(() -> new Wire("W", new Gauge(1), Metal.BRASS, 1, List.of()))
                        .get(0)
                        .field())
                .isEqualTo("legs");
        assertThat(Refusals.of(() -> leg(0, 0)).get(0).field()).isEqualTo("lengthMm");
        assertThat(Refusals.of(() -> leg(5, 181)).get(0).field()).isEqualTo("turnDeg");
        assertThat(Refusals.of(() -> new Gauge(Double.NaN)).get(0).field()).isEqualTo("gaugeMm");
    }
}
