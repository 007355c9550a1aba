package fairember.core.input;

import java.util.List;
import java.util.Locale;

/**
 * What one input may be: its name at the border, its words, its least and greatest value and its unit. The page shows
 * it beside the field; the core refuses what lies outside it. Both ends are allowed values.
 *
 * @param field the input's name at the border, unit last ("diameterMm")
 * @param label the words of the craft for it ("diameter")
 * @param low least value, in {@code unit}
 * @param high greatest value, in {@code unit}
 * @param unit the unit as it is written, empty for a bare count
 * @param whole whether only whole numbers are taken
 */
public record Span(String field, String label, double low, double high, String unit, boolean whole) {

    public static Span of(String field, String label, double low, double high, String unit) {
        return new Span(field, label, low, high, unit, false);
    }

    /** A count of things, whole. */
    public static Span count(String field, String label, int low, int high) {
        return new Span(field, label, low, high, "", true);
    }

    /** The same for an input of another name. */
    public Span named(String otherField) {
        return new Span(otherField, label, low, high, unit, whole);
    }

    /** The same in other words. */
    public Span called(String otherLabel) {
        return new Span(field, otherLabel, low, high, unit, whole);
    }

    /**
     * Gives the value back when it may be taken.
     *
     * @throws InvalidInputException when it is not finite, not whole where it must be, or outside the span
     */
    public double check(double value) {
        if (!Double.isFinite(value) || value < low || value > high || (whole && value != Math.rint(value))) {
            String found = Figures.show(value, unit);
            throw new InvalidInputException(
                    List.of(new InputError(field, found, allowed(), fix(value), message(found))));
        }
        return value;
    }

    /**
     * Gives the count back when it may be taken.
     *
     * @throws InvalidInputException when it is outside the span
     */
    public int check(int value) {
        check((double) value);
        return value;
    }

    /** "0.5 to 400 mm", "a whole number from 1 to 500". */
    public String allowed() {
        return (whole ? "a whole number from " : "") + Figures.show(low) + " to " + Figures.show(high, unit);
    }

    /** "Diameter must be between 0.5 and 400 mm; you entered 0 mm." */
    private String message(String found) {
        String name =
                label.isEmpty() ? "The value" : label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
        return "%s must be %sbetween %s and %s; you entered %s."
                .formatted(name, whole ? "a whole number " : "", Figures.show(low), Figures.show(high, unit), found);
    }

    private String fix(double value) {
        if (Double.isFinite(value) && value >= low && value <= high) {
            return "Enter a whole number for the %s.".formatted(label);
        }
        if (value < low) {
            return "Make the %s at least %s.".formatted(label, Figures.show(low, unit));
        }
        return "Make the %s at most %s.".formatted(label, Figures.show(high, unit));
    }
}
