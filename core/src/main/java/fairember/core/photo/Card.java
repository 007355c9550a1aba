package fairember.core.photo;

/** A card of known grey that lies beside the tile. */
public enum Card {
    GREY("grey card", 0.18),
    WHITE("white card", 0.9);

    private final String label;
    private final double reflects;

    Card(String label, double reflects) {
        this.label = label;
        this.reflects = reflects;
    }

    public String label() {
        return label;
    }

    /** Share of the light it gives back: 18 % of a photographer's grey card, about 90 % of a white one. */
    public double reflects() {
        return reflects;
    }
}
