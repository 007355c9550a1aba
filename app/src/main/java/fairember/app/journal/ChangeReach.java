package fairember.app.journal;

import java.util.Set;

/** Knows what is worked out from documents and so changes with them, though it is none itself. */
public interface ChangeReach {
    /** Keys of what changes with a document, such as "plan"; none when it does not matter to it. */
    Set<String> of(String kind, long id);
}
