package fairember.core.input;

/**
 * One thing wrong with one input: where, what was found, what is allowed and what to do.
 *
 * @param field the input's name, with its path when it is inside another ("parts[2].shape.diameterMm")
 * @param found what was given, with its unit
 * @param allowed what would be accepted, with its unit
 * @param fix what to do about it, one plain sentence
 * @param message all of it in words, one or two sentences without the field's path
 */
public record InputError(String field, String found, String allowed, String fix, String message) {
    public InputError(String field, String found, String allowed, String fix) {
        this(field, found, allowed, fix, "Expected %s but found %s. %s".formatted(allowed, found, fix));
    }

    /** The same fault, seen from outside: its field is inside {@code outer}. */
    public InputError inside(String outer) {
        if (field.isEmpty()) {
            return new InputError(outer, found, allowed, fix, message);
        }
        String joint = outer.isEmpty() || field.startsWith("[") ? "" : ".";
        return new InputError(outer + joint + field, found, allowed, fix, message);
    }

    /** The message with the field's path before it. */
    public String sentence() {
        return field.isEmpty() ? message : field + ": " + message;
    }
}
