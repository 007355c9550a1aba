package fairember.core.design;

import fairember.core.quantity.Length;
import fairember.core.shape.Box;
import fairember.core.shape.Outline;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import java.util.Collection;
import java.util.List;

/** The box around parts in their places. */
final class DesignBox {
    private double left = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double back = Double.POSITIVE_INFINITY;
    private double front = Double.NEGATIVE_INFINITY;
    private double bottom = Double.POSITIVE_INFINITY;
    private double top = Double.NEGATIVE_INFINITY;

    private DesignBox() {}

    static Box around(Collection<Part> parts) {
        DesignBox all = new DesignBox();
        for (Part part : parts) {
            Posed posed = part.posed();
            List<Outline> seen = part.placement().tiltDeg() == 0
                    ? List.of(around(posed.box(), part.reach()))
                    : part.seen(posed.front());
            double half = posed.box().depth().mm() / 2;
            part.placement().spots(part.count()).forEach(spot -> all.take(seen, half, spot));
        }
        return new Box(
                new Length(all.right - all.left), new Length(all.front - all.back), new Length(all.top - all.bottom));
    }

    /** Whatever stands upright reaches as far as its box. */
    private static Outline around(Box box, double[] reach) {
        double half = box.width().mm() / 2;
        return new Outline(List.of(new Outline.Point(-half, reach[0]), new Outline.Point(half, reach[1])));
    }

    /** Takes in what is seen of the part, leaned about the middle of its base. */
    private void take(List<Outline> outlines, double half, Placement.Spot spot) {
        for (Outline outline : outlines) {
            for (Outline.Point point : outline.points()) {
                Point3 at = spot.of(new Point3(point.acrossMm(), 0, point.upMm()));
                left = Math.min(left, at.acrossMm());
                right = Math.max(right, at.acrossMm());
                bottom = Math.min(bottom, at.upMm());
                top = Math.max(top, at.upMm());
            }
        }
        back = Math.min(back, spot.frontMm() - half);
        front = Math.max(front, spot.frontMm() + half);
    }
}
