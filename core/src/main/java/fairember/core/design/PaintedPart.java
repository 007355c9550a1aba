package fairember.core.design;

import fairember.core.colour.Srgb;
import fairember.core.stock.Paint;

/**
 * A part under coats of a paint.
 *
 * @param part counted from 0
 * @param below its colour before
 * @param above its colour with these coats
 * @param shows how different that is from a thick coat, ΔE00
 * @param hides how many coats hide what is below; 0 when more than {@value Paint#MOST_COATS} would be needed
 */
public record PaintedPart(int part, Srgb below, Srgb above, double shows, int hides) {
    static PaintedPart of(int part, Srgb below, Paint paint, int coats) {
        return new PaintedPart(
                part,
                below,
                paint.over(below, coats),
                paint.showsThrough(below, coats),
                paint.hides(below).orElse(0));
    }
}
