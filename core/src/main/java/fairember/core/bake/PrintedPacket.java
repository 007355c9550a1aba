package fairember.core.bake;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a packet says in its own units, such as "20 minutes per 1/4 inch at 275 °F", and what it means.
 *
 * @param per6Mm minutes for every 6 mm; of a range of minutes the most
 * @param low coolest temperature it names
 * @param high warmest temperature it names in the same unit
 */
public record PrintedPacket(Optional<Minutes> per6Mm, Optional<Temperature> low, Optional<Temperature> high) {
    private static final double MM_PER_INCH = 25.4;
    private static final String NUMBER = "(\\d+ \\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?)";
    private static final String TO = "(?: ?(?:-|–|to) ?" + NUMBER + ")?";
    private static final Pattern RATE = Pattern.compile(
            NUMBER + TO + " ?(min|h)[a-z.]* ?(?:per|for each|for every|for|each|every|/) ?(?:each |every )?" + NUMBER
                    + "? ?(mm|cm|in(?:ch(?:es)?)?\\b|\"|″)");
    private static final Pattern SPACE = Pattern.compile(" ");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+)");
    private static final Pattern TEMPERATURE = Pattern.compile(NUMBER + " ?°?" + TO + " ?°? ?([cf])\\b");

    /**
     * Reads what is printed.
     *
     * @throws InvalidInputException on "printed" when neither minutes for a thickness nor a temperature are in it
     */
    public static PrintedPacket read(String printed) {
        String text = spelled(printed.toLowerCase(Locale.ROOT));
        Optional<Minutes> per6 = RATE.matcher(text).results().findFirst().map(PrintedPacket::per6Mm);
        List<MatchResult> degrees = TEMPERATURE.matcher(text).results().toList();
        if (per6.isEmpty() && degrees.isEmpty()) {
            throw unclear(printed.isBlank() ? "nothing" : printed.strip());
        }
        return new PrintedPacket(
                per6,
                degrees.stream().findFirst().map(found -> celsius(found.group(1), found.group(3))),
                degrees.stream().findFirst().map(found -> celsius(last(found), found.group(3))));
    }

    private static InvalidInputException unclear(String found) {
        return new InvalidInputException(
                "printed",
                found,
                "minutes for a thickness, a temperature, or both",
                "Type it as the packet says it, such as “20 minutes per 1/4 inch at 275 °F”.");
    }

    private static String spelled(String text) {
        return text.replace("¼", " 1/4")
                .replace("½", " 1/2")
                .replace("¾", " 3/4")
                .replace("⅛", " 1/8")
                .replace('\u00a0', ' ')
                .replaceAll("\\s+", " ");
    }

    private static String last(MatchResult found) {
        return found.group(2) == null ? found.group(1) : found.group(2);
    }

    private static Minutes per6Mm(MatchResult found) {
        double minutes = number(last(found)) * (found.group(3).equals("h") ? 60 : 1);
        double thick = found.group(4) == null ? 1 : number(found.group(4));
        double mm = switch (found.group(5)) {
            case "mm" -> thick;
            case "cm" -> thick * 10;
            default -> thick * MM_PER_INCH;
        };
        if (!(mm > 0) || !Double.isFinite(mm) || !Double.isFinite(minutes)) {
            throw unclear(found.group());
        }
        return new Minutes(Math.rint(minutes * 6 / mm * 10) / 10);
    }

    private static Temperature celsius(String degrees, String unit) {
        double value = number(degrees);
        double celsius = unit.equals("f") ? (value - 32) / 1.8 : value;
        return new Temperature(Math.rint(celsius * 10) / 10);
    }

    private static double number(String text) {
        double sum = 0;
        for (String part : SPACE.split(text, -1)) {
            Matcher fraction = FRACTION.matcher(part);
            if (fraction.matches()) {
                sum += Double.parseDouble(fraction.group(1)) / Double.parseDouble(fraction.group(2));
            } else {
                sum += Double.parseDouble(part.replace(',', '.'));
            }
        }
        return sum;
    }
}
