package fairember.core.loadrecord;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import fairember.core.advice.Advice;
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
        return record.alarms().stream().map(Advice::rule).toList();
    }

    @Test
    public void tenMinutesAtAHundredAndTwentyInsideAreTwentyThatCountAndPreheatDoesNot() {
        // Cold for ten minutes, then at 128 with a flicker for twenty; hot before it went in.
        List<Reading> readings = readings(-600, 1800, 1, s -> s < 0 ? 130 : s < 600 ? 80 + s % 2 : 128 + (s % 2) * 0.1);
        LoadRecord record = LoadRecording.of(readings, WANTED, 1800, true, 0);
        assertThat(record.inWindowMin()).isCloseTo(20, offset(0.05));
        assertThat(record.hottestC()).isCloseTo(128.1, offset(1e-9));
        assertThat(record.meanC()).isCloseTo(128.05, offset(0.01));
        assertThat(alarms(record)).containsExactly("hold-short");
    }

    @Test
    public void whatIsWrongIsSaidWorstFirstWithWhatToDo() {
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> 182 + s % 2), WANTED, 900, true, 0)))
                .containsExactly("burning");
        LoadRecord hot = LoadRecording.of(readings(0, 900, 1, s -> 168 + s % 2), WANTED, 960, true, 0);
        assertThat(alarms(hot)).containsExactly("over-ceiling", "probe-lost");
        assertThat(hot.alarms()).allMatch(f -> !f.fix().isEmpty());
        assertThat(alarms(LoadRecording.of(
                        readings(0, 900, 1, s -> s < 300 ? 130 + s % 2 : 110 + s % 2), WANTED, 900, true, 0)))
                .containsExactly("under-window");
        assertThat(alarms(LoadRecording.of(readings(0, 900, 1, s -> 130), WANTED, 900, true, 0)))
                .containsExactly("probe-stuck");
        assertThat(alarms(LoadRecording.of(readings(0, 1800, 1, s -> 60 + s % 2), WANTED, 1800, true, 0)))
                .containsExactly("never-hot", "still-cold");
        // Its skin is cool when it goes in: two minutes of 160 bring it to 108, five to 148.
        assertThat(alarms(LoadRecording.of(
                        readings(0, 900, 1, s -> s < 120 ? 160 - s % 2 : 130 + s % 2), WANTED, 900, true, 0)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(
                        readings(0, 1200, 1, s -> s < 300 ? 160 - s % 2 : 130 + s % 2), WANTED, 1200, true, 0)))
                .containsExactly("was-over");
        // When it is out a probe that was taken away is nobody's alarm.
        assertThat(alarms(LoadRecording.of(readings(0, 1700, 1, s -> 130 + s % 2), WANTED, 1730, false, 0)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 900, true, 0))).isEmpty();
        // Without a probe there is still the clock.
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 1800, true, 0))).containsExactly("hold-done");
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 5500, true, 0))).containsExactly("held-long");
        assertThat(alarms(LoadRecording.of(List.of(), WANTED, 5500, false, 0))).isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 600, 1, s -> 130 + s % 2), WANTED, 1860, true, 0)))
                .containsExactly("hold-done", "probe-lost");
    }

    /** In for 30 minutes, of which a door left open took some; then for two hours, of which 90 minutes may be. */
    @Test
    public void itsMinutesAreDoneMissingOrTooMany() {
        IntToDoubleFunction door = s -> s < 600 ? 90 + s % 2 : 130 + s % 2;
        LoadRecord missing = LoadRecording.of(readings(0, 1800, 1, door), WANTED, 1800, true, 0);
        assertThat(alarms(missing)).containsExactly("hold-short");
        assertThat(missing.alarms().get(0).fix()).isEqualTo("Leave the load in for 10 min more.");
        assertThat(alarms(LoadRecording.of(readings(0, 1700, 1, door), WANTED, 1700, true, 0)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 2380, 1, door), WANTED, 2380, true, 0)))
                .containsExactly("hold-done");
        LoadRecord out = LoadRecording.of(readings(0, 1800, 1, door), WANTED, 1800, false, 0);
        assertThat(alarms(out)).containsExactly("hold-short");
        IntToDoubleFunction steady = s -> 130 + s % 2;
        assertThat(alarms(LoadRecording.of(readings(0, 1500, 1, steady), WANTED, 1500, false, 0)))
                .isEmpty();
        assertThat(alarms(LoadRecording.of(readings(0, 5460, 1, steady), WANTED, 5460, true, 0)))
                .containsExactly("held-long");
        assertThat(alarms(LoadRecording.of(readings(0, 5460, 1, steady), WANTED, 5460, false, 0)))
                .containsExactly("held-long");
    }

    @Test
    public void eightHoursAtOneASecondKeepTheirPeaksInSixHundredPoints() {
        List<Reading> readings = readings(0, 8 * 3600, 1, s -> s == 12_345 ? 155 : 130 + s % 2);
        LoadRecord record = LoadRecording.of(readings, WANTED, 8 * 3600, false, 0);
        assertThat(record.points()).hasSizeLessThanOrEqualTo(LoadRecording.MOST_POINTS);
        assertThat(record.points()).anyMatch(r -> r.c() == 155 && r.atS() == 12_345);
        assertThat(record.points()).isSortedAccordingTo((a, b) -> Double.compare(a.atS(), b.atS()));
        // A second without a reading is missing only where there was none: eight hours but for the peak.
        assertThat(record.inWindowMin()).isCloseTo(480, offset(0.1));
    }

    @Test
    public void whileTheProbeIsAwayMinutesAreNotCounted() {
        List<Reading> readings = readings(0, 600, 1, s -> 130 + s % 2);
        readings.addAll(readings(1800, 2400, 1, s -> 130 + s % 2));
        // Ten minutes and ten; what was not read between counts for nothing.
        assertThat(LoadRecording.of(readings, WANTED, 2400, true, 0).inWindowMin())
                .isCloseTo(20, offset(0.01));
    }

    /** The oven was empty and hotter before: that is nobody's alarm. */
    @Test
    public void readingsFromBeforeItWentInJudgeNothing() {
        List<Reading> readings = readings(-900, 600, 1, s -> s < 0 ? 170 + s % 2 : 130 + s % 2);
        assertThat(alarms(LoadRecording.of(readings, WANTED, 600, true, 0))).isEmpty();
    }

    @Test
    public void oneAbsurdReadingIsLeftOutAndTwoAreBelieved() {
        List<Reading> one = readings(0, 900, 1, s -> s == 700 ? 399 : 130 + s % 2);
        assertThat(alarms(LoadRecording.of(one, WANTED, 900, true, 0))).containsExactly("absurd");
        List<Reading> newest = readings(0, 900, 1, s -> s == 900 ? 399 : 130 + s % 2);
        assertThat(alarms(LoadRecording.of(newest, WANTED, 900, true, 0))).isEmpty();
        List<Reading> two = readings(0, 900, 1, s -> s >= 899 ? 399 : 130 + s % 2);
        assertThat(alarms(LoadRecording.of(two, WANTED, 900, true, 0))).contains("burning");
    }

    /** The air swings by two degrees around each limit: the alarm is raised once, and stays. */
    @Test
    public void anAlarmDoesNotComeAndGoAroundItsLimit() {
        for (double limit : new double[] {180, 140, 120}) {
            int changes = 0;
            boolean before = false;
            List<Reading> all = readings(0, 3000, 5, s -> s < 600 ? 130 + s % 2 : limit + 1.9 * Math.sin(s / 40.0));
            for (int n = 200; n <= all.size(); n += 4) {
                LoadRecord record = LoadRecording.of(
                        all.subList(0, n), WANTED, all.get(n - 1).atS(), true, 0);
                boolean now = record.alarms().stream()
                        .anyMatch(f -> f.rule()
                                .equals(limit == 180 ? "burning" : limit == 140 ? "over-ceiling" : "under-window"));
                changes += now != before ? 1 : 0;
                before = now;
            }
            assertThat(changes).as("around " + limit).isLessThanOrEqualTo(1);
        }
    }

    @Test
    public void aLoadThatNeverGotHotSaysSoWhenItIsDueAndForGood() {
        List<Reading> cold = readings(0, 1800, 1, s -> 90 + s % 2);
        assertThat(alarms(LoadRecording.of(cold, WANTED, 1800, true, 0))).contains("never-hot");
        assertThat(alarms(LoadRecording.of(cold, WANTED, 1800, false, 0))).containsExactly("never-hot");
        assertThat(alarms(LoadRecording.of(cold, WANTED, 1200, true, 0))).doesNotContain("never-hot");
    }

    @Test
    public void nobodyIsGivenToLeaveItInWhileItIsTooHot() {
        List<Reading> hot = readings(0, 1900, 1, s -> s < 900 ? 90 + s % 2 : 160 + s % 2);
        List<String> rules = alarms(LoadRecording.of(hot, WANTED, 1850, true, 0));
        assertThat(rules).contains("over-ceiling").doesNotContain("hold-short");
    }

    /** A reading a minute, or every two: steady ones count fully, and nobody calls the probe lost between them. */
    @Test
    public void aSlowProbeCountsFully() {
        for (int every : new int[] {1, 10, 60, 120}) {
            List<Reading> slow = readings(0, 2400, every, s -> 130 + (s / every) % 3 * 0.4);
            LoadRecord record = LoadRecording.of(slow, WANTED, 2400 + every * 0.9, true, 0);
            assertThat(record.atHeatMin()).as("every " + every).isCloseTo(40, offset(0.1));
            assertThat(alarms(record)).containsExactly("hold-done");
        }
    }

    @Test
    public void aFlatLineCountsNothingAndLeavesItsTrace() {
        List<Reading> flat = readings(0, 3000, 1, s -> s < 600 ? 130 + s % 2 : 131);
        LoadRecord in = LoadRecording.of(flat, WANTED, 3000, true, 0);
        assertThat(in.atHeatMin()).isCloseTo(10, offset(0.2));
        assertThat(alarms(in)).contains("probe-stuck").doesNotContain("hold-done");
        LoadRecord out = LoadRecording.of(flat, WANTED, 3000, false, 0);
        assertThat(alarms(out)).contains("probe-stuck", "hold-unknown");
        assertThat(out.alarms().get(out.alarms().size() - 1).message()).contains("40 min");
    }

    @Test
    public void aDropOutNamesTheMinutesThatWereNotRead() {
        List<Reading> readings = readings(0, 600, 1, s -> 130 + s % 2);
        readings.addAll(readings(1200, 2700, 1, s -> 130 + s % 2));
        LoadRecord record = LoadRecording.of(readings, WANTED, 2700, false, 0);
        assertThat(record.alarms())
                .filteredOn(f -> f.rule().equals("unread"))
                .singleElement()
                .extracting(Advice::message)
                .asString()
                .contains("10 min in total");
        // Readings sixty times as fast come in bursts: five seconds of the wall are five minutes of the studio's.
        assertThat(alarms(LoadRecording.of(readings(0, 600, 1, s -> 130 + s % 2), WANTED, 720, true, 300)))
                .doesNotContain("probe-lost");
    }
}
