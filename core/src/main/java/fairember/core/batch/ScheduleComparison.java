package fairember.core.batch;

import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.PlannedLoad;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Says what of a schedule moved since an earlier one, and what it waits for now. */
public final class ScheduleComparison {
    /** What moved by less is where it was. */
    private static final Duration LEAST = Duration.ofMinutes(5);

    private static final Duration HAIR = Duration.ofSeconds(90);

    private final BatchSchedule before;
    private final BatchSchedule now;
    private final WorkHours hours;

    private ScheduleComparison(BatchSchedule before, BatchSchedule now, WorkHours hours) {
        this.before = before;
        this.now = now;
        this.hours = hours;
    }

    /**
     * The bakes of both schedules that go in at another time now, by the time they went in before. What is done or new is not
     * among them.
     *
     * @param hours in which somebody is there
     */
    public static List<ScheduleChange> changes(BatchSchedule before, BatchSchedule now, WorkHours hours) {
        return new ScheduleComparison(before, now, hours).changes();
    }

    private List<ScheduleChange> changes() {
        Map<BakeKey, BatchSchedule.TimedLoad> was = first(before);
        Map<BakeKey, BatchSchedule.TimedLoad> is = first(now);
        Map<ScheduleChange, List<String>> together = new LinkedHashMap<>();
        was.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<BakeKey, BatchSchedule.TimedLoad> e) ->
                                e.getValue().in())
                        .thenComparing(e -> e.getKey().words()))
                .forEach(entry -> {
                    BatchSchedule.TimedLoad to = is.get(entry.getKey());
                    LocalDateTime from = entry.getValue().in();
                    if (to != null && Duration.between(from, to.in()).abs().compareTo(LEAST) >= 0) {
                        ScheduleChange change = new ScheduleChange(List.of(), from, to.in(), because(to));
                        together.computeIfAbsent(change, one -> new ArrayList<>())
                                .add(name(to, entry.getKey()));
                    }
                });
        List<ScheduleChange> changes = new ArrayList<>();
        together.forEach((change, names) ->
                changes.add(new ScheduleChange(names, change.from(), change.to(), change.because())));
        return changes;
    }

    private static Map<BakeKey, BatchSchedule.TimedLoad> first(BatchSchedule schedule) {
        Map<BakeKey, BatchSchedule.TimedLoad> first = new HashMap<>();
        for (BatchSchedule.TimedLoad load : schedule.loads()) {
            for (PlannedLoad.Item item : load.load().items()) {
                first.merge(item.bake().key(), load, (a, b) -> a.in().isAfter(b.in()) ? b : a);
            }
        }
        return first;
    }

    private static String name(BatchSchedule.TimedLoad load, BakeKey key) {
        return load.load().items().stream()
                .filter(item -> item.bake().key().equals(key))
                .map(item -> item.bake().name())
                .findFirst()
                .orElse(key.words());
    }

    /** What keeps a load from going in earlier. */
    private String because(BatchSchedule.TimedLoad load) {
        if (load.load().pinned()) {
            return "it is pinned there";
        }
        return hands(load).or(() -> cooling(load)).or(() -> oven(load)).orElseGet(() -> opening(load));
    }

    /** Where nothing before it is waited for. */
    private String opening(BatchSchedule.TimedLoad load) {
        LocalDateTime before = load.heatFrom().minus(HAIR);
        boolean first = now.tasks().stream().allMatch(task -> !task.begin().isBefore(before))
                && now.loads().stream().allMatch(other -> !other.heatFrom().isBefore(before));
        if (first) {
            return "the oven is hot then";
        }
        return hours.next(before).isAfter(before) ? "the studio opens then" : "the plan is better with it there";
    }

    /** The step for something in the load that ends just before it goes in. */
    private Optional<String> hands(BatchSchedule.TimedLoad load) {
        return now.tasks().stream()
                .filter(task -> lets(task.end(), load.in()) && feeds(task, load))
                .max(Comparator.comparing(BatchSchedule.HandsTask::end))
                .map(task -> "the step '%s' (%s) is done by then"
                        .formatted(
                                task.step().name(), task.job().design().design().name()));
    }

    private static boolean feeds(BatchSchedule.HandsTask task, BatchSchedule.TimedLoad load) {
        return load.load().items().stream()
                .map(item -> item.bake().key())
                .filter(BakeRef.class::isInstance)
                .map(BakeRef.class::cast)
                .anyMatch(bake -> bake.job().equals(task.job().key())
                        && BatchBakes.feeding(task.job(), bake.stage()).contains(task.index()));
    }

    /** An earlier bake of something in the load that has cooled just before. */
    private Optional<String> cooling(BatchSchedule.TimedLoad load) {
        return now.loads().stream()
                .filter(other -> lets(other.cooled(), load.in()))
                .flatMap(other -> other.load().items().stream())
                .filter(item -> load.load().items().stream()
                        .anyMatch(later -> later.bake().after().stream()
                                .anyMatch(wait -> wait.key().equals(item.bake().key()))))
                .map(item -> item.bake().name() + " has cooled by then")
                .findFirst();
    }

    /** The load before it in the same oven. */
    private Optional<String> oven(BatchSchedule.TimedLoad load) {
        return now.loads().stream()
                .filter(other -> other.out().isBefore(load.in())
                        && other.load().oven() == load.load().oven()
                        && lets(other.out().plus(unloading(other)), load.heatFrom()))
                .map(other -> "the oven is in use until then ("
                        + other.load().items().get(0).bake().name() + ")")
                .findFirst();
    }

    private static Duration unloading(BatchSchedule.TimedLoad load) {
        double min = load.load().end().min()
                - load.load().in().min()
                - load.load().bakingTime().min();
        return Duration.ofSeconds(Math.round(min * 60));
    }

    private boolean lets(LocalDateTime let, LocalDateTime begun) {
        return !let.isAfter(begun.plus(HAIR)) && !hours.next(let).plus(HAIR).isBefore(begun);
    }
}
