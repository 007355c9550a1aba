package fairember.app.probe;

import fairember.core.measure.Figures;
import fairember.core.measure.Refused;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Takes readings: each is looked at by itself, and what can be kept is kept. */
@Service
public class ProbeDoor {
    static final int MOST = 100_000;
    private static final double COLDEST_C = -40;
    private static final double HOTTEST_C = 400;
    private static final int AHEAD_MIN = 5;
    private static final int OLDEST_DAYS = 3660;

    private final ProbeStore store;
    private final Live live;
    private final Clock clock;

    ProbeDoor(ProbeStore store, Live live, Clock clock) {
        this.store = store;
        this.live = live;
        this.clock = clock;
    }

    /** Keeps the readings of an oven's probe. */
    TakenView take(long ovenId, ProbeReadingsForm form) {
        List<ProbeReadingsForm.ProbeReadingForm> told = form.readings();
        if (told == null || told.size() > MOST) {
            throw new Refused(
                    "readings",
                    told == null ? "nothing" : told.size() + " readings",
                    "up to " + MOST,
                    "Send them in parts.");
        }
        LocalDateTime now = LocalDateTime.now(clock);
        List<ProbeStore.Row> rows = new ArrayList<>();
        List<TakenView.RefusedReadingView> refused = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            ProbeReadingsForm.ProbeReadingForm reading = told.get(i);
            LocalDateTime at = reading == null ? null : reading.at();
            Double c = reading == null ? null : reading.tempC();
            TakenView.RefusedReadingView wrong = wrong(i, at, c, now);
            if (wrong != null) {
                refused.add(wrong);
            } else if (at != null && c != null) {
                rows.add(new ProbeStore.Row(ProbeStore.millis(at), c));
            }
        }
        int taken = store.add(ovenId, rows);
        if (taken > 0) {
            live.tell(ovenId);
        }
        return new TakenView(taken, rows.size() - taken, refused);
    }

    private static TakenView.@Nullable RefusedReadingView wrong(
            int i, @Nullable LocalDateTime at, @Nullable Double c, LocalDateTime now) {
        if (at == null) {
            return new TakenView.RefusedReadingView(
                    i, "no time", "a local time such as 2026-11-26T11:07:30", "Send when it was read.");
        }
        if (c == null || !Double.isFinite(c) || c < COLDEST_C || c > HOTTEST_C) {
            return new TakenView.RefusedReadingView(
                    i,
                    c == null ? "no temperature" : Figures.show(c, "°C"),
                    Figures.show(COLDEST_C) + " to " + Figures.show(HOTTEST_C, "°C"),
                    "Look at the probe and its lead.");
        }
        if (at.isAfter(now.plusMinutes(AHEAD_MIN)) || at.isBefore(now.minusDays(OLDEST_DAYS))) {
            return new TakenView.RefusedReadingView(
                    i, at.toString(), "from ten years ago to now, " + now.withNano(0), "Set the probe's clock.");
        }
        return null;
    }

    /**
     * Readings written as CSV with the columns {@code at} and {@code temp_c}.
     *
     * @throws Refused when it is no such file
     */
    static ProbeReadingsForm read(String csv) {
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
            List<ProbeReadingsForm.ProbeReadingForm> readings = new ArrayList<>();
            for (CSVRecord line : parser) {
                readings.add(new ProbeReadingsForm.ProbeReadingForm(at(line), celsius(line)));
            }
            return new ProbeReadingsForm(readings);
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new Refused(
                    "file", "something that is no CSV", "lines with at and temp_c", "Save it as comma-separated text.");
        }
    }

    private static @Nullable LocalDateTime at(CSVRecord line) {
        try {
            return line.isSet("at") ? LocalDateTime.parse(line.get("at")) : null;
        } catch (DateTimeParseException none) {
            return null;
        }
    }

    private static @Nullable Double celsius(CSVRecord line) {
        try {
            return line.isSet("temp_c") ? Double.valueOf(line.get("temp_c")) : null;
        } catch (NumberFormatException none) {
            return null;
        }
    }
}
