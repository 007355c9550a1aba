package fairember.app.web;

import fairember.core.input.InvalidInputException;
import org.jspecify.annotations.Nullable;

/** What a request leaves out: refused, or another value in its place. */
public final class Given {
    private Given() {}

    /**
     * The value, when there is one.
     *
     * @throws InvalidInputException under {@code field} when there is none
     */
    public static <T> T given(String field, @Nullable T value) {
        if (value == null) {
            throw new InvalidInputException(field, "nothing", "a value", "Enter a value.");
        }
        return value;
    }

    /** The value, or another when there is none. */
    public static <T> T or(@Nullable T value, T other) {
        return value == null ? other : value;
    }
}
