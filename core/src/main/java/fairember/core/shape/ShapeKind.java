package fairember.core.shape;

import static fairember.core.shape.Dimensions.*;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.outline.CutShape;
import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The shapes a part can have, each with its dimensions in the order they are typed. */
public enum ShapeKind {
    BALL("ball", Takes.CORE, List.of(dim("d", DIAMETER)), d -> new Ball(d.mm(0))),
    ELLIPSOID(
            "pressed ball",
            Takes.CORE,
            List.of(dim("w", WIDTH), dim("b", DEPTH), dim("h", HEIGHT)),
            d -> new Ellipsoid(d.mm(0), d.mm(1), d.mm(2))),
    EGG(
            "egg",
            Takes.CORE,
            List.of(dim("d", DIAMETER), dim("L", LENGTH), dim("q", WIDEST_AT)),
            d -> new Egg(d.mm(0), d.mm(1), d.mm(2))),
    FLAT_BALL(
            "ball, pressed flat",
            Takes.NONE,
            List.of(dim("d", DIAMETER), dim("p", PRESSED)),
            d -> Flattened.ball(d.mm(0), d.mm(1))),
    FLAT_EGG(
            "egg, pressed flat",
            Takes.NONE,
            List.of(dim("d", DIAMETER), dim("L", LENGTH), dim("q", WIDEST_AT), dim("p", PRESSED)),
            d -> flatEgg(new Egg(d.mm(0), d.mm(1), d.mm(2)), d.mm(3))),
    TEARDROP(
            "teardrop", Takes.CORE, List.of(dim("d", DIAMETER), dim("L", LENGTH)), d -> new Teardrop(d.mm(0), d.mm(1))),
    ROD("rod", Takes.FLOORED_CORE, List.of(dim("d", DIAMETER), dim("L", LENGTH)), d -> new Rod(d.mm(0), d.mm(1))),
    CAPSULE("capsule", Takes.CORE, List.of(dim("d", DIAMETER), dim("L", LENGTH)), d -> new Capsule(d.mm(0), d.mm(1))),
    CONE("cone", Takes.FLOORED_CORE, List.of(dim("d", DIAMETER), dim("h", HEIGHT)), d -> new Cone(d.mm(0), d.mm(1))),
    FRUSTUM(
            "cut cone",
            Takes.FLOORED_CORE,
            List.of(dim("b", BOTTOM), dim("t", TOP), dim("h", HEIGHT)),
            d -> new Frustum(d.mm(0), d.mm(1), d.mm(2))),
    BLOCK(
            "block",
            Takes.FLOORED_CORE,
            List.of(dim("a", WIDTH), dim("b", DEPTH), dim("c", HEIGHT)),
            d -> new Block(d.mm(0), d.mm(1), d.mm(2))),
    DOME("dome", Takes.FLOORED_CORE, List.of(dim("d", DIAMETER)), d -> new Dome(d.mm(0))),
    CAP("cap", Takes.FLOORED_CORE, List.of(dim("d", DIAMETER), dim("h", HEIGHT)), d -> new Cap(d.mm(0), d.mm(1))),
    RING("ring", Takes.CORE, List.of(dim("D", OUTER), dim("d", TUBE)), d -> new Ring(d.mm(0), d.mm(1))),
    DISC("sheet disc", Takes.NONE, List.of(dim("d", DIAMETER), dim("t", THICKNESS)), d -> new Disc(d.mm(0), d.mm(1))),
    DISC_PIECE(
            "piece of a cut disc",
            Takes.NONE,
            List.of(dim("d", DIAMETER), dim("t", THICKNESS), dim("n", PIECES)),
            d -> new DiscPiece(d.mm(0), d.mm(1), (int) d.number(2))),
    CUT_OUT("cut-out", Takes.NONE, List.of(dim("t", THICKNESS)), d -> new CutOut(d.outline(), d.mm(0))),
    BAND(
            "wrapped band",
            Takes.NONE,
            List.of(dim("d", AROUND), dim("t", THICKNESS), dim("L", LENGTH)),
            d -> new Band(d.mm(0), d.mm(1), d.mm(2))),
    CORD("cord", Takes.NONE, List.of(dim("d", CORD_THICK), dim("L", LENGTH)), d -> new Cord(d.mm(0), d.mm(1))),
    COIL(
            "coil",
            Takes.NONE,
            List.of(dim("d", CORD_THICK), dim("D", WINDING), dim("N", TURNS), dim("p", PITCH)),
            d -> new Coil(d.mm(0), d.mm(1), d.number(2), d.mm(3))),
    SPIRAL(
            "flat spiral",
            Takes.NONE,
            List.of(dim("d", CORD_THICK), dim("N", TURNS), dim("p", PITCH)),
            d -> new Mat(d.mm(0), d.number(1), d.mm(2))),
    TWIST(
            "twist",
            Takes.NONE,
            List.of(dim("d", CORD_THICK), dim("n", STRANDS), dim("L", LENGTH), dim("N", TURNS)),
            d -> new Twist(d.mm(0), (int) d.number(1), d.mm(2), d.number(3))),
    LINE_CORD(
            "cord along a line",
            Takes.NONE,
            List.of(dim("d", CORD_THICK)),
            List.of(Line.open("line")),
            d -> new LineCord(d.line(0), d.mm(0))),
    LINE_STRIP(
            "strip along a line",
            Takes.NONE,
            List.of(dim("w", STRIP), dim("t", THICKNESS)),
            List.of(Line.open("line")),
            d -> new LineStrip(d.line(0), d.mm(0), d.mm(1))),
    FRONT_AND_SIDE(
            "form by front and side",
            Takes.CORE,
            List.of(dim("h", HEIGHT), dim("n", SQUARENESS)),
            List.of(Line.outline("outline from the front"), Line.outline("outline from the right")),
            d -> new FrontAndSide(d.line(0), d.line(1), d.mm(0), d.number(1)));

    private final String label;
    private final Takes takes;
    private final List<Dimension> dimensions;
    private final List<Line> lines;
    private final Maker maker;

    ShapeKind(String label, Takes takes, List<Dimension> dimensions, Maker maker) {
        this(label, takes, dimensions, List.of(), maker);
    }

    ShapeKind(String label, Takes takes, List<Dimension> dimensions, List<Line> lines, Maker maker) {
        this.label = label;
        this.takes = takes;
        this.dimensions = dimensions;
        this.lines = lines;
        this.maker = maker;
    }

    /** Whether a foil core goes into a shape. */
    private enum Takes {
        NONE,
        CORE,
        /** It has a flat base that can be left open. */
        FLOORED_CORE
    }

    private interface Maker {
        Solid make(Values values);
    }

    /** Checked dimensions, in their order. */
    private record Values(List<Double> numbers, @Nullable CutShape shape, List<DrawnLine> lines) {
        Length mm(int index) {
            return new Length(numbers.get(index));
        }

        double number(int index) {
            return numbers.get(index);
        }

        DrawnLine line(int index) {
            return lines.get(index);
        }

        CutShape outline() {
            if (shape == null) {
                throw new InvalidInputException(
                        "outline", "nothing", "a closed outline", "Read an outline from an SVG file.");
            }
            return shape;
        }
    }

    /**
     * One dimension of a shape.
     *
     * @param symbol its letter in the formulas
     * @param span its name, words, range and unit
     */
    public record Dimension(String symbol, Span span) {}

    /**
     * A line that is drawn for a shape.
     *
     * @param words what it says, such as "outline from the front"
     * @param closed whether it is an outline
     */
    public record Line(String words, boolean closed) {
        private static Line open(String words) {
            return new Line(words, false);
        }

        private static Line outline(String words) {
            return new Line(words, true);
        }
    }

    private static Solid flatEgg(Egg whole, Length pressed) {
        return new Flattened(FLAT_EGG, whole, pressed);
    }

    private static Dimension dim(String symbol, Span span) {
        return new Dimension(symbol, span);
    }

    /** The craft's word for it. */
    public String label() {
        return label;
    }

    /**
     * Whether a layer may lie over it: it is bent outwards everywhere, without a hole, a hollow or a bend inwards, and is whole. A form
     * by front and side is taken to bend like its convex hull.
     */
    public boolean convex() {
        return switch (this) {
            case RING, BAND, DISC_PIECE, CUT_OUT, CORD, COIL, SPIRAL, TWIST, LINE_CORD, LINE_STRIP -> false;
            default -> true;
        };
    }

    /** Whether a foil core can go into it; sheets, cords and tubes take none. */
    public boolean takesCore() {
        return takes != Takes.NONE;
    }

    /** Whether it has a flat base, which can be covered or left open under a core. */
    public boolean flatBase() {
        return takes == Takes.FLOORED_CORE;
    }

    public List<Dimension> dimensions() {
        return dimensions;
    }

    /** The lines that are drawn for it, in order; none for most. */
    public List<Line> lines() {
        return lines;
    }

    /**
     * Makes the solid.
     *
     * @param values the dimensions in the units of their spans, in the order of {@link #dimensions()} and as many
     * @param outline of a cut-out; no other shape has one
     * @param drawn lines, in the order of {@link #lines()}
     * @throws InvalidInputException when a dimension is outside its span, they do not go together or the outline is missing
     */
    public Solid make(List<Double> values, @Nullable CutShape outline, List<DrawnLine> drawn) {
        Gathering gathering = new Gathering();
        if (drawn.size() != lines.size()) {
            gathering.error(
                    "lines",
                    Integer.toString(drawn.size()),
                    lines.isEmpty()
                            ? "none, for this shape"
                            : lines.size() + ": "
                                    + lines.stream().map(Line::words).collect(Collectors.joining(", ")),
                    lines.isEmpty() ? "Remove the lines." : "Draw each of them.");
        }
        List<Double> checked = new ArrayList<>();
        for (int i = 0; i < dimensions.size(); i++) {
            Span span = dimensions.get(i).span();
            double value = values.get(i);
            gathering.at("", () -> span.check(value)).ifPresent(checked::add);
        }
        gathering.orRefuse();
        return maker.make(new Values(checked, outline, drawn));
    }

    /** Makes a solid that has no outline. */
    public Solid make(List<Double> values) {
        return make(values, null, List.of());
    }
}
