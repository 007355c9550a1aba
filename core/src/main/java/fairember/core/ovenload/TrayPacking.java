package fairember.core.ovenload;

import fairember.core.quantity.Length;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Lays boxes on the trays of an oven: in rows first, and in the greatest free rectangles (Jylänki, 2010) where rows do
 * not do. Low trays are filled before high ones, so that what is tall finds room. Boxes keep the oven's gap from each
 * other, none lies on another. When it finds no places there may still be some: it is a good packer, no perfect one.
 */
public final class TrayPacking {
    /** Over a number of things rows are nearly as good, and rectangles slow. */
    private static final int MOST_FOR_RECTANGLES = 150;

    /** Nearer to full than this, rectangles that rows did not lay are as good as never laid. */
    private static final double FULL = 0.97;

    private static final List<Comparator<Flat>> ORDERS = List.of(
            Comparator.comparingDouble((Flat f) -> f.width() * f.depth()).reversed(),
            Comparator.comparingDouble((Flat f) -> Math.max(f.width(), f.depth()))
                    .reversed(),
            Comparator.comparingDouble((Flat f) -> f.width() + f.depth()).reversed());

    private final Oven oven;
    private final double width;
    private final double depth;
    private final double gap;
    private final List<Tray> trays;

    /** Things alike that are to be laid. */
    public record Lot(BakeKey key, int count, Box unit, boolean turns) {}

    /** A tray of the oven: which, and the free height above it. */
    private record Tray(int shelf, double clearance) {}

    public TrayPacking(Oven oven) {
        this.oven = oven;
        this.width = oven.trayWidth().mm();
        this.depth = oven.trayDepth().mm();
        this.gap = oven.gap().mm();
        List<Tray> low = new ArrayList<>();
        for (int i = 0; i < oven.shelves().size(); i++) {
            low.add(new Tray(i, oven.shelves().get(i).mm()));
        }
        low.sort(Comparator.comparingDouble(Tray::clearance));
        this.trays = List.copyOf(low);
    }

    /** Whether one such thing fits the empty oven. */
    public boolean takes(Box unit, boolean turns) {
        return unit.height().compareTo(oven.clearance()) <= 0
                && (fits(unit.width(), unit.depth()) || (turns && fits(unit.depth(), unit.width())));
    }

    private boolean fits(Length across, Length deep) {
        return across.mm() <= width && deep.mm() <= depth;
    }

    /** The places of all the lots, empty when none were found. */
    public Optional<List<Place>> lay(List<Lot> lots) {
        List<Flat> flats = new ArrayList<>();
        double area = 0;
        for (Lot lot : lots) {
            if (!takes(lot.unit(), lot.turns())) {
                return Optional.empty();
            }
            Flat flat = new Flat(
                    lot.key(),
                    lot.unit().width().mm(),
                    lot.unit().depth().mm(),
                    lot.unit().height().mm(),
                    lot.turns());
            area += lot.count() * (flat.width() + gap) * (flat.depth() + gap);
            for (int i = 0; i < lot.count(); i++) {
                flats.add(flat);
            }
        }
        if (area > trays.size() * (width + gap) * (depth + gap) * (1 + 1e-9)) {
            return Optional.empty();
        }
        for (Rows.Orientation orientation : Rows.Orientation.values()) {
            Optional<List<Place>> laid = fill(flats, () -> new Rows(width, depth, gap, orientation));
            if (laid.isPresent()) {
                return laid;
            }
        }
        boolean dense = area > FULL * trays.size() * (width + gap) * (depth + gap);
        if (flats.size() <= MOST_FOR_RECTANGLES && !dense) {
            for (Comparator<Flat> order : ORDERS) {
                Optional<List<Place>> laid = fill(flats, () -> new FreeRectangles(width, depth, gap, order));
                if (laid.isPresent()) {
                    return laid;
                }
            }
        }
        return Optional.empty();
    }

    /** One way to fill a tray. */
    sealed interface Filling permits Rows, FreeRectangles {
        /** The order in which things are tried. */
        Comparator<Flat> order();

        /** Lays one thing; null when it finds no room. */
        double @Nullable [] lay(Flat flat);
    }

    private Optional<List<Place>> fill(List<Flat> flats, Supplier<Filling> filling) {
        List<Place> places = new ArrayList<>();
        List<Flat> left = new ArrayList<>(flats);
        left.sort(filling.get().order());
        for (int t = 0; t < trays.size(); t++) {
            Tray tray = trays.get(t);
            boolean last = t == trays.size() - 1;
            Filling tried = filling.get();
            List<Flat> over = new ArrayList<>();
            for (Flat flat : left) {
                double[] at = flat.height() <= tray.clearance() ? tried.lay(flat) : null;
                if (at == null && last) {
                    return Optional.empty();
                }
                if (at == null) {
                    over.add(flat);
                } else {
                    places.add(place(flat, tray.shelf(), at));
                }
            }
            left = over;
        }
        return left.isEmpty() ? Optional.of(places) : Optional.empty();
    }

    private static Place place(Flat flat, int shelf, double[] at) {
        return new Place(
                flat.key(),
                shelf,
                new Length(at[0]),
                new Length(at[1]),
                new Length(at[2]),
                new Length(at[3]),
                new Length(flat.height()));
    }
}
