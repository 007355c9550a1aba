package fairember.core.batch;

import fairember.core.design.AssemblyTree;
import fairember.core.design.BuildPoint;
import fairember.core.design.Step;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Minutes;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Objects;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Sets hands and ovens in time, forward from a start: hands of as many makers as there are, which stop at closing and go
 * on at opening; loads that lie whole within the studio's hours and their oven's own. The loads and the steps that feed
 * them stand where the planner puts them; steps after a last bake go into the first gap in which they can be done.
 */
public final class BatchScheduling {
    private final List<Job> jobs;
    private final Workshop bench;
    private final Start start;
    private final LocalDateTime zero;
    private final List<BatchSchedule.HandsTask> tasks = new ArrayList<>();
    private final NavigableSet<LocalDateTime> ends = new TreeSet<>();
    private final Occupancy busy = new Occupancy();
    private final List<BatchSchedule.Drying> dryings = new ArrayList<>();
    private final Map<JobKey, LocalDateTime> finished = new HashMap<>();

    /**
     * Where the plan starts from.
     *
     * @param now earliest moment of anything
     * @param ovenFree by oven: when the load that is in it comes out; ovens left out are free
     * @param cooledAt by bake key: when what is in the oven now, or cooling, can be handled
     */
    public record Start(LocalDateTime now, Map<Integer, LocalDateTime> ovenFree, Map<BakeKey, LocalDateTime> cooledAt) {
        public Start {
            ovenFree = Map.copyOf(ovenFree);
            cooledAt = Map.copyOf(cooledAt);
        }

        public static Start at(LocalDateTime now) {
            return new Start(now, Map.of(), Map.of());
        }
    }

    /** What plans the loads. */
    public interface Planner {
        LoadPlan plan(LoadProblem problem);
    }

    private BatchScheduling(List<Job> jobs, Workshop bench, Start start) {
        this.jobs = jobs;
        this.bench = bench;
        this.start = start;
        this.zero = zero(start);
    }

    private static LocalDateTime zero(Start start) {
        LocalDateTime minute = start.now().truncatedTo(ChronoUnit.MINUTES);
        return minute.isBefore(start.now()) ? minute.plusMinutes(1) : minute;
    }

    /** The schedule of what is left of these jobs; the planner gives the loads. */
    public static BatchSchedule schedule(List<Job> jobs, Workshop bench, Start start, Planner planner) {
        BatchScheduling scheduling = new BatchScheduling(FirstPiece.apart(jobs), bench, start);
        return scheduling.times(planner.plan(problem(jobs, bench, start)));
    }

    /** The problem that the loads of these jobs are; its zero is the first whole minute not before now. */
    public static LoadProblem problem(List<Job> jobs, Workshop bench, Start start) {
        return new BatchProblem(FirstPiece.apart(jobs), bench, start, zero(start)).problem();
    }

    private BatchSchedule times(LoadPlan plan) {
        List<BatchSchedule.TimedLoad> loads =
                plan.loads().stream().map(this::timed).toList();
        Map<BakeKey, LocalDateTime> cooled = new HashMap<>(start.cooledAt());
        for (BatchSchedule.TimedLoad load : loads) {
            load.load()
                    .items()
                    .forEach(i -> cooled.merge(
                            i.bake().key(), load.out().plus(cooling(i.bake().key())), BatchScheduling::later));
        }
        List<LoadPlan.Shaping> shapings = new ArrayList<>(plan.hands());
        shapings.sort(Comparator.comparingDouble(shaping -> shaping.begin().min()));
        for (LoadPlan.Shaping shaping : shapings) {
            shape(shaping.key(), at(shaping.begin()));
        }
        for (Job job : jobs) {
            if (!finished.containsKey(job.key())) {
                dry(job, cooled);
                finish(job, cooled);
            }
        }
        tasks.sort(Comparator.comparing(BatchSchedule.HandsTask::begin));
        return new BatchSchedule(
                tasks,
                loads,
                dryings,
                tasks.stream().map(BatchSchedule.HandsTask::minutes).reduce(Minutes.ZERO, Minutes::plus),
                loads.stream().map(l -> l.load().energy()).reduce(Energy.ZERO, Energy::plus),
                finish(loads),
                plan.scores(),
                Stream.concat(bench.closed().stream(), plan.advice().stream()).toList());
    }

    private LocalDateTime at(Minutes minutes) {
        return zero.plusSeconds(Math.round(minutes.min() * 60));
    }

    private BatchSchedule.TimedLoad timed(PlannedLoad load) {
        LocalDateTime in = at(load.in());
        LocalDateTime out = in.plus(seconds(load.bakingTime()));
        Duration cooling = load.items().stream()
                .map(i -> cooling(i.bake().key()))
                .max(Comparator.naturalOrder())
                .orElse(Duration.ZERO);
        return new BatchSchedule.TimedLoad(load, at(load.heatFrom()), in, out, out.plus(cooling));
    }

    private Duration cooling(BakeKey bakeKey) {
        for (Job job : jobs) {
            for (int i = 0; i < job.design().stages().size(); i++) {
                if (job.bake(i).equals(bakeKey)) {
                    return seconds(job.design().stages().get(i).stage().cooling());
                }
            }
        }
        return Duration.ZERO;
    }

    /** The steps for a bake, one after the other from {@code begin}. */
    private void shape(BakeKey bakeKey, LocalDateTime begin) {
        for (Job job : jobs) {
            for (int stage = 0; stage < job.design().stages().size(); stage++) {
                if (job.bake(stage).equals(bakeKey)) {
                    LocalDateTime next = job.firstBefore(stage)
                            .map(first -> later(begin, endOfFirst(first, begin)))
                            .orElse(begin);
                    for (int step : BatchBakes.steps(job, tree(job).feeding(stage))) {
                        next = dried(job, step, add(job, step, next, UnaryOperator.identity()));
                    }
                }
            }
        }
    }

    /** The last steps of the first piece, from {@code begin} unless they are there already; when they are done. */
    private LocalDateTime endOfFirst(Job first, LocalDateTime begin) {
        LocalDateTime known = finished.get(first.key());
        if (known != null) {
            return known;
        }
        LocalDateTime next = begin;
        for (int step : BatchBakes.steps(first, tree(first).finishing())) {
            next = dried(first, step, add(first, step, next, UnaryOperator.identity()));
        }
        finished.put(first.key(), next);
        return next;
    }

    private static AssemblyTree tree(Job job) {
        return job.design().design().tree();
    }

    /** Stages that dry in the air: their steps in the first gaps, then their hours; over when later steps are begun. */
    private void dry(Job job, Map<BakeKey, LocalDateTime> cooled) {
        AssemblyTree tree = tree(job);
        LocalDateTime begins = bench.begins(job.key(), zero);
        for (int i : tree.inOrder()) {
            if (!BatchBakes.dries(job, i) || job.alive() == 0) {
                continue;
            }
            LocalDateTime ready =
                    later(later(ready(job, tree.waitsFor(i), cooled), begins), supplied(job, tree.feeding(i)));
            LocalDateTime shaped = place(job, tree.feeding(i), ready);
            Minutes drying = job.design().stages().get(i).need().drying().orElse(Minutes.ZERO);
            LocalDateTime dried = begun(job, i) ? zero : shaped.plus(seconds(drying));
            if (dried.isAfter(zero)) {
                dryings.add(new BatchSchedule.Drying(job, i, null, shaped, dried));
            }
            cooled.merge(job.bake(i), dried, BatchScheduling::later);
        }
    }

    /** When all of some stages have cooled. */
    private LocalDateTime ready(Job job, List<Integer> stages, Map<BakeKey, LocalDateTime> cooled) {
        return stages.stream()
                .map(stage -> cooled.getOrDefault(job.bake(stage), zero))
                .reduce(zero, BatchScheduling::later);
    }

    /** Whether something that is made of what has been through a stage is begun. */
    private static boolean begun(Job job, int stage) {
        List<Step> steps = job.design().design().steps();
        return IntStream.range(0, steps.size())
                .anyMatch(step -> job.progress().stepDone(step) > 0
                        && tree(job).follows(steps.get(step).at(), stage));
    }

    /** The steps that no bake waits for, those of inner assemblies first, each in the first gap that holds it. */
    private void finish(Job job, Map<BakeKey, LocalDateTime> cooled) {
        LocalDateTime begins = later(zero, bench.begins(job.key(), zero));
        Map<Integer, LocalDateTime> done = new HashMap<>();
        for (BuildPoint point : tree(job).finishing()) {
            LocalDateTime ready = tree(job).joinedAt(point).stream()
                    .map(inner -> done.getOrDefault(inner, begins))
                    .reduce(later(begins, ready(job, tree(job).waitsFor(point), cooled)), BatchScheduling::later);
            LocalDateTime end = place(job, List.of(point), later(ready, supplied(job, List.of(point))));
            done.put(point.assembly(), end);
            finished.merge(job.key(), end, BatchScheduling::later);
        }
    }

    /** When the small parts that are put on at some points are finished; jobs that make them come first in the list. */
    private LocalDateTime supplied(Job job, List<BuildPoint> points) {
        return job.supplies().stream()
                .filter(supply -> points.contains(supply.at()))
                .map(supply -> finished.getOrDefault(supply.job().key(), zero))
                .reduce(zero, BatchScheduling::later);
    }

    /** Steps at some points in the first gaps; when they are done. */
    private LocalDateTime place(Job job, List<BuildPoint> points, LocalDateTime ready) {
        LocalDateTime next = ready;
        for (int step : BatchBakes.steps(job, points)) {
            Duration work = seconds(BatchBakes.work(job, step));
            next = dried(job, step, add(job, step, next, at -> gap(at, work)));
        }
        return next;
    }

    /** When what was put on in a step is dry; nothing waits for a step that is done. */
    private LocalDateTime dried(Job job, int step, LocalDateTime done) {
        Minutes waiting = BatchBakes.waiting(job, step);
        if (waiting.min() == 0) {
            return done;
        }
        LocalDateTime dry = done.plus(seconds(waiting));
        dryings.add(new BatchSchedule.Drying(job, null, step, done, dry));
        return dry;
    }

    private LocalDateTime add(Job job, int index, LocalDateTime from, UnaryOperator<LocalDateTime> place) {
        Step step = job.design().design().steps().get(index);
        Minutes minutes = BatchBakes.work(job, index);
        int pieces = job.alive() - job.progress().stepDone(index);
        if (pieces <= 0) {
            return from;
        }
        List<WorkHours.Slot> slots = bench.hours().work(place.apply(from), seconds(minutes));
        LocalDateTime end = slots.isEmpty() ? from : slots.get(slots.size() - 1).to();
        BatchSchedule.HandsTask task = new BatchSchedule.HandsTask(job, step, index, pieces, minutes, from, slots);
        tasks.add(task);
        ends.add(task.end());
        slots.forEach(busy::add);
        return end;
    }

    /** The first moment from which somebody is free for so much work: now, or when another task ends. */
    private LocalDateTime gap(LocalDateTime from, Duration work) {
        LocalDateTime tried = from;
        while (bench.hours().work(tried, work).stream().anyMatch(slot -> busy.reaches(bench.makers(), slot))) {
            LocalDateTime next = ends.higher(tried);
            if (next == null) {
                return tried;
            }
            tried = next;
        }
        return tried;
    }

    private LocalDateTime finish(List<BatchSchedule.TimedLoad> loads) {
        Stream<LocalDateTime> ends = Stream.concat(
                loads.stream().map(BatchSchedule.TimedLoad::cooled),
                tasks.stream().map(BatchSchedule.HandsTask::end));
        Stream<LocalDateTime> cooling = jobs.stream()
                .flatMap(job -> Stream.iterate(0, i -> i + 1)
                        .limit(job.design().stages().size())
                        .map(job::bake))
                .map(start.cooledAt()::get)
                .filter(Objects::nonNull);
        Stream<LocalDateTime> dried = dryings.stream().map(BatchSchedule.Drying::to);
        return Stream.concat(dried, Stream.concat(ends, cooling))
                .max(Comparator.naturalOrder())
                .orElse(start.now());
    }

    private static LocalDateTime later(LocalDateTime a, LocalDateTime b) {
        return a.isAfter(b) ? a : b;
    }

    private static Duration seconds(Minutes minutes) {
        return Duration.ofSeconds(Math.round(minutes.min() * 60));
    }
}
