package fairember.app.find;

import fairember.app.turns.SearchTurns;
import fairember.core.mix.MixWaste;
import fairember.core.recipe.FoundRecipes;
import fairember.core.recipe.RecipeFinding;
import fairember.core.recipe.RecipeSearch;
import jakarta.annotation.PreDestroy;
import java.util.Optional;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Searches for recipes that are under way or were lately done. One is worked on at a time, the newest first: a new one stops those
 * before it, for nobody waits for them any more. They are not kept when the server stops.
 */
@Service
class Finds {
    private static final int REMEMBERED = 12;

    private final ConcurrentSkipListMap<Long, Find> finds = new ConcurrentSkipListMap<>();
    private final AtomicLong last = new AtomicLong();
    private final SearchTurns turns;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "recipe search");
        thread.setDaemon(true);
        return thread;
    });

    Finds(SearchTurns turns) {
        this.turns = turns;
    }

    /** One search; its share and its answer change while it is under way. */
    static final class Find {
        final FindForm form;
        final RecipeSearch search;
        /** What it chose among when it began: lumps change their places. */
        final Pantry pantry;

        private volatile boolean stopped;
        private volatile boolean waiting = true;
        private volatile double share;
        private volatile @Nullable FoundRecipes found;
        private volatile @Nullable RuntimeException failed;

        private Find(FindForm form, RecipeSearch search, Pantry pantry) {
            this.form = form;
            this.search = search;
            this.pantry = pantry;
        }

        /** Whether it waits for its turn. */
        boolean waiting() {
            return waiting;
        }

        /** Share of all recipes that was looked at, 0 to 1. */
        double share() {
            return share;
        }

        /**
         * The answer, when there is one.
         *
         * @throws IllegalStateException when the search failed, so that nobody waits for it for ever
         */
        Optional<FoundRecipes> found() {
            RuntimeException trouble = failed;
            if (trouble != null) {
                throw new IllegalStateException("The search failed", trouble);
            }
            return Optional.ofNullable(found);
        }

        private void run(SearchTurns turns) {
            try {
                // Told from several threads: the last to say may be behind.
                found = turns.inTurn(
                        () -> stopped,
                        () -> waiting = false,
                        () -> RecipeFinding.find(search, () -> stopped, now -> share = Math.max(share, now)));
            } catch (RuntimeException trouble) {
                failed = trouble;
            }
        }
    }

    /** Begins a search; refused when it cannot be done. */
    long start(FindForm form, Pantry pantry, MixWaste waste) {
        RecipeSearch search = form.search(pantry, waste);
        finds.values().forEach(before -> before.stopped = true);
        long id = last.incrementAndGet();
        Find find = new Find(form, search, pantry);
        finds.put(id, find);
        while (finds.size() > REMEMBERED) {
            finds.pollFirstEntry();
        }
        worker.execute(() -> find.run(turns));
        return id;
    }

    Optional<Find> find(long id) {
        return Optional.ofNullable(finds.get(id));
    }

    /** Ends a search; what it found so far is its answer. */
    void stop(long id) {
        Optional.ofNullable(finds.get(id)).ifPresent(find -> find.stopped = true);
    }

    @PreDestroy
    void close() {
        finds.values().forEach(find -> find.stopped = true);
        worker.shutdown();
    }
}
