package fairember.core.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Checks many inputs and refuses once, with everything that was wrong. */
public final class Gathering {
    private final List<InputError> errors = new ArrayList<>();

    /**
     * Takes one input, or keeps what was wrong with it for later.
     *
     * @param path where the input stands, empty when its own name is enough
     * @return the value, empty when it was refused
     */
    public <T> Optional<T> at(String path, Supplier<T> input) {
        try {
            return Optional.of(input.get());
        } catch (InvalidInputException refused) {
            refused.errors().forEach(error -> errors.add(error.inside(path)));
            return Optional.empty();
        }
    }

    /** Takes a number that must lie within a span. */
    public Gathering within(Span span, double value) {
        at("", () -> span.check(value));
        return this;
    }

    /** Takes a list of inputs, each standing at {@code path[i]}; those refused are left out. */
    public <T> List<T> all(String path, List<Supplier<T>> inputs) {
        List<T> taken = new ArrayList<>();
        for (int i = 0; i < inputs.size(); i++) {
            at(path + "[" + i + "]", inputs.get(i)).ifPresent(taken::add);
        }
        return taken;
    }

    /** Notes something wrong between inputs that are fine alone. */
    public void error(String field, String found, String allowed, String fix) {
        errors.add(new InputError(field, found, allowed, fix));
    }

    /**
     * Goes on only when all was well.
     *
     * @throws InvalidInputException when anything was wrong
     */
    public void orRefuse() {
        if (!errors.isEmpty()) {
            throw new InvalidInputException(errors);
        }
    }
}
