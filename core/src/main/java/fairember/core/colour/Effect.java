package fairember.core.colour;

/** What a clay does that no even colour can show. It is carried along and said, never drawn as if it were known. */
public enum Effect {
    PLAIN("plain"),
    SHIMMER("shimmer"),
    GLITTER("glitter"),
    STONE("stone");

    private final String label;

    Effect(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
