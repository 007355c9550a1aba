package fairember.app.web;

import fairember.app.database.StoreException;
import fairember.app.keeping.MissingException;
import fairember.app.keeping.OutdatedException;
import fairember.core.measure.Refused;
import fairember.core.measure.Wrong;
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

/** Turns what went wrong into {@linkplain ProblemDocuments problem documents}. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused refused) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not taken", sentences(refused.wrongs()), refused.wrongs());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        return notUnderstood(HttpStatus.BAD_REQUEST, Mismatch.of(unreadable.getCause()));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistyped(TypeMismatchException mistyped, HttpServletRequest request) {
        return notUnderstood(HttpStatus.BAD_REQUEST, RequestMismatch.of(mistyped, request));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(MissingException missing) {
        Wrong wrong =
                new Wrong("", missing.thing(), "one that is there", "It may have been removed; look at the list.");
        return problem(
                HttpStatus.NOT_FOUND, "Not there", missing.getMessage() + " It may have been removed.", List.of(wrong));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> outdated(OutdatedException outdated) {
        String detail = outdated.getMessage() + " The newer one was kept; look at it, then change it again.";
        Wrong wrong = new Wrong(
                "edition", outdated.found(), outdated.allowed(), "Read it again and make the change to what is there.");
        ResponseEntity<ProblemDetail> answer =
                problem(HttpStatus.CONFLICT, "Changed meanwhile", detail, List.of(wrong));
        if (answer.getBody() != null && outdated.current() != null) {
            answer.getBody().setProperty("current", outdated.current());
        }
        return answer;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> store(StoreException trouble) {
        StoreException.Trouble kind = trouble.trouble();
        if (kind == StoreException.Trouble.IN_USE) {
            return problem(HttpStatus.CONFLICT, "Still used", kind.says() + " " + kind.mend(), List.of());
        }
        if (kind == StoreException.Trouble.BROKEN) {
            LOG.error("The store could not do its work", trouble);
        } else {
            LOG.warn("Not saved: {}", trouble.getMessage());
        }
        String detail = kind.says() + " This change was not saved; everything saved before is kept. " + kind.mend();
        HttpStatus status =
                kind == StoreException.Trouble.FULL ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.SERVICE_UNAVAILABLE;
        return problem(status, "Not saved", detail, List.of());
    }

    /** Whoever asked has gone: there is nobody to answer. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("Whoever asked has gone", gone);
    }

    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> anything(Exception trouble, HttpServletRequest request) {
        if (trouble instanceof IOException closed && isClosed(closed)) {
            LOG.debug("Whoever asked has gone", closed);
            return null;
        }
        if (trouble instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return notUnderstood(status, RequestMismatch.of(trouble, request));
        }
        LOG.error("Unforeseen", trouble);
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Something failed",
                "This could not be done and nothing was changed. Try again; the log of Fair Ember tells more.",
                List.of());
    }

    private static boolean isClosed(IOException trouble) {
        String name = trouble.getClass().getSimpleName();
        String message = String.valueOf(trouble.getMessage());
        return name.equals("ClientAbortException")
                || message.contains("Broken pipe")
                || message.contains("Connection reset");
    }

    private static String sentences(List<Wrong> wrongs) {
        return wrongs.stream().map(Wrong::sentence).collect(Collectors.joining(" "));
    }

    private static ResponseEntity<ProblemDetail> notUnderstood(HttpStatus status, Wrong wrong) {
        String title = switch (status) {
            case NOT_FOUND -> "Not there";
            case METHOD_NOT_ALLOWED -> "Not this way";
            default -> "Not understood";
        };
        return problem(status, title, wrong.sentence(), List.of(wrong));
    }

    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, String title, String detail, List<Wrong> wrongs) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDocuments.of(status, title, detail, wrongs));
    }
}
