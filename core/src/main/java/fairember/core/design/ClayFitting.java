package fairember.core.design;

import fairember.core.bake.BakeRules;
import fairember.core.bake.StageKind;
import fairember.core.foilcore.FoilRoll;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.CutOut;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.jspecify.annotations.Nullable;

/** Shapes a part so that it takes a given amount of clay: one dimension is left free, and the shape follows. */
public final class ClayFitting {
    /** Clay of one copy. */
    public static final Span MASS = Span.of("massG", "clay for one", 0.01, 5000, "g");

    private static final int MOST_TRIES = 60;
    private static final double EXACT_MM = 1e-4;
    private static final double STEP = 1.35;

    private final Part part;
    private final @Nullable Part inner;
    private final int dimension;
    private final Palette palette;
    private final FoilRoll roll;
    private final BakeRules rules;

    private ClayFitting(
            Part part, @Nullable Part inner, int dimension, Palette palette, FoilRoll roll, BakeRules rules) {
        this.part = part;
        this.inner = inner;
        this.dimension = dimension;
        this.palette = palette;
        this.roll = roll;
        this.rules = rules;
    }

    /**
     * A part that was shaped by its clay.
     *
     * @param solid as it is now
     * @param value of the dimension that was left free, in the unit of its span
     * @param clay of one copy, as it is measured then
     */
    public record FittedPart(Solid solid, double value, Mass clay) {}

    /**
     * The part in the size at which one copy takes so much clay, to a tenth of a millimetre.
     *
     * @param index of the part, counted from 0
     * @param dimension name of the one that is left free, such as "lengthMm"
     * @throws InvalidInputException on "dimension" when the shape has none of that name, or on "massG" when no size of it takes so
     *     much
     */
    public static FittedPart fit(
            Design design, int index, Mass clay, String dimension, Palette palette, FoilRoll roll, BakeRules rules) {
        MASS.check(clay.g());
        Part part = design.parts().get(index);
        if (part.layer() != null) {
            throw new InvalidInputException(
                    "part", part.name() + ", a layer", "a part with a size of its own", "Change what it covers.");
        }
        List<ShapeKind.Dimension> all = part.shape().kind().dimensions();
        List<String> names = all.stream().map(one -> one.span().field()).toList();
        int at = names.indexOf(dimension);
        if (at < 0) {
            throw new InvalidInputException(
                    "dimension", dimension, String.join(", ", names), "Choose the dimension that is left free.");
        }
        Integer around = part.around();
        Part inner = around == null ? null : design.parts().get(around);
        ClayFitting fitting = new ClayFitting(part, inner, at, palette, roll, rules);
        return fitting.fit(clay.g(), all.get(at).span());
    }

    private FittedPart fit(double wanted, Span span) {
        double from = part.shape().dimensions().get(dimension);
        double least = within(from, wanted, span, 1 / STEP);
        double most = within(from, wanted, span, STEP);
        UnivariateFunction over = value -> clay(value).orElse(Double.NaN) - wanted;
        double found = least == most ? least : root(over, least, most, wanted);
        boolean inMm = span.unit().equals("mm");
        double value =
                span.whole() ? Math.rint(found) : inMm ? Math.rint(found * 10) / 10 : Math.rint(found * 100) / 100;
        double held = Math.max(span.low(), Math.min(span.high(), value));
        return new FittedPart(solid(held), held, new Mass(clay(held).orElse(wanted)));
    }

    private static double root(UnivariateFunction over, double least, double most, double wanted) {
        try {
            return new BrentSolver(EXACT_MM).solve(MOST_TRIES, over, Math.min(least, most), Math.max(least, most));
        } catch (MathRuntimeException gap) {
            throw new InvalidInputException(
                    "massG",
                    Figures.show(wanted, "g"),
                    "an amount that this shape can be made of",
                    "Leave another dimension free, or change the amount.");
        }
    }

    /** The nearest value in one direction at which there is too little, or too much; the last that can be where that is never so. */
    private double within(double from, double wanted, Span span, double step) {
        double last = from;
        for (int i = 0; i < MOST_TRIES; i++) {
            OptionalDouble clay = clay(last);
            if (clay.isPresent() && (step > 1 ? clay.getAsDouble() >= wanted : clay.getAsDouble() <= wanted)) {
                return last;
            }
            double next = Math.max(span.low(), Math.min(span.high(), last * step));
            if (next == last || clay(next).isEmpty()) {
                throw new InvalidInputException(
                        "massG",
                        Figures.show(wanted, "g"),
                        "%s %s g at a %s of %s"
                                .formatted(
                                        step > 1 ? "at most" : "at least",
                                        Figures.show(Math.rint(clay(last).orElse(0) * 100) / 100),
                                        span.label(),
                                        Figures.show(last, span.unit())),
                        "Leave another dimension free, or change the amount.");
            }
            last = next;
        }
        return last;
    }

    private Solid solid(double value) {
        Solid shape = part.shape();
        List<Double> values = new ArrayList<>(shape.dimensions());
        values.set(dimension, value);
        return shape.kind().make(values, shape instanceof CutOut cut ? cut.outline() : null, shape.lines());
    }

    /** Clay of one copy at a value; nothing where it cannot be made so. */
    private OptionalDouble clay(double value) {
        try {
            List<Part> parts = new ArrayList<>();
            if (inner != null) {
                parts.add(alone(inner, inner.shape(), null));
            }
            parts.add(alone(part, solid(value), inner == null ? null : 0));
            Design design = new Design(
                    0,
                    part.name(),
                    "",
                    DesignKind.FIGURINE,
                    Pose.STANDS,
                    parts,
                    List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(1))),
                    List.of(),
                    List.of(),
                    List.of(),
                    Armature.NONE,
                    null);
            MeasuredDesign measured = DesignMeasuring.measure(design, palette, roll, rules);
            return OptionalDouble.of(
                    measured.parts().get(parts.size() - 1).portion().mass().g());
        } catch (InvalidInputException impossible) {
            return OptionalDouble.empty();
        }
    }

    private static Part alone(Part part, Solid solid, @Nullable Integer around) {
        return new Part(
                part.name(), solid, 1, part.mixId(), BuildPoint.START, 0, part.core(), around, Placement.MIDDLE);
    }
}
