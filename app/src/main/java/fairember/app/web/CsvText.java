package fairember.app.web;

import fairember.core.input.InvalidInputException;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Reads a text of comma-separated lines as spreadsheets write it: with commas or semicolons, with or without a byte-order mark. */
public final class CsvText {
    private static final String MARK = "\uFEFF";

    private static final Pattern NUMBER = Pattern.compile("(-?\\d+(?:[.,]\\d+)?)\\s*([^\\d\\s.,]*)");

    private CsvText() {}

    /**
     * The lines of a file.
     *
     * @param semicolons whether semicolons part its columns
     */
    public record Lines(List<CSVRecord> records, boolean semicolons) {}

    /**
     * What stands under the line of columns.
     *
     * @throws InvalidInputException on "file" when it is no such text, or when a column is missing
     */
    public static Lines lines(String text, List<String> columns) {
        String bare = text.startsWith(MARK) ? text.substring(1) : text;
        boolean semicolons = bare.lines().findFirst().orElse("").contains(";");
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(semicolons ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (Reader reader = new StringReader(bare);
                var parser = format.parse(reader)) {
            if (!parser.getHeaderNames().containsAll(columns)) {
                throw new InvalidInputException(
                        "file",
                        "columns " + parser.getHeaderNames(),
                        "the columns " + String.join(", ", columns),
                        "Name these columns in the first line.");
            }
            return new Lines(parser.getRecords(), semicolons);
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new InvalidInputException(
                    "file",
                    "a file that is not CSV",
                    "lines with " + String.join(", ", columns),
                    "Save it as comma-separated text.");
        }
    }

    /** What stands in a column of a line; null when the line is too short or nothing stands there. */
    public static @Nullable String value(CSVRecord line, String column) {
        return line.isSet(column) && !line.get(column).isBlank() ? line.get(column) : null;
    }

    /**
     * A number as people and spreadsheets write it: decimal point or comma, with or without the unit it is in or another of its kind.
     *
     * @param semicolons whether semicolons part the columns: then a comma is always a decimal comma
     * @param units what one of each unit is in the unit of the column; the first is the column's own
     * @throws InvalidInputException on the column when it is none, or could be two: "1,000"
     */
    public static double number(
            String column, String text, boolean semicolons, Map<String, DoubleUnaryOperator> units) {
        Matcher written = NUMBER.matcher(text.strip());
        DoubleUnaryOperator unit = written.matches() ? units.get(written.group(2)) : null;
        if (unit == null || (!semicolons && written.group(1).matches("-?\\d{1,3},\\d{3}"))) {
            throw new InvalidInputException(
                    column,
                    text.length() > 40 ? text.substring(0, 40) + "…" : text,
                    "a number such as 12.5, alone or with one of the units "
                            + String.join(
                                    ", ",
                                    units.keySet().stream()
                                            .filter(name -> !name.isEmpty())
                                            .sorted()
                                            .toList()),
                    unit == null
                            ? "Write the number without spaces. Its unit may follow it."
                            : "Write 1000 for a thousand, and 1.0 for one: “" + text + "” could be either.");
        }
        return unit.applyAsDouble(Double.parseDouble(written.group(1).replace(',', '.')));
    }

    /** A line of text for a spreadsheet with decimal points, or with decimal commas. */
    public static String line(boolean decimalCommas, List<String> values) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(decimalCommas ? ';' : ',')
                .get();
        return format.format(values.toArray()) + "\r\n";
    }

    /** What a text for spreadsheets with decimal commas begins with. */
    public static String begin(boolean decimalCommas) {
        return decimalCommas ? MARK : "";
    }

    /** A number for a spreadsheet. */
    public static String number(boolean decimalCommas, double value) {
        String text = String.format(Locale.ROOT, "%.4f", value).replaceAll("\\.?0+$", "");
        return decimalCommas ? text.replace('.', ',') : text;
    }
}
