package fairember.app.document;

import java.util.Optional;

/**
 * A kind of thing that is saved, as far as saving and undoing it goes.
 *
 * @param <T> the thing as it goes over the border and into the journal
 */
public interface SavedKind<T> {
    /** Short steady name, such as "design". */
    String kind();

    /** What the thing is called in messages, such as "Lighthouse ornament". */
    String nameOf(T thing);

    Optional<Saved<T>> find(long id);

    /** A thing of its JSON, as the journal has it. */
    T read(String json, long id);

    /**
     * Writes it, new or over the old, with its edition raised by one.
     *
     * @throws fairember.core.input.InvalidInputException when it cannot be taken
     */
    void put(long id, T thing);

    void remove(long id);

    /**
     * A thing as it is now, with a change taken back or made again that was made to it as it was: what else was changed since stays.
     *
     * @param from as it was left by the change, or before it
     * @param to as it is to become
     * @return empty when both do not go together
     */
    default Optional<T> merged(T now, T from, T to) {
        return Optional.empty();
    }

    /**
     * A thing as it is saved.
     *
     * @param edition counts its changes
     */
    record Saved<T>(long id, int edition, T value) {}
}
