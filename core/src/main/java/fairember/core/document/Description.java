package fairember.core.document;

/**
 * A value of another type, described for saving and sending.
 *
 * @param <T> the other type
 */
public interface Description<T> {
    /**
     * What is described.
     *
     * @throws fairember.core.input.InvalidInputException when there is no such thing
     */
    T described();
}
