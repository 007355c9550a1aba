package fairember.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only what was asked of this machine by its own name, and lets no other site change anything: the address must be
 * a loopback one, and a change must come from a page of Fair Ember or from no page at all.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LocalOnly extends OncePerRequestFilter {
    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        boolean foreign = origin != null && !READING.contains(request.getMethod()) && !origin.equals(own(request));
        if (!NAMES.contains(request.getServerName()) || foreign) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'");
        chain.doFilter(request, response);
    }

    private static String own(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getHeader("Host");
    }
}
