package fairember.core.batch;

import java.time.LocalDateTime;
import java.util.Map;
import java.util.TreeMap;

/** How many are at work at each moment: a step function, kept by the moments at which it changes. */
final class Occupancy {
    private final TreeMap<LocalDateTime, Integer> from = new TreeMap<>();

    /** One more is at work in a slot. */
    void add(WorkHours.Slot slot) {
        if (!slot.from().isBefore(slot.to())) {
            return;
        }
        from.put(slot.from(), at(slot.from()));
        from.put(slot.to(), at(slot.to()));
        from.subMap(slot.from(), slot.to()).replaceAll((moment, many) -> many + 1);
    }

    private int at(LocalDateTime moment) {
        Map.Entry<LocalDateTime, Integer> step = from.floorEntry(moment);
        return step == null ? 0 : step.getValue();
    }

    /** Whether so many or more are at work at some moment of a slot. */
    boolean reaches(int many, WorkHours.Slot slot) {
        return slot.from().isBefore(slot.to())
                && (at(slot.from()) >= many
                        || from.subMap(slot.from(), slot.to()).values().stream().anyMatch(others -> others >= many));
    }
}
