package fairember.app.baking;

import fairember.app.batch.LoadPlans;
import fairember.app.batch.Planning;
import fairember.app.turns.SearchTurns;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Looks for a better plan of all batches, one search at a time; what it finds takes the place of the plan there is. */
@Service
class PlanSearch {
    private static final Logger LOG = LoggerFactory.getLogger(PlanSearch.class);

    private final Planning planning;
    private final LoadPlans plans;
    private final SearchTurns turns;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "load plan search");
        thread.setDaemon(true);
        return thread;
    });

    private @Nullable Look look;

    /** One search. */
    private static final class Look {
        private final Instant begun = Instant.now();
        private volatile SearchView.State state = SearchView.State.WAITING;
        private volatile @Nullable Instant ended;
        private final AtomicInteger found = new AtomicInteger();
        private volatile @Nullable LoadPlan best;
        private volatile boolean stop;

        SearchView view() {
            Instant end = ended == null ? Instant.now() : ended;
            LoadPlan plan = best;
            return new SearchView(
                    state,
                    Duration.between(begun, end).toMillis() / 1000.0,
                    found.get(),
                    plan == null ? List.of() : DayView.ScoreView.all(plan.scores()));
        }

        void end(SearchView.State with) {
            ended = Instant.now();
            state = with;
        }
    }

    PlanSearch(Planning planning, LoadPlans plans, SearchTurns turns) {
        this.planning = planning;
        this.plans = plans;
        this.turns = turns;
    }

    synchronized SearchView begin() {
        Look before = look;
        if (before != null) {
            before.stop = true;
        }
        Look next = new Look();
        LoadProblem problem = planning.open().problem();
        look = next;
        worker.execute(() -> run(next, problem));
        return next.view();
    }

    private void run(Look next, LoadProblem problem) {
        try {
            LoadPlan plan = turns.inTurn(
                    () -> next.stop,
                    () -> next.state = SearchView.State.LOOKING,
                    () -> LoadPlanning.plan(
                            problem, Effort.PROOF, plans.earlier(LoadPlans.ALL), () -> next.stop, better -> {
                                next.best = better;
                                next.found.incrementAndGet();
                            }));
            next.best = plan;
            plans.keep(LoadPlans.ALL, problem, plan);
            next.end(next.stop ? SearchView.State.STOPPED : SearchView.State.DONE);
        } catch (RuntimeException | LinkageError trouble) {
            LOG.error("The search for a better plan failed", trouble);
            next.end(SearchView.State.FAILED);
        }
    }

    synchronized SearchView view() {
        Look now = look;
        return now == null ? new SearchView(SearchView.State.NONE, 0, 0, List.of()) : now.view();
    }

    synchronized SearchView stop() {
        Look now = look;
        if (now != null) {
            now.stop = true;
        }
        return view();
    }

    @PreDestroy
    void close() {
        stop();
        worker.shutdownNow();
    }
}
