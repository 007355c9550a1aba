package fairember.core.shape;

import fairember.core.outline.CutShape;
import fairember.core.outline.DrawnLine;
import fairember.core.outline.SvgReading;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Solids with dimensions drawn by lot, of every kind. */
public final class Shapes {
    /** A flag with a hole: 30 × 20 less a hole of 6 across. */
    public static final CutShape FLAG = SvgReading.read(
            "<svg viewBox='0 0 30 20' width='30mm' height='20mm'><path d='M0 0H30V20H0Z M5 8h6v6h-6z'/></svg>");

    /** A wave of a line. */
    public static final DrawnLine WAVE = new DrawnLine(List.of(0.0, 0.0, 15.0, 10.0, 30.0, 0.0, 45.0, 10.0), true);

    private Shapes() {}

    public static Solid of(ShapeKind kind, SplittableRandom random) {
        double a = random.nextDouble(20, 60);
        double b = random.nextDouble(20, 60);
        double c = random.nextDouble(20, 60);
        double share = random.nextDouble(0.3, 0.5);
        double cord = random.nextDouble(2, 5);
        return make(
                kind,
                switch (kind) {
                    case BALL, DOME -> List.of(a);
                    case ELLIPSOID, FRUSTUM, BLOCK -> List.of(a, b, c);
                    case EGG -> List.of(a, b, b * share);
                    case FLAT_BALL -> List.of(a, a * share * 0.8);
                    case FLAT_EGG -> List.of(a, b, b * share, b * share * (1 - share));
                    case TEARDROP -> List.of(a, a * (1 + share));
                    case CAPSULE -> List.of(a, a + b);
                    case ROD, CONE -> List.of(a, b);
                    case CAP -> List.of(a, a * share);
                    case RING -> List.of(a, a * share * 0.8);
                    case DISC -> List.of(a, cord);
                    case DISC_PIECE -> List.of(a, cord, (double) random.nextInt(2, 9));
                    case CUT_OUT -> List.of(cord);
                    case BAND -> List.of(a, cord, b);
                    case CORD -> List.of(cord, a);
                    case COIL -> List.of(cord, a, (double) random.nextInt(1, 6), cord + 3 * share);
                    case SPIRAL -> List.of(cord, (double) random.nextInt(2, 6), cord + share);
                    case TWIST -> {
                        double strands = random.nextInt(2, 5);
                        yield List.of(cord, strands, a, Math.min(4 * share, a / (strands * cord)));
                    }
                    case LINE_CORD -> List.of(cord);
                    case LINE_STRIP -> List.of(2 * cord, cord / 2);
                    case FRONT_AND_SIDE -> List.of(c, 2 + 4 * share);
                });
    }

    public static Solid make(ShapeKind kind, List<Double> values) {
        return kind.make(values, kind == ShapeKind.CUT_OUT ? FLAG : null, lines(kind));
    }

    private static List<DrawnLine> lines(ShapeKind kind) {
        return switch (kind) {
            case LINE_CORD, LINE_STRIP -> List.of(WAVE);
            case FRONT_AND_SIDE -> List.of(oval(30, 40), oval(22, 40));
            default -> List.of();
        };
    }

    /** An oval through twelve points, so wide and high. */
    public static DrawnLine oval(double wide, double high) {
        List<Double> xy = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            xy.add(wide / 2 * Math.cos(i * Math.PI / 6));
            xy.add(high / 2 * Math.sin(i * Math.PI / 6));
        }
        return new DrawnLine(xy, true);
    }

    /** The same solid larger than any part may be. */
    public static Solid magnified(Solid solid, double factor) {
        List<Length> mm = solid.dimensions().stream()
                .map(value -> new Length(value * factor))
                .toList();
        return switch (solid.kind()) {
            case BALL -> new Ball(mm.get(0));
            case EGG -> new Egg(mm.get(0), mm.get(1), mm.get(2));
            case FLAT_BALL -> Flattened.ball(mm.get(0), mm.get(1));
            case FLAT_EGG -> new Flattened(ShapeKind.FLAT_EGG, new Egg(mm.get(0), mm.get(1), mm.get(2)), mm.get(3));
            case ROD -> new Rod(mm.get(0), mm.get(1));
            case CAPSULE -> new Capsule(mm.get(0), mm.get(1));
            case CONE -> new Cone(mm.get(0), mm.get(1));
            case FRUSTUM -> new Frustum(mm.get(0), mm.get(1), mm.get(2));
            case TEARDROP -> new Teardrop(mm.get(0), mm.get(1));
            case DOME -> new Dome(mm.get(0));
            case CAP -> new Cap(mm.get(0), mm.get(1));
            case DISC -> new Disc(mm.get(0), mm.get(1));
            default -> throw new IllegalArgumentException(solid.kind() + " is not turned");
        };
    }

    /** The shoelace sum; holes run the other way round and count as less. */
    public static double area(Outline outline) {
        List<Outline.Point> p = outline.points();
        double twice = 0;
        for (int i = 0; i < p.size(); i++) {
            Outline.Point next = p.get((i + 1) % p.size());
            twice += p.get(i).acrossMm() * next.upMm()
                    - next.acrossMm() * p.get(i).upMm();
        }
        return twice / 2;
    }
}
