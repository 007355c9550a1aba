package fairember.app.web;

import fairember.core.input.InputError;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes in the body of a request before anything else happens: no more bytes than its kind may have, in no more time than
 * it needs, and only a number of unfinished bodies at once, so that half-sent ones never keep others out. What a controller gets
 * to see is whole.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimits extends OncePerRequestFilter {
    static final int MB = 1 << 20;

    /** Half of the server's threads may wait for bodies; the others answer. */
    private static final int UNFINISHED = 100;

    /** A body that is too large is read to its end, so that its sender gets to read the answer; but no further. */
    private static final long MOST_DISCARDED = 512L * MB;

    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final Duration LONGEST_PER_MB = Duration.ofSeconds(1);
    private static final InputError BUSY = new InputError(
            "",
            "over " + UNFINISHED + " requests that are only half sent",
            "requests that are sent in full",
            "Try again in a few seconds. Nothing was changed.");
    static final InputError SLOW = new InputError(
            "", "an incomplete request", "a request sent within seconds", "Send it again. Nothing was changed.");

    private final Semaphore unfinished = new Semaphore(UNFINISHED);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean empty = request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
        BodyKind kind = BodyKind.of(request.getRequestURI());
        if (empty || kind == BodyKind.STREAMED) {
            chain.doFilter(request, response);
            return;
        }
        if (!unfinished.tryAcquire()) {
            response.setHeader("Retry-After", "5");
            ProblemDocuments.write(response, HttpStatus.SERVICE_UNAVAILABLE, "Too busy", BUSY);
            return;
        }
        byte[] body;
        try {
            body = taken(request.getInputStream(), kind.most());
        } catch (IOException slow) {
            response.setHeader("Connection", "close");
            ProblemDocuments.write(response, HttpStatus.REQUEST_TIMEOUT, "Incomplete request", SLOW);
            return;
        } finally {
            unfinished.release();
        }
        if (body == null) {
            response.setHeader("Connection", "close");
            ProblemDocuments.write(response, HttpStatus.CONTENT_TOO_LARGE, "Too large", kind.tooLarge());
            return;
        }
        chain.doFilter(new TakenRequest(request, body), response);
    }

    /** A whole body; null when it is too large. */
    private static byte @Nullable [] taken(InputStream in, int most) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        byte[] part = new byte[16_384];
        long read = 0;
        long begun = System.nanoTime();
        for (int n = in.read(part); n >= 0; n = in.read(part)) {
            read += n;
            long longest = LONGEST.plus(LONGEST_PER_MB.multipliedBy(read / MB)).toNanos();
            if (System.nanoTime() - begun > longest) {
                throw new SocketTimeoutException("The request body took too long.");
            }
            if (read <= most) {
                body.write(part, 0, n);
            } else if (read > MOST_DISCARDED) {
                return null;
            }
        }
        return read > most ? null : body.toByteArray();
    }
}
