package fairember.core.input;

/** Names and notes that people type: trimmed, of a length that fits the page. */
public final class Words {
    /** Longest name that still reads on one line of the ledger. */
    public static final int NAME_MAX = 60;

    private Words() {}

    /** A name that was made of others, cut off where it is too long for one. */
    public static String shortened(String name) {
        return name.length() <= NAME_MAX
                ? name
                : name.substring(0, NAME_MAX - 1).strip() + "…";
    }

    /**
     * The name without the blanks around it.
     *
     * @throws InvalidInputException when nothing is left of it, it is longer than {@value #NAME_MAX} characters or holds control
     *     characters
     */
    public static String name(String field, String name) {
        String trimmed = name.strip();
        if (trimmed.isEmpty()) {
            throw new InvalidInputException(
                    field, "nothing", "1 to " + NAME_MAX + " characters", "Enter a name you will recognise.");
        }
        if (trimmed.length() > NAME_MAX) {
            throw new InvalidInputException(
                    field, trimmed.length() + " characters", "1 to " + NAME_MAX + " characters", "Shorten the name.");
        }
        if (trimmed.codePoints().anyMatch(Character::isISOControl)) {
            throw new InvalidInputException(
                    field,
                    "a line break or control character",
                    "letters, digits and signs",
                    "Type the name on one line.");
        }
        return trimmed;
    }
}
