package fairember.core.ovenload;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Fills a tray in rows: each thing goes into the first row that has room, the deepest things first. */
final class Rows implements TrayPacking.Filling {
    /** How things that may be turned lie in a row. */
    enum Orientation {
        LONG_ACROSS,
        LONG_DEEP
    }

    /** What rounding may add, in mm. */
    private static final double HAIR = 1e-9;

    private static final class Row {
        final double back;
        final double deep;
        double across;

        Row(double back, double deep) {
            this.back = back;
            this.deep = deep;
        }
    }

    private final double width;
    private final double depth;
    private final double gap;
    private final Orientation orientation;
    private final List<Row> rows = new ArrayList<>();
    private double free;

    Rows(double width, double depth, double gap, Orientation orientation) {
        this.width = width;
        this.depth = depth;
        this.gap = gap;
        this.orientation = orientation;
    }

    @Override
    public Comparator<Flat> order() {
        return Comparator.comparingDouble((Flat f) -> deep(f))
                .thenComparingDouble(this::across)
                .reversed();
    }

    private boolean lies(double across, double deep) {
        return across <= width && deep <= depth;
    }

    private boolean turned(Flat f) {
        if (!f.turns()) {
            return false;
        }
        boolean asked = orientation == Orientation.LONG_ACROSS ? f.width() < f.depth() : f.width() > f.depth();
        return asked ? lies(f.depth(), f.width()) : !lies(f.width(), f.depth());
    }

    private double across(Flat f) {
        return turned(f) ? f.depth() : f.width();
    }

    private double deep(Flat f) {
        return turned(f) ? f.width() : f.depth();
    }

    @Override
    public double @Nullable [] lay(Flat flat) {
        double across = across(flat);
        double deep = deep(flat);
        for (Row row : rows) {
            double[] at = inRow(row, across, deep);
            if (at == null && flat.turns()) {
                at = inRow(row, deep, across);
            }
            if (at != null) {
                return at;
            }
        }
        if (free + deep > depth + HAIR) {
            return null;
        }
        Row row = new Row(free, deep);
        rows.add(row);
        free += deep + gap;
        return inRow(row, across, deep);
    }

    private double @Nullable [] inRow(Row row, double across, double deep) {
        if (deep > row.deep || row.across + across > width + HAIR) {
            return null;
        }
        double left = row.across;
        row.across += across + gap;
        return new double[] {left, row.back, across, deep};
    }
}
