package fairember.app.probe;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open pages that a probe has read something: a server-sent event with the oven's number, once a second at most. */
@Service
class Live {
    private static final long LEAST_MS = 900;

    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private final Map<Long, Long> toldAt = new ConcurrentHashMap<>();

    /** What a page is told. */
    record ProbeToldView(long ovenId) {}

    SseEmitter open() {
        SseEmitter page = new SseEmitter(0L);
        pages.add(page);
        page.onCompletion(() -> pages.remove(page));
        page.onError(gone -> pages.remove(page));
        send(page, SseEmitter.event().comment("open"));
        return page;
    }

    void tell(long ovenId) {
        long now = System.currentTimeMillis();
        Long last = toldAt.get(ovenId);
        if (last != null && now - last < LEAST_MS) {
            return;
        }
        toldAt.put(ovenId, now);
        for (SseEmitter page : pages) {
            send(page, SseEmitter.event().name("read").data(new ProbeToldView(ovenId), MediaType.APPLICATION_JSON));
        }
    }

    private void send(SseEmitter page, SseEmitter.SseEventBuilder event) {
        try {
            page.send(event);
        } catch (IOException | IllegalStateException gone) {
            pages.remove(page);
        }
    }

    @PreDestroy
    void close() {
        pages.forEach(SseEmitter::complete);
    }
}
