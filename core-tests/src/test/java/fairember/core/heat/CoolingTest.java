package fairember.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.shape.Ball;
import org.testng.annotations.Test;

public class CoolingTest {
    private static double minutes(double ballMm, double fromC, Cooling.Way way) {
        HeatBody body = HeatBody.of(new Ball(new Length(ballMm)));
        return Cooling.until(body, Material.of(new Density(1.75)), fromC, way).min();
    }

    /**
     * A ball of 6 mm in air, by the first term of its series: Biot h·R/k = 10·0.003/0.22 = 0.136, ζ² = 3·Bi·(1 − Bi/5) =
     * 0.397, C = 1.04; t = R²/(α·ζ²)·ln(C·109/19) = 9·10⁻⁶/(1.048·10⁻⁷·0.397)·1.786 = 386 s, 6.44 min from 130 to 40 in 21.
     */
    @Test
    public void aSmallBallCoolsAsItsSeriesSays() {
        assertThat(minutes(6, 130, Cooling.Way.SLOW)).isCloseTo(6.44, offset(0.17));
    }

    @Test
    public void thickerAndHotterTakeLongerAndWaterIsManyTimesAsFast() {
        assertThat(minutes(20, 130, Cooling.Way.SLOW)).isGreaterThan(2.5 * minutes(6, 130, Cooling.Way.SLOW));
        assertThat(minutes(20, 110, Cooling.Way.SLOW)).isLessThan(minutes(20, 130, Cooling.Way.SLOW));
        assertThat(minutes(20, 130, Cooling.Way.QUENCH)).isLessThan(minutes(20, 130, Cooling.Way.SLOW) / 5);
        assertThat(minutes(20, 39, Cooling.Way.SLOW)).isZero();
        assertThat(minutes(400, 130, Cooling.Way.SLOW)).isEqualTo(240);
    }
}
