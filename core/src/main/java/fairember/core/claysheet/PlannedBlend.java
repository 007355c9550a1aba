package fairember.core.claysheet;

import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * How a blend is cut and rolled. The two pieces lie side by side as a rectangle, cut apart by one slanting line; with no plain edge
 * each is a triangle.
 *
 * @param blend what is wanted
 * @param high height of the rectangle
 * @param firstArea share of the rectangle that is the first colour, 0 to 1
 * @param firstMass grams of the first colour
 * @param secondMass grams of the second
 * @param evenPasses passes after which layers are too thin to say, if every fold were exact
 * @param passes passes by hand
 */
public record PlannedBlend(
        Blend blend, Length high, double firstArea, Mass firstMass, Mass secondMass, int evenPasses, int passes) {

    /** The side of the first piece that lies along the bottom. */
    public Length firstBottom() {
        return new Length(blend.wide().mm() - blend.plainSecond().mm());
    }

    /** The side of the first piece that lies along the top: 0 of a triangle. */
    public Length firstTop() {
        return blend.plainFirst();
    }
}
