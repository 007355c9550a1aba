package fairember.core;

import static org.assertj.core.api.Assertions.catchThrowableOfType;

import fairember.core.measure.Refused;
import fairember.core.measure.Wrong;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;

/** Catches refusals in tests. */
public final class Refusals {
    private Refusals() {}

    public static List<Wrong> of(ThrowingCallable call) {
        Refused refused = catchThrowableOfType(Refused.class, call);
        if (refused == null) {
            throw new AssertionError("Nothing was refused");
        }
        return refused.wrongs();
    }
}
