package fairember.core.colour;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * What trial tiles have taught about one clay, as corrections to its swatches and its class: all 0 before the first tile.
 *
 * <pre>
 * raw:    t = t₀·e^s        z = z_hex + Σ βₖ·bumpₖ
 * cured:  t = t₀·e^(s+u)    z = z_hex + Σ (βₖ + γₖ)·bumpₖ     (z_hex of the cured swatch)
 * bumpₖ(λ) = exp(−½·((λ − centreₖ)/32 nm)²), centres 420, 460, 500, 540, 580, 620, 660 nm
 * </pre>
 *
 * @param strength s, natural logarithm of how much stronger than its class
 * @param rawBend β, seven numbers, on the hyperbolic-tangent scale of {@link ReflectanceReconstruction}
 * @param curedBend γ, seven numbers, what baking adds to β
 * @param curedStrength u, what baking adds to s
 */
public record Habit(double strength, List<Double> rawBend, List<Double> curedBend, double curedStrength) {
    /** How many bumps bend a spectrum. */
    public static final int BUMPS = 7;

    /** How many numbers there are of a clay. */
    public static final int NUMBERS = 2 + 2 * BUMPS;

    private static final double FIRST_NM = 420;
    private static final double BETWEEN_NM = 40;
    private static final double WIDTH_NM = 32;
    /** Φ, 36 × 7. */
    static final double[][] BUMP = bumps();

    /** Of a clay nothing is known of but its swatches and its class. */
    public static final Habit NONE = new Habit(0, flat(), flat(), 0);

    /**
     * From sixteen numbers: s, seven of β, seven of γ, u.
     */
    public static Habit of(double[] numbers) {
        List<Double> all = Arrays.stream(numbers).boxed().toList();
        return new Habit(
                all.get(0), all.subList(1, 1 + BUMPS), all.subList(1 + BUMPS, 1 + 2 * BUMPS), all.get(NUMBERS - 1));
    }

    public Habit {
        rawBend = List.copyOf(rawBend);
        curedBend = List.copyOf(curedBend);
    }

    private static List<Double> flat() {
        return Collections.nCopies(BUMPS, 0.0);
    }

    private static double[][] bumps() {
        double[][] bumps = new double[Spectra.BANDS][BUMPS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            for (int k = 0; k < BUMPS; k++) {
                double off = (Spectra.FIRST_NM + i * Spectra.STEP_NM - FIRST_NM - k * BETWEEN_NM) / WIDTH_NM;
                bumps[i][k] = Math.exp(-off * off / 2);
            }
        }
        return bumps;
    }

    /** A swatch's spectrum as it really is. */
    Reflectance bend(Reflectance swatch, Face face) {
        double[] bend = new double[BUMPS];
        boolean straight = true;
        for (int k = 0; k < BUMPS; k++) {
            bend[k] = rawBend.get(k) + (face == Face.CURED ? curedBend.get(k) : 0);
            straight &= bend[k] == 0;
        }
        return straight ? swatch : bent(swatch, bend);
    }

    private static Reflectance bent(Reflectance swatch, double[] bend) {
        double[] bands = new double[Spectra.BANDS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            double z = atanh(2 * swatch.band(i) - 1);
            for (int k = 0; k < BUMPS; k++) {
                z += BUMP[i][k] * bend[k];
            }
            bands[i] = (Math.tanh(z) + 1) / 2;
        }
        return new Reflectance(bands);
    }

    /** z of a reflectance; the ends of the scale are held finite. */
    private static double atanh(double x) {
        double clamped = Math.max(-1 + 1e-12, Math.min(1 - 1e-12, x));
        return Math.log((1 + clamped) / (1 - clamped)) / 2;
    }
}
