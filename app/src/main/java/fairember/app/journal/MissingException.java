package fairember.app.journal;

/** Thrown when something that was asked for is not there. */
public final class MissingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String item;

    public MissingException(String kind, long id) {
        this(kind + " number " + id);
    }

    /** @param named what goes by a name instead of a number */
    public MissingException(String kind, String named) {
        this(kind + " named " + named);
    }

    private MissingException(String item) {
        super("There is no " + item + ".");
        this.item = item;
    }

    /** What was asked for. */
    public String item() {
        return item;
    }
}
