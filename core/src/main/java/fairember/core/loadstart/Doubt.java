package fairember.core.loadstart;

/** What may be wrong with a load that is about to go in, and only the maker can know. */
public enum Doubt {
    /** Fewer pieces are logged as shaped than are to go in. */
    NOT_SHAPED,
    /** Fewer small parts have been through the oven than are put on what is to go in. */
    SMALL_PARTS_MISSING,
    /** A line of the checks is not ticked for all pieces that are to go in. */
    NOT_CHECKED,
    /** Its batch is planned, but not on the bench. */
    NOT_ON_BENCH,
    /** The oven is not known to be hot. */
    OVEN_COLD
}
