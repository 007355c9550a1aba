package fairember.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.heat.Air;
import org.testng.annotations.Test;

/** What the schools give a piece, against what its slowest part needs. */
public class PieceHeatingTest {
    private static final MeasuredPiece SEAL = Samples.measured(Samples.seal());

    @Test
    public void theSlowestPartIsTheOneThatTheHeatReachesLast() {
        // The whole: the body, 40 mm on a shell of 5, is slower than two eyes of 6 mm.
        HeatedStage whole = PieceHeating.heat(SEAL, 1, Air.STILL);
        assertThat(whole.slowest().part().name()).isEqualTo("Body");
        HeatedStage eyes = PieceHeating.heat(SEAL, 0, Air.STILL);
        assertThat(eyes.slowest().part().name()).isEqualTo("Eye");
        assertThat(whole.setC()).isEqualTo(125);
    }

    @Test
    public void theHoldByTheHeatLeavesAtLeastTenMinutesThatCount() {
        for (Air air : Air.values()) {
            HeatedStage whole = PieceHeating.heat(SEAL, 1, air);
            HeatedStage.BySchool heat = whole.schools().get(2);
            assertThat(heat.hold().min()).isEqualTo(whole.planned().min());
            assertThat(heat.counting().min()).isGreaterThanOrEqualTo(9.9);
            assertThat(whole.planned().min())
                    .isGreaterThanOrEqualTo(whole.hold().min());
            // A longer hold counts for as much longer, once the middle is warm.
            HeatedStage.BySchool longHold = whole.schools().get(1);
            if (longHold.counting().min() > 0) {
                assertThat(longHold.counting().min() - heat.counting().min())
                        .isCloseTo(longHold.hold().min() - heat.hold().min(), within(0.2));
            }
        }
        double still = PieceHeating.heat(SEAL, 1, Air.STILL).planned().min();
        assertThat(PieceHeating.heat(SEAL, 1, Air.TENT).planned().min()).isGreaterThan(still);
        assertThat(PieceHeating.heat(SEAL, 1, Air.FAN).planned().min()).isLessThan(still);
    }

    @Test
    public void aShortSetStaysAsShortAsItIs() {
        HeatedStage eyes = PieceHeating.heat(SEAL, 0, Air.STILL);
        assertThat(eyes.planned()).isEqualTo(eyes.hold());
        assertThat(eyes.tooShort()).isFalse();
        assertThat(eyes.schools()).isEmpty();
    }
}
