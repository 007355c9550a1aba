package fairember.core.piece;

import fairember.core.measure.Length;
import fairember.core.shape.Box;
import fairember.core.shape.Solid;
import java.util.Collection;

/** The box around parts in their places. */
final class PieceBox {
    private double left = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double back = Double.POSITIVE_INFINITY;
    private double front = Double.NEGATIVE_INFINITY;
    private double bottom = Double.POSITIVE_INFINITY;
    private double top = Double.NEGATIVE_INFINITY;

    private PieceBox() {}

    static Box around(Collection<Part> parts) {
        PieceBox all = new PieceBox();
        for (Part part : parts) {
            part.placement().spots(part.count()).forEach(spot -> all.take(part.solid(), spot));
        }
        return new Box(
                new Length(all.right - all.left), new Length(all.front - all.back), new Length(all.top - all.bottom));
    }

    /** Takes in the corners of the part's own box, leaned about the middle of its base. */
    private void take(Solid solid, Placement.Spot spot) {
        Box box = solid.box();
        double half = box.width().mm() / 2;
        double lean = Math.toRadians(spot.tiltDeg());
        for (double x : new double[] {-half, half}) {
            for (double z : new double[] {0, box.height().mm()}) {
                double across = spot.acrossMm() + x * Math.cos(lean) + z * Math.sin(lean);
                double up = spot.upMm() - x * Math.sin(lean) + z * Math.cos(lean);
                left = Math.min(left, across);
                right = Math.max(right, across);
                bottom = Math.min(bottom, up);
                top = Math.max(top, up);
            }
        }
        back = Math.min(back, spot.frontMm() - box.depth().mm() / 2);
        front = Math.max(front, spot.frontMm() + box.depth().mm() / 2);
    }
}
