package fairember.core.measure;

/**
 * One thing wrong with one input: where, what was found, what is allowed and what to do.
 *
 * @param field the input's name, with its path when it stands inside another ("parts[2].shape.diameterMm")
 * @param found what was given, with its unit
 * @param allowed what would be taken, with its unit
 * @param mend what to do about it, one plain sentence
 */
public record Wrong(String field, String found, String allowed, String mend) {

    /** The same wrong, seen from outside: its field stands inside {@code outer}. */
    public Wrong inside(String outer) {
        if (field.isEmpty()) {
            return new Wrong(outer, found, allowed, mend);
        }
        String joint = outer.isEmpty() || field.startsWith("[") ? "" : ".";
        return new Wrong(outer + joint + field, found, allowed, mend);
    }

    /** All of it as one sentence. */
    public String sentence() {
        String where = field.isEmpty() ? "Found " : field + ": found ";
        return "%s%s, allowed is %s. %s".formatted(where, found, allowed, mend);
    }
}
