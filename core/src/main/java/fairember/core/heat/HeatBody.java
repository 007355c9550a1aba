package fairember.core.heat;

import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Block;
import fairember.core.shape.Box;
import fairember.core.shape.Cord;
import fairember.core.shape.LineCord;
import fairember.core.shape.LineStrip;
import fairember.core.shape.Solid;
import org.jspecify.annotations.Nullable;

/**
 * A solid as heat sees it: one way in, from the outside to the middle, along which the area shrinks as r^g. g is 0 of a plate, 1 of a
 * rod, 2 of a ball, and between for what is between.
 *
 * <pre>
 * R = T/2   σ = 1 + (T/W)² + (T/L)²   m = R·A/V     (T thickest section; W, L the larger sides of the box)
 * block, rod, cord, cut-out   μ = 1 + 0.85·(σ − 1)
 * rounded ones, cone, frustum   μ = σ + 0.4·(m − σ)
 * ball 3, ring 2, tube and spiral mat 1            g = μ − 1
 * </pre>
 *
 * Within −7 to +21 % of the minutes of three-dimensional sums.
 *
 * @param reach R, from the middle to the outside
 * @param narrowing g, 0 to 2
 * @param within r₀, how far from the middle the clay begins: 0 without a core
 * @param core grams of foil inside, 0 without
 * @param area of the outside, mm²
 * @param seat what it lies on, or null when the air is all round it
 */
public record HeatBody(
        Length reach,
        double narrowing,
        Length within,
        Mass core,
        double area,
        @Nullable Seat seat) {
    private static final double EDGED = 0.85;
    private static final double ROUNDED = 0.4;

    /** A body with the air all round it. */
    public HeatBody(Length reach, double narrowing, Length within, Mass core, double area) {
        this(reach, narrowing, within, core, area, null);
    }

    /** The same on something, or on nothing. */
    public HeatBody on(@Nullable Seat newSeat) {
        return new HeatBody(reach, narrowing, within, core, area, newSeat);
    }

    /** A solid of clay all through. */
    public static HeatBody of(Solid solid) {
        double t = solid.thickest().diameter().mm();
        return new HeatBody(
                new Length(t / 2),
                Math.max(0, Math.min(2, mu(solid, t) - 1)),
                Length.ZERO,
                Mass.ZERO,
                solid.surface().mm2());
    }

    /**
     * A solid with a core of foil under a shell.
     *
     * @param shell thickness of the clay, less than half the thickest section
     * @param foil grams of the core
     */
    public static HeatBody shell(Solid outer, Length shell, Mass foil) {
        HeatBody whole = of(outer);
        double within = Math.max(0, whole.reach.mm() - shell.mm());
        return new HeatBody(whole.reach, whole.narrowing, new Length(within), foil, whole.area);
    }

    /**
     * A layer over clay that is cured: that clay is one node, which takes up as much heat as it does.
     *
     * @param layer thickness of the layer
     * @param covered clay under it
     */
    public static HeatBody around(Solid outer, Length layer, Mass covered) {
        return shell(outer, layer, covered.times(Material.USUAL_TIMES / Material.FOIL_HOLDS));
    }

    /** A body of the same kind, of clay all through, as thick as this. */
    public HeatBody thick(Length thickest) {
        return new HeatBody(new Length(thickest.mm() / 2), narrowing, Length.ZERO, Mass.ZERO, area, seat);
    }

    private static double mu(Solid solid, double t) {
        return switch (solid.kind()) {
            case BALL -> 3;
            case RING -> 2;
            case BAND, SPIRAL -> 1;
            // As they were before they were bent.
            case LINE_CORD -> mu(new Cord(((LineCord) solid).cord(), ((LineCord) solid).centreLine()), t);
            case LINE_STRIP -> {
                LineStrip strip = (LineStrip) solid;
                yield mu(new Block(strip.length(), strip.width(), strip.thickness()), t);
            }
            case BLOCK, ROD, CUT_OUT, DISC, DISC_PIECE, CORD, COIL, TWIST -> 1 + EDGED * (sigma(solid, t) - 1);
            default -> {
                double sigma = sigma(solid, t);
                double m = t / 2 * solid.surface().mm2() / solid.volume().mm3();
                yield sigma + ROUNDED * (m - sigma);
            }
        };
    }

    private static double sigma(Solid solid, double t) {
        Box box = solid.box();
        double longest = box.longest().mm();
        double shortest = box.shortest().mm();
        double between = box.width().mm() + box.depth().mm() + box.height().mm() - longest - shortest;
        double across = t / Math.max(t, between);
        double along = t / Math.max(t, longest);
        return 1 + across * across + along * along;
    }
}
