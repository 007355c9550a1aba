package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.live.LiveUpdates;
import fairember.app.web.CsvText;
import fairember.core.input.InvalidInputException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
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
        CsvText.Lines lines = CsvText.lines(csv, List.of("at", "temp_c"));
        return lines.records().stream()
                .map(line -> SentReading.of(
                        CsvText.value(line, "at"), CsvText.value(line, "temp_c"), lines.semicolons(), clock.getZone()))
                .toList();
    }
}
