package fairember.app.database;

import org.jspecify.annotations.Nullable;

/** Thrown when a file or folder cannot be a studio. Its message says which, what is wrong, and what to do. */
public final class UnfitFileException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnfitFileException(String message) {
        this(message, null);
    }

    UnfitFileException(String message, @Nullable Throwable cause) {
        super(message, cause);
    }
}
