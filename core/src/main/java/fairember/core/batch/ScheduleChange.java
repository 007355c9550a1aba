package fairember.core.batch;

import java.time.LocalDateTime;
import java.util.List;

/**
 * Something that goes in at another time than before.
 *
 * @param names of the bakes, which moved together
 * @param from when they were to go in
 * @param to when they go in now
 * @param because what they wait for now
 */
public record ScheduleChange(List<String> names, LocalDateTime from, LocalDateTime to, String because) {
    public ScheduleChange {
        names = List.copyOf(names);
    }
}
