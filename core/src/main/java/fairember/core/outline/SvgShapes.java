package fairember.core.outline;

import fairember.core.input.InvalidInputException;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.function.Function;
import org.apache.batik.parser.AWTPolygonProducer;
import org.apache.batik.parser.ParseException;
import org.jspecify.annotations.Nullable;

/** The five elements that make outlines. */
final class SvgShapes {
    private SvgShapes() {}

    /** The shape of an element in its own units; null when the element is none. */
    static @Nullable Path2D of(String element, Function<String, @Nullable String> attribute) {
        Function<String, Double> number = name -> SvgUnits.number(attribute.apply(name));
        return switch (element) {
            case "path" -> path(attribute.apply("d"));
            case "polygon" -> polygon(attribute.apply("points"));
            case "circle" -> ellipse(number.apply("cx"), number.apply("cy"), number.apply("r"), number.apply("r"));
            case "ellipse" -> ellipse(number.apply("cx"), number.apply("cy"), number.apply("rx"), number.apply("ry"));
            case "rect" -> rectangle(attribute, number);
            case "polyline" -> polyline(attribute.apply("points"));
            case "line" -> throw open(element);
            case "text", "tspan" ->
                throw new InvalidInputException(
                        "outline", "text in the drawing", "outlines", "Turn the letters into paths.");
            default -> null;
        };
    }

    private static Path2D path(@Nullable String data) {
        if (data == null || data.isBlank()) {
            return new Path2D.Double();
        }
        try {
            return SvgPath.read(data);
        } catch (ParseException broken) {
            throw new InvalidInputException(
                    "svg", "a path that cannot be read", "SVG path data", "Save the file again.");
        }
    }

    private static Path2D polygon(@Nullable String points) {
        if (points == null || points.isBlank()) {
            return new Path2D.Double();
        }
        try {
            return doubled(AWTPolygonProducer.createShape(new StringReader(points), Path2D.WIND_EVEN_ODD));
        } catch (IOException | ParseException broken) {
            throw new InvalidInputException(
                    "svg", "a polygon that cannot be read", "pairs of numbers", "Save the file again.");
        }
    }

    /** A polyline that ends where it begins is closed. */
    private static Path2D polyline(@Nullable String points) {
        String given = points == null ? "" : points.strip();
        String[] numbers = given.split("[\\s,]+", -1);
        int n = numbers.length;
        boolean closed = n >= 8
                && n % 2 == 0
                && SvgUnits.number(numbers[0]) == SvgUnits.number(numbers[n - 2])
                && SvgUnits.number(numbers[1]) == SvgUnits.number(numbers[n - 1]);
        if (!closed) {
            throw open("polyline");
        }
        return polygon(given);
    }

    private static InvalidInputException open(String element) {
        return new InvalidInputException(
                "outline",
                "an open <" + element + ">",
                "closed outlines",
                "Draw its last point onto its first, or turn it into a filled path.");
    }

    private static Path2D ellipse(double x, double y, double rx, double ry) {
        return doubled(new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry));
    }

    private static Path2D rectangle(Function<String, @Nullable String> attribute, Function<String, Double> number) {
        double width = number.apply("width");
        double height = number.apply("height");
        double rx = number.apply(attribute.apply("rx") == null ? "ry" : "rx");
        double ry = number.apply(attribute.apply("ry") == null ? "rx" : "ry");
        return doubled(new RoundRectangle2D.Double(
                number.apply("x"),
                number.apply("y"),
                width,
                height,
                Math.min(2 * rx, width),
                Math.min(2 * ry, height)));
    }

    private static Path2D doubled(Shape shape) {
        return new Path2D.Double(shape);
    }
}
