package fairember.core.loadsearch;

/** How long to look for a plan. */
public enum Effort {
    /** By rule, at once. */
    RULES,
    /** By rule, then improved by search. */
    SEARCH,
    /** Improved, then held against what the solver proves. */
    PROOF
}
