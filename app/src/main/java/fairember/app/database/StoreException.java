package fairember.app.database;

import java.sql.SQLException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Thrown when the database cannot do what was asked. Whatever was saved before is still there. */
public final class StoreException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What went wrong, as far as it helps to know. */
    public enum Trouble {
        FULL("The disk is full.", "Free some space, then try again."),
        BUSY("Another program has locked the studio's file.", "Close that program, then try again."),
        CROWDED("Fair Ember is too busy to answer just now.", "Wait a moment, then try again."),
        READ_ONLY("The studio's file cannot be written.", "Check the folder's permissions, then try again."),
        IN_USE("Something else still uses this.", "Remove it there first. A mix can be retired instead."),
        BROKEN("The studio's file could not be read or written.", "Check the disk, and save a copy of the folder.");

        private final String message;
        private final String fix;

        Trouble(String message, String fix) {
            this.message = message;
            this.fix = fix;
        }

        public String message() {
            return message;
        }

        public String fix() {
            return fix;
        }
    }

    private final Trouble trouble;

    public StoreException(SQLException cause) {
        super(cause);
        this.trouble = troubleOf(cause);
    }

    public Trouble trouble() {
        return trouble;
    }

    private static Trouble troubleOf(SQLException cause) {
        if (!(cause instanceof SQLiteException sqlite)) {
            // No connection came free in time: others of this studio have them all.
            return Trouble.CROWDED;
        }
        SQLiteErrorCode code = sqlite.getResultCode();
        return switch (code.code & 0xff) {
            case 13 -> Trouble.FULL;
            case 5, 6 -> Trouble.BUSY;
            case 8, 14, 23 -> Trouble.READ_ONLY;
            case 19 -> Trouble.IN_USE;
            default -> Trouble.BROKEN;
        };
    }
}
