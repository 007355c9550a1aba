package fairember.core;

import static org.assertj.core.api.Assertions.catchThrowableOfType;

import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;

/** Catches refusals in tests. */
public final class Refusals {
    private Refusals() {}

    public static List<InputError> of(ThrowingCallable call) {
        InvalidInputException refused = catchThrowableOfType(InvalidInputException.class, call);
        if (refused == null) {
            throw new AssertionError("Nothing was refused");
        }
        return refused.errors();
    }
}
