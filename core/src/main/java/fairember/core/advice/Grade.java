package fairember.core.advice;

/** How a rule stands: kept, kept with a caution, or broken. Ordered from good to bad. */
public enum Grade {
    TIP,
    CAUTION,
    STOP
}
