package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.daybook.MinutesRange;
import fairember.core.quantity.Minutes;
import java.time.Instant;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class JobInHandTest {
    private static final Instant NINE = Instant.parse("2026-03-28T09:00:00Z");

    @DataProvider
    public Object[][] timers() {
        // Minutes that it ran, minutes planned at most, whether somebody forgot it.
        return new Object[][] {
            {239, 30, false}, {241, 30, true}, {241, 121, false}, {241, 120, true}, {600, 400, false}, {961, 900, true}
        };
    }

    @Test(dataProvider = "timers")
    public void aTimerIsAskedAboutWhenNobodyWorksSoLong(int ran, int most, boolean forgotten) {
        MinutesRange planned = new MinutesRange(new Minutes(most / 1.5), new Minutes(1), new Minutes(most));
        JobInHand timed = JobInHand.standing(1, 2, 3).started(NINE, 4, true);
        assertThat(timed.forgotten(NINE.plusSeconds(60L * ran), planned)).isEqualTo(forgotten);
        assertThat(timed.doneThen()).isEqualTo(4);
        assertThat(timed.rework()).isTrue();
        assertThat(JobInHand.standing(1, 2, 3).forgotten(NINE, planned)).isFalse();
    }
}
