package fairember.app.run;

import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/**
 * The plans that were found, for as long as the server runs. A plan is looked for once, by rule and, for few bakes of all
 * runs, by a short search, so that no page waits; when the problem has changed a little, it begins from the last plan of the
 * same scope, so that what a longer search found is not lost.
 */
@Service
public class LoadPlans {
    /** The scope of all runs that are not finished. */
    public static final String ALL = "all";

    private static final int REMEMBERED = 40;

    /** Up to so many bakes a search is over before a page would be waited for. */
    private static final int MOST_SEARCHED = 12;

    private final Map<LoadProblem, LoadPlan> found = new LinkedHashMap<>();
    private final Map<String, LoadPlan> last = new HashMap<>();

    /** The plan of a problem, looked for when there is none yet. */
    public synchronized LoadPlan plan(String scope, LoadProblem problem) {
        LoadPlan known = found.get(problem);
        if (known == null) {
            Effort effort = scope.equals(ALL) && problem.bakes().size() <= MOST_SEARCHED ? Effort.SEARCH : Effort.RULES;
            known = LoadPlanning.plan(problem, effort, earlier(scope), () -> false, plan -> {});
            keep(scope, problem, known);
        }
        return known;
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
