package fairember.core.foilcore;

import fairember.core.input.Span;

/** How hard the foil is pressed. */
public enum Packing {
    LOOSE("loose", Span.of("looseGPerCm3", "loose foil", 0.15, 0.35, "g/cm³")),
    FIRM("firm", Span.of("firmGPerCm3", "firm foil", 0.35, 0.70, "g/cm³")),
    HARD("hard", Span.of("hardGPerCm3", "hard foil", 0.70, 1.30, "g/cm³"));

    private final String label;
    private final Span span;

    Packing(String label, Span span) {
        this.label = label;
        this.span = span;
    }

    public String label() {
        return label;
    }

    /** Bulk densities that are called so. */
    public Span span() {
        return span;
    }
}
