package fairember.core.shape;

import static fairember.core.shape.Dimensions.*;

import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** The shapes a part can have, each with its dimensions in the order they are typed. */
public enum ShapeKind {
    BALL("ball", false, List.of(dim("d", DIAMETER)), d -> new Ball(d.get(0))),
    ROD("rod", false, List.of(dim("d", DIAMETER), dim("L", LENGTH)), d -> new Rod(d.get(0), d.get(1))),
    CONE("cone", false, List.of(dim("d", DIAMETER), dim("h", HEIGHT)), d -> new Cone(d.get(0), d.get(1))),
    FRUSTUM(
            "cut cone",
            false,
            List.of(dim("b", BOTTOM), dim("t", TOP), dim("h", HEIGHT)),
            d -> new Frustum(d.get(0), d.get(1), d.get(2))),
    BLOCK(
            "block",
            false,
            List.of(dim("a", WIDTH), dim("b", DEPTH), dim("c", HEIGHT)),
            d -> new Block(d.get(0), d.get(1), d.get(2))),
    DOME("dome", false, List.of(dim("d", DIAMETER)), d -> new Dome(d.get(0))),
    CAP("cap", false, List.of(dim("d", DIAMETER), dim("h", HEIGHT)), d -> new Cap(d.get(0), d.get(1))),
    DISC("sheet disc", true, List.of(dim("d", DIAMETER), dim("t", THICKNESS)), d -> new Disc(d.get(0), d.get(1))),
    BAND(
            "wrapped band",
            true,
            List.of(dim("d", AROUND), dim("t", THICKNESS), dim("L", LENGTH)),
            d -> new Band(d.get(0), d.get(1), d.get(2)));

    private final String label;
    private final boolean sheet;
    private final List<Dimension> dimensions;
    private final Function<List<Length>, Solid> maker;

    ShapeKind(String label, boolean sheet, List<Dimension> dimensions, Function<List<Length>, Solid> maker) {
        this.label = label;
        this.sheet = sheet;
        this.dimensions = dimensions;
        this.maker = maker;
    }

    /**
     * One dimension of a shape.
     *
     * @param symbol its letter in the formulas
     * @param span its name, words, range and unit
     */
    public record Dimension(String symbol, Span span) {}

    private static Dimension dim(String symbol, Span span) {
        return new Dimension(symbol, span);
    }

    /** The craft's word for it. */
    public String label() {
        return label;
    }

    /** Whether it is cut from a sheet, so that it takes no core. */
    public boolean sheet() {
        return sheet;
    }

    public List<Dimension> dimensions() {
        return dimensions;
    }

    /**
     * Makes the solid.
     *
     * @param mm the dimensions in mm, in the order of {@link #dimensions()} and as many
     * @throws fairember.core.measure.Refused when a dimension is outside its span or they do not go together
     */
    public Solid make(List<Double> mm) {
        Gathering gathering = new Gathering();
        List<Length> lengths = new ArrayList<>();
        for (int i = 0; i < dimensions.size(); i++) {
            Span span = dimensions.get(i).span();
            double value = mm.get(i);
            gathering.at("", () -> new Length(span.check(value))).ifPresent(lengths::add);
        }
        gathering.orRefuse();
        return maker.apply(lengths);
    }
}
