package fairember.app.web;

import fairember.core.input.InputError;
import java.io.IOException;
import java.io.OutputStream;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Answers what the web server itself refuses, before anything of Fair Ember sees it, with a problem document too. */
public final class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, @Nullable Throwable failure) {
        int code = response.getStatus();
        if (code < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        HttpStatus known = HttpStatus.resolve(code);
        HttpStatus status = known == null || known.is5xxServerError() ? HttpStatus.BAD_REQUEST : known;
        SafetyHeaders.set(response.getResponse(), SafetyHeaders.nonce());
        response.setStatus(status.value());
        byte[] body = ProblemDocuments.json(
                status,
                "Not understood",
                new InputError(
                        "",
                        "a request that is not valid HTTP",
                        "an address, headers and a method as in /api/openapi.json",
                        "Check the request. Nothing was changed."));
        try {
            response.setContentType("application/problem+json");
            response.setContentLength(body.length);
            OutputStream out = response.getResponse().getOutputStream();
            out.write(body);
            out.flush();
        } catch (IOException | IllegalStateException gone) {
            container.getLogger().debug("The client has disconnected", gone);
        }
    }
}
