package fairember.app.web;

import fairember.app.database.StoreException;
import fairember.app.keeping.MissingException;
import fairember.app.keeping.OutdatedException;
import fairember.core.measure.Refused;
import fairember.core.measure.Wrong;
import java.net.URI;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/**
 * Turns what went wrong into problem details (RFC 9457): what was found, what was kept, what to do. Wrong fields stand in
 * "errors", one entry each.
 */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused refused) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not taken", sentences(refused.wrongs()), refused.wrongs());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unreadable(HttpMessageNotReadableException unreadable) {
        Wrong wrong = Mismatch.of(unreadable.getCause());
        return problem(HttpStatus.BAD_REQUEST, "Not understood", wrong.sentence(), List.of(wrong));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistyped(MethodArgumentTypeMismatchException mistyped) {
        Wrong wrong = new Wrong(
                mistyped.getName(),
                String.valueOf(mistyped.getValue()),
                "a number or word of its kind",
                "Check the address.");
        return problem(HttpStatus.BAD_REQUEST, "Not understood", wrong.sentence(), List.of(wrong));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(MissingException missing) {
        return problem(
                HttpStatus.NOT_FOUND, "Not there", missing.getMessage() + " It may have been removed.", List.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> outdated(OutdatedException outdated) {
        String detail = outdated.getMessage() + " The newer one was kept; look at it, then change it again.";
        return problem(HttpStatus.CONFLICT, "Changed meanwhile", detail, List.of());
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

    @ExceptionHandler
    ResponseEntity<ProblemDetail> anything(Exception trouble) {
        if (trouble instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return problem(
                    status,
                    status.getReasonPhrase(),
                    "Fair Ember has nothing at this address, or not this way.",
                    List.of());
        }
        LOG.error("Unforeseen", trouble);
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Something failed",
                "This could not be done and nothing was changed. Try again; the log of Fair Ember tells more.",
                List.of());
    }

    private static String sentences(List<Wrong> wrongs) {
        return wrongs.stream().map(Wrong::sentence).collect(Collectors.joining(" "));
    }

    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, String title, String detail, List<Wrong> wrongs) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setType(URI.create("about:blank"));
        if (!wrongs.isEmpty()) {
            problem.setProperty("errors", wrongs.stream().map(WrongView::of).collect(Collectors.toList()));
        }
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** A wrong field as it goes out. */
    record WrongView(String field, String found, String allowed, String mend) {
        static WrongView of(Wrong wrong) {
            return new WrongView(wrong.field(), wrong.found(), wrong.allowed(), wrong.mend());
        }
    }
}
