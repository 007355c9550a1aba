package fairember.app.keeping;

/** Thrown when something that was asked for is not there. */
public final class MissingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String thing;

    public MissingException(String kind, long id) {
        super("There is no " + kind + " number " + id + ".");
        this.thing = kind + " number " + id;
    }

    /** What was asked for. */
    public String thing() {
        return thing;
    }
}
