package fairember.app.probe;

/** Thrown when readings come with no token, or with one that no probe has. */
final class UnknownTokenException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownTokenException() {
        super(
                "No probe has this password, so no reading was saved. Copy the password from the oven's card in Settings.");
    }
}
