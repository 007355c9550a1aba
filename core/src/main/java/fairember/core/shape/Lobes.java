package fairember.core.shape;

import fairember.core.input.Span;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Several cores in a row with a bridge of clay, as thick as the wall, between each two. */
public final class Lobes {
    /** How many cores there may be in one part. */
    public static final Span COUNT = Span.count("lobes", "cores in a row", 1, 8);

    private Lobes() {}

    /** Whether this shape can hold more than one core in a row. */
    public static boolean splits(ShapeKind kind) {
        return kind == ShapeKind.ROD || kind == ShapeKind.FRUSTUM || kind == ShapeKind.BLOCK;
    }

    /**
     * The cores that a wall leaves in a solid. Rods and cut cones are split upward, blocks along the longer of width and height.
     *
     * @param lobes 1 for one core
     */
    public static Optional<Inset> of(Solid solid, Length wall, Floor floor, int lobes) {
        return solid.inset(wall, floor)
                .flatMap(inset -> lobes == 1 ? Optional.of(inset) : split(solid, inset, wall, lobes));
    }

    private static Optional<Inset> split(Solid solid, Inset inset, Length wall, int lobes) {
        Inset.Core whole = inset.cores().get(0);
        Solid core = whole.solid();
        boolean along = core instanceof Block block
                && block.width().mm() > block.height().mm();
        double room = along ? core.box().width().mm() : core.box().height().mm();
        double each = (room - (lobes - 1) * wall.mm()) / lobes;
        if (each <= 0) {
            return Optional.empty();
        }
        List<Inset.Core> cores = new ArrayList<>();
        for (int i = 0; i < lobes; i++) {
            double from = i * (each + wall.mm());
            Solid lobe = slice(core, from, each, along);
            double across = along ? from + each / 2 - room / 2 : 0;
            cores.add(new Inset.Core(lobe, across, whole.raisedMm() + (along ? 0 : from)));
        }
        double bridge = inset.thickest().diameter().mm();
        double junction = Math.max(bridge, wall.mm() * junction(solid));
        return Optional.of(new Inset(
                cores,
                wall,
                new InnerBall(new Length(junction), inset.thickest().middle()),
                true));
    }

    private static Solid slice(Solid core, double from, double each, boolean along) {
        Length part = new Length(each);
        if (core instanceof Block block) {
            return along
                    ? new Block(part, block.depth(), block.height())
                    : new Block(block.width(), block.depth(), part);
        }
        if (core instanceof Rod rod) {
            return new Rod(rod.diameter(), part);
        }
        List<Outline.Point> profile = ((Turned) core).profile();
        // The last slice ends where the core does, and not a rounding error above it.
        double end = Math.min(from + each, Curves.last(profile).upMm());
        Length low = new Length(2 * Curves.radiusAt(profile, from));
        Length high = new Length(2 * Curves.radiusAt(profile, end));
        return high.mm() > 1e-6 ? new Frustum(low, high, part) : new Cone(low, part);
    }

    /**
     * Largest ball where a bridge meets the shell, in walls: it touches the outer face and the edges of two cores, one wall apart.
     *
     * <pre>one face, its slant S over the height h: 1 + S²/4h²;  at a block's edge, two faces: 4 − √7</pre>
     */
    private static double junction(Solid solid) {
        if (solid instanceof Block) {
            return 4 - Math.sqrt(7);
        }
        double lean = solid instanceof Frustum frustum
                ? (frustum.bottom().mm() - frustum.top().mm())
                        / 2
                        / frustum.height().mm()
                : 0;
        return 1 + (1 + lean * lean) / 4;
    }
}
