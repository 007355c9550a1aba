package fairember.app.journal;

import fairember.core.input.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** Says in words what differs between two forms, such as "Lighthouse: Tower height 52 to 54 mm". */
final class ChangeWords {
    private static final Map<String, String> UNITS = Map.of(
            "Mm", " mm", "G", " g", "C", " °C", "Min", " min", "Percent", " %", "Deg", "°", "Um", " µm", "Kwh", " kWh",
            "M", " m");

    /** A choice as it goes over the border, such as "ON_BENCH". */
    private static final Pattern CHOICE = Pattern.compile("[A-Z][A-Z0-9_]+");

    /** Fields with words of the maker's own. */
    private static final Set<String> WORDS = Set.of("name", "currency", "note", "collection", "contents", "words");
    /** Fields by which a thing in a list is called. */
    private static final List<String> NAMES = List.of("name", "words");

    /** Longer texts are shown by their beginning: these words stand on a button and in a header. */
    private static final int MOST_SHOWN = 60;

    private final List<String> found = new ArrayList<>();

    private ChangeWords() {}

    static String of(String name, JsonNode before, JsonNode after) {
        ChangeWords words = new ChangeWords();
        words.compare("", "", before, after);
        if (words.found.isEmpty()) {
            return name;
        }
        String more = words.found.size() == 1 ? "" : " and " + (words.found.size() - 1) + " more";
        return name + ": " + words.found.get(0) + more;
    }

    private void compare(String where, String field, JsonNode before, JsonNode after) {
        if (before.equals(after)) {
            return;
        }
        if (before.isObject() && after.isObject()) {
            TreeSet<String> names = new TreeSet<>(before.propertyNames());
            names.addAll(after.propertyNames());
            for (String name : names) {
                compare(where, name, before.path(name), after.path(name));
            }
        } else if (before.isArray() && after.isArray()) {
            lists(field, before, after);
        } else if (before.isObject() != after.isObject()) {
            found.add((where + (after.isObject() ? "with " : "without ") + label(field)).strip());
        } else {
            found.add((where + label(field) + " " + show(field, before) + " to " + show(field, after) + unit(field))
                    .strip());
        }
    }

    private void lists(String field, JsonNode before, JsonNode after) {
        if (before.size() < after.size()) {
            found.add("added " + firstNotIn(field, after, before));
        } else if (before.size() > after.size()) {
            found.add("removed " + firstNotIn(field, before, after));
        } else {
            for (int i = 0; i < after.size(); i++) {
                compare(nameOf(field, after.get(i), i) + " ", "", before.get(i), after.get(i));
            }
        }
    }

    private static String firstNotIn(String field, JsonNode longer, JsonNode shorter) {
        for (int i = 0; i < longer.size(); i++) {
            if (!longer.get(i).equals(shorter.path(i))) {
                return nameOf(field, longer.get(i), i);
            }
        }
        return label(field);
    }

    private static String nameOf(String field, JsonNode item, int i) {
        for (String own : NAMES) {
            if (item.path(own).isString()) {
                return item.path(own).asString();
            }
        }
        String one = field.equals("uses") ? "supply" : label(field);
        return item.isString() ? item.asString() : one + " " + (i + 1);
    }

    private static String show(String field, JsonNode value) {
        if (value.isMissingNode() || value.isNull()) {
            return "nothing";
        }
        if (value.isContainer()) {
            return "other " + label(field);
        }
        if (field.endsWith("Minor")) {
            return String.format(Locale.ROOT, "%.2f", value.asLong() / 100.0);
        }
        if (value.isBoolean()) {
            return value.asBoolean() ? "on" : "off";
        }
        if (value.isNumber()) {
            return Figures.show(value.asDouble());
        }
        String text = value.asString();
        boolean choice = !WORDS.contains(field) && CHOICE.matcher(text).matches();
        return "“" + (choice ? text.toLowerCase(Locale.ROOT).replace('_', ' ') : beginning(text)) + "”";
    }

    private static String beginning(String text) {
        return text.length() > MOST_SHOWN ? text.substring(0, MOST_SHOWN) + "…" : text;
    }

    /** "heightMm" as "height". */
    private static String label(String field) {
        String bare = field;
        for (String suffix : UNITS.keySet()) {
            bare = strip(bare, suffix);
        }
        bare = strip(strip(bare, "Minor"), "Hex");
        if (bare.equals("own")) {
            return "own figures";
        }
        if (bare.startsWith("per6")) {
            return "for 6 mm";
        }
        return bare.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    private static String strip(String field, String suffix) {
        return field.endsWith(suffix) ? field.substring(0, field.length() - suffix.length()) : field;
    }

    private static String unit(String field) {
        return UNITS.entrySet().stream()
                .filter(entry -> field.endsWith(entry.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
