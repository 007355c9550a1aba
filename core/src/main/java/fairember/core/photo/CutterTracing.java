package fairember.core.photo;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.outline.CutShape;
import fairember.core.quantity.Length;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The outline of a cutter that lies on plain paper in a photo, beside a length that is known. Also of a line that was drawn round it.
 *
 * @param outline at true size
 * @param dot what one point of the photo shows: the outline is about as true as this
 * @param line the same outline in the photo
 */
public record CutterTracing(CutShape outline, Length dot, List<Spot> line) {
    public static final Span KNOWN = Span.of("knownMm", "known length", 5, 2000, "mm");
    private static final double LEAST_APART = 40;
    private static final double LEAST_ACROSS = 20;
    /** Corners that are nearer than this to the line between others say nothing. */
    private static final double STRAIGHT = 0.3;
    /** Places of the line that are enough to look at it. */
    private static final int SHOWN = 600;

    /** Which side of the line, or of the cutter's wall, the clay is cut at. */
    public enum Edge {
        INSIDE("inside of the line"),
        OUTSIDE("outside of the line");

        private final String label;

        Edge(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** A length that is known: from one place to another. */
    public record Known(Spot from, Spot to, Length length) {}

    /**
     * Traces it.
     *
     * @param photo taken straight from above, or squared up
     * @param middle a place inside the cutter
     * @param edge of something that is dark all over there is only one
     * @throws InvalidInputException on "knownMm", "to" or "middle" when there is no length or no closed line round the middle, and on
     *     "outline" when it is no outline of a cutter
     */
    public static CutterTracing trace(BufferedImage photo, Spot middle, Known known, Edge edge) {
        KNOWN.check(known.length().mm());
        double apart = Math.hypot(
                (known.to().across() - known.from().across()) * photo.getWidth(),
                (known.to().down() - known.from().down()) * photo.getHeight());
        if (apart < LEAST_APART) {
            throw new InvalidInputException(
                    "to",
                    "a known length of " + Figures.show(Math.rint(apart)) + " points of the photo",
                    "at least " + Figures.show(LEAST_APART) + " points",
                    "Mark both ends of something longer, such as a ruler beside the cutter.");
        }
        double dot = known.length().mm() / apart;
        EdgeLines.Line line = line(photo, middle, edge);
        List<Double> xy = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            xy.add(line.x(i) * dot);
            xy.add((photo.getHeight() - line.y(i)) * dot);
        }
        int each = 1 + line.size() / SHOWN;
        for (int i = 0; i < line.size(); i += each) {
            spots.add(new Spot(line.x(i) / photo.getWidth(), line.y(i) / photo.getHeight()));
        }
        CutShape outline = CutShape.simplified(new CutShape.Ring(xy), new Length(STRAIGHT * dot));
        return new CutterTracing(outline, new Length(dot), List.copyOf(spots));
    }

    /** The line next round the middle that has paper on the right side; of what is dark all over, its edge. */
    private static EdgeLines.Line line(BufferedImage photo, Spot middle, Edge edge) {
        PaperLight light = PaperLight.of(photo);
        double x = middle.across() * photo.getWidth();
        double y = middle.down() * photo.getHeight();
        List<EdgeLines.Line> round = EdgeLines.of(light, light.threshold()).stream()
                .filter(line -> Math.abs(line.area()) > LEAST_ACROSS * LEAST_ACROSS && line.holds(x, y))
                .sorted(Comparator.comparingDouble(line -> Math.abs(line.area())))
                .toList();
        Optional<EdgeLines.Line> outside =
                round.stream().filter(line -> line.area() > 0).findFirst();
        Optional<EdgeLines.Line> inside = round.stream()
                .filter(line -> line.area() < 0)
                .findFirst()
                .filter(line -> outside.isEmpty()
                        || -line.area() < outside.orElseThrow().area());
        return (edge == Edge.INSIDE ? inside.or(() -> outside) : outside)
                .orElseThrow(() -> new InvalidInputException(
                        "middle",
                        "no closed line round this place",
                        "a cutter, or a line drawn round one, with plain paper all round it",
                        "Mark the middle of the cutter. Where light breaks its edge, draw round it with a dark pen and photograph"
                                + " that."));
    }
}
