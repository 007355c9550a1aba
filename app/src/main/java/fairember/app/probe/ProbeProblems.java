package fairember.app.probe;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Answers a wrong token. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProbeProblems {
    @ExceptionHandler
    ProblemDetail unknownToken(UnknownTokenException error) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.UNAUTHORIZED, error.getMessage());
        problem.setTitle("Password refused");
        return problem;
    }
}
