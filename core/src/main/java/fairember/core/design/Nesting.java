package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import fairember.core.shape.Box;
import java.util.Arrays;
import java.util.List;

/** A part built around another: what clay is left between the two. */
final class Nesting {
    /** How much more than a gap the clay in a corner is thick: a square corner of three faces. */
    private static final double CORNER = 2 * Math.sqrt(3) / (1 + Math.sqrt(3));

    private Nesting() {}

    /**
     * The clay between two parts.
     *
     * @param clay outer volume less inner volume
     * @param thinnest least of the gaps between their boxes; below 0 when the inner one comes out
     * @param thickest at most: the greatest of the gaps, as thick as in a square corner; no more than the outer solid
     */
    record Between(Volume clay, double thinnest, Length thickest) {}

    /**
     * Measures the clay between by the boxes of the two as they stand. Exact for a block in a block; otherwise the section is
     * said thicker than it is, never thinner.
     *
     * @throws InvalidInputException on "around" when the inner one is not the smaller
     */
    static Between between(Part outer, Part inner) {
        double left = outer.shape().volume().mm3() - inner.shape().volume().mm3();
        if (left <= 0) {
            throw new InvalidInputException(
                    "around",
                    inner.name() + ", which is larger",
                    "a part smaller than " + outer.name(),
                    "Choose another part, or make this part larger.");
        }
        Box out = outer.posed().box();
        Box in = inner.posed().box();
        Placement.Spot o = outer.placement().spots(1).get(0);
        Placement.Spot i = inner.placement().spots(1).get(0);
        double[] gaps = {
            gap(out.width(), in.width(), i.acrossMm() - o.acrossMm()),
            gap(out.width(), in.width(), o.acrossMm() - i.acrossMm()),
            gap(out.depth(), in.depth(), i.frontMm() - o.frontMm()),
            gap(out.depth(), in.depth(), o.frontMm() - i.frontMm()),
            i.upMm() - o.upMm(),
            o.upMm() + out.height().mm() - i.upMm() - in.height().mm()
        };
        double most = Arrays.stream(gaps).max().orElse(0) * CORNER;
        double thickest = Math.min(outer.shape().thickestSection().mm(), Math.max(most, 0));
        return new Between(new Volume(left), Arrays.stream(gaps).min().orElse(0), new Length(thickest));
    }

    private static double gap(Length outer, Length inner, double shift) {
        return (outer.mm() - inner.mm()) / 2 + shift;
    }

    static List<Advice> advice(Part outer, Part inner, Between between) {
        if (between.thinnest() >= 0) {
            return List.of();
        }
        return List.of(Advice.caution(
                "nested-out",
                "%s: %s sticks out of it by %s."
                        .formatted(
                                outer.name(),
                                inner.name(),
                                Figures.show(Math.round(-between.thinnest() * 10) / 10.0, "mm")),
                "Make the outer part larger, or move the inner part.",
                outer.name(),
                inner.name()));
    }
}
