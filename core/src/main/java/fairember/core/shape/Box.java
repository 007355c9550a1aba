package fairember.core.shape;

import fairember.core.quantity.Length;

/**
 * The upright box that just holds a solid.
 *
 * @param width across, as seen from the front
 * @param depth front to back
 * @param height up
 */
public record Box(Length width, Length depth, Length height) {
    static Box mm(double width, double depth, double height) {
        return new Box(new Length(width), new Length(depth), new Length(height));
    }

    /** The greatest of the three. */
    public Length longest() {
        return new Length(Math.max(width.mm(), Math.max(depth.mm(), height.mm())));
    }

    /** The least of the three. */
    public Length shortest() {
        return new Length(Math.min(width.mm(), Math.min(depth.mm(), height.mm())));
    }
}
