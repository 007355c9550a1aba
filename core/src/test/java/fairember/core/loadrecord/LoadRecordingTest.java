package fairember.core.loadrecord;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import fairember.core.finding.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import org.testng.annotations.Test;

/** The window is 125 to 135, with 5 °C for the thermostat's swing. */
public class LoadRecordingTest {
    private static final Wanted WANTED = new Wanted(125, 135, 125, 30, 90);

    private static List<Reading> readings(int from, int to, int every, IntToDoubleFunction c) {
        List<Reading> readings = new ArrayList<>();
        for (int s = from; s <= to; s += every) {
            readings.add(new Reading(s, c.applyAsDouble(s)));
        }
        return readings;
    }

    private static List<String> alarms(LoadRecord record) {
        return record.alarms().stream().map(Finding::rule).toList();
    }

    @Test
    public void tenMinutesAtAHundredAndTwentyInsideAreTwentyThatCountAndPreheatDoesNot() {
        // Cold for ten minutes, then at 128 with a flicker for twenty; hot before it went in.
        List<Reading> readings = readings(-600, 1800, 1, s -> s < 0 ? 130 : s < 600 ? 80 : 128 + (s % 2) * 0.1);
        LoadRecord record = LoadRecording.of(readings, WANTED, 1800, true);
        assertThat(record.inWindowMin()).isCloseTo(20, offset(0.05));
        assertThat(record.hottestC()).isCloseTo(128.1, offset(1e-9));
        assertThat(record.meanC()).isCloseTo(128.05, offset(0.01));
        assertThat(alarms(record)).containsExactly("hold-short");
    }

    @Test
    public void whatIsWrongIsSaidWorstFirstWithWhatToDo() {
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> 182 + s % 2), WANTED, 900, true)))
                .containsExactly("burning");
        LoadRecord hot = LoadRecording.of(readings(0, 900, 1, s -> 168 + s % 2), WANTED, 960, true);
        assertThat(alarms(hot)).containsExactly("over-ceiling", "probe-lost");
        assertThat(hot.alarms()).allMatch(f -> !f.mend().isEmpty());
        assertThat(alarms(LoadRecording.of(
                        readings(0, 900, 1, s -> s < 300 ? 130 + s % 2 : 110 + s % 2), WANTED, 900, true)))
                .containsExactly("under-window");
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> 130), WANTED, 900, true)))
                .containsExactly("probe-stuck");
        assertThat(alarms(LoadRecording.of(readings(0, 1800, 1, s -> 60 + s % 2), WANTED, 1800, true)))
                .containsExactly("still-cold");
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> s < 60 ? 145 : 130 + s % 2), WANTED, 900, true)))
                .containsExactly("was-over");
        // When it is out a probe that was taken away is nobody's alarm.
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> 130 + s % 2), WANTED, 3000, false)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 900, true))).isEmpty();
        // Without a probe there is still the clock.
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 1800, true))).containsExactly("hold-done");
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 5500, true))).containsExactly("held-long");
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 5500, false))).isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 600, 1, s -> 130 + s % 2), WANTED, 1860, true)))
                .containsExactly("hold-done", "probe-lost");
    }

    /** In for 30 minutes, of which a door left open took some; then for two hours, of which 90 minutes may be. */
    @Test
    public void itsMinutesAreDoneMissingOrTooMany() {
        IntToDoubleFunction door = s -> s < 600 ? 90 + s % 2 : 130 + s % 2;
        LoadRecord missing = LoadRecording.of(readings(0, 1800, 1, door), WANTED, 1800, true);
        assertThat(alarms(missing)).containsExactly("hold-short");
        assertThat(missing.alarms().get(0).mend()).isEqualTo("Leave it in for 10 min more.");
        assertThat(alarms(LoadRecording.of(readings(0, 1700, 1, door), WANTED, 1700, true)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 2380, 1, door), WANTED, 2380, true)))
                .containsExactly("hold-done");
        LoadRecord out = LoadRecording.of(readings(0, 1800, 1, door), WANTED, 1800, false);
        assertThat(alarms(out)).containsExactly("hold-short");
        IntToDoubleFunction steady = s -> 130 + s % 2;
        assertThat(alarms(LoadRecording.of(readings(0, 1500, 1, steady), WANTED, 1500, false)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 5460, 1, steady), WANTED, 5460, true)))
                .containsExactly("held-long");
        assertThat(alarms(LoadRecording.of(readings(0, 5460, 1, steady), WANTED, 5460, false)))
                .containsExactly("held-long");
    }

    @Test
    public void eightHoursAtOneASecondKeepTheirPeaksInSixHundredPoints() {
        List<Reading> readings = readings(0, 8 * 3600, 1, s -> s == 12_345 ? 171 : 130 + s % 2);
        LoadRecord record = LoadRecording.of(readings, WANTED, 8 * 3600, false);
        assertThat(record.points()).hasSizeLessThanOrEqualTo(LoadRecording.MOST_POINTS);
        assertThat(record.points()).anyMatch(r -> r.c() == 171 && r.atS() == 12_345);
        assertThat(record.points()).isSortedAccordingTo((a, b) -> Double.compare(a.atS(), b.atS()));
        // A second without a reading is missing only where there was none: eight hours but for the peak.
        assertThat(record.inWindowMin()).isCloseTo(480, offset(0.1));
    }

    @Test
    public void whileTheProbeIsAwayMinutesAreNotCounted() {
        List<Reading> readings = readings(0, 600, 1, s -> 130 + s % 2);
        readings.addAll(readings(1800, 2400, 1, s -> 130 + s % 2));
        // Ten minutes, 45 s of grace, ten minutes.
        assertThat(LoadRecording.of(readings, WANTED, 2400, true).inWindowMin()).isCloseTo(20.75, offset(0.01));
    }
}
