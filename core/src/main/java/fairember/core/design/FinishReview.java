package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import fairember.core.stock.SupplyKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Says of paint, varnish and resin what does not hold, shine or dry as it is put on. */
final class FinishReview {
    /** What is put on less of a part is not meant to hide it. */
    private static final double MOST = 0.5;
    /** What is put on this much of a design is put on all of it. */
    private static final double ALL = 0.99;

    private FinishReview() {}

    /**
     * Advice on the finish of a design.
     *
     * @param uses in the order of its steps
     */
    static List<Advice> advice(Design design, List<MeasuredUse> uses) {
        List<Advice> advice = new ArrayList<>();
        bare(design, uses).ifPresent(advice::add);
        sheen(design, uses).ifPresent(advice::add);
        glossPaint(design, uses).ifPresent(advice::add);
        sticky(design, uses).ifPresent(advice::add);
        thin(design, uses).ifPresent(advice::add);
        return advice;
    }

    /** Paint on clay that was neither sanded nor primed before. */
    private static Optional<Advice> bare(Design design, List<MeasuredUse> uses) {
        return uses.stream()
                .filter(use -> use.supply().kind().paints() && use.use().coats() > 0)
                .findFirst()
                .filter(paint -> uses.stream()
                        .noneMatch(use ->
                                use.step() <= paint.step() && use.supply().kind() == SupplyKind.PRIMER))
                .filter(paint -> design.steps().subList(0, paint.step()).stream()
                        .noneMatch(step -> step.kind() == StepKind.SAND || step.kind() == StepKind.PRIME))
                .map(paint -> new Advice(
                        "finish-keyed",
                        Grade.CAUTION,
                        "'%s' goes on bare cured clay, which is smooth and greasy: it may rub off."
                                .formatted(paint.supply().name()),
                        "Sand, wipe with alcohol and let it dry, or prime before.",
                        List.of(design.name())));
    }

    /** A gloss varnish under a matt one: the matt one is what is seen. */
    private static Optional<Advice> sheen(Design design, List<MeasuredUse> uses) {
        for (int i = 1; i < uses.size(); i++) {
            MeasuredUse before = uses.get(i - 1);
            MeasuredUse after = uses.get(i);
            if (before.supply().kind() == SupplyKind.VARNISH_GLOSS
                    && after.supply().kind() == SupplyKind.VARNISH_MATT
                    && before.use().share().of1() <= after.use().share().of1()) {
                return Optional.of(new Advice(
                        "finish-sheen",
                        Grade.CAUTION,
                        "'%s' under '%s' is not seen: the last coat decides how it shines."
                                .formatted(
                                        before.supply().name(), after.supply().name()),
                        "Put gloss on last, where you want it, or leave it out.",
                        List.of(design.name())));
            }
        }
        return Optional.empty();
    }

    /** Gloss paint that no varnish covers all over: it shines on what is matt. */
    private static Optional<Advice> glossPaint(Design design, List<MeasuredUse> uses) {
        return uses.stream()
                .filter(use -> use.supply().kind() == SupplyKind.PAINT_GLOSS)
                .filter(paint -> uses.stream()
                        .noneMatch(use -> use.step() >= paint.step()
                                && use.supply().kind().varnish()
                                && use.use().share().of1() >= ALL))
                .findFirst()
                .map(paint -> new Advice(
                        "finish-gloss-paint",
                        Grade.CAUTION,
                        "'%s' shines, and no varnish goes over all of the piece after it: it stands out on matt clay and matt paint."
                                .formatted(paint.supply().name()),
                        "Varnish all of it, or use a matt paint.",
                        List.of(design.name())));
    }

    /** Paint in too few coats to hide what is below it. */
    private static Optional<Advice> thin(Design design, List<MeasuredUse> uses) {
        return uses.stream()
                .filter(use -> use.supply().kind().paints() && use.use().share().of1() >= MOST)
                .flatMap(use -> use.painted().stream()
                        .filter(part ->
                                part.hides() == 0 || part.hides() > use.use().coats())
                        .max(Comparator.comparingDouble(PaintedPart::shows))
                        .map(part -> thin(design, use, part))
                        .stream())
                .findFirst();
    }

    private static Advice thin(Design design, MeasuredUse use, PaintedPart part) {
        String paint = use.supply().name();
        return new Advice(
                "finish-cover",
                Grade.TIP,
                "'%s' shows through %s of '%s': a colour difference of %.1f from a thick coat."
                        .formatted(
                                design.parts().get(part.part()).name(),
                                use.use().coats() == 1 ? "one coat" : use.use().coats() + " coats",
                                paint,
                                part.shows()),
                part.hides() == 0
                        ? "Prime it in white first, or use a paint that hides better."
                        : "Give it %d coats if nothing should show through.".formatted(part.hides()),
                List.of(design.name()));
    }

    private static Optional<Advice> sticky(Design design, List<MeasuredUse> uses) {
        return uses.stream()
                .filter(use -> use.supply().kind().varnish() && !use.supply().waterBased())
                .findFirst()
                .map(varnish -> new Advice(
                        "finish-sticky",
                        Grade.CAUTION,
                        "'%s' is not water-based: some of these never dry on cured clay."
                                .formatted(varnish.supply().name()),
                        "Try it on a scrap of the same clay, and wait two weeks.",
                        List.of(design.name())));
    }
}
