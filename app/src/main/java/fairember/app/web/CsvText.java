package fairember.app.web;

import fairember.core.input.InvalidInputException;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Reads a text of comma-separated lines as spreadsheets write it: with commas or semicolons, with or without a byte-order mark. */
public final class CsvText {
    private static final String MARK = "\uFEFF";

    private CsvText() {}

    /**
     * The lines under the line of columns.
     *
     * @throws InvalidInputException on "file" when it is no such text, or when a column is missing
     */
    public static List<CSVRecord> lines(String text, List<String> columns) {
        String bare = text.startsWith(MARK) ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(bare.lines().findFirst().orElse("").contains(";") ? ';' : ',')
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
            return parser.getRecords();
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
