package fairember.core.design;

import fairember.core.covering.Covering;
import fairember.core.foilcore.SizedCore;
import fairember.core.shape.Box;
import fairember.core.shape.Inset;
import fairember.core.shape.Inside;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One copy of a part in its place. */
final class PlacedClay implements Body {
    /** Smaller copies than the largest of these do not make a design thicker. */
    private static final int MOST = 60;

    private static final int LEVELS = 40;
    private static final double[] ALL = {-1e9, 1e9};

    private final String name;
    private final double thick;
    private final Clay clay;
    /** The point of the upright part that lies at 0, and how it moves with each of the three ways of the design. */
    private final double[][] own = new double[4][];

    /** The height of the part, as it is turned, at 0, and how it changes with each of the three ways of the design. */
    private final double[] high = new double[4];

    /** The heights between which a layer lies. */
    private final double[] band;

    private final double[] reach;

    private PlacedClay(MeasuredPart measured, Clay clay, Placement.Spot spot) {
        Part part = measured.part();
        Posed posed = part.posed();
        this.name = part.name();
        this.thick = part.shape().thickestSection().mm();
        this.clay = clay;
        this.reach = box(posed.box(), spot);
        Point3[] ways = {new Point3(0, 0, 0), new Point3(1, 0, 0), new Point3(0, 1, 0), new Point3(0, 0, 1)};
        Layer layer = part.layer();
        this.band = layer == null ? ALL : part.reach();
        for (int i = 0; i < 4; i++) {
            Point3 turned = spot.own(ways[i]);
            high[i] = turned.upMm() - (i > 0 ? high[0] : 0);
            Point3 at = posed.upright(turned);
            own[i] = new double[] {at.acrossMm(), at.frontMm(), at.upMm()};
            for (int j = 0; i > 0 && j < 3; j++) {
                own[i][j] -= own[0][j];
            }
        }
    }

    /** The copies of one part, so many levels fine. */
    static List<PlacedClay> fine(MeasuredPart measured, int levels) {
        Clay clay = Clay.of(measured, levels);
        return measured.part().placement().spots(measured.part().count()).stream()
                .map(spot -> new PlacedClay(measured, clay, spot))
                .toList();
    }

    static List<PlacedClay> all(List<MeasuredPart> parts) {
        return parts.stream()
                .flatMap(measured -> fine(measured, LEVELS).stream())
                .sorted(Comparator.comparingDouble((PlacedClay body) -> body.thick)
                        .reversed())
                .limit(MOST)
                .toList();
    }

    private static double[] box(Box own, Placement.Spot spot) {
        double[] box = {1e9, 1e9, 1e9, -1e9, -1e9, -1e9};
        for (int corner = 0; corner < 8; corner++) {
            Point3 at = spot.of(new Point3(
                    own.width().mm() * ((corner & 1) - 0.5),
                    own.depth().mm() * ((corner >> 1 & 1) - 0.5),
                    own.height().mm() * (corner >> 2 & 1)));
            double[] xyz = {at.acrossMm(), at.frontMm(), at.upMm()};
            for (int i = 0; i < 3; i++) {
                box[i] = Math.min(box[i], xyz[i]);
                box[i + 3] = Math.max(box[i + 3], xyz[i]);
            }
        }
        return box;
    }

    /** The name of its part. */
    String name() {
        return name;
    }

    @Override
    public double[] reach() {
        return reach.clone();
    }

    boolean cored() {
        return !clay.foil.isEmpty();
    }

    private double own(int axis, double x, double y, double z) {
        return own[0][axis] + x * own[1][axis] + y * own[2][axis] + z * own[3][axis];
    }

    @Override
    public boolean outer(double x, double y, double z) {
        double up = high[0] + x * high[1] + y * high[2] + z * high[3];
        if (up < band[0] || up > band[1]) {
            return false;
        }
        return clay.contains(own(0, x, y, z), own(1, x, y, z), own(2, x, y, z));
    }

    boolean outer(Point3 at) {
        return outer(at.acrossMm(), at.frontMm(), at.upMm());
    }

    /** Where a point of the design lies in the upright part. */
    Point3 own(Point3 at) {
        double x = at.acrossMm();
        double y = at.frontMm();
        double z = at.upMm();
        return new Point3(own(0, x, y, z), own(1, x, y, z), own(2, x, y, z));
    }

    boolean foil(double x, double y, double z) {
        return clay.foil(own(0, x, y, z), own(1, x, y, z), own(2, x, y, z));
    }

    /**
     * The clay of a part, upright, and the foil in it.
     *
     * @param covered what it is a layer over, its base so far above that of the layer
     */
    private record Clay(
            Inside outer,
            List<Inset.Core> cores,
            List<Inside> foil,
            @Nullable Inside covered,
            double coveredUpMm) {
        static Clay of(MeasuredPart measured, int levels) {
            SizedCore core = measured.core();
            List<Inset.Core> cores = core == null ? List.of() : core.inset().cores();
            Covering covering = measured.covering();
            return new Clay(
                    new Inside(measured.part().shape(), levels),
                    cores,
                    cores.stream().map(c -> new Inside(c.solid(), levels)).toList(),
                    covering == null ? null : new Inside(covering.form().solid(), levels),
                    covering == null ? 0 : covering.thick().mm());
        }

        boolean contains(double across, double front, double up) {
            return outer.contains(across, front, up)
                    && (covered == null || !covered.contains(across, front, up - coveredUpMm));
        }

        boolean foil(double across, double front, double up) {
            for (int i = 0; i < foil.size(); i++) {
                Inset.Core core = cores.get(i);
                if (foil.get(i).contains(across - core.acrossMm(), front - core.frontMm(), up - core.raisedMm())) {
                    return true;
                }
            }
            return false;
        }
    }
}
