package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.core.measure.Refused;
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
    private final Live live;
    private final StudioClock clock;

    ProbeDoor(ProbeStore store, Live live, StudioClock clock) {
        this.store = store;
        this.live = live;
        this.clock = clock;
    }

    /** Keeps the readings of an oven's probe, told as JSON. */
    TakenView take(long ovenId, ProbeReadingsForm form) {
        List<@Nullable JsonNode> told = form.readings();
        return told == null
                ? take(ovenId, (List<ToldReading>) null)
                : take(
                        ovenId,
                        told.stream()
                                .map(json -> ToldReading.of(json, clock.getZone()))
                                .toList());
    }

    /** Keeps the readings of an oven's probe. */
    TakenView take(long ovenId, @Nullable List<ToldReading> told) {
        if (told == null || told.size() > MOST) {
            throw new Refused(
                    "readings",
                    told == null ? "nothing" : told.size() + " readings",
                    "up to " + MOST,
                    "Send them in parts.");
        }
        Instant now = clock.instant();
        List<ProbeStore.Row> rows = new ArrayList<>();
        List<TakenView.RefusedReadingView> refused = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            ToldReading reading = told.get(i);
            TakenView.RefusedReadingView wrong = reading.wrong(i, now);
            Instant at = reading.at();
            Double c = reading.tempC();
            if (wrong != null || at == null || c == null) {
                refused.add(Objects.requireNonNull(wrong));
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
     * Readings written as CSV with the columns {@code at} and {@code temp_c}.
     *
     * @throws Refused when it is no such file
     */
    List<ToldReading> read(String csv) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (Reader text = new StringReader(csv);
                var parser = format.parse(text)) {
            if (!parser.getHeaderNames().containsAll(List.of("at", "temp_c"))) {
                throw new Refused(
                        "file",
                        "columns " + parser.getHeaderNames(),
                        "columns at and temp_c",
                        "Write them into the first line.");
            }
            List<ToldReading> readings = new ArrayList<>();
            for (CSVRecord line : parser) {
                readings.add(ToldReading.of(value(line, "at"), value(line, "temp_c"), clock.getZone()));
            }
            return readings;
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new Refused(
                    "file", "something that is no CSV", "lines with at and temp_c", "Save it as comma-separated text.");
        }
    }

    private static @Nullable String value(CSVRecord line, String column) {
        return line.isSet(column) ? line.get(column) : null;
    }
}
