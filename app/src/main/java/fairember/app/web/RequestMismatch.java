package fairember.app.web;

import fairember.app.codec.Allowed;
import fairember.core.input.InputError;
import jakarta.servlet.http.HttpServletRequest;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Says where and how a request's address, method or headers are not what they should be. */
final class RequestMismatch {
    private static final String DESCRIBED = "see /api/openapi.json";

    private RequestMismatch() {}

    static InputError of(Exception trouble, HttpServletRequest request) {
        if (trouble instanceof MethodArgumentTypeMismatchException mistyped) {
            Class<?> wanted = mistyped.getRequiredType();
            String allowed = wanted == null ? "another kind of value" : Allowed.words(wanted);
            String found = Allowed.shortened(String.valueOf(mistyped.getValue()));
            return new InputError(
                    mistyped.getName(),
                    found.isBlank() ? "nothing" : found,
                    allowed,
                    "Enter " + allowed + " in the address.");
        }
        if (trouble instanceof MissingServletRequestParameterException missing) {
            return new InputError(
                    missing.getParameterName(),
                    "nothing",
                    "a value",
                    "Add ?%s=… to the address; %s.".formatted(missing.getParameterName(), DESCRIBED));
        }
        if (trouble instanceof MissingRequestHeaderException missing) {
            return new InputError(missing.getHeaderName(), "nothing", "a value", "Send this header.");
        }
        if (trouble instanceof HttpRequestMethodNotSupportedException method) {
            String allowed = String.join(", ", orNone(method.getSupportedMethods()));
            return new InputError("method", method.getMethod(), allowed, "Use one of these; " + DESCRIBED + ".");
        }
        if (trouble instanceof HttpMediaTypeNotSupportedException type) {
            String allowed = type.getSupportedMediaTypes().stream()
                    .map(MediaType::toString)
                    .distinct()
                    .collect(Collectors.joining(", "));
            MediaType found = type.getContentType();
            return new InputError(
                    "Content-Type",
                    found == null ? "none" : Allowed.shortened(found.toString()),
                    allowed.isEmpty() ? "application/json" : allowed,
                    "Send the body as one of these types, and name the type in Content-Type.");
        }
        return new InputError(
                "address",
                Allowed.shortened(request.getMethod() + " " + request.getRequestURI()),
                "an address of the API or a page",
                "Check its spelling; " + DESCRIBED + ".");
    }

    private static String[] orNone(String @Nullable [] methods) {
        return methods == null || methods.length == 0 ? new String[] {"none"} : methods;
    }
}
