package fairember.core.batch;

import fairember.core.input.InvalidInputException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * When somebody is in the studio: hands work and the oven batches only then.
 *
 * @param from opening
 * @param to closing, after {@code from}
 * @param days of the week, one or more
 */
public record WorkHours(LocalTime from, LocalTime to, Set<DayOfWeek> days) {
    private static final int LEAST_MIN = 30;

    /**
     * Hours of at least half an hour on at least one day.
     *
     * @throws InvalidInputException when there are none
     */
    public WorkHours {
        days = Set.copyOf(days);
        if (days.isEmpty()) {
            throw new InvalidInputException("days", "no day", "1 to 7 days", "Choose the days you work.");
        }
        if (Duration.between(from, to).toMinutes() < LEAST_MIN) {
            throw new InvalidInputException(
                    "closes", from + " to " + to, "half an hour or more", "Make the day end after it begins.");
        }
    }

    /** A stretch of time. */
    public record Slot(LocalDateTime from, LocalDateTime to) {}

    /** At any day between two times. */
    public static WorkHours daily(LocalTime from, LocalTime to) {
        return new WorkHours(from, to, EnumSet.allOf(DayOfWeek.class));
    }

    /** What these hours share with others; nothing when that is no day, or less than half an hour of it. */
    public Optional<WorkHours> shared(WorkHours other) {
        LocalTime later = from.isAfter(other.from) ? from : other.from;
        LocalTime earlier = to.isBefore(other.to) ? to : other.to;
        Set<DayOfWeek> both = new HashSet<>(days);
        both.retainAll(other.days);
        return both.isEmpty() || Duration.between(later, earlier).toMinutes() < LEAST_MIN
                ? Optional.empty()
                : Optional.of(new WorkHours(later, earlier, both));
    }

    /** The length of a working day. */
    public Duration day() {
        return Duration.between(from, to);
    }

    /** The first working moment not before {@code time}. */
    LocalDateTime next(LocalDateTime time) {
        LocalDate date = time.toLocalDate();
        if (days.contains(date.getDayOfWeek()) && time.toLocalTime().isBefore(to)) {
            return time.toLocalTime().isBefore(from) ? date.atTime(from) : time;
        }
        do {
            date = date.plusDays(1);
        } while (!days.contains(date.getDayOfWeek()));
        return date.atTime(from);
    }

    /** The slots of so much work begun not before {@code time}; work goes on the next day where the day ends. */
    List<Slot> work(LocalDateTime time, Duration amount) {
        List<Slot> slots = new ArrayList<>();
        Duration left = amount;
        LocalDateTime at = next(time);
        while (left.compareTo(Duration.ZERO) > 0) {
            LocalDateTime close = at.toLocalDate().atTime(to);
            Duration here = Duration.between(at, close);
            Duration taken = here.compareTo(left) < 0 ? here : left;
            slots.add(new Slot(at, at.plus(taken)));
            left = left.minus(taken);
            at = next(at.plus(taken));
        }
        return slots;
    }

    /** Working time between two moments; none when the second is not after the first. */
    Duration between(LocalDateTime first, LocalDateTime second) {
        Duration sum = Duration.ZERO;
        LocalDateTime at = next(first);
        while (at.isBefore(second)) {
            LocalDateTime close = at.toLocalDate().atTime(to);
            sum = sum.plus(Duration.between(at, close.isBefore(second) ? close : second));
            at = next(close);
        }
        return sum;
    }

    /** The moment after so much working time. */
    LocalDateTime after(LocalDateTime time, Duration amount) {
        List<Slot> slots = work(time, amount);
        return slots.isEmpty() ? time : slots.get(slots.size() - 1).to();
    }

    /** The first start not before {@code time} from which so much fits before closing; a longer stretch starts a day. */
    LocalDateTime fit(LocalDateTime time, Duration amount) {
        LocalDateTime at = next(time);
        LocalDateTime close = at.toLocalDate().atTime(to);
        if (!at.plus(amount).isAfter(close)) {
            return at;
        }
        return at.toLocalTime().equals(from) ? at : next(close);
    }
}
