package fairember.app.turns;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.http.MediaType;

/**
 * Notices when whoever asked for something long has gone. While the answer is worked out a blank is sent now and then, which JSON
 * allows before a value; where that cannot be sent any more nobody is there.
 */
public final class CallerWatch implements AutoCloseable {
    private static final long EVERY_MS = 500;
    private static final ScheduledExecutorService BEATS = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "caller watch");
        thread.setDaemon(true);
        return thread;
    });

    private final HttpServletResponse response;
    private final ScheduledFuture<?> beats;
    private volatile boolean gone;
    private boolean closed;

    /** Begins to watch; from then until it is closed nobody else may write to the response. */
    public CallerWatch(HttpServletResponse response) {
        this.response = response;
        this.beats = BEATS.scheduleWithFixedDelay(this::beat, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    private synchronized void beat() {
        if (closed || gone) {
            return;
        }
        try {
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            response.getOutputStream().write(' ');
            response.flushBuffer();
        } catch (IOException | IllegalStateException left) {
            gone = true;
        }
    }

    /** Whether nobody waits for the answer any more. */
    public boolean gone() {
        return gone;
    }

    @Override
    public synchronized void close() {
        closed = true;
        beats.cancel(false);
    }
}
