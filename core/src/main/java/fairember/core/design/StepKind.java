package fairember.core.design;

/** What is done in a step, as far as the order of steps depends on it. */
public enum StepKind {
    OTHER("anything else"),
    SIGN("maker's mark"),
    PIERCE("pierce"),
    VENT("prick a vent"),
    RELIEF("appliqué or relief"),
    POWDER("mica powder or glitter"),
    PULL("pull sleeves and supports"),
    DRILL("drill"),
    SAND("sand"),
    BUFF("buff"),
    GLUE("glue"),
    CLOSE_UP("close up a surface"),
    PRIME("prime"),
    BASE_COAT("base coat"),
    WASH("wash"),
    DRY_BRUSH("dry-brush"),
    BLUSH("chalk or blush"),
    DETAIL("paint details"),
    SOFT_TRIM("soft trim"),
    HEAT_SHY("fit what heat spoils"),
    VARNISH("varnish");

    private final String label;

    StepKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
