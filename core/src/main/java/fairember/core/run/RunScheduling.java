package fairember.core.run;

import fairember.core.finding.Finding;
import fairember.core.measure.Energy;
import fairember.core.measure.Figures;
import fairember.core.measure.Minutes;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadPlanning;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.piece.MeasuredStage;
import fairember.core.piece.Step;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * Sets hands and oven in time, forward from a start: one pair of hands, one oven, only in the studio's hours. Hands take
 * the first step that is ready, those that feed an earlier load first; a load goes in when all its pieces are shaped,
 * the oven is free and its hold ends before closing.
 */
public final class RunScheduling {
    private final Oven oven;
    private final WorkHours hours;
    private final Start start;
    private final List<Pending> pending = new ArrayList<>();
    private final Map<String, Integer> lastLoad = new HashMap<>();
    private final Map<Integer, RunSchedule.TimedLoad> timed = new HashMap<>();
    private final List<RunSchedule.HandsTask> tasks = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private LocalDateTime handsFree;
    private LocalDateTime ovenFree;

    /**
     * Where the plan starts from.
     *
     * @param now earliest moment of anything
     * @param ovenFree when the load that is in the oven comes out; {@code now} when it is empty
     * @param cooledAt by bake key: when what is in the oven now, or cooling, can be handled
     */
    public record Start(LocalDateTime now, LocalDateTime ovenFree, Map<String, LocalDateTime> cooledAt) {
        public Start {
            cooledAt = Map.copyOf(cooledAt);
        }

        public static Start at(LocalDateTime now) {
            return new Start(now, now, Map.of());
        }
    }

    /** A step still to be done: feeds the first load its piece is in, waits for the last load of the stage before. */
    private record Pending(Job job, Step step, int index, int pieces, int feeds, int waitsFor, int order) {}

    private RunScheduling(Oven oven, WorkHours hours, Start start) {
        this.oven = oven;
        this.hours = hours;
        this.start = start;
        this.handsFree = hours.next(start.now());
        this.ovenFree = start.ovenFree();
    }

    /** The schedule of what is left of these jobs; of equal standing the earlier in the list goes first. */
    public static RunSchedule schedule(List<Job> jobs, Oven oven, WorkHours hours, Start start) {
        return new RunScheduling(oven, hours, start).run(jobs);
    }

    private RunSchedule run(List<Job> jobs) {
        LoadPlan plan = LoadPlanning.plan(RunBakes.of(jobs), oven);
        Map<String, Integer> firstLoad = new HashMap<>();
        for (int i = 0; i < plan.loads().size(); i++) {
            for (PlannedLoad.Item item : plan.loads().get(i).items()) {
                firstLoad.putIfAbsent(item.bake().key(), i);
                lastLoad.put(item.bake().key(), i);
            }
        }
        jobs.forEach(job -> await(job, firstLoad));
        pending.sort(Comparator.comparingInt(Pending::feeds).thenComparingInt(Pending::order));
        while (!pending.isEmpty() || timed.size() < plan.loads().size()) {
            int next = timed.size();
            if (next < plan.loads().size() && pending.stream().noneMatch(t -> t.feeds() == next)) {
                bake(plan.loads().get(next), jobs);
            } else {
                handle(pick());
            }
        }
        findings.addAll(plan.findings());
        List<RunSchedule.TimedLoad> loads = plan.loads().isEmpty()
                ? List.of()
                : Stream.iterate(0, i -> i + 1)
                        .limit(timed.size())
                        .map(timed::get)
                        .toList();
        return new RunSchedule(
                tasks,
                loads,
                tasks.stream().map(RunSchedule.HandsTask::minutes).reduce(Minutes.ZERO, Minutes::plus),
                loads.stream().map(l -> l.load().energy()).reduce(Energy.ZERO, Energy::plus),
                finish(jobs, loads),
                findings);
    }

    private void await(Job job, Map<String, Integer> firstLoad) {
        List<Step> steps = job.piece().piece().steps();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            int pieces = job.alive() - job.progress().stepDone(i);
            if (pieces <= 0) {
                continue;
            }
            int feeds = firstLoad.getOrDefault(job.bakeKey(step.stage()), Integer.MAX_VALUE);
            int waitsFor = step.stage() == 0 ? -1 : lastLoad.getOrDefault(job.bakeKey(step.stage() - 1), -1);
            pending.add(new Pending(job, step, i, pieces, feeds, waitsFor, pending.size()));
        }
    }

    /** The step that can begin first; of those the one that feeds the earliest load. */
    private Pending pick() {
        return pending.stream()
                .filter(t -> t.waitsFor() < timed.size())
                .min(Comparator.comparing(this::ready))
                .orElseThrow();
    }

    private LocalDateTime ready(Pending next) {
        LocalDateTime at = handsFree;
        RunSchedule.TimedLoad load = timed.get(next.waitsFor());
        if (load != null && load.cooled().isAfter(at)) {
            at = load.cooled();
        }
        LocalDateTime cooling =
                start.cooledAt().get(next.job().bakeKey(next.step().stage() - 1));
        return cooling != null && cooling.isAfter(at) ? cooling : at;
    }

    private void handle(Pending next) {
        boolean begun = next.job().progress().stepDone(next.index()) > 0;
        Minutes each = next.step().each().times(next.pieces());
        Minutes minutes = begun ? each : each.plus(next.step().setup());
        List<WorkHours.Slot> slots = hours.work(ready(next), seconds(minutes));
        tasks.add(new RunSchedule.HandsTask(next.job(), next.step(), next.index(), next.pieces(), minutes, slots));
        if (!slots.isEmpty()) {
            handsFree = slots.get(slots.size() - 1).to();
        }
        pending.remove(next);
    }

    private void bake(PlannedLoad load, List<Job> jobs) {
        LocalDateTime from = ovenFree;
        for (PlannedLoad.Item item : load.items()) {
            LocalDateTime shaped = shaped(item.bake().key());
            from = shaped.isAfter(from) ? shaped : from;
            for (String before : item.bake().after()) {
                LocalDateTime cooled = cooled(before);
                from = cooled.isAfter(from) ? cooled : from;
            }
        }
        Duration whole = seconds(oven.preheat().plus(load.hold()));
        if (whole.compareTo(hours.day()) > 0) {
            findings.add(Finding.breaks(
                    "hours-short",
                    "A load of %s min with its preheat is longer than the studio is open."
                            .formatted(Figures.show(
                                    oven.preheat().plus(load.hold()).min())),
                    "Open longer that day, or bake in stages; no baking with nobody there."));
        }
        LocalDateTime heatFrom = hours.fit(from, whole);
        LocalDateTime in = heatFrom.plus(seconds(oven.preheat()));
        LocalDateTime out = in.plus(seconds(load.hold()));
        ovenFree = out;
        timed.put(
                timed.size(),
                new RunSchedule.TimedLoad(load, heatFrom, in, out, out.plus(seconds(cooling(load, jobs)))));
    }

    /** When the last step that feeds this bake is done. */
    private LocalDateTime shaped(String bakeKey) {
        return tasks.stream()
                .filter(t -> t.job().bakeKey(t.step().stage()).equals(bakeKey)
                        && !t.slots().isEmpty())
                .map(t -> t.slots().get(t.slots().size() - 1).to())
                .max(Comparator.naturalOrder())
                .orElse(start.now());
    }

    private LocalDateTime cooled(String bakeKey) {
        RunSchedule.TimedLoad load = timed.get(lastLoad.getOrDefault(bakeKey, -1));
        return load == null ? start.now() : load.cooled();
    }

    private static Minutes cooling(PlannedLoad load, List<Job> jobs) {
        Minutes longest = Minutes.ZERO;
        for (Job job : jobs) {
            List<MeasuredStage> stages = job.piece().stages();
            for (int i = 0; i < stages.size(); i++) {
                String key = job.bakeKey(i);
                Minutes cooling = stages.get(i).stage().cooling();
                if (cooling.compareTo(longest) > 0
                        && load.items().stream()
                                .anyMatch(item -> item.bake().key().equals(key))) {
                    longest = cooling;
                }
            }
        }
        return longest;
    }

    private LocalDateTime finish(List<Job> jobs, List<RunSchedule.TimedLoad> loads) {
        Stream<LocalDateTime> ends = Stream.concat(
                loads.stream().map(RunSchedule.TimedLoad::cooled),
                tasks.stream().flatMap(t -> t.slots().stream()).map(WorkHours.Slot::to));
        Stream<LocalDateTime> cooling = jobs.stream()
                .flatMap(job -> Stream.iterate(0, i -> i + 1)
                        .limit(job.piece().stages().size())
                        .map(job::bakeKey))
                .map(start.cooledAt()::get)
                .filter(Objects::nonNull);
        return Stream.concat(ends, cooling).max(Comparator.naturalOrder()).orElse(start.now());
    }

    private static Duration seconds(Minutes minutes) {
        return Duration.ofSeconds(Math.round(minutes.min() * 60));
    }
}
