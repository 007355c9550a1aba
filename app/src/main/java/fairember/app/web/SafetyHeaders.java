package fairember.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.Base64;

/** The headers that every answer carries, whatever it is. */
final class SafetyHeaders {
    private static final SecureRandom RANDOM = new SecureRandom();

    private SafetyHeaders() {}

    /** A number used once: the style sheets that the pages write themselves carry it. */
    static String nonce() {
        byte[] bytes = new byte[16];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    static void set(HttpServletResponse response, String nonce) {
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Embedder-Policy", "require-corp");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader(
                "Content-Security-Policy",
                ("default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'nonce-%s'; object-src 'none'; "
                                + "form-action 'self'; frame-ancestors 'none'; base-uri 'none'")
                        .formatted(nonce));
    }
}
