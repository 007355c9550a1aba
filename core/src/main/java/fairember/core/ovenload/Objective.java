package fairember.core.ovenload;

/** What a plan should have as little of. */
public enum Objective {
    /** Minutes by which bakes are out after they were due, all added. */
    LATENESS,
    /** Loads of all ovens. */
    LOADS,
    /** kWh of all loads. */
    KWH,
    /** Minutes from the zero of the plan to the end of its last load. */
    FINISH
}
