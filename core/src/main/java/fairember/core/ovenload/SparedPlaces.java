package fairember.core.ovenload;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays what is packed so that less of it lies where the tray is too warm or too cool: each tray is seen in its mirrors,
 * then things that still lie badly change places with others of their size, or go where there is room.
 */
public final class SparedPlaces {
    /** Over a number of things on a tray nothing is moved singly. */
    private static final int MOST_MOVED = 120;

    private static final double EPS = 1e-6;

    private final Oven oven;
    private final HotPlaces hot;

    private SparedPlaces(Oven oven, HotPlaces hot) {
        this.oven = oven;
        this.hot = hot;
    }

    /** The same things on the same trays, never more of them lying badly; as they were when none does. */
    public static List<Place> of(Oven oven, HotPlaces hot, List<Place> places) {
        if (places.stream().noneMatch(hot::unfit)) {
            return places;
        }
        SparedPlaces spared = new SparedPlaces(oven, hot);
        return IntStream.range(0, oven.shelves().size())
                .mapToObj(
                        shelf -> places.stream().filter(p -> p.shelf() == shelf).toList())
                .flatMap(tray -> spared.moved(spared.mirrored(tray)).stream())
                .toList();
    }

    private long unfit(List<Place> tray) {
        return tray.stream().filter(hot::unfit).count();
    }

    private List<Place> mirrored(List<Place> tray) {
        UnaryOperator<Place> across = p -> at(
                p,
                oven.trayWidth().mm() - p.left().mm() - p.width().mm(),
                p.back().mm());
        UnaryOperator<Place> deep = p -> at(
                p,
                p.left().mm(),
                oven.trayDepth().mm() - p.back().mm() - p.depth().mm());
        return Stream.<UnaryOperator<Place>>of(p -> p, across, deep, p -> deep.apply(across.apply(p)))
                .map(mirror -> tray.stream().map(mirror).toList())
                .reduce((best, other) -> unfit(other) < unfit(best) ? other : best)
                .orElse(tray);
    }

    private List<Place> moved(List<Place> tray) {
        List<Place> now = new ArrayList<>(tray);
        for (int i = 0; i < now.size() && now.size() <= MOST_MOVED; i++) {
            if (hot.unfit(now.get(i))) {
                OptionalInt other = partner(now, i);
                if (other.isPresent()) {
                    Place one = now.get(i);
                    Place two = now.get(other.getAsInt());
                    now.set(i, at(one, two.left().mm(), two.back().mm()));
                    now.set(
                            other.getAsInt(),
                            at(two, one.left().mm(), one.back().mm()));
                } else {
                    now.set(i, free(now, i));
                }
            }
        }
        return now;
    }

    /** A thing of the same size that would lie well here while this lies well there. */
    private OptionalInt partner(List<Place> tray, int i) {
        Place one = tray.get(i);
        return IntStream.range(0, tray.size())
                .filter(k -> {
                    Place two = tray.get(k);
                    return same(one.width(), two.width())
                            && same(one.depth(), two.depth())
                            && !hot.unfit(at(one, two.left().mm(), two.back().mm()))
                            && !hot.unfit(at(two, one.left().mm(), one.back().mm()));
                })
                .findFirst();
    }

    /** The same thing in the first corner beside others where it has room and lies well; or where it was. */
    private Place free(List<Place> tray, int i) {
        Place one = tray.get(i);
        double gap = oven.gap().mm();
        double right = oven.trayWidth().mm() - one.width().mm();
        double front = oven.trayDepth().mm() - one.depth().mm();
        for (double left :
                edges(tray.stream().mapToDouble(p -> p.left().mm() + p.width().mm() + gap), right)) {
            for (double back : edges(
                    tray.stream().mapToDouble(p -> p.back().mm() + p.depth().mm() + gap), front)) {
                Place there = at(one, left, back);
                boolean room = IntStream.range(0, tray.size()).allMatch(k -> k == i || apart(there, tray.get(k), gap));
                if (room && !hot.unfit(there)) {
                    return there;
                }
            }
        }
        return one;
    }

    private static double[] edges(DoubleStream after, double last) {
        return DoubleStream.concat(DoubleStream.of(0, last), after)
                .filter(edge -> edge >= 0 && edge <= last + EPS)
                .sorted()
                .distinct()
                .toArray();
    }

    private static boolean apart(Place a, Place b, double gap) {
        return a.left().mm() + a.width().mm() + gap <= b.left().mm() + EPS
                || b.left().mm() + b.width().mm() + gap <= a.left().mm() + EPS
                || a.back().mm() + a.depth().mm() + gap <= b.back().mm() + EPS
                || b.back().mm() + b.depth().mm() + gap <= a.back().mm() + EPS;
    }

    private static boolean same(Length a, Length b) {
        return Math.abs(a.mm() - b.mm()) < EPS;
    }

    private static Place at(Place p, double left, double back) {
        return new Place(
                p.key(),
                p.shelf(),
                new Length(Math.max(0, left)),
                new Length(Math.max(0, back)),
                p.width(),
                p.depth(),
                p.height());
    }
}
