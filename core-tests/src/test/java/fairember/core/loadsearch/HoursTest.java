package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** Two stretches: 10 to 20 and 30 to 50. */
public class HoursTest {
    private static final int[][] STRETCHES = {{10, 20}, {30, 50}};
    private static final Hours WHOLE = new Hours(STRETCHES, false);
    private static final Hours BROKEN = new Hours(STRETCHES, true);

    @Test
    public void whatMayNotBeBrokenBeginsWhereAllOfItFits() {
        assertThat(WHOLE.begin(0, 10)).isEqualTo(10);
        assertThat(WHOLE.begin(11, 10)).isEqualTo(30);
        assertThat(WHOLE.begin(40, 10)).isEqualTo(40);
        assertThat(WHOLE.begin(41, 10)).isEqualTo(Table.NEVER);
        assertThat(WHOLE.begin(0, 21)).isEqualTo(Table.NEVER);
        assertThat(WHOLE.longest()).isEqualTo(20);
        assertThat(WHOLE.end(30, 20)).isEqualTo(50);
    }

    @Test
    public void whatMayBeBrokenGoesOnInTheNextStretch() {
        assertThat(BROKEN.begin(0, 15)).isEqualTo(10);
        assertThat(BROKEN.end(10, 15)).isEqualTo(35);
        assertThat(BROKEN.begin(18, 2)).isEqualTo(18);
        assertThat(BROKEN.end(18, 2)).isEqualTo(20);
        assertThat(BROKEN.end(18, 3)).isEqualTo(31);
        assertThat(BROKEN.begin(45, 6)).isEqualTo(Table.NEVER);
        assertThat(BROKEN.longest()).isEqualTo(30);
    }

    @Test
    public void stretchesThatTouchAreOneAndNoneAtAllIsAlways() {
        Hours joined = new Hours(new int[][] {{0, 10}, {10, 20}, {15, 18}}, false);
        assertThat(joined.open()).hasDimensions(1, 2);
        assertThat(joined.begin(5, 15)).isEqualTo(5);
        Hours always = new Hours(new int[0][], false);
        assertThat(always.begin(123_456, 9999)).isEqualTo(123_456);
    }

    /** Minute by minute: as many are open between begin and end as there is work, the first and the last among them. */
    @Test
    public void workFillsJustAsManyOpenMinutesAsItNeeds() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 2000; round++) {
            int[][] stretches = new int[1 + random.nextInt(4)][];
            int at = random.nextInt(5);
            for (int i = 0; i < stretches.length; i++) {
                int to = at + 1 + random.nextInt(12);
                stretches[i] = new int[] {at, to};
                at = to + 1 + random.nextInt(9);
            }
            Hours hours = new Hours(stretches, true);
            int from = random.nextInt(30);
            int work = 1 + random.nextInt(20);
            int begin = hours.begin(from, work);
            int open = 0;
            for (int minute = from; minute < at; minute++) {
                open += isOpen(stretches, minute) ? 1 : 0;
            }
            assertThat(begin < Table.NEVER).isEqualTo(open >= work);
            if (begin < Table.NEVER) {
                int end = hours.end(begin, work);
                int worked = 0;
                for (int minute = begin; minute < end; minute++) {
                    worked += isOpen(stretches, minute) ? 1 : 0;
                }
                assertThat(worked).isEqualTo(work);
                assertThat(isOpen(stretches, begin)).isTrue();
                assertThat(isOpen(stretches, end - 1)).isTrue();
            }
        }
    }

    private static boolean isOpen(int[][] stretches, int minute) {
        for (int[] s : stretches) {
            if (s[0] <= minute && minute < s[1]) {
                return true;
            }
        }
        return false;
    }
}
