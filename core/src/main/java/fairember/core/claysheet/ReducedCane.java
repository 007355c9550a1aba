package fairember.core.claysheet;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.List;

/**
 * What a cane gives.
 *
 * @param cane what was packed
 * @param packed diameter of the rods pressed together, no air left between them
 * @param wrapped diameter with the sheets round them
 * @param before size before it is reduced: that diameter, or the side of the square it is pressed to
 * @param reduced length after it is reduced
 * @param slices whole slices between the wasted ends
 * @param sliceArea of one, mm²
 * @param masses grams of each kind of rod, then of each wrap
 * @param wasted share of the clay in the two ends, 0 to 1
 */
public record ReducedCane(
        Cane cane,
        Length packed,
        Length wrapped,
        Length before,
        Length reduced,
        int slices,
        double sliceArea,
        List<Mass> masses,
        double wasted) {
    public ReducedCane {
        masses = List.copyOf(masses);
    }

    /** Area that all slices cover side by side, mm². */
    public double covers() {
        return slices * sliceArea;
    }

    /** Slices that cover an area a number of times, none of them cut. */
    public int slicesFor(Area area, int times) {
        return times * (int) Math.ceil(area.mm2() / sliceArea - 1e-9);
    }

    /** How long the packed log has to be for a number of slices. */
    public Length lengthFor(int wantedSlices) {
        double after = wantedSlices * cane.slice().mm() + 2 * cane.endWaste().mm();
        double times = cane.size().mm() / before.mm();
        return new Length(after * times * times);
    }
}
