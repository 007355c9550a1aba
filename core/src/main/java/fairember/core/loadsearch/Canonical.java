package fairember.core.loadsearch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A problem in an order of its own, so that a plan does not depend on the order in which its bakes were given. */
final class Canonical {
    /** By what a bake is; the key decides between two that are alike. */
    private static final Comparator<Bake> BY_NATURE = Comparator.comparingDouble(
                    (Bake bake) -> bake.due().orElse(Double.MAX_VALUE))
            .thenComparingDouble(bake -> bake.hands().from().min())
            .thenComparingDouble(bake -> -bake.bakingTime().min())
            .thenComparingDouble(bake -> bake.low().c())
            .thenComparingInt(Bake::count)
            .thenComparing(Bake::key);

    private Canonical() {}

    /** The same problem, each bake after those it waits for; bakes that wait in a ring come last. */
    static LoadProblem of(LoadProblem problem) {
        List<Bake> waiting = new ArrayList<>(problem.bakes());
        waiting.sort(BY_NATURE);
        Set<BakeKey> here = new HashSet<>();
        problem.bakes().forEach(bake -> here.add(bake.key()));
        List<Bake> ordered = new ArrayList<>();
        Set<BakeKey> before = new HashSet<>();
        for (int i = 0; i < waiting.size(); ) {
            Bake next = waiting.get(i);
            boolean ready =
                    next.after().stream().allMatch(wait -> before.contains(wait.key()) || !here.contains(wait.key()));
            if (ready) {
                ordered.add(waiting.remove(i));
                before.add(next.key());
                i = 0;
            } else {
                i++;
            }
        }
        ordered.addAll(waiting);
        List<LoadProblem.Apart> apart = problem.apart().stream()
                .map(Canonical::turned)
                .sorted(Comparator.comparing(LoadProblem.Apart::one).thenComparing(LoadProblem.Apart::other))
                .toList();
        return new LoadProblem(problem.ovens(), problem.makers(), ordered, apart, problem.pins(), problem.order());
    }

    /** A pair with its keys in order. */
    private static LoadProblem.Apart turned(LoadProblem.Apart pair) {
        List<BakeKey> keys = new ArrayList<>(List.of(pair.one(), pair.other()));
        keys.sort(Comparator.naturalOrder());
        return new LoadProblem.Apart(keys.get(0), keys.get(1));
    }
}
