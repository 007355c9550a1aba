package fairember.core.batch;

import fairember.core.daybook.StepEstimate;
import fairember.core.design.AssemblyTree;
import fairember.core.design.BuildPoint;
import fairember.core.design.MeasuredStage;
import fairember.core.design.Step;
import fairember.core.ovenload.Bake;
import fairember.core.quantity.Minutes;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The stage bakes that are left of some jobs. */
public final class BatchBakes {
    private BatchBakes() {}

    /**
     * In the order of the jobs and their stages; each waits for the stages of what is in it, and nothing is asked of hands.
     * What dries in the air is left out.
     */
    public static List<Bake> of(List<Job> jobs) {
        List<Bake> bakes = new ArrayList<>();
        for (Job job : FirstPiece.apart(jobs)) {
            for (int stage : left(job)) {
                bakes.add(bake(job, stage));
            }
        }
        return bakes;
    }

    /**
     * The same with the steps that are done for each, when the stages before it are cooled, and when they are due.
     *
     * @param start what is in the oven or cooling now
     * @param bench whose closing on the day it is due is the last moment of a job, less what follows its last bakes
     * @param zero of the plan
     */
    static List<Bake> of(List<Job> jobs, Workshop bench, BatchScheduling.Start start, LocalDateTime zero) {
        List<Bake> bakes = new ArrayList<>();
        for (Job job : jobs) {
            AssemblyTree tree = job.design().design().tree();
            List<Integer> last = tree.last();
            LocalDateTime begins = bench.begins(job.key(), zero);
            for (int stage : left(job)) {
                LocalDateTime cooled = Stream.concat(
                                tree.waitsFor(stage).stream().map(job::bake),
                                job.suppliesOf(stage).stream().flatMap(s -> lastBakes(s.job())))
                        .map(before -> start.cooledAt().getOrDefault(before, begins))
                        .max(Comparator.naturalOrder())
                        .orElse(begins);
                Minutes from = minutes(zero, cooled.isAfter(begins) ? cooled : begins);
                Bake bake = bake(job, stage).shaped(new Bake.Hands(from, hands(job, stage)));
                OptionalDouble due = last.contains(stage) ? due(job, stage, bench, zero) : OptionalDouble.empty();
                bakes.add(due.isPresent() ? bake.dueAt(due.getAsDouble()) : bake);
            }
        }
        return bakes;
    }

    /** The stages of a job that still want the oven. */
    private static List<Integer> left(Job job) {
        return IntStream.range(0, job.design().stages().size())
                .filter(stage -> left(job, stage) > 0 && !dries(job, stage))
                .boxed()
                .toList();
    }

    /** Whether a stage dries in the air and so needs no oven. */
    static boolean dries(Job job, int stage) {
        return job.design().stages().get(stage).need().drying().isPresent();
    }

    private static int left(Job job, int stage) {
        int units = job.design().stages().get(stage).unitsEach();
        return job.alive() * units - job.progress().bakedOrIn(stage);
    }

    private static Bake bake(Job job, int index) {
        MeasuredStage stage = job.design().stages().get(index);
        return new Bake(
                job.bake(index),
                job.design().design().stageName(index) + (job.key().first() ? ", the first one" : ""),
                left(job, index),
                1,
                stage.unit(),
                true,
                stage.need().window().low(),
                stage.need().window().high(),
                stage.need().bakingTime(),
                stage.need().cap(),
                Bake.Hands.NONE,
                waits(job, index, Minutes.ZERO),
                OptionalDouble.empty());
    }

    private static Stream<BakeRef> lastBakes(Job job) {
        return job.design().design().tree().last().stream().map(job::bake);
    }

    /**
     * The bakes a stage waits for, each until it has cooled: those of what is in it, and the last ones of its small parts, which are
     * finished before they are put on.
     */
    private static List<Bake.Wait> waits(Job job, int index, Minutes after) {
        List<Bake.Wait> waits = new ArrayList<>();
        for (int before : job.design().design().tree().waitsFor(index)) {
            waits.addAll(over(job, before, after));
        }
        for (Job.Supply supply : job.suppliesOf(index)) {
            AssemblyTree tree = supply.job().design().design().tree();
            Minutes finished = supply.job().key().first() ? after : after.plus(finishing(supply.job()));
            tree.last().forEach(last -> waits.addAll(over(supply.job(), last, finished)));
        }
        return waits;
    }

    /** A bake to wait for until it is over; of a stage that is done already, or that dries, what it waits for. */
    private static List<Bake.Wait> over(Job job, int index, Minutes after) {
        MeasuredStage stage = job.design().stages().get(index);
        if (dries(job, index)) {
            return waits(job, index, stage.need().drying().orElse(Minutes.ZERO).plus(after));
        }
        return left(job, index) > 0
                ? List.of(new Bake.Wait(job.bake(index), stage.stage().cooling().plus(after)))
                : List.of();
    }

    /** Minutes of the steps for a stage, and before them those that end the first piece it waits for. */
    private static Minutes hands(Job job, int stage) {
        Minutes own = work(job, job.design().design().tree().feeding(stage));
        return job.firstBefore(stage).map(first -> finishing(first).plus(own)).orElse(own);
    }

    /** Minutes of the steps that no bake waits for. */
    private static Minutes finishing(Job job) {
        return work(job, job.design().design().tree().finishing());
    }

    /**
     * Minutes of the steps at some points that are still to be done, and of what dries after them. The planner of loads takes drying
     * before a bake for work; the schedule shows hands as free then.
     */
    static Minutes work(Job job, List<BuildPoint> points) {
        Minutes sum = Minutes.ZERO;
        for (int step : steps(job, points)) {
            sum = sum.plus(work(job, step)).plus(waiting(job, step));
        }
        return sum;
    }

    /** The steps that are done for a stage, in order. */
    public static List<Integer> feeding(Job job, int stage) {
        return steps(job, job.design().design().tree().feeding(stage));
    }

    /** The steps at some points, in the order of the points. */
    static List<Integer> steps(Job job, List<BuildPoint> points) {
        List<Step> steps = job.design().design().steps();
        return points.stream()
                .flatMap(point -> IntStream.range(0, steps.size())
                        .filter(step -> steps.get(step).at().equals(point))
                        .boxed())
                .toList();
    }

    /** Minutes of one step for all pieces that still want it. */
    static Minutes work(Job job, int step) {
        int pieces = job.alive() - job.progress().stepDone(step);
        if (pieces <= 0) {
            return Minutes.ZERO;
        }
        StepEstimate estimate = job.estimate(step);
        Minutes each = estimate.each().times(pieces);
        return job.setUp(step) ? each : each.plus(estimate.setup()).plus(job.making(step));
    }

    /** Minutes to wait after a step that is still to be done. */
    static Minutes waiting(Job job, int step) {
        return job.progress().stepDone(step) < job.alive() ? job.design().waiting(step) : Minutes.ZERO;
    }

    private static OptionalDouble due(Job job, int last, Workshop bench, LocalDateTime zero) {
        LocalDateTime closing = bench.due().get(job.key().whole());
        if (closing == null) {
            return OptionalDouble.empty();
        }
        double after = job.design().stages().get(last).stage().cooling().min()
                + finishing(job).min();
        return OptionalDouble.of(Duration.between(zero, closing).toSeconds() / 60.0 - after);
    }

    static Minutes minutes(LocalDateTime zero, LocalDateTime at) {
        return new Minutes(Math.max(0, Duration.between(zero, at).toSeconds() / 60.0));
    }
}
