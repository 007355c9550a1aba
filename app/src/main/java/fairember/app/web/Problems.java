package fairember.app.web;

import fairember.app.database.StoreException;
import fairember.app.journal.MissingException;
import fairember.app.journal.OutdatedException;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;

/** Turns what went wrong into {@linkplain ProblemDocuments problem documents}. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(InvalidInputException refused) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not accepted", sentences(refused.errors()), refused.errors());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        return Mismatch.refused(unreadable.getCause())
                .map(this::refused)
                .orElseGet(() -> badRequest(HttpStatus.BAD_REQUEST, Mismatch.of(unreadable.getCause())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistyped(TypeMismatchException mistyped, HttpServletRequest request) {
        return badRequest(HttpStatus.BAD_REQUEST, RequestMismatch.of(mistyped, request));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(MissingException missing) {
        InputError error =
                new InputError("", missing.item(), "one that exists", "It may have been removed. Look at the list.");
        return problem(
                HttpStatus.NOT_FOUND, "Not found", missing.getMessage() + " It may have been removed.", List.of(error));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> outdated(OutdatedException outdated) {
        String detail = outdated.getMessage() + " The newer version was kept. Look at it, then make your change again.";
        InputError error = new InputError(
                "edition", outdated.found(), outdated.allowed(), "Open the newest version and make your change again.");
        ResponseEntity<ProblemDetail> answer =
                problem(HttpStatus.CONFLICT, "Changed in the meantime", detail, List.of(error));
        if (answer.getBody() != null && outdated.current() != null) {
            answer.getBody().setProperty("current", outdated.current());
        }
        return answer;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> store(StoreException trouble) {
        StoreException.Trouble kind = trouble.trouble();
        if (kind == StoreException.Trouble.IN_USE) {
            String detail = kind.message() + " " + kind.fix();
            InputError error = new InputError(
                    "", "something that is still used", "something nothing else uses", kind.fix(), detail);
            return problem(HttpStatus.CONFLICT, "Still used", detail, List.of(error));
        }
        if (kind == StoreException.Trouble.BROKEN) {
            LOG.error("The store failed", trouble);
        } else {
            LOG.warn("Not saved: {}", trouble.getMessage());
        }
        String detail = kind.message() + " This change was not saved; everything saved before is kept. " + kind.fix();
        HttpStatus status =
                kind == StoreException.Trouble.FULL ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        return problem(status, "Not saved", detail, List.of());
    }

    /** A stream of events ends when its time is over; the page opens another. */
    @ExceptionHandler
    void over(AsyncRequestTimeoutException over) {
        LOG.debug("A stream of events is over", over);
    }

    /** Whoever asked has gone: there is nobody to answer. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("The client has disconnected", gone);
    }

    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> anything(Exception trouble, HttpServletRequest request) {
        if (trouble instanceof IOException closed && isClosed(closed)) {
            LOG.debug("The client has disconnected", closed);
            return null;
        }
        if (trouble instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return badRequest(status, RequestMismatch.of(trouble, request));
        }
        LOG.error("Unexpected failure", trouble);
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Something failed",
                "This could not be done, and nothing was changed. Try again; the log of Fair Ember has the details.",
                List.of());
    }

    private static boolean isClosed(IOException trouble) {
        String name = trouble.getClass().getSimpleName();
        String message = String.valueOf(trouble.getMessage());
        return name.equals("ClientAbortException")
                || message.contains("Broken pipe")
                || message.contains("Connection reset");
    }

    private static String sentences(List<InputError> errors) {
        return errors.stream().map(InputError::sentence).collect(Collectors.joining(" "));
    }

    private static ResponseEntity<ProblemDetail> badRequest(HttpStatus status, InputError error) {
        String title = switch (status) {
            case NOT_FOUND -> "Not found";
            case METHOD_NOT_ALLOWED -> "Method not allowed";
            default -> "Not understood";
        };
        return problem(status, title, error.sentence(), List.of(error));
    }

    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, String title, String detail, List<InputError> errors) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDocuments.of(status, title, detail, errors));
    }
}
