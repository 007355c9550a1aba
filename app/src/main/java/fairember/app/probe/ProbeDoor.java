package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.live.LiveUpdates;
import fairember.core.input.InvalidInputException;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Takes readings: each is looked at by itself, and what can be kept is kept. */
@Service
public class ProbeDoor {
    static final int MOST = 100_000;
    private final ProbeStore store;
    private final LiveUpdates live;
    private final StudioClock clock;

    ProbeDoor(ProbeStore store, LiveUpdates live, StudioClock clock) {
        this.store = store;
        this.live = live;
        this.clock = clock;
    }

    /** Keeps the readings of an oven's probe, given as JSON. */
    TakenView take(long ovenId, ProbeReadings form) {
        List<@Nullable JsonNode> given = form.readings();
        return given == null
                ? take(ovenId, (List<SentReading>) null)
                : take(
                        ovenId,
                        given.stream()
                                .map(json -> SentReading.of(json, clock.getZone()))
                                .toList());
    }

    /** Keeps the readings of an oven's probe. */
    TakenView take(long ovenId, @Nullable List<SentReading> given) {
        if (given == null || given.size() > MOST) {
            throw new InvalidInputException(
                    "readings",
                    given == null ? "nothing" : given.size() + " readings",
                    "up to " + MOST,
                    "Send fewer at a time.");
        }
        Instant now = clock.instant();
        List<ProbeStore.Row> rows = new ArrayList<>();
        List<TakenView.RefusedReadingView> refused = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            SentReading reading = given.get(i);
            TakenView.RefusedReadingView error = reading.error(i, now);
            Instant at = reading.at();
            Double c = reading.tempC();
            if (error != null || at == null || c == null) {
                refused.add(Objects.requireNonNull(error));
            } else {
                rows.add(new ProbeStore.Row(at.toEpochMilli(), c));
            }
        }
        int taken = store.add(ovenId, rows);
        if (taken > 0) {
            live.tell(ovenId);
        }
        return new TakenView(taken, rows.size() - taken, refused);
    }

    /**
     * Readings written as CSV with the columns {@code at} and {@code temp_c}; a byte-order mark, semicolons between the columns and
     * decimal commas are understood.
     *
     * @throws InvalidInputException when it is no such file
     */
    List<SentReading> read(String csv) {
        String bare = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
        String columns = bare.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(columns.contains(";") ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (Reader text = new StringReader(bare);
                var parser = format.parse(text)) {
            if (!parser.getHeaderNames().containsAll(List.of("at", "temp_c"))) {
                throw new InvalidInputException(
                        "file",
                        "columns " + parser.getHeaderNames(),
                        "the columns at and temp_c",
                        "Name these columns in the first line.");
            }
            List<SentReading> readings = new ArrayList<>();
            for (CSVRecord line : parser) {
                readings.add(SentReading.of(value(line, "at"), value(line, "temp_c"), clock.getZone()));
            }
            return readings;
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new InvalidInputException(
                    "file",
                    "a file that is not CSV",
                    "lines with at and temp_c",
                    "Save the readings as comma-separated text.");
        }
    }

    private static @Nullable String value(CSVRecord line, String column) {
        return line.isSet(column) ? line.get(column) : null;
    }
}
