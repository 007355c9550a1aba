package fairember.app.web;

import fairember.core.input.InputError;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only what was asked of this machine by its own name, and lets no other site in: the address must be a loopback
 * one, a change must come from a page of Fair Ember or from no page at all, and what a browser marks as coming from
 * another site may at most open a page. Every answer carries the safety headers.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {
    /** Where the request keeps the nonce of its answer. */
    static final String NONCE = RequestGuard.class.getName() + ".nonce";

    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String nonce = SafetyHeaders.nonce();
        request.setAttribute(NONCE, nonce);
        SafetyHeaders.set(response, nonce);
        InputError error = error(request);
        if (error != null) {
            ProblemDocuments.write(response, HttpStatus.FORBIDDEN, "Not allowed", error);
            return;
        }
        chain.doFilter(request, response);
    }

    private static @Nullable InputError error(HttpServletRequest request) {
        if (!NAMES.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            return new InputError(
                    "Host",
                    request.getServerName(),
                    "localhost, 127.0.0.1 or [::1]",
                    "Open Fair Ember at its address on this machine.");
        }
        boolean reading = READING.contains(request.getMethod());
        String origin = request.getHeader("Origin");
        if (!reading && origin != null && !origin.equalsIgnoreCase(own(request))) {
            return new InputError(
                    "Origin", shown(origin), "a page of Fair Ember", "Make the change in Fair Ember's own page.");
        }
        String site = request.getHeader("Sec-Fetch-Site");
        boolean foreign = "cross-site".equals(site) || "same-site".equals(site);
        if (foreign && !(reading && opensPage(request))) {
            return new InputError(
                    "Sec-Fetch-Site", shown(site), "a page of Fair Ember", "Do this in Fair Ember's own page.");
        }
        return null;
    }

    /** Whether a page is opened, as by a link elsewhere; that shows nothing to the other site. */
    private static boolean opensPage(HttpServletRequest request) {
        return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && !request.getRequestURI().startsWith("/api/");
    }

    private static String shown(String header) {
        return header.length() > 80 ? header.substring(0, 80) + "…" : header;
    }

    private static String own(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getHeader("Host");
    }
}
