package fairember.core.design;

import fairember.core.colour.Srgb;
import fairember.core.stock.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** How the parts of a design look from step to step: first as their clay does, then as they are painted. */
final class PaintedSurfaces {
    /** What is painted on less of a part leaves most of it as it was. */
    private static final double MOST = 0.5;

    private final List<Srgb> colours = new ArrayList<>();

    PaintedSurfaces(List<MeasuredPart> parts) {
        parts.forEach(part -> colours.add(part.mix().colour().cured().srgb()));
    }

    /** The parts that coats of a paint are put on, and how they look with it; from now on they look so where most of them is painted. */
    List<PaintedPart> painted(StepUse use, Paint paint) {
        if (use.coats() == 0 || !paint.supply().kind().hides() || paint.colorant() == null) {
            return List.of();
        }
        Integer only = use.part();
        List<PaintedPart> painted = IntStream.range(0, colours.size())
                .filter(part -> only == null || only == part)
                .mapToObj(part -> PaintedPart.of(part, colours.get(part), paint, use.coats()))
                .toList();
        if (use.share().of1() >= MOST) {
            painted.forEach(part -> colours.set(part.part(), part.above()));
        }
        return painted;
    }
}
