package fairember.core.ovencalibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A dial that lies is set right by what a thermometer read. */
public class DialCorrectionTest {
    private static DialReading at(double dial, double read) {
        return new DialReading(dial, read);
    }

    @Test
    public void betweenReadingsItIsStraightAndPastThemByAsMuchOff() {
        // 100 is 96, 150 is 140: half way, 125 is 118; for 125 the dial goes to 100 + 29/44 · 50 = 132.95.
        DialCorrection dial = DialCorrection.of(List.of(at(150, 140), at(100, 96)));
        assertThat(dial.readAt(125)).isEqualTo(118);
        assertThat(dial.settingFor(125)).isCloseTo(132.954545, within(1e-6));
        assertThat(dial.readAt(80)).isEqualTo(76);
        assertThat(dial.settingFor(150)).isEqualTo(160);
        assertThat(dial.beyond(149)).isFalse();
        assertThat(dial.beyond(151)).isTrue();
        assertThat(dial.beyond(85)).isTrue();
        // One reading: the same off everywhere.
        assertThat(DialCorrection.of(List.of(at(125, 120))).settingFor(130)).isEqualTo(135);
        // Two at one setting: their mean.
        assertThat(DialCorrection.of(List.of(at(125, 118), at(125, 122))).readAt(125))
                .isEqualTo(120);
    }

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 40).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "lots")
    public void settingAndReadingUndoEachOtherAndBothRise(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<DialReading> readings = new ArrayList<>();
        double dial = 60;
        double read = random.nextDouble(45, 75);
        for (int i = 0; i < random.nextInt(1, 9); i++) {
            readings.add(at(dial, read));
            dial += random.nextDouble(2, 22);
            read += random.nextDouble(1, 26);
        }
        DialCorrection correction = DialCorrection.of(readings);
        double before = Double.NEGATIVE_INFINITY;
        for (double wanted = 50; wanted < 220; wanted += 1.7) {
            double setting = correction.settingFor(wanted);
            assertThat(correction.readAt(setting)).isCloseTo(wanted, within(1e-9));
            assertThat(setting).isGreaterThan(before);
            before = setting;
        }
        readings.forEach(r -> assertThat(correction.readAt(r.dialC())).isCloseTo(r.readC(), within(1e-9)));
    }

    @Test
    public void readingsThatCannotBeAreRefused() {
        assertThat(Refusals.of(() -> DialCorrection.of(List.of())).get(0).field())
                .isEqualTo("readings");
        assertThat(Refusals.of(() -> DialCorrection.of(List.of(at(100, 120), at(130, 110))))
                        .get(0)
                        .found())
                .isEqualTo("110 °C at 130 °C");
        assertThat(Refusals.of(() -> at(20, 400))).extracting(w -> w.field()).containsExactly("dialC", "readC");
    }
}
