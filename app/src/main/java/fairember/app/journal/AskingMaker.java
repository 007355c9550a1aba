package fairember.app.journal;

import fairember.core.input.InvalidInputException;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Which maker a request comes from, as its header says. A studio of one maker sends none. */
final class AskingMaker {
    /** The header: 1 or 2. */
    static final String HEADER = "Maker";
    /** Whoever works in the studio. */
    static final int ANY = 0;

    private static final int MOST = 2;

    private AskingMaker() {}

    /**
     * The maker of the request that runs; any when it does not say, or none runs.
     *
     * @throws InvalidInputException when there is no such maker
     */
    static int now() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? of(request.getRequest())
                : ANY;
    }

    private static int of(HttpServletRequest request) {
        String said = request.getHeader(HEADER);
        if (said == null) {
            return ANY;
        }
        for (int maker = 1; maker <= MOST; maker++) {
            if (said.equals(Integer.toString(maker))) {
                return maker;
            }
        }
        throw new InvalidInputException(HEADER, said, "1 or 2", "Leave the header out, or name a maker.");
    }
}
