package fairember.app.design;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import fairember.core.design.Layer;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.shape.Box;
import fairember.core.shape.Outline;
import fairember.core.shape.Posed;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A solid as it is drawn, turned as it is. While a design is typed, all its parts but one stay what they were: their drawings
 * are kept, for they are most of the work of an answer.
 *
 * @param section null when it is as from the front
 * @param side null when it is as from the front
 */
record PosedViews(
        List<String> front,
        @Nullable List<String> section,
        @Nullable List<String> side) {
    /** Nothing is drawn finer, mm. */
    private static final double LEAST_MM = 0.001;

    private static final int KEPT = 1000;
    /** A page shows a design this many times as large as what can be distinguished on it. */
    private static final double SEEN = 1000;

    private static final LoadingCache<Drawn, PosedViews> VIEWS =
            Caffeine.newBuilder().maximumSize(KEPT).build(Drawn::views);
    private static final LoadingCache<Leaning, List<String>> LEANING =
            Caffeine.newBuilder().maximumSize(KEPT).build(Leaning::drawn);

    /**
     * A solid and how far its outlines may stray, mm.
     *
     * @param layer the part as a layer over {@code inner}; both null for any other part
     */
    private record Drawn(
            Posed posed,
            double withinMm,
            @Nullable Part layer,
            @Nullable Posed inner) {
        PosedViews views() {
            List<String> front = OutlineViews.of(seen(posed.front()), withinMm);
            return new PosedViews(
                    front,
                    unlike(OutlineViews.of(seen(section()), withinMm), front),
                    unlike(OutlineViews.of(seen(posed.side()), withinMm), front));
        }

        private List<Outline> seen(List<Outline> outlines) {
            return layer == null ? outlines : layer.seen(outlines);
        }

        /** Of a layer, what it covers is cut out: two outlines in each other are a wall. */
        private List<Outline> section() {
            List<Outline> section = new ArrayList<>(posed.section());
            Layer over = layer == null ? null : layer.layer();
            if (over != null && inner != null) {
                inner.section()
                        .forEach(outline ->
                                section.add(outline.moved(0, over.thick().mm())));
            }
            return section;
        }
    }

    /** A solid that leans; its mirror image that leans the other way looks alike from the side. */
    private record Leaning(Posed posed, double tiltDeg, double withinMm) {
        List<String> drawn() {
            Placement.Spot spot = new Placement.Spot(0, 0, 0, tiltDeg, false);
            Outline outline = Outline.around(posed.sketchedHull().stream()
                    .map(spot::of)
                    .map(at -> new Outline.Point(-at.frontMm(), at.upMm()))
                    .toList());
            return OutlineViews.of(List.of(outline), withinMm);
        }
    }

    /** @param covered the part that it is a layer over, or null */
    static PosedViews of(Part part, @Nullable Part covered, double withinMm) {
        return VIEWS.get(
                covered == null
                        ? new Drawn(part.posed(), withinMm, null, null)
                        : new Drawn(part.posed(), withinMm, part, covered.posed()));
    }

    /** How far outlines in a design of this size may stray: no more than is seen of it on a page. In few steps, to be kept. */
    static double withinMm(Box design) {
        double most = Math.max(design.width().mm(), design.height().mm());
        return Math.max(LEAST_MM, Math.pow(2, Math.floor(Math.log(most / SEEN) / Math.log(2))));
    }

    /** What is seen from the right of a copy that leans across, about the middle of its base. */
    static List<String> leaning(Posed posed, Placement.Spot spot, double withinMm) {
        return LEANING.get(new Leaning(posed, spot.mirrored() ? -spot.tiltDeg() : spot.tiltDeg(), withinMm));
    }

    private static @Nullable List<String> unlike(List<String> outlines, List<String> front) {
        return outlines.equals(front) ? null : outlines;
    }
}
