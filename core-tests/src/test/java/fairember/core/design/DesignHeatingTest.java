package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.heat.Air;
import org.testng.annotations.Test;

/** What the baking methods give a design, against what its slowest part needs. */
public class DesignHeatingTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());

    @Test
    public void theSlowestPartIsTheOneThatTheHeatReachesLast() {
        // The whole: the body, 40 mm on a shell of 5, is slower than two eyes of 6 mm.
        HeatedStage whole = DesignHeating.heat(SEAL, 1, Air.STILL);
        assertThat(whole.slowest().name()).isEqualTo("Body");
        HeatedStage eyes = DesignHeating.heat(SEAL, 0, Air.STILL);
        assertThat(eyes.slowest().name()).isEqualTo("Eye");
        assertThat(whole.setC()).isEqualTo(125);
    }

    @Test
    public void theHoldByTheHeatLeavesAtLeastTenMinutesThatCount() {
        for (Air air : Air.values()) {
            HeatedStage whole = DesignHeating.heat(SEAL, 1, air);
            HeatedStage.ByMethod heat = whole.bakingMethods().get(2);
            assertThat(heat.bakingTime().min()).isEqualTo(whole.planned().min());
            assertThat(heat.counting().min()).isGreaterThanOrEqualTo(9.9);
            assertThat(whole.planned().min())
                    .isGreaterThanOrEqualTo(whole.bakingTime().min());
            // A longer hold counts for as much longer, once the middle is warm.
            HeatedStage.ByMethod longAndLow = whole.bakingMethods().get(1);
            if (longAndLow.counting().min() > 0) {
                assertThat(longAndLow.counting().min() - heat.counting().min())
                        .isCloseTo(
                                longAndLow.bakingTime().min()
                                        - heat.bakingTime().min(),
                                within(0.2));
            }
        }
        double still = DesignHeating.heat(SEAL, 1, Air.STILL).planned().min();
        assertThat(DesignHeating.heat(SEAL, 1, Air.TENT).planned().min()).isGreaterThan(still);
        assertThat(DesignHeating.heat(SEAL, 1, Air.FAN).planned().min()).isLessThan(still);
    }

    @Test
    public void aShortSetStaysAsShortAsItIs() {
        HeatedStage eyes = DesignHeating.heat(SEAL, 0, Air.STILL);
        assertThat(eyes.planned()).isEqualTo(eyes.bakingTime());
        assertThat(eyes.tooShort()).isFalse();
        assertThat(eyes.bakingMethods()).isEmpty();
    }
}
