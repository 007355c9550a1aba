package fairember.app.keeping;

/** Thrown when a change was made to something that has changed meanwhile, in another window. */
public final class OutdatedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public OutdatedException(String name) {
        super(name + " was changed in another window.");
    }
}
