package fairember.core.outline;

import fairember.core.input.InvalidInputException;
import java.awt.geom.AffineTransform;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.jspecify.annotations.Nullable;

/** Lengths and transforms of an SVG file, in mm. A bare number is a pixel of 1/96 inch, as in CSS. */
final class SvgUnits {
    private static final double PIXEL_MM = 25.4 / 96;
    private static final Map<String, Double> MM = Map.of(
            "", PIXEL_MM, "px", PIXEL_MM, "mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6, "q",
            0.25);
    private static final Pattern LENGTH =
            Pattern.compile("\\s*([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:e[+-]?\\d+)?)\\s*([a-z]*)\\s*");

    private SvgUnits() {}

    /** From the file's own units to mm, y still downward: the viewBox fitted into the width and height. */
    static AffineTransform rootTransform(SvgViewport viewport) {
        Double wide = millimetres(viewport.width());
        Double high = millimetres(viewport.height());
        double[] box = viewport.box();
        if (box == null) {
            return AffineTransform.getScaleInstance(PIXEL_MM, PIXEL_MM);
        }
        double scale = wide != null ? wide / box[2] : high != null ? high / box[3] : PIXEL_MM;
        return viewport.fitted(box, 0, 0, wide == null ? scale * box[2] : wide, high == null ? scale * box[3] : high);
    }

    /** A length in mm; null when there is none or it is a share of the page. */
    static @Nullable Double millimetres(@Nullable String length) {
        if (length == null || length.strip().endsWith("%")) {
            return null;
        }
        Matcher found = LENGTH.matcher(length.toLowerCase(Locale.ROOT));
        Double unit = found.matches() ? MM.get(found.group(2)) : null;
        if (unit == null) {
            throw new InvalidInputException(
                    "svg", "the length " + length, "a number with mm, cm, in, pt, pc, q or px", "Save the file again.");
        }
        return Double.parseDouble(found.group(1)) * unit;
    }

    /** A number in the units of the file: a length without its unit counts as those units. */
    static double number(@Nullable String text) {
        if (text == null || text.isBlank()) {
            return 0;
        }
        Matcher found = LENGTH.matcher(text.toLowerCase(Locale.ROOT));
        if (!found.matches()) {
            throw new InvalidInputException("svg", "the number " + text, "a plain number", "Save the file again.");
        }
        double value = Double.parseDouble(found.group(1));
        Double unit = MM.get(found.group(2));
        return found.group(2).isEmpty() || unit == null ? value : value * unit / PIXEL_MM;
    }

    static AffineTransform transform(@Nullable String transform) {
        if (transform == null || transform.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(transform);
        } catch (ParseException broken) {
            throw new InvalidInputException(
                    "svg", "the transform " + transform, "SVG transforms", "Save the file again.");
        }
    }
}
