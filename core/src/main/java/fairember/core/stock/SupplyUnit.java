package fairember.core.stock;

/** What a supply is counted in. */
public enum SupplyUnit {
    ML("ml"),
    DROP("drops"),
    G("g"),
    PIECE("pieces"),
    CM("cm"),
    CM2("cm²"),
    USE("uses");

    private final String label;

    SupplyUnit(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
