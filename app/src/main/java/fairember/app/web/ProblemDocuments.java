package fairember.app.web;

import fairember.core.input.InputError;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/** Problem documents (RFC 9457): what happened, what was kept, what to do; wrong fields in "errors", one entry each. */
final class ProblemDocuments {
    private static final JsonMapper JSON = new JsonMapper();

    private ProblemDocuments() {}

    /** A wrong field as it goes out. */
    record InputErrorView(String field, String found, String allowed, String fix, String message) {
        static InputErrorView of(InputError error) {
            return new InputErrorView(error.field(), error.found(), error.allowed(), error.fix(), error.message());
        }
    }

    /** The document of a status. */
    static ProblemDetail of(HttpStatus status, String title, String detail, List<InputError> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setType(URI.create("about:blank"));
        if (!errors.isEmpty()) {
            problem.setProperty(
                    "errors", errors.stream().map(InputErrorView::of).toList());
        }
        return problem;
    }

    /** Answers a request that no controller has seen with the document of one wrong. */
    static void write(HttpServletResponse response, HttpStatus status, String title, InputError error)
            throws IOException {
        byte[] body = json(status, title, error);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** The document of one wrong, as it is sent. */
    static byte[] json(HttpStatus status, String title, InputError error) {
        String json = JSON.writeValueAsString(
                new Written("about:blank", title, status.value(), error.sentence(), List.of(InputErrorView.of(error))));
        return json.getBytes(StandardCharsets.UTF_8);
    }

    private record Written(String type, String title, int status, String detail, List<InputErrorView> errors) {}
}
