package fairember.app.live;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages by server-sent events that a better plan was found, and that a probe has read something: an event with the
 * oven's number, once a second at most. What is read within a second of the last event is given at the end of that second, so
 * that the last reading is always given.
 */
@Service
public class LiveUpdates {
    private static final Logger LOG = LoggerFactory.getLogger(LiveUpdates.class);
    private static final long LEAST_MS = 900;

    private volatile boolean closed;

    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();

    /** When each oven is given next, or was given last; by {@link System#currentTimeMillis}. */
    private final Map<Long, Long> notifyAt = new ConcurrentHashMap<>();

    /** What is told after the end goes nowhere. */
    private final ScheduledExecutorService later = new ScheduledThreadPoolExecutor(
            1,
            work -> {
                Thread thread = new Thread(work, "live pages");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardPolicy());

    /** What a page is given. */
    record ReadingsTakenView(long ovenId) {}

    public SseEmitter open() {
        SseEmitter page = new SseEmitter(0L);
        pages.add(page);
        page.onCompletion(() -> pages.remove(page));
        page.onError(gone -> pages.remove(page));
        if (closed) {
            page.complete();
        } else {
            send(page, SseEmitter.event().comment("open"));
        }
        return page;
    }

    /** The plan of loads has changed. */
    public void tellPlan() {
        for (SseEmitter page : pages) {
            send(page, SseEmitter.event().name("plan").data(""));
        }
    }

    /** A probe has read something. */
    public void tell(long ovenId) {
        long now = System.currentTimeMillis();
        long[] wait = {-1};
        notifyAt.compute(ovenId, (id, at) -> {
            if (at != null && at > now) {
                return at; // It will be given then.
            }
            long next = at == null ? now : Math.max(now, at + LEAST_MS);
            wait[0] = next - now;
            return next;
        });
        if (wait[0] >= 0) {
            var given = later.schedule(() -> send(ovenId), wait[0], TimeUnit.MILLISECONDS);
            LOG.trace("Pages notified: {}", given);
        }
    }

    private void send(long ovenId) {
        for (SseEmitter page : pages) {
            send(page, SseEmitter.event().name("read").data(new ReadingsTakenView(ovenId), MediaType.APPLICATION_JSON));
        }
    }

    private void send(SseEmitter page, SseEmitter.SseEventBuilder event) {
        try {
            page.send(event);
        } catch (IOException | IllegalStateException gone) {
            pages.remove(page);
        }
    }

    /** Before the server waits for what it is still answering: it would wait for open pages, which never end by themselves. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        closed = true;
        later.shutdownNow();
        pages.forEach(SseEmitter::complete);
    }
}
