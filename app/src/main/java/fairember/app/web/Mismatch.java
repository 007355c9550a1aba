package fairember.app.web;

import fairember.app.codec.Allowed;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import java.util.Optional;
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

    /** What the codec refused of a request, with the path to it; nothing when it was something else. */
    static Optional<InvalidInputException> refused(@Nullable Throwable trouble) {
        if (trouble instanceof InvalidInputException refused) {
            return Optional.of(refused);
        }
        if (trouble instanceof JacksonException at && at.getCause() instanceof InvalidInputException refused) {
            String path = path(at);
            return Optional.of(new InvalidInputException(
                    refused.errors().stream().map(error -> error.inside(path)).toList()));
        }
        return Optional.empty();
    }

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
                    field, unknown.getPropertyName(), "a known field", "Remove this field, or check its spelling.");
        }
        if (mismatch instanceof InvalidNullException) {
            return new InputError(field, "nothing", "a value", "Send a value, or leave this out.");
        }
        Class<?> target = mismatch.getTargetType();
        String allowed = target == null ? "another kind of value" : Allowed.words(target);
        String found = mismatch instanceof InvalidFormatException format
                ? Allowed.shortened(String.valueOf(format.getValue()))
                : "nothing, or a value of another kind";
        return new InputError(field, found, allowed, "Enter " + allowed + ".");
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
