package fairember.app.daybook;

import fairember.app.clock.StudioClock;
import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.picture.PictureStore;
import fairember.app.web.CsvText;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LineKind;
import fairember.core.daybook.LossReason;
import fairember.core.design.Design;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Mass;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The daybook as comma-separated lines, out and in. */
@Component
class DaybookCsv {
    private static final List<String> COLUMNS = List.of(
            "at", "until", "kind", "batch", "design", "station", "step", "mix", "maker", "pieces", "net_g", "used_g",
            "reason", "again", "words", "picture");
    private static final double G_PER_OZ = 28.349523125;
    private static final Map<String, DoubleUnaryOperator> GRAMS =
            Map.of("", g -> g, "g", g -> g, "kg", kg -> 1000 * kg, "oz", oz -> G_PER_OZ * oz);
    private static final int MOST_ERRORS = 50;
    private static final int MOST_LINES = 100_000;
    private static final DateTimeFormatter OUT = DateTimeFormatter.ISO_OFFSET_DATE_TIME;

    private final DaybookStore daybook;
    private final DesignStore designs;
    private final Database database;
    private final PictureStore pictures;
    private final StudioClock clock;

    DaybookCsv(DaybookStore daybook, DesignStore designs, Database database, PictureStore pictures, StudioClock clock) {
        this.daybook = daybook;
        this.designs = designs;
        this.database = database;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** Every line, the earliest first. */
    String text(boolean decimalCommas) {
        Names names = new Names(database);
        StringBuilder text =
                new StringBuilder(CsvText.begin(decimalCommas)).append(CsvText.line(decimalCommas, COLUMNS));
        for (SavedKind.Saved<DaybookLine> saved : daybook.all()) {
            DaybookLine line = saved.value();
            text.append(CsvText.line(
                    decimalCommas,
                    List.of(
                            time(line.at()),
                            time(line.until()),
                            line.kind().label(),
                            names.of("batch", line.batchId()),
                            names.of("design", line.designId()),
                            line.station() == null ? "" : line.station().label(),
                            line.stepName(),
                            names.of("mix", line.mixId()),
                            String.valueOf(line.maker()),
                            String.valueOf(line.pieces()),
                            grams(line.net(), decimalCommas),
                            grams(line.used(), decimalCommas),
                            line.reason() == null ? "" : line.reason().label(),
                            line.again() ? "yes" : "",
                            line.words(),
                            line.pictureId() == null ? "" : String.valueOf(line.pictureId()))));
        }
        return text.toString();
    }

    private String time(@Nullable Instant at) {
        return at == null ? "" : OUT.format(at.atZone(clock.getZone()).toOffsetDateTime());
    }

    private static String grams(@Nullable Mass mass, boolean decimalCommas) {
        return mass == null ? "" : CsvText.number(decimalCommas, mass.g());
    }

    /**
     * Reads lines.
     *
     * @throws InvalidInputException with everything that is wrong, by line: "lines[3].at"
     */
    List<DaybookLine> read(String text) {
        CsvText.Lines file = CsvText.lines(text, List.of("at", "kind"));
        List<CSVRecord> rows = file.records();
        if (rows.size() > MOST_LINES) {
            throw new InvalidInputException(
                    "file", rows.size() + " lines", "up to " + MOST_LINES + " lines", "Split the file.");
        }
        Reading reading = new Reading(new Names(database), clock.getZone(), file.semicolons());
        List<DaybookLine> lines = new ArrayList<>();
        List<InputError> errors = new ArrayList<>();
        for (CSVRecord row : rows) {
            try {
                lines.add(reading.line(row));
            } catch (InvalidInputException refused) {
                refused.errors().forEach(error -> errors.add(at(row, error)));
            }
            if (errors.size() >= MOST_ERRORS) {
                break;
            }
        }
        if (!errors.isEmpty()) {
            throw new InvalidInputException(errors);
        }
        return lines;
    }

    private static InputError at(CSVRecord row, InputError error) {
        String column = error.field();
        String field = "lines[" + row.getRecordNumber() + "]" + (column.isEmpty() ? "" : "." + column);
        String message = "Line %d%s: %s"
                .formatted(row.getRecordNumber(), column.isEmpty() ? "" : ", " + column, error.message());
        return new InputError(field, error.found(), error.allowed(), error.fix(), message);
    }

    /** Reads the lines of one file. */
    private final class Reading {
        private final Names names;
        private final ZoneId zone;
        private final boolean semicolons;
        private final Map<Long, Optional<Design>> known = new HashMap<>();

        Reading(Names names, ZoneId zone, boolean semicolons) {
            this.names = names;
            this.zone = zone;
            this.semicolons = semicolons;
        }

        DaybookLine line(CSVRecord row) {
            LineKind kind = choice(row, "kind", LineKind.values(), LineKind::label);
            Station station = choice(row, "station", Station.values(), Station::label);
            Long designId = names.number("design", "design", CsvText.value(row, "design"));
            String stepName = CsvText.value(row, "step");
            if (kind == null) {
                throw missing("kind", LineKind.TIME.label());
            }
            Instant at = time(row, "at");
            if (at == null) {
                throw missing("at", "2026-03-28T09:30");
            }
            DaybookLine line = new DaybookLine(
                    kind,
                    at,
                    time(row, "until"),
                    names.number("batch", "batch", CsvText.value(row, "batch")),
                    designId,
                    step(designId, station, stepName),
                    station,
                    stepName == null ? "" : stepName,
                    names.number("mix", "mix", CsvText.value(row, "mix")),
                    whole(row, "maker", 1),
                    whole(row, "pieces", 0),
                    mass(row, "net_g", semicolons),
                    mass(row, "used_g", semicolons),
                    choice(row, "reason", LossReason.values(), LossReason::label),
                    CsvText.value(row, "again") != null,
                    false,
                    Optional.ofNullable(CsvText.value(row, "words")).orElse(""),
                    picture(row));
            line.refuseForgotten();
            return line;
        }

        /** Pictures themselves are in no file: a line may name one that this studio keeps. */
        private @Nullable Long picture(CSVRecord row) {
            long id = whole(row, "picture", 0);
            if (id != 0 && !pictures.has(id)) {
                throw new InvalidInputException(
                        "picture",
                        "picture " + id,
                        "the number of a photo of this studio, or nothing",
                        "Empty this column.");
            }
            return id == 0 ? null : (Long) id;
        }

        private @Nullable Integer step(@Nullable Long designId, @Nullable Station station, @Nullable String name) {
            if (designId == null || name == null) {
                return null;
            }
            List<Step> steps = known.computeIfAbsent(
                            designId, id -> designs.find(id).map(SavedKind.Saved::value))
                    .map(Design::steps)
                    .orElse(List.of());
            return IntStream.range(0, steps.size())
                    .filter(i -> steps.get(i).name().equalsIgnoreCase(name)
                            && (station == null || steps.get(i).station() == station))
                    .boxed()
                    .findFirst()
                    .orElse(null);
        }

        private @Nullable Instant time(CSVRecord row, String column) {
            String text = CsvText.value(row, column);
            if (text == null) {
                return null;
            }
            String iso = text.replace(' ', 'T');
            try {
                return iso.matches(".*(Z|[+-]\\d\\d:\\d\\d)")
                        ? OffsetDateTime.parse(iso).toInstant()
                        : LocalDateTime.parse(iso).atZone(zone).toInstant();
            } catch (DateTimeException unreadable) {
                throw new InvalidInputException(
                        column,
                        text,
                        "a time such as 2026-03-28 09:30",
                        "Write the year first, and hours from 0 to 24.");
            }
        }
    }

    private static InvalidInputException missing(String column, String example) {
        return new InvalidInputException(column, "nothing", "a value such as " + example, "Fill in this column.");
    }

    private static <E extends Enum<E>> @Nullable E choice(
            CSVRecord row, String column, E[] choices, Function<E, String> label) {
        String text = CsvText.value(row, column);
        if (text == null) {
            return null;
        }
        String wanted = text.toLowerCase(Locale.ROOT);
        return Arrays.stream(choices)
                .filter(c -> c.name().toLowerCase(Locale.ROOT).equals(wanted)
                        || label.apply(c).toLowerCase(Locale.ROOT).equals(wanted))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        column,
                        text,
                        Arrays.stream(choices).map(label).collect(Collectors.joining(", ")),
                        "Write one of these."));
    }

    private static int whole(CSVRecord row, String column, int usual) {
        String text = CsvText.value(row, column);
        if (text == null) {
            return usual;
        }
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException unreadable) {
            throw new InvalidInputException(column, text, "a whole number", "Write digits only.");
        }
    }

    private static @Nullable Mass mass(CSVRecord row, String column, boolean semicolons) {
        String text = CsvText.value(row, column);
        return text == null ? null : new Mass(CsvText.number(column, text, semicolons, GRAMS));
    }
}
