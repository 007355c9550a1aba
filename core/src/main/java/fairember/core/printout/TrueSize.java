package fairember.core.printout;

import fairember.core.design.Design;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.Underlay;
import fairember.core.input.Figures;
import fairember.core.shape.Outline;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;

/** A design at true size on a page: its outlines from one side, over the picture it is drawn against. */
public final class TrueSize {
    private static final double WIDE = 210;
    private static final double HIGH = 297;
    private static final double MARGIN = 12;
    private static final double TEXT = 3.2;
    private static final double HEAD = 34;
    private static final double LINE = 0.3;

    private TrueSize() {}

    /** The page; larger than A4 where the design is. */
    public static Sheet of(Design design, Underlay.Side side) {
        List<List<Double>> rings = new ArrayList<>();
        for (Part part : design.bodies()) {
            List<Outline> seen = part.seen(
                    side == Underlay.Side.FRONT
                            ? part.posed().front()
                            : part.posed().side());
            for (Placement.Spot spot : part.placement().spots(part.count())) {
                seen.forEach(outline -> rings.add(placed(outline, spot, side)));
            }
        }
        double left = least(rings, 0, 1);
        double right = -least(rings, 0, -1);
        double low = least(rings, 1, 1);
        double top = -least(rings, 1, -1);
        // A4, or as large as it takes: that is for larger paper, or for a shop that prints plans.
        double wide = Math.max(WIDE, right - left + 2 * MARGIN);
        double high = Math.max(HIGH, top - low + MARGIN + HEAD);
        double across = wide / 2 - (left + right) / 2;
        double down = HEAD + top;
        List<Sheet.Mark> marks = new ArrayList<>();
        design.underlays().stream()
                .filter(one -> one.side() == side)
                .map(one -> new Sheet.Picture(
                        one.pictureId(),
                        across + one.acrossMm() - one.width().mm() / 2,
                        down - one.upMm() - one.height().mm(),
                        one.width().mm(),
                        one.height().mm(),
                        one.strength().of1()))
                .forEach(marks::add);
        marks.add(new Sheet.Text(
                MARGIN, MARGIN + TEXT, 4, "%s, true size%s".formatted(design.name(), larger(wide, high))));
        marks.add(new Sheet.Bar(MARGIN, MARGIN + 8, GaugeSheets.CHECK_MM, 2));
        marks.add(new Sheet.Text(MARGIN, MARGIN + 15, TEXT, GaugeSheets.CHECK));
        for (List<Double> ring : rings) {
            List<Double> path = new ArrayList<>();
            for (int i = 0; i < ring.size(); i += 2) {
                path.add(across + ring.get(i));
                path.add(down - ring.get(i + 1));
            }
            marks.add(new Sheet.Path(path, LINE));
        }
        return new Sheet(wide, high, marks);
    }

    private static List<Double> placed(Outline outline, Placement.Spot spot, Underlay.Side side) {
        List<Double> ring = new ArrayList<>();
        for (Outline.Point point : outline.points()) {
            if (side == Underlay.Side.FRONT) {
                Point3 at = spot.of(new Point3(point.acrossMm(), 0, point.upMm()));
                ring.add(at.acrossMm());
                ring.add(at.upMm());
            } else {
                ring.add(point.acrossMm() - spot.frontMm());
                ring.add(spot.upMm() + point.upMm());
            }
        }
        ring.add(ring.get(0));
        ring.add(ring.get(1));
        return ring;
    }

    /** The least of every second value, times a sign. */
    private static double least(List<List<Double>> rings, int from, int sign) {
        double least = Double.POSITIVE_INFINITY;
        for (List<Double> ring : rings) {
            for (int i = from; i < ring.size(); i += 2) {
                least = Math.min(least, sign * ring.get(i));
            }
        }
        return least;
    }

    private static String larger(double wide, double high) {
        return wide > WIDE || high > HIGH
                ? ", on paper of %s × %s mm".formatted(Figures.show(Math.ceil(wide)), Figures.show(Math.ceil(high)))
                : "";
    }
}
