package fairember.core.foilcore;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import org.testng.annotations.Test;

public class SleeveTest {
    private static Sleeve size(double across, double covered, int turns, double sheet, double seam) {
        return Sleeve.size(
                new Length(across), new Length(covered), turns, new Length(sheet), new Length(seam), Samples.ROLL);
    }

    /** Foil of 16 µm, ten turns on 7: 7.32 over the foil; each turn summed on its own middle. */
    @Test
    public void theStripIsTheSumOfItsTurnsAndTheSheetGoesRoundOnItsNeutralLine() {
        Sleeve sleeve = size(7, 40, 10, 2.5, 1);
        double strip = 0;
        for (int turn = 0; turn < 10; turn++) {
            strip += Math.PI * (7 + 2 * 0.016 * (turn + 0.5));
        }
        assertThat(sleeve.outer().mm()).isCloseTo(7.32, within(1e-9));
        assertThat(sleeve.strip().mm()).isCloseTo(strip, within(1e-9));
        assertThat(sleeve.foil().g()).isCloseTo(strip * 40 * 0.016 * 2.7 / 1000, within(1e-9));
        assertThat(sleeve.sheet().mm()).isCloseTo(Math.PI * 9.82 + 1, within(1e-9));
        assertThat(size(7, 40, 0, 2.5, 0).sheet().mm()).isCloseTo(Math.PI * 9.5, within(1e-9));
    }

    @Test
    public void everyMeasureOutsideItsSpanIsNamed() {
        assertThat(Refusals.of(() -> size(0, 0.5, 31, 0.1, 900)))
                .extracting(InputError::field)
                .containsExactly("thickMm", "coveredMm", "turns", "sheetMm", "seamMm");
    }
}
