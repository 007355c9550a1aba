package fairember.core.workings;

/** Where a value came from. */
public enum Source {
    /** The maker typed it. */
    ENTERED,
    /** It stands on the packet of the clay. */
    PACKET,
    /** It was measured on the maker's own things. */
    CALIBRATED,
    /** It was learned from the log. */
    LEARNED,
    /** A default that nothing better has replaced yet. */
    CONSTANT,
    /** Another sum made it. */
    WORKED
}
