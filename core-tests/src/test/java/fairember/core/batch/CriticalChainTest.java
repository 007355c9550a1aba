package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import org.testng.annotations.Test;

/** Weekdays from nine to five; six seals take 94 minutes of hands and two loads (see BatchSchedulingTest). */
public class CriticalChainTest {
    private static final WorkHours WEEKDAYS =
            new WorkHours(LocalTime.of(9, 0), LocalTime.of(17, 0), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
    private static final LocalDateTime MONDAY_NINE = LocalDateTime.of(2026, 3, 2, 9, 0);

    private static BatchSchedule schedule(LocalDateTime from, Job... jobs) {
        return BatchScheduling.schedule(
                List.of(jobs),
                Workshop.of(Samples.OVEN, WEEKDAYS),
                BatchScheduling.Start.at(from),
                problem -> LoadPlanning.plan(problem, Effort.SEARCH));
    }

    @Test
    public void ofOneJobEveryTaskAndLoadIsInTheChain() {
        BatchSchedule schedule = schedule(MONDAY_NINE, new Job(new JobKey(1, 97), Samples.measured(Samples.seal()), 6));
        CriticalChain chain = CriticalChain.of(schedule, WEEKDAYS);
        assertThat(chain.loads()).containsExactlyInAnyOrder(0, 1);
        // The eyes are shaped while the oven heats, and heating lets them in two minutes later: they are not in it.
        assertThat(chain.tasks()).containsExactlyInAnyOrder(1, 2, 3);
        // 9:00 heat, in 9:10, out 9:20, cooled 9:35, built 10:57, in, out 11:12, cooled 11:42, fitted 11:46.
        assertThat(schedule.finish()).isEqualTo(MONDAY_NINE.plusMinutes(166));
    }

    @Test
    public void theChainGoesBackOverAClosedWeekend() {
        LocalDateTime fridayFour = LocalDateTime.of(2026, 3, 6, 16, 0);
        BatchSchedule schedule = schedule(fridayFour, new Job(new JobKey(1, 97), Samples.measured(Samples.seal()), 6));
        CriticalChain chain = CriticalChain.of(schedule, WEEKDAYS);
        assertThat(chain.loads()).contains(schedule.loads().size() - 1);
        assertThat(chain.tasks()).hasSizeGreaterThanOrEqualTo(2);
    }

    /** Shaped, dried over two nights, varnished: nothing of it can be sooner. */
    @Test
    public void theChainGoesThroughWhatDriesInTheAir() {
        BatchSchedule schedule = schedule(MONDAY_NINE, new Job(new JobKey(1, 97), Samples.airDried(), 3));
        CriticalChain chain = CriticalChain.of(schedule, WEEKDAYS);
        assertThat(chain.dryings()).containsExactly(0);
        assertThat(chain.tasks()).containsExactlyInAnyOrder(0, 1);
    }

    @Test
    public void whatHasTimeToSpareIsNotInTheChainAndNothingHasNone() {
        BatchSchedule both = schedule(
                MONDAY_NINE,
                new Job(new JobKey(1, 432), Samples.measured(Samples.seal()), 40),
                new Job(new JobKey(1, 560), Samples.measured(Samples.seal()), 1));
        CriticalChain chain = CriticalChain.of(both, WEEKDAYS);
        int last = both.tasks().size() - 1;
        assertThat(chain.tasks()).contains(last).hasSizeLessThan(both.tasks().size());
        CriticalChain none = CriticalChain.of(schedule(MONDAY_NINE), WEEKDAYS);
        assertThat(none.tasks()).isEmpty();
        assertThat(none.loads()).isEmpty();
    }
}
