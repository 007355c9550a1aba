package fairember.core.photo;

import fairember.core.input.Span;

/** A card of known grey that lies beside the tile. */
public enum Card {
    GREY("grey card", 0.18),
    WHITE("white card", 0.9);

    /** What a card may be said to give back. */
    public static final Span REFLECTS = Span.of("cardPercent", "light the card reflects", 3, 98, "%");

    private final String label;
    private final double reflects;

    Card(String label, double reflects) {
        this.label = label;
        this.reflects = reflects;
    }

    public String label() {
        return label;
    }

    /** Share of the light it gives back when nobody says otherwise: 18 % of a photographer's grey card, 90 % of a white one. */
    public double reflects() {
        return reflects;
    }
}
