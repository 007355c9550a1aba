package fairember.app.journal;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Thrown when a change was made to something that has changed in the meantime, in another window. */
public final class OutdatedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String found;
    private final String allowed;
    private final transient @Nullable Current current;

    /**
     * A thing as it is now.
     *
     * @param form as it goes over the border
     */
    public record Current(int edition, JsonNode form) {}

    OutdatedException(String name, String found, String allowed, @Nullable Current current) {
        super(name + " was changed in another window.");
        this.found = found;
        this.allowed = allowed;
        this.current = current;
    }

    /** What the change was made to. */
    public String found() {
        return found;
    }

    /** What there is now. */
    public String allowed() {
        return allowed;
    }

    /** The thing as it is now, for whoever wants to make the change to that; null when it is no thing. */
    public @Nullable Current current() {
        return current;
    }
}
