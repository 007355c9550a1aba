package fairember.core.studio;

/** What a plan rests on that nobody has typed in or measured yet, unless the maker has said that it is right. */
public enum GuessKind {
    PACKET("what the packet says"),
    CLAY_PRICE("price of a block"),
    HOUR("price of an hour"),
    MINUTES("minutes of the steps"),
    OVEN("size of the oven"),
    WASTE("waste");

    private final String label;

    GuessKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
