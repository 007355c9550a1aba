package fairember.app.web;

import fairember.core.input.InputError;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says where and how a request does not have the form it should. */
final class Mismatch {
    private Mismatch() {}

    /** What is wrong with a request that could not be read, as near as that is known. */
    static InputError of(@Nullable Throwable trouble) {
        if (trouble instanceof MismatchedInputException mismatch) {
            return of(mismatch);
        }
        if (trouble instanceof InputCoercionException large) {
            return new InputError(
                    path(large), "a number that is too large", "a smaller number", "Enter a smaller number.");
        }
        String at = trouble instanceof JacksonException broken && broken.getLocation() != null
                ? " at line %d, character %d"
                        .formatted(
                                broken.getLocation().getLineNr(),
                                broken.getLocation().getColumnNr())
                : "";
        return new InputError(
                "",
                "something that is not JSON" + at,
                "JSON",
                "Check the quotes, commas and brackets before this place.");
    }

    private static InputError of(MismatchedInputException mismatch) {
        String field = path(mismatch);
        if (mismatch instanceof UnrecognizedPropertyException unknown) {
            return new InputError(
                    field, unknown.getPropertyName(), "a known name", "Remove the name, or check its spelling.");
        }
        if (mismatch instanceof InvalidNullException) {
            return new InputError(field, "nothing", "a value", "Send a value, or leave this out.");
        }
        Class<?> target = mismatch.getTargetType();
        String allowed = target == null ? "another kind of value" : allowed(target);
        String found = mismatch instanceof InvalidFormatException format
                ? shortened(String.valueOf(format.getValue()))
                : "nothing, or a value of another kind";
        return new InputError(field, found, allowed, "Enter " + allowed + ".");
    }

    static String allowed(Class<?> target) {
        if (target.isEnum()) {
            return "one of "
                    + Arrays.stream(target.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (target == int.class || target == long.class || target == Integer.class || target == Long.class) {
            return "a whole number";
        }
        if (target == double.class || target == Double.class) {
            return "a number";
        }
        if (target == boolean.class || target == Boolean.class) {
            return "true or false";
        }
        if (LocalDate.class == target) {
            return "a date such as 2026-11-26";
        }
        if (Instant.class == target) {
            return "a time such as 2026-11-26T11:07:30+01:00";
        }
        if (LocalTime.class == target || LocalDateTime.class == target) {
            return target == LocalTime.class ? "a time such as 09:30" : "a date and time such as 2026-11-26T11:07";
        }
        return target == String.class ? "a text" : "a value of the kind the description at /api/openapi.json names";
    }

    static String shortened(String found) {
        return found.length() > 40 ? found.substring(0, 40) + "…" : found;
    }

    private static String path(JacksonException mismatch) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : mismatch.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.toString();
    }
}
