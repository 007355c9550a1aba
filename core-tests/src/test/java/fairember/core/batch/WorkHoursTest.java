package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** Hours against a clock that goes minute by minute. */
public class WorkHoursTest {
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 3, 2, 0, 0);

    private static boolean open(WorkHours hours, LocalDateTime minute) {
        return hours.days().contains(minute.getDayOfWeek())
                && !minute.toLocalTime().isBefore(hours.from())
                && minute.toLocalTime().isBefore(hours.to());
    }

    private static WorkHours randomHours(SplittableRandom random) {
        int from = random.nextInt(0, 20 * 60);
        int to = random.nextInt(from + 30, 24 * 60);
        EnumSet<DayOfWeek> days = EnumSet.of(DayOfWeek.of(1 + random.nextInt(7)));
        for (DayOfWeek day : DayOfWeek.values()) {
            if (random.nextBoolean()) {
                days.add(day);
            }
        }
        return new WorkHours(LocalTime.MIDNIGHT.plusMinutes(from), LocalTime.MIDNIGHT.plusMinutes(to), days);
    }

    @Test
    public void workTakesJustTheOpenMinutesOneAfterTheOther() {
        SplittableRandom random = new SplittableRandom(8);
        for (int round = 0; round < 200; round++) {
            WorkHours hours = randomHours(random);
            LocalDateTime start = MONDAY.plusMinutes(random.nextInt(10_000));
            int minutes = random.nextInt(1, 1500);
            List<WorkHours.Slot> slots = hours.work(start, Duration.ofMinutes(minutes));
            List<LocalDateTime> wanted = new ArrayList<>();
            for (LocalDateTime at = start; wanted.size() < minutes; at = at.plusMinutes(1)) {
                if (open(hours, at)) {
                    wanted.add(at);
                }
            }
            List<LocalDateTime> worked = new ArrayList<>();
            for (WorkHours.Slot slot : slots) {
                for (LocalDateTime at = slot.from(); at.isBefore(slot.to()); at = at.plusMinutes(1)) {
                    worked.add(at);
                }
            }
            assertThat(worked).isEqualTo(wanted);
        }
    }

    @Test
    public void aLoadFitsAtTheFirstMomentFromWhichItEndsBeforeClosing() {
        SplittableRandom random = new SplittableRandom(9);
        for (int round = 0; round < 200; round++) {
            WorkHours hours = randomHours(random);
            int length = random.nextInt(1, (int) hours.day().toMinutes() + 1);
            LocalDateTime from = MONDAY.plusMinutes(random.nextInt(10_000));
            LocalDateTime at = hours.fit(from, Duration.ofMinutes(length));
            assertThat(at).isAfterOrEqualTo(from);
            for (int minute = 0; minute < length; minute++) {
                assertThat(open(hours, at.plusMinutes(minute))).isTrue();
            }
            LocalDateTime earlier = from;
            while (earlier.isBefore(at)) {
                LocalDateTime end = earlier.plusMinutes(length);
                boolean sameDay = end.toLocalDate().equals(earlier.toLocalDate());
                boolean fits =
                        open(hours, earlier) && sameDay && !end.toLocalTime().isAfter(hours.to());
                assertThat(fits)
                        .as("%s for %d min in %s", earlier, length, hours)
                        .isFalse();
                earlier = earlier.plusMinutes(1);
            }
        }
    }

    @Test
    public void noWorkTakesNoTimeAndALongerStretchThanADayStartsADay() {
        WorkHours hours = new WorkHours(LocalTime.of(9, 0), LocalTime.of(11, 0), EnumSet.of(DayOfWeek.TUESDAY));
        assertThat(hours.work(MONDAY, Duration.ZERO)).isEmpty();
        assertThat(hours.next(MONDAY)).isEqualTo(MONDAY.plusDays(1).withHour(9));
        LocalDateTime tuesdayTen = MONDAY.plusDays(1).withHour(10);
        assertThat(hours.fit(tuesdayTen, Duration.ofHours(3)))
                .isEqualTo(MONDAY.plusDays(8).withHour(9));
    }
}
