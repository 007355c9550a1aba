package fairember.app.document;

import java.util.Optional;

/**
 * A kind of thing that is kept, as far as keeping and undoing it goes. The form is what goes over the border and into the
 * journal; a store turns it into rows.
 *
 * @param <F> the form
 */
public interface FormStore<F> {
    /** Short steady name, such as "design". */
    String kind();

    Class<F> form();

    /** What the thing is called in messages, such as "Lighthouse ornament". */
    String nameOf(F form);

    Optional<Saved<F>> find(long id);

    /**
     * Writes it, new or over the old, with its edition raised by one.
     *
     * @throws fairember.core.input.InvalidInputException when the form cannot be taken
     */
    void put(long id, F form);

    /** A document of its JSON, as the journal has it. */
    F read(String json, long id);

    void remove(long id);

    /**
     * A thing as it is kept.
     *
     * @param edition counts its changes
     */
    record Saved<F>(long id, int edition, F form) {}
}
