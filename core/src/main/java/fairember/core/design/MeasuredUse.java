package fairember.core.design;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Minutes;
import fairember.core.stock.Paint;
import fairember.core.stock.Supply;
import java.util.List;

/**
 * What a step uses of a supply, worked out.
 *
 * @param step counted from 0
 * @param use as it was given
 * @param surface that it is put on, of one piece; where parts touch, both are counted
 * @param each what one piece takes, in the supply's unit
 * @param drying of all its coats in the studio's room, whole minutes
 * @param painted the parts it colours, and how they look then; none of what does not hide anything
 */
public record MeasuredUse(
        int step, StepUse use, Paint paint, Area surface, double each, Minutes drying, List<PaintedPart> painted) {
    private static final double ROUNDING = 1e-6;

    /**
     * A use of a step.
     *
     * @throws InvalidInputException on "coats" when the supply is not put on in coats, on "part" when there is none
     */
    static MeasuredUse of(int step, StepUse use, Paint paint, List<Part> parts, Room room, PaintedSurfaces surfaces) {
        Supply supply = paint.supply();
        if (use.coats() > 0 && !supply.kind().coats()) {
            throw new InvalidInputException(
                    "coats", use.coats() + " coats of " + supply.name(), "none", "Enter how much one piece takes.");
        }
        Area surface = surface(use, parts).times(use.share().of1());
        double slow = supply.waterBased() ? room.slowness() : 1;
        return new MeasuredUse(
                step,
                use,
                paint,
                surface,
                use.each() + supply.forCoats(surface, use.coats()),
                new Minutes(Math.ceil(supply.drying().min() * use.coats() * slow - ROUNDING)),
                surfaces.painted(use, paint));
    }

    private static Area surface(StepUse use, List<Part> parts) {
        Integer part = use.part();
        if (part == null) {
            return parts.stream().map(MeasuredUse::surface).reduce(Area.ZERO, Area::plus);
        }
        if (part < 0 || part >= parts.size()) {
            throw new InvalidInputException(
                    "part", "part " + (part + 1), "1 to " + parts.size(), "Choose a part of this design.");
        }
        return surface(parts.get(part));
    }

    private static Area surface(Part part) {
        return part.shape().surface().times(part.count());
    }

    /** What is used. */
    public Supply supply() {
        return paint.supply();
    }

    /** What a batch of so many pieces takes. */
    public double of(int pieces) {
        return use.setup() + each * pieces;
    }
}
