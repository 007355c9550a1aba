package fairember.app.probe;

/** Thrown when readings come with no token, or with one that no probe has. */
final class WrongTokenException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    WrongTokenException() {
        super("No probe has this token. Copy it from the oven's card in Ways; nothing was taken.");
    }
}
