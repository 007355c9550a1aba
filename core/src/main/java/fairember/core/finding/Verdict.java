package fairember.core.finding;

/** How a rule stands: kept, kept with a caution, or broken. Ordered from good to bad. */
public enum Verdict {
    KEEPS,
    WARNS,
    BREAKS
}
