package fairember.app.turns;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Lets two searches run at once; the others wait their turn, so that every page is answered in the meantime. */
@Component
public class SearchTurns {
    private static final int AT_ONCE = 2;
    private static final long LOOK_EVERY_MS = 100;

    private final Semaphore turns = new Semaphore(AT_ONCE, true);

    /**
     * Searches when it is this search's turn.
     *
     * @param stop asked while it waits; once it says so the search begins at once, to end at once
     * @param begins is given when it is its turn
     */
    public <T> T inTurn(BooleanSupplier stop, Runnable begins, Supplier<T> search) {
        boolean turn = waited(stop);
        try {
            begins.run();
            return search.get();
        } finally {
            if (turn) {
                turns.release();
            }
        }
    }

    private boolean waited(BooleanSupplier stop) {
        try {
            while (!stop.getAsBoolean()) {
                if (turns.tryAcquire(LOOK_EVERY_MS, TimeUnit.MILLISECONDS)) {
                    return true;
                }
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return false;
    }
}
