package fairember.app.batch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.quantity.Minutes;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A problem of loads without what changes as time goes by: what moves is the same problem a minute later, what differs is
 * another one.
 */
record PlanShape(
        List<Oven> ovens,
        int atOnce,
        List<Bake> bakes,
        List<LoadProblem.Apart> apart,
        List<List<LoadProblem.PinnedItem>> pinned) {

    static PlanShape of(LoadProblem problem) {
        double firstDue = problem.bakes().stream()
                .flatMapToDouble(bake -> bake.due().stream())
                .min()
                .orElse(0);
        return new PlanShape(
                problem.ovens().stream().map(LoadProblem.OvenUse::oven).toList(),
                problem.makers().atOnce(),
                problem.bakes().stream().map(bake -> timeless(bake, firstDue)).toList(),
                problem.apart(),
                problem.pins().stream().map(LoadProblem.PinnedLoad::items).toList());
    }

    private static Bake timeless(Bake bake, double firstDue) {
        OptionalDouble due = bake.due().isPresent()
                ? OptionalDouble.of(bake.due().getAsDouble() - firstDue)
                : OptionalDouble.empty();
        return new Bake(
                bake.key(),
                bake.name(),
                bake.count(),
                bake.least(),
                bake.unit(),
                bake.turns(),
                bake.low(),
                bake.high(),
                bake.bakingTime(),
                bake.most(),
                new Bake.Hands(Minutes.ZERO, bake.hands().work()),
                bake.after(),
                due);
    }
}
