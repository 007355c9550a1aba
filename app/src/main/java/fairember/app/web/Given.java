package fairember.app.web;

import fairember.core.input.InvalidInputException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Checks that what a request must baking time is there. */
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

    /**
     * The list, when it is there and holds no gaps.
     *
     * @throws InvalidInputException under {@code field} when it is missing or something in it is
     */
    public static <T> List<T> all(String field, @Nullable List<@Nullable T> values) {
        if (values == null) {
            throw new InvalidInputException(field, "nothing", "a list", "Send the list; an empty list is allowed.");
        }
        for (int i = 0; i < values.size(); i++) {
            given(field + "[" + i + "]", values.get(i));
        }
        return List.copyOf(values);
    }
}
