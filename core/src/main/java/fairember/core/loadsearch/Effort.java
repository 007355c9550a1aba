package fairember.core.loadsearch;

/** How long to look for a plan. */
public enum Effort {
    /** By rule, at once. */
    RULES,
    /** By rule, then bettered by search. */
    SEARCH,
    /** Bettered, then held against what the solver proves. */
    PROOF
}
