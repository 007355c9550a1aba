package fairember.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** The reconstructed spectrum is the smoothest of those that look the same, not just one of them. */
public class SmoothestSpectrumTest {
    private static double slope(double[] z) {
        double sum = 0;
        for (int i = 1; i < z.length; i++) {
            sum += (z[i] - z[i - 1]) * (z[i] - z[i - 1]);
        }
        return sum;
    }

    /** Removes from a change what would alter the colour, by Gram-Schmidt against the three weighted rows. */
    private static void keepColour(double[] change, double[] z) {
        double[][] basis = new double[3][];
        for (int c = 0; c < 3; c++) {
            double[] row = new double[z.length];
            for (int i = 0; i < z.length; i++) {
                double tanh = Math.tanh(z[i]);
                row[i] = Spectra.TO_RGB[c][i] * (1 - tanh * tanh) / 2;
            }
            for (int earlier = 0; earlier < c; earlier++) {
                subtract(row, basis[earlier]);
            }
            basis[c] = row;
        }
        for (double[] row : basis) {
            subtract(change, row);
        }
    }

    private static void subtract(double[] from, double[] along) {
        double dot = 0;
        double norm = 0;
        for (int i = 0; i < from.length; i++) {
            dot += from[i] * along[i];
            norm += along[i] * along[i];
        }
        for (int i = 0; i < from.length; i++) {
            from[i] -= dot / norm * along[i];
        }
    }

    @Test
    public void noSmallChangeThatKeepsTheColourMakesItSmoother() {
        SplittableRandom random = new SplittableRandom(6);
        for (String hex : new String[] {"#b3342b", "#2f7f83", "#efc03a", "#243a63", "#7d7d7d", "#d98a92"}) {
            double[] bands =
                    ReflectanceReconstruction.of(Srgb.parse("hex", hex)).bands();
            double[] z = new double[bands.length];
            for (int i = 0; i < z.length; i++) {
                z[i] = 0.5 * Math.log(bands[i] / (1 - bands[i]));
            }
            double least = slope(z);
            for (int round = 0; round < 50; round++) {
                double[] change = new double[z.length];
                for (int i = 0; i < z.length; i++) {
                    change[i] = random.nextDouble(-1e-3, 1e-3);
                }
                keepColour(change, z);
                double[] moved = new double[z.length];
                for (int i = 0; i < z.length; i++) {
                    moved[i] = z[i] + change[i];
                }
                assertThat(slope(moved)).as(hex).isGreaterThan(least - 1e-9);
            }
        }
    }

    @Test
    public void theTablesGiveTheWhitePointOfD65() {
        double[] all = new double[Spectra.BANDS];
        Arrays.fill(all, 1);
        double[] xyz = Spectra.times(Spectra.TO_XYZ, all);
        assertThat(xyz[0]).isCloseTo(0.95047, within(1e-12));
        assertThat(xyz[1]).isCloseTo(1, within(1e-12));
        assertThat(xyz[2]).isCloseTo(1.08883, within(1e-12));
        for (double channel : Spectra.times(Spectra.TO_RGB, all)) {
            assertThat(channel).isCloseTo(1, within(1e-4));
        }
    }

    @Test
    public void sRgbGoesToLinearAndBackForEveryLevel() {
        for (int level = 0; level < 256; level++) {
            Srgb grey = new Srgb(level, level, level);
            assertThat(Srgb.ofLinear(grey.linear())).isEqualTo(grey);
            assertThat(Srgb.parse("hex", grey.hex())).isEqualTo(grey);
        }
        // IEC 61966-2-1: middle grey 188 is half the light.
        assertThat(new Srgb(188, 188, 188).linear()[0]).isCloseTo(0.5029, within(1e-4));
    }
}
