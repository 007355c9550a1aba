package fairember.core.input;

import java.util.List;
import java.util.stream.Collectors;

/** Thrown when an input cannot be taken. It carries every {@link InputError} that was found, never an empty list. */
public final class InvalidInputException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<InputError> errors;

    public InvalidInputException(List<InputError> errors) {
        super(errors.stream().map(InputError::sentence).collect(Collectors.joining(" ")));
        this.errors = List.copyOf(errors);
    }

    public InvalidInputException(String field, String found, String allowed, String fix) {
        this(List.of(new InputError(field, found, allowed, fix)));
    }

    public List<InputError> errors() {
        return errors;
    }
}
