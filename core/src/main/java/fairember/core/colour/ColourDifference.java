package fairember.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * How much two colours differ to the eye: CIEDE2000 with all three factors 1 (CIE 142:2001; worked as G. Sharma, W. Wu and
 * E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary test data, and mathematical
 * observations", Color Research and Application 30, 2005). About 1 is just seen side by side, 2 is a good match of two lots,
 * 5 is another colour.
 *
 * @param from the first colour
 * @param to the second
 * @param lightness ΔL′/S_L, more than 0 when the second is lighter
 * @param chroma ΔC′/S_C, more than 0 when the second is stronger
 * @param hue ΔH′/S_H
 * @param rotation R_T, what chroma and hue have to do with each other among blues
 */
public record ColourDifference(Lab from, Lab to, double lightness, double chroma, double hue, double rotation) {
    private static final double POW25_7 = seventh(25);
    /** Below this two colours are one to the eye. */
    public static final double SEEN = 1;
    /** S_L is at most 1.75, at the ends of the scale. */
    private static final double MOST_SCALE = 1.75;

    private static final int REACH_STEPS = 12;
    /** T is at most 1 + 0.17 + 0.24 + 0.32 + 0.20. */
    private static final double MOST_T = 1.93;
    /** Δθ is at most 30°. */
    private static final double MOST_SINE = Math.sin(Math.toRadians(60));

    /** The difference of two colours; the same, but for its signs, either way round. */
    public static ColourDifference of(Lab from, Lab to) {
        double g = redness((from.chroma() + to.chroma()) / 2);
        double a1 = (1 + g) * from.a();
        double a2 = (1 + g) * to.a();
        double c1 = Math.sqrt(a1 * a1 + from.b() * from.b());
        double c2 = Math.sqrt(a2 * a2 + to.b() * to.b());
        double h1 = hue(a1, from.b());
        double h2 = hue(a2, to.b());
        boolean grey = c1 * c2 == 0;
        double dh = grey ? 0 : wrapped(h2 - h1);
        double bigDh = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));
        double meanL = (from.l() + to.l()) / 2;
        double meanC = (c1 + c2) / 2;
        double meanH = grey ? h1 + h2 : meanHue(h1, h2);
        Scales scales = Scales.at(meanL, meanC, meanH);
        return new ColourDifference(
                from,
                to,
                (to.l() - from.l()) / scales.l(),
                (c2 - c1) / scales.c(),
                bigDh / scales.h(),
                rotation(meanC, meanH));
    }

    /**
     * The lightness that no colour within a difference of another can be past. From |ΔL| ≤ S_L·ΔE00, with S_L at the mean of the two
     * lightnesses, which is largest at one end of where that mean can be; every round makes the end nearer and stays true.
     *
     * @param from the lightness of the one, 0 to 100
     * @param most ΔE00
     * @param way 1 for the lightest, −1 for the darkest
     */
    public static double reach(double from, double most, int way) {
        double far = MOST_SCALE * most;
        for (int i = 0; i < REACH_STEPS; i++) {
            double widest = Math.max(lightnessScale(from), lightnessScale(from + way * far / 2));
            far = Math.min(far, most * Math.min(MOST_SCALE, widest));
        }
        return from + way * far;
    }

    /**
     * What the difference of two colours is at least, worked without hues, for searches that throw most colours away: never more than
     * {@link #total}, and quicker by far.
     *
     * <pre>
     * ΔH′² = Δa′² + Δb² − ΔC′²,   S_H ≤ 1 + 0.015·1.93·C̄′,   −R_T ≤ ρ = sin 60°·R_C
     * ΔE00² ≥ l² + min over h ≥ |ΔH′|/(most S_H) of c² + h² − ρ·|c|·h
     * </pre>
     */
    public static double atLeast(Lab from, Lab to) {
        double l = (to.l() - from.l()) / lightnessScale((from.l() + to.l()) / 2);
        double g = 1 + redness((from.chroma() + to.chroma()) / 2);
        double a1 = g * from.a();
        double a2 = g * to.a();
        double c1 = Math.sqrt(a1 * a1 + from.b() * from.b());
        double c2 = Math.sqrt(a2 * a2 + to.b() * to.b());
        double meanC = (c1 + c2) / 2;
        double dc = c2 - c1;
        double c = dc / (1 + 0.045 * meanC);
        double da = a2 - a1;
        double db = to.b() - from.b();
        double h = Math.sqrt(Math.max(0, da * da + db * db - dc * dc)) / (1 + 0.015 * MOST_T * meanC);
        double c7 = seventh(meanC);
        double rho = 2 * MOST_SINE * Math.sqrt(c7 / (c7 + POW25_7));
        double bend = rho * Math.abs(c) / 2;
        double plane = h >= bend ? c * c + h * h - 2 * bend * h : c * c - bend * bend;
        return Math.sqrt(Math.max(0, l * l + plane));
    }

    /** S_L at a mean lightness. */
    public static double lightnessScale(double meanL) {
        double l50 = (meanL - 50) * (meanL - 50);
        return 1 + 0.015 * l50 / Math.sqrt(20 + l50);
    }

    /** ΔE00. */
    public double total() {
        double squared = lightness * lightness + chroma * chroma + hue * hue + rotation * chroma * hue;
        return Math.sqrt(Math.max(0, squared));
    }

    /** What the second is beside the first: "lighter, yellower"; "the same to the eye" when nothing is seen. */
    public String words() {
        if (total() < SEEN) {
            return "the same to the eye";
        }
        double dl = to.l() - from.l();
        double da = to.a() - from.a();
        double db = to.b() - from.b();
        double seen = Math.max(Math.max(Math.abs(dl), Math.abs(da)), Math.abs(db)) * 0.45;
        List<String> words = new ArrayList<>();
        if (Math.abs(dl) >= seen) {
            words.add(dl > 0 ? "lighter" : "darker");
        }
        if (Math.abs(da) >= seen) {
            words.add(da > 0 ? "redder" : "greener");
        }
        if (Math.abs(db) >= seen) {
            words.add(db > 0 ? "yellower" : "bluer");
        }
        return String.join(", ", words);
    }

    private static double seventh(double x) {
        double cube = x * x * x;
        return cube * cube * x;
    }

    /** G, by how much a′ is more than a near grey. */
    static double redness(double meanChroma) {
        double c7 = seventh(meanChroma);
        return 0.5 * (1 - Math.sqrt(c7 / (c7 + POW25_7)));
    }

    /** S_L, S_C and S_H about a mean lightness, chroma C′ and hue h′ in degrees. */
    record Scales(double l, double c, double h) {
        static Scales at(double meanL, double meanC, double meanH) {
            double t = 1
                    - 0.17 * cos(meanH - 30)
                    + 0.24 * cos(2 * meanH)
                    + 0.32 * cos(3 * meanH + 6)
                    - 0.20 * cos(4 * meanH - 63);
            return new Scales(lightnessScale(meanL), 1 + 0.045 * meanC, 1 + 0.015 * meanC * t);
        }
    }

    private static double rotation(double meanC, double meanH) {
        double steps = (meanH - 275) / 25;
        double dTheta = 30 * Math.exp(-steps * steps);
        double c7 = seventh(meanC);
        return -2 * Math.sqrt(c7 / (c7 + POW25_7)) * Math.sin(Math.toRadians(2 * dTheta));
    }

    /** Degrees, 0 to 360; 0 for grey. */
    static double hue(double a, double b) {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double wrapped(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }

    private static double meanHue(double h1, double h2) {
        double mean = (h1 + h2) / 2;
        if (Math.abs(h1 - h2) <= 180) {
            return mean;
        }
        return h1 + h2 < 360 ? mean + 180 : mean - 180;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
