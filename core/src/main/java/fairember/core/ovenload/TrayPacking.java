package fairember.core.ovenload;

import fairember.core.measure.Length;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Lays boxes on a tray in rows: the deepest first, each row as deep as its first box. A box is turned when its longer
 * side would otherwise stand front to back, unless only the other way fits. Boxes keep the oven's gap from each other.
 */
final class TrayPacking {
    /** Things of one bake to be laid. */
    record Lot(String key, int count, Box unit) {}

    private record Flat(String key, double width, double depth, double height) {}

    private final double trayWidth;
    private final double trayDepth;
    private final double gap;

    TrayPacking(Oven oven) {
        this.trayWidth = oven.trayWidth().mm();
        this.trayDepth = oven.trayDepth().mm();
        this.gap = oven.gap().mm();
    }

    /** Whether one such thing fits an empty tray. */
    boolean takes(Box unit) {
        return turned("", unit).isPresent();
    }

    /** The places of all the lots, empty when the rows do not hold them. */
    Optional<List<Place>> lay(List<Lot> lots) {
        List<Flat> flats = new ArrayList<>();
        for (Lot lot : lots) {
            Optional<Flat> flat = turned(lot.key(), lot.unit());
            if (flat.isEmpty()) {
                return Optional.empty();
            }
            for (int i = 0; i < lot.count(); i++) {
                flats.add(flat.get());
            }
        }
        flats.sort(Comparator.comparingDouble(Flat::depth)
                .thenComparingDouble(Flat::width)
                .reversed());
        return rows(flats);
    }

    private Optional<List<Place>> rows(List<Flat> flats) {
        List<Place> places = new ArrayList<>();
        double across = 0;
        double back = 0;
        double rowDepth = 0;
        for (Flat flat : flats) {
            if (across > 0 && across + flat.width() > trayWidth) {
                back += rowDepth + gap;
                across = 0;
                rowDepth = 0;
            }
            if (back + flat.depth() > trayDepth) {
                return Optional.empty();
            }
            places.add(new Place(
                    flat.key(),
                    new Length(across),
                    new Length(back),
                    new Length(flat.width()),
                    new Length(flat.depth()),
                    new Length(flat.height())));
            across += flat.width() + gap;
            rowDepth = Math.max(rowDepth, flat.depth());
        }
        return Optional.of(places);
    }

    private Optional<Flat> turned(String key, Box unit) {
        double longer = Math.max(unit.width().mm(), unit.depth().mm());
        double shorter = Math.min(unit.width().mm(), unit.depth().mm());
        double height = unit.height().mm();
        if (longer <= trayWidth && shorter <= trayDepth) {
            return Optional.of(new Flat(key, longer, shorter, height));
        }
        return shorter <= trayWidth && longer <= trayDepth
                ? Optional.of(new Flat(key, shorter, longer, height))
                : Optional.empty();
    }
}
