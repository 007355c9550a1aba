package fairember.core.blockcutting;

import java.util.List;

/**
 * What is cut from what.
 *
 * @param opened sticks that are cut, in the order they were given
 * @param unplaced pieces for which there is no stick
 */
public record CuttingPlan(List<Opened> opened, List<Want> unplaced) {
    public CuttingPlan {
        opened = List.copyOf(opened);
        unplaced = List.copyOf(unplaced);
    }

    /**
     * A stick and all that is cut from it.
     *
     * @param groups equal pieces together, the largest first
     * @param left over, in its unit
     */
    public record Opened(Stick stick, List<Want> groups, double left) {
        public Opened {
            groups = List.copyOf(groups);
        }

        /** Every cut parts one piece in two, so there is one less than there are pieces, what is left over counted. */
        public int cuts() {
            int pieces = groups.stream().mapToInt(Want::count).sum();
            return left > Cutting.NOTHING ? pieces : pieces - 1;
        }
    }

    /** What the opened sticks have left over. */
    public double leftOver() {
        return opened.stream().mapToDouble(Opened::left).sum();
    }

    public int cuts() {
        return opened.stream().mapToInt(Opened::cuts).sum();
    }

    /** Sizes of all pieces without a stick. */
    public double missing() {
        return unplaced.stream().mapToDouble(want -> want.size() * want.count()).sum();
    }

    /** Whether this plan leaves out less, or leaves less over, or takes fewer cuts, in this order. */
    boolean beats(CuttingPlan other) {
        if (Math.abs(missing() - other.missing()) > Cutting.NOTHING) {
            return missing() < other.missing();
        }
        if (Math.abs(leftOver() - other.leftOver()) > Cutting.NOTHING) {
            return leftOver() < other.leftOver();
        }
        return cuts() < other.cuts();
    }
}
