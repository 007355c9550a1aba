package fairember.app.batch;

import fairember.app.live.LiveUpdates;
import fairember.app.turns.SearchTurns;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import jakarta.annotation.PreDestroy;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/**
 * The plans that were found, for as long as the server runs. A page never waits for a search: a problem is planned by rule,
 * from the last plan of the same scope, so that what a longer search found is not lost. When more than the time has changed,
 * the plan of few bakes is then improved beside the requests, and open pages are told when that is done.
 */
@Service
public class LoadPlans {
    /** The scope of all batches that are not finished. */
    public static final String ALL = "all";

    private static final Logger LOG = LoggerFactory.getLogger(LoadPlans.class);
    private static final int REMEMBERED = 40;

    /** Up to a number of bakes a plan is improved without being asked for. */
    private static final int MOST_SEARCHED = 12;

    private final SearchTurns turns;
    private final LiveUpdates live;
    private final Improving improving;
    private final Map<LoadProblem, LoadPlan> found = new LinkedHashMap<>();
    private final Map<String, LoadPlan> last = new HashMap<>();
    private final Map<PlanShape, LoadPlan> byShape = new LinkedHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "plan renewal");
        thread.setDaemon(true);
        return thread;
    });

    private @Nullable PlanShape renewed;
    private @Nullable LoadProblem waiting;
    private boolean waitingSteady;
    private volatile boolean renewing;
    private volatile boolean closed;
    private int kept;

    /** Where plans are improved after they were made by rule. */
    enum Improving {
        BESIDE_REQUESTS,
        /** Where a test wants no waiting. */
        WITHIN_REQUESTS,
        /** Where a test is about something else. */
        WHEN_ASKED
    }

    LoadPlans(
            SearchTurns turns,
            LiveUpdates live,
            @Value("${fairember.plans-improved:BESIDE_REQUESTS}") Improving improving) {
        this.turns = turns;
        this.live = live;
        this.improving = improving;
    }

    /** The plan of a problem, made when there is none yet; a better one of all batches may follow. */
    public LoadPlan plan(String scope, LoadProblem problem) {
        LoadPlan known = known(problem);
        if (known != null) {
            return known;
        }
        boolean improved = scope.equals(ALL) && problem.bakes().size() <= MOST_SEARCHED;
        Effort effort = improved && improving == Improving.WITHIN_REQUESTS ? Effort.SEARCH : Effort.RULES;
        Optional<LoadPlan> earlier = earlier(scope, problem);
        LoadPlan plan = LoadPlanning.plan(problem, effort, earlier, () -> false, better -> {});
        keep(scope, problem, plan);
        if (improved && improving == Improving.BESIDE_REQUESTS) {
            renew(problem, earlier.isPresent());
        }
        return plan;
    }

    /** Whether a better plan is being looked for, without having been asked for. */
    public boolean renewing() {
        return renewing;
    }

    /** The plan there was when the same was to be done, as before something that was undone; or else the last one. */
    private synchronized Optional<LoadPlan> earlier(String scope, LoadProblem problem) {
        LoadPlan same = scope.equals(ALL) ? byShape.get(PlanShape.of(problem)) : null;
        return same == null ? earlier(scope) : Optional.of(same);
    }

    /** @param steady whether there was a plan that people go by */
    private synchronized void renew(LoadProblem problem, boolean steady) {
        PlanShape shape = PlanShape.of(problem);
        if (shape.equals(renewed)) {
            return;
        }
        renewed = shape;
        waiting = problem;
        waitingSteady = steady;
        if (!renewing) {
            renewing = true;
            worker.execute(this::renewAll);
        }
    }

    private void renewAll() {
        try {
            for (LoadProblem problem = next(); problem != null; problem = next()) {
                LoadProblem one = problem;
                Optional<LoadPlan> earlier = waitingSteady ? earlier(ALL, one) : Optional.empty();
                LoadPlan plan = turns.inTurn(
                        this::isOvertaken,
                        () -> {},
                        () -> LoadPlanning.plan(one, Effort.SEARCH, earlier, this::isOvertaken, better -> {}));
                keep(ALL, one, plan);
            }
        } catch (RuntimeException | LinkageError trouble) {
            LOG.error("The search for a better plan failed", trouble);
            end();
        }
        live.tellPlan();
    }

    private synchronized boolean isOvertaken() {
        return closed || waiting != null;
    }

    private synchronized @Nullable LoadProblem next() {
        LoadProblem next = closed ? null : waiting;
        waiting = null;
        renewing = next != null;
        return next;
    }

    private synchronized void end() {
        waiting = null;
        renewing = false;
    }

    private synchronized @Nullable LoadPlan known(LoadProblem problem) {
        return found.get(problem);
    }

    /** Another number after every plan that is kept. */
    synchronized int state() {
        return kept;
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
        if (scope.equals(ALL)) {
            PlanShape shape = PlanShape.of(problem);
            byShape.remove(shape);
            byShape.put(shape, plan);
            if (byShape.size() > REMEMBERED) {
                byShape.remove(byShape.keySet().iterator().next());
            }
        }
        kept++;
        if (found.size() > REMEMBERED) {
            found.remove(found.keySet().iterator().next());
        }
        if (last.size() > REMEMBERED) {
            last.keySet().removeIf(other -> !other.equals(scope) && !other.equals(ALL));
        }
    }

    @PreDestroy
    void close() {
        closed = true;
        worker.shutdownNow();
    }
}
