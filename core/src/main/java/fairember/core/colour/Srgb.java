package fairember.core.colour;

import fairember.core.input.InvalidInputException;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A colour as a screen shows it.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Srgb(int red, int green, int blue) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    public Srgb {
        if ((red | green | blue) < 0 || red > 255 || green > 255 || blue > 255) {
            throw new InvalidInputException(
                    "hex", red + ", " + green + ", " + blue, "0 to 255 each", "Choose a colour a screen can show.");
        }
    }

    /**
     * Reads "#7fa3a1".
     *
     * @throws InvalidInputException under {@code field} when it is not a hash and six hexadecimal figures
     */
    public static Srgb parse(String field, String hex) {
        if (!HEX.matcher(hex).matches()) {
            String found = hex.isEmpty() ? "nothing" : hex.substring(0, Math.min(20, hex.length()));
            throw new InvalidInputException(field, found, "# and six digits 0-9 a-f", "Type a colour such as #7fa3a1.");
        }
        int all = Integer.parseInt(hex.substring(1), 16);
        return new Srgb(all >> 16, all >> 8 & 255, all & 255);
    }

    public String hex() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
    }

    /** Linear red, green and blue, each 0 to 1 (IEC 61966-2-1). */
    double[] linear() {
        return new double[] {linear(red), linear(green), linear(blue)};
    }

    /** The light of a channel of 0 to 255, as a share of the most, 0 to 1. */
    public static double light(int channel) {
        return linear(channel);
    }

    /** The nearest screen colour of red, green and blue light; each is clipped to 0 to 1. */
    public static Srgb ofLight(double red, double green, double blue) {
        return ofLinear(new double[] {red, green, blue});
    }

    private static double linear(int channel) {
        double v = channel / 255.0;
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    /** The nearest screen colour; channels outside 0 to 1 are clipped. */
    static Srgb ofLinear(double[] linear) {
        return new Srgb(encode(linear[0]), encode(linear[1]), encode(linear[2]));
    }

    private static int encode(double linear) {
        double clamped = Math.max(0, Math.min(1, linear));
        double v = clamped <= 0.0031308 ? 12.92 * clamped : 1.055 * Math.pow(clamped, 1 / 2.4) - 0.055;
        return (int) Math.round(v * 255);
    }
}
