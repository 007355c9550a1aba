package fairember.core.ovenload;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Fills a tray by keeping the greatest free rectangles; a thing goes where the least is left beside its shorter side. */
final class FreeRectangles implements TrayPacking.Filling {
    private record Rectangle(double left, double back, double width, double depth) {
        boolean holds(Rectangle o) {
            return o.left >= left
                    && o.back >= back
                    && o.left + o.width <= left + width + 1e-9
                    && o.back + o.depth <= back + depth + 1e-9;
        }

        boolean meets(Rectangle o) {
            return o.left < left + width - 1e-9
                    && left < o.left + o.width - 1e-9
                    && o.back < back + depth - 1e-9
                    && back < o.back + o.depth - 1e-9;
        }
    }

    private final double gap;
    private final Comparator<Flat> order;
    private List<Rectangle> free = new ArrayList<>();

    FreeRectangles(double width, double depth, double gap, Comparator<Flat> order) {
        this.gap = gap;
        this.order = order;
        free.add(new Rectangle(0, 0, width + gap, depth + gap));
    }

    @Override
    public Comparator<Flat> order() {
        return order;
    }

    @Override
    public double @Nullable [] lay(Flat flat) {
        Rectangle best = null;
        boolean turned = false;
        double least = Double.POSITIVE_INFINITY;
        for (int way = 0; way < (flat.turns() ? 2 : 1); way++) {
            double across = (way == 0 ? flat.width() : flat.depth()) + gap;
            double deep = (way == 0 ? flat.depth() : flat.width()) + gap;
            for (Rectangle r : free) {
                double lesser = Math.min(r.width() - across, r.depth() - deep);
                if (lesser >= -1e-9 && lesser < least) {
                    least = lesser;
                    turned = way == 1;
                    best = new Rectangle(r.left(), r.back(), across, deep);
                }
            }
        }
        if (best == null) {
            return null;
        }
        take(best);
        return new double[] {
            best.left(), best.back(), turned ? flat.depth() : flat.width(), turned ? flat.width() : flat.depth()
        };
    }

    private void take(Rectangle taken) {
        List<Rectangle> remaining = new ArrayList<>();
        List<Rectangle> cut = new ArrayList<>();
        for (Rectangle r : free) {
            if (!r.meets(taken)) {
                remaining.add(r);
                continue;
            }
            double right = taken.left() + taken.width();
            double front = taken.back() + taken.depth();
            add(cut, r.left(), r.back(), taken.left() - r.left(), r.depth());
            add(cut, right, r.back(), r.left() + r.width() - right, r.depth());
            add(cut, r.left(), r.back(), r.width(), taken.back() - r.back());
            add(cut, r.left(), front, r.width(), r.back() + r.depth() - front);
        }
        int old = remaining.size();
        for (int i = 0; i < cut.size(); i++) {
            if (!contained(cut, i, remaining, old)) {
                remaining.add(cut.get(i));
            }
        }
        free = remaining;
    }

    /** Whether a cut lies in an old rectangle, or in another cut of which it is no twin that comes first. */
    private static boolean contained(List<Rectangle> cut, int i, List<Rectangle> remaining, int old) {
        Rectangle r = cut.get(i);
        for (int j = 0; j < old; j++) {
            if (remaining.get(j).holds(r)) {
                return true;
            }
        }
        for (int j = 0; j < cut.size(); j++) {
            if (j != i && cut.get(j).holds(r) && (j < i || !r.holds(cut.get(j)))) {
                return true;
            }
        }
        return false;
    }

    private static void add(List<Rectangle> to, double left, double back, double width, double depth) {
        if (width > 1e-9 && depth > 1e-9) {
            to.add(new Rectangle(left, back, width, depth));
        }
    }
}
