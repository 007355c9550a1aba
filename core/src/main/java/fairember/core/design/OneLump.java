package fairember.core.design;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.core.covering.Covering;
import fairember.core.foilcore.SizedCore;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Raw clay joined to raw clay: as thick as the largest ball that fits into all of it together. Foil and clay that is cured
 * already are not part of it.
 *
 * @param thickest diameter of that ball
 * @param within how far its diameter may be off, by the grid it was found on: at most a twentieth of it
 * @param parts that the ball lies in, two or more names
 */
public record OneLump(Length thickest, Length within, List<String> parts) {
    /** A grid has about so many cubes at most; those of the first are no smaller than this share of the thickest part. */
    private static final double MOST_CUBES = 16_000;
    /** Along a side of a finer one: enough for a ball and twice the side of the cubes before around it. */
    private static final double CUBES_ALONG = 36;

    private static final double COARSE = 0.1;
    private static final double FINE = 1 / 30.0;
    /** A ball this much smaller than the largest must lie in one body for that body alone to be as thick. */
    private static final double CORE_OF_BALL = 0.85;

    /** Most changes of a design leave its forms as they were. */
    private static final Cache<Question, Optional<OneLump>> KNOWN =
            Caffeine.newBuilder().maximumSize(1000).build();

    /** All that the answer rests on. */
    private record Question(List<Formed> raw, List<Formed> cured, List<BoreHole> bores, Length alone) {}

    private record Formed(
            Part part, @Nullable SizedCore core, @Nullable Covering covering) {
        static List<Formed> all(List<MeasuredPart> parts) {
            return parts.stream()
                    .map(measured -> new Formed(measured.part(), measured.core(), measured.covering()))
                    .toList();
        }
    }

    public OneLump {
        parts = List.copyOf(parts);
    }

    /** Its parts in words: "Base and Peak". */
    public String words() {
        int last = parts.size() - 1;
        return String.join(", ", parts.subList(0, last)) + " and " + parts.get(last);
    }

    /**
     * The thickest place where raw parts are one lump, when it is thicker than any of them alone.
     *
     * @param raw parts that lie together and are not cured
     * @param cured parts that lie among them
     * @param bores of inserts that pass through them
     * @param alone the thickest of the raw ones, each by itself
     */
    static Optional<OneLump> of(List<MeasuredPart> raw, List<MeasuredPart> cured, List<BoreHole> bores, Length alone) {
        if (alone.mm() <= 0) {
            return Optional.empty();
        }
        return KNOWN.get(
                new Question(Formed.all(raw), Formed.all(cured), bores, alone),
                question -> found(raw, cured, bores, alone));
    }

    private static Optional<OneLump> found(
            List<MeasuredPart> raw, List<MeasuredPart> cured, List<BoreHole> bores, Length alone) {
        List<PlacedClay> bodies = PlacedClay.all(raw);
        if (bodies.size() < 2) {
            return Optional.empty();
        }
        List<Body> holes = new ArrayList<>(PlacedClay.all(cured));
        holes.addAll(bores);
        double[] box = around(bodies);
        double volume = (box[3] - box[0]) * (box[4] - box[1]) * (box[5] - box[2]);
        double side = Math.max(alone.mm() * COARSE, Math.cbrt(volume / MOST_CUBES));
        ClayGrid.Ball ball = new ClayGrid(box, side).largest(bodies, holes);
        while (ball.diameter() > alone.mm() - side && !inOne(bodies, ball)) {
            if (side <= ball.diameter() * FINE) {
                Set<String> names = in(bodies, ball);
                return ball.diameter() <= alone.mm() + side || names.size() < 2
                        ? Optional.empty()
                        : Optional.of(
                                new OneLump(new Length(ball.diameter()), new Length(1.5 * side), List.copyOf(names)));
            }
            double half = ball.diameter() / 2 + 2 * side;
            side = Math.max(ball.diameter() * FINE, 2 * half / CUBES_ALONG);
            ball = new ClayGrid(ball.around(half), side).largest(bodies, holes);
        }
        return Optional.empty();
    }

    /** The largest ball in one body without some holes, to a thirtieth of its size; empty when there is no clay left. */
    static Optional<ClayGrid.Ball> largestIn(PlacedClay body, List<Body> holes, Length most) {
        List<PlacedClay> bodies = List.of(body);
        double[] box = body.reach();
        double volume = (box[3] - box[0]) * (box[4] - box[1]) * (box[5] - box[2]);
        double side = Math.max(most.mm() * FINE, Math.cbrt(volume / MOST_CUBES));
        ClayGrid.Ball ball = new ClayGrid(box, side).largest(bodies, holes);
        while (ball.diameter() > 0 && side > ball.diameter() * FINE) {
            double half = ball.diameter() / 2 + 2 * side;
            side = Math.max(ball.diameter() * FINE, 2 * half / CUBES_ALONG);
            ClayGrid.Ball finer = new ClayGrid(ball.around(half), side).largest(bodies, holes);
            if (finer.diameter() <= 0) {
                break;
            }
            ball = finer;
        }
        return ball.diameter() > 0 ? Optional.of(ball) : Optional.empty();
    }

    private static double[] around(List<PlacedClay> bodies) {
        double[] box = {1e9, 1e9, 1e9, -1e9, -1e9, -1e9};
        for (PlacedClay body : bodies) {
            double[] reach = body.reach();
            for (int i = 0; i < 3; i++) {
                box[i] = Math.min(box[i], reach[i]);
                box[i + 3] = Math.max(box[i + 3], reach[i + 3]);
            }
        }
        return box;
    }

    /** Whether most of a ball lies in one body. */
    private static boolean inOne(List<PlacedClay> bodies, ClayGrid.Ball ball) {
        return bodies.stream()
                .anyMatch(body -> ball.points(CORE_OF_BALL).stream().allMatch(at -> body.outer(at)));
    }

    private static Set<String> in(List<PlacedClay> bodies, ClayGrid.Ball ball) {
        Set<String> names = new LinkedHashSet<>();
        for (PlacedClay body : bodies) {
            if (ball.points(CORE_OF_BALL).stream().anyMatch(at -> body.outer(at))) {
                names.add(body.name());
            }
        }
        return names;
    }
}
