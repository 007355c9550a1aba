package fairember.app.web;

import fairember.core.measure.Wrong;
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
    record WrongView(String field, String found, String allowed, String mend) {
        static WrongView of(Wrong wrong) {
            return new WrongView(wrong.field(), wrong.found(), wrong.allowed(), wrong.mend());
        }
    }

    /** The document of a status. */
    static ProblemDetail of(HttpStatus status, String title, String detail, List<Wrong> wrongs) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setType(URI.create("about:blank"));
        if (!wrongs.isEmpty()) {
            problem.setProperty("errors", wrongs.stream().map(WrongView::of).toList());
        }
        return problem;
    }

    /** Answers a request that no controller has seen with the document of one wrong. */
    static void write(HttpServletResponse response, HttpStatus status, String title, Wrong wrong) throws IOException {
        byte[] body = json(status, title, wrong);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** The document of one wrong, as it is sent. */
    static byte[] json(HttpStatus status, String title, Wrong wrong) {
        String json = JSON.writeValueAsString(
                new Written("about:blank", title, status.value(), wrong.sentence(), List.of(WrongView.of(wrong))));
        return json.getBytes(StandardCharsets.UTF_8);
    }

    private record Written(String type, String title, int status, String detail, List<WrongView> errors) {}
}
