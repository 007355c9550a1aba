package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Searches from some starts in turn, each by its own way; the best of them, or the best there was before. */
final class Searches {
    private final Table table;
    private final BooleanSupplier stop;
    private final int drafts;
    private final List<Annealing> all = new ArrayList<>();
    private Draft best;

    /**
     * Not begun yet.
     *
     * @param firsts drafts to begin from
     * @param many searches; when there are more than drafts, they begin from these again
     * @param drafts that each looks at
     * @param given each draft that is better than the best before its search
     */
    Searches(
            Table table,
            Slots slots,
            Draft before,
            List<Draft> firsts,
            int many,
            int drafts,
            BooleanSupplier stop,
            Consumer<Draft> given) {
        this.table = table;
        this.stop = stop;
        this.drafts = drafts;
        this.best = before;
        for (int seed = 0; seed < many; seed++) {
            Consumer<Draft> reportIfBetter = draft -> {
                if (outcome(draft).compareTo(outcome(best)) < 0) {
                    given.accept(draft);
                }
            };
            all.add(new Annealing(table, slots, firsts.get(seed % firsts.size()), stop, reportIfBetter, seed));
        }
    }

    /** Each for all objectives. */
    Draft run() {
        forTheFirst();
        return forTheOthers();
    }

    /** Each for the first objective. */
    Draft forTheFirst() {
        for (int seed = 0; seed < all.size() && !stop.getAsBoolean(); seed++) {
            keep(all.get(seed).runForTheFirst(drafts));
        }
        return best;
    }

    /** Each goes on for the other objectives, the first getting no worse. */
    Draft forTheOthers() {
        for (int seed = 0; seed < all.size() && !stop.getAsBoolean(); seed++) {
            keep(all.get(seed).runForTheOthers(drafts));
        }
        return best;
    }

    private void keep(Draft found) {
        best = outcome(found).compareTo(outcome(best)) < 0 ? found : best;
    }

    private Outcome outcome(Draft draft) {
        return LoadPlanning.outcome(table, draft);
    }
}
