package fairember.app.codec;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;

/** What a field of a kind may be, in words. */
public final class Allowed {
    private static final int MOST_SHOWN = 40;

    private Allowed() {}

    /** "a whole number", "one of FULL_BAKE, PART_BAKE". */
    public static String words(Class<?> kind) {
        if (kind.isEnum()) {
            return "one of "
                    + Arrays.stream(kind.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (kind == int.class || kind == long.class || kind == Integer.class || kind == Long.class) {
            return "a whole number";
        }
        if (kind == double.class || kind == Double.class) {
            return "a number";
        }
        if (kind == boolean.class || kind == Boolean.class) {
            return "true or false";
        }
        if (LocalDate.class == kind) {
            return "a date such as 2026-11-26";
        }
        if (Instant.class == kind) {
            return "a time such as 2026-11-26T11:07:30+01:00";
        }
        if (LocalTime.class == kind || LocalDateTime.class == kind) {
            return kind == LocalTime.class ? "a time such as 09:30" : "a date and time such as 2026-11-26T11:07";
        }
        if (Collection.class.isAssignableFrom(kind)) {
            return "a list";
        }
        if (kind.isRecord() || Map.class.isAssignableFrom(kind)) {
            return "an object of fields";
        }
        return kind == String.class ? "a text" : "a value of the kind the description at /api/openapi.json names";
    }

    /** What was found, by its beginning. */
    public static String shortened(String found) {
        return found.length() > MOST_SHOWN ? found.substring(0, MOST_SHOWN) + "…" : found;
    }
}
