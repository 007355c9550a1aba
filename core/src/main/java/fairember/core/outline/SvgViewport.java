package fairember.core.outline;

import fairember.core.input.InvalidInputException;
import java.awt.geom.AffineTransform;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * How an svg element lays its own drawing into its room, as its attributes say it (SVG 1.1, section 7: viewBox and
 * preserveAspectRatio).
 */
record SvgViewport(
        @Nullable String width,
        @Nullable String height,
        @Nullable String viewBox,
        @Nullable String preserveAspectRatio) {
    private static final Pattern ASPECT =
            Pattern.compile("(?:defer\\s+)?(none|x(min|mid|max)y(min|mid|max))(?:\\s+(meet|slice))?");

    /** The viewBox: left, top, width, height; null when there is none. */
    double @Nullable [] box() {
        if (viewBox == null) {
            return null;
        }
        String[] given = viewBox.strip().split("[\\s,]+", -1);
        if (given.length != 4) {
            throw new InvalidInputException("svg", "viewBox " + viewBox, "four numbers", "Save the file again.");
        }
        double[] box = new double[4];
        for (int i = 0; i < 4; i++) {
            box[i] = SvgUnits.number(given[i]);
        }
        if (!(box[2] > 0) || !(box[3] > 0)) {
            throw new InvalidInputException(
                    "svg", "viewBox " + viewBox, "a width and height above 0", "Save the file again.");
        }
        return box;
    }

    private Matcher aspect() {
        String given = preserveAspectRatio == null
                ? "xmidymid meet"
                : preserveAspectRatio.strip().toLowerCase(Locale.ROOT);
        Matcher aspect = ASPECT.matcher(given);
        if (!aspect.matches()) {
            throw new InvalidInputException(
                    "svg",
                    "preserveAspectRatio " + preserveAspectRatio,
                    "none, or an alignment such as xMidYMid with meet or slice",
                    "Save the file again.");
        }
        return aspect;
    }

    /** Whether what lies outside its room is cut off because the drawing fills all of it. */
    boolean slices() {
        return "slice".equals(aspect().group(4));
    }

    /** From the drawing's own units into a room. */
    AffineTransform fitted(double[] box, double left, double top, double wide, double high) {
        Matcher aspect = aspect();
        double across = wide / box[2];
        double down = high / box[3];
        if (!aspect.group(1).equals("none")) {
            across = "slice".equals(aspect.group(4)) ? Math.max(across, down) : Math.min(across, down);
            down = across;
        }
        AffineTransform transform = AffineTransform.getTranslateInstance(
                left + share(aspect.group(2)) * (wide - across * box[2]),
                top + share(aspect.group(3)) * (high - down * box[3]));
        transform.scale(across, down);
        transform.translate(-box[0], -box[1]);
        return transform;
    }

    private static double share(@Nullable String alignment) {
        if (alignment == null || alignment.equals("min")) {
            return 0;
        }
        return alignment.equals("mid") ? 0.5 : 1;
    }
}
