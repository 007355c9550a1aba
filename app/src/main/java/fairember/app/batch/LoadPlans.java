package fairember.app.batch;

import fairember.app.turns.SearchTurns;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The plans that were found, for as long as the server runs. A plan is looked for once, by rule and, for few bakes of all
 * runs, by a short search, so that no page waits; when the problem has changed a little, it begins from the last plan of the
 * same scope, so that what a longer search found is not lost.
 */
@Service
public class LoadPlans {
    /** The scope of all batches that are not finished. */
    public static final String ALL = "all";

    private static final int REMEMBERED = 40;

    /** Up to a number of bakes a search is over before a page would be waited for. */
    private static final int MOST_SEARCHED = 12;

    private final SearchTurns turns;
    private final Map<LoadProblem, LoadPlan> found = new LinkedHashMap<>();
    private final Map<String, LoadPlan> last = new HashMap<>();

    LoadPlans(SearchTurns turns) {
        this.turns = turns;
    }

    /**
     * The plan of a problem, looked for when there is none yet. No page waits for another's: while searches run, and for a
     * batch by itself, it is planned by rule.
     */
    public LoadPlan plan(String scope, LoadProblem problem) {
        LoadPlan known = known(problem);
        if (known != null) {
            return known;
        }
        boolean searched = scope.equals(ALL) && problem.bakes().size() <= MOST_SEARCHED && turns.free();
        LoadPlan plan = LoadPlanning.plan(
                problem, searched ? Effort.SEARCH : Effort.RULES, earlier(scope), () -> false, better -> {});
        keep(scope, problem, plan);
        return plan;
    }

    private synchronized @Nullable LoadPlan known(LoadProblem problem) {
        return found.get(problem);
    }

    /** The last plan of a scope. */
    public synchronized Optional<LoadPlan> earlier(String scope) {
        return Optional.ofNullable(last.get(scope));
    }

    /** Keeps a plan in place of the one there was. */
    public synchronized void keep(String scope, LoadProblem problem, LoadPlan plan) {
        found.remove(problem);
        found.put(problem, plan);
        last.put(scope, plan);
        if (found.size() > REMEMBERED) {
            found.remove(found.keySet().iterator().next());
        }
        if (last.size() > REMEMBERED) {
            last.keySet().removeIf(other -> !other.equals(scope) && !other.equals(ALL));
        }
    }
}
