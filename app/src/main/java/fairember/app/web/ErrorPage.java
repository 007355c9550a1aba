package fairember.app.web;

import fairember.app.codec.Allowed;
import fairember.core.input.InputError;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where the web server sends what it refuses by itself; asked for directly, it is no page at all. */
@Controller
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus given = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
        HttpStatus status = given == null || given.is5xxServerError() ? HttpStatus.SERVICE_UNAVAILABLE : given;
        boolean failed = status.is5xxServerError();
        Object path = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
        String found = Allowed.shortened(request.getMethod() + " " + (path == null ? request.getRequestURI() : path));
        if (status == HttpStatus.REQUEST_TIMEOUT) {
            ProblemDocuments.write(response, status, "Incomplete request", BodyLimits.SLOW);
            return;
        }
        ProblemDocuments.write(
                response,
                status,
                failed ? "Something failed" : status.getReasonPhrase(),
                new InputError(
                        "address",
                        found,
                        "an address of the API or a page",
                        failed
                                ? "Nothing was changed. Try again."
                                : "Check the address; /api/openapi.json lists all addresses."));
    }
}
