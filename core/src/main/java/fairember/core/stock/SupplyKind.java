package fairember.core.stock;

/** What a supply is, as far as rules of finish ask. */
public enum SupplyKind {
    PRIMER("primer", true),
    PAINT("paint", true),
    PAINT_GLOSS("gloss paint", true),
    WASH("wash", true),
    VARNISH_MATT("matt varnish", true),
    VARNISH_SATIN("satin varnish", true),
    VARNISH_GLOSS("gloss varnish", true),
    RESIN("resin", true),
    LIQUID_CLAY("liquid clay", true),
    GLUE("glue", false),
    SOFTENER("softener", false),
    POWDER("powder or chalk", false),
    SMALL_BITS("beads, grit, moss", false),
    LEAF("metal leaf", false),
    CORD("cord or thread", false),
    WEARING("worn out in use", false),
    PACKING("packing", false);

    private final String label;
    private final boolean coats;

    SupplyKind(String label, boolean coats) {
        this.label = label;
        this.coats = coats;
    }

    public String label() {
        return label;
    }

    /** Whether it is put on in coats, by the surface. */
    public boolean coats() {
        return coats;
    }

    /** Whether it is there to hide what is below; a wash is wiped off, and varnish is clear. */
    public boolean hides() {
        return this == PRIMER || paints();
    }

    /** Whether it is paint, however it shines. */
    public boolean paints() {
        return this == PAINT || this == PAINT_GLOSS;
    }

    /** Whether it is a varnish. */
    public boolean varnish() {
        return this == VARNISH_MATT || this == VARNISH_SATIN || this == VARNISH_GLOSS;
    }
}
