package fairember.app.keeping;

/** Thrown when something that was asked for is not there. */
public final class MissingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String thing;

    public MissingException(String kind, long id) {
        this(kind + " number " + id);
    }

    /** @param named what goes by a name instead of a number */
    public MissingException(String kind, String named) {
        this(kind + " named " + named);
    }

    private MissingException(String thing) {
        super("There is no " + thing + ".");
        this.thing = thing;
    }

    /** What was asked for. */
    public String thing() {
        return thing;
    }
}
