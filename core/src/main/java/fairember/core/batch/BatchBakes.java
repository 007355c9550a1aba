package fairember.core.batch;

import fairember.core.design.MeasuredStage;
import fairember.core.design.Step;
import fairember.core.ovenload.Bake;
import fairember.core.quantity.Minutes;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The stage bakes that are left of some jobs. */
public final class BatchBakes {
    private BatchBakes() {}

    /**
     * In the order of the jobs and their stages; each waits for the stage before it, and nothing is asked of hands. What
     * dries in the air is left out.
     */
    public static List<Bake> of(List<Job> jobs) {
        List<Bake> bakes = new ArrayList<>();
        for (Job job : jobs) {
            BakeRef before = null;
            for (int i = 0; i < job.design().stages().size(); i++) {
                int left = left(job, i);
                if (left > 0 && !dries(job, i)) {
                    bakes.add(bake(job, i, left, before));
                    before = job.bake(i);
                }
            }
        }
        return bakes;
    }

    /**
     * The same with the steps that shape for each, when the stage before is cooled, and when they are due.
     *
     * @param start what is in the oven or cooling now
     * @param bench whose closing on the day it is due is the last moment of a job, less what follows its last bake
     * @param zero of the plan
     */
    static List<Bake> of(List<Job> jobs, Workshop bench, BatchScheduling.Start start, LocalDateTime zero) {
        List<Bake> bakes = new ArrayList<>();
        for (Job job : jobs) {
            BakeRef before = null;
            for (int i = 0; i < job.design().stages().size(); i++) {
                int left = left(job, i);
                if (left <= 0 || dries(job, i)) {
                    continue;
                }
                LocalDateTime begins = bench.begins().getOrDefault(job.key(), zero);
                LocalDateTime cooled = i == 0 ? begins : start.cooledAt().getOrDefault(job.bake(i - 1), begins);
                Minutes from = minutes(zero, cooled.isAfter(begins) ? cooled : begins);
                Bake bake = bake(job, i, left, before).shaped(new Bake.Hands(from, work(job, i)));
                boolean last = i == job.design().design().lastStage();
                OptionalDouble due = last ? due(job, bench, zero) : OptionalDouble.empty();
                bakes.add(due.isPresent() ? bake.dueAt(due.getAsDouble()) : bake);
                before = job.bake(i);
            }
        }
        return bakes;
    }

    /** Whether a stage dries in the air and so needs no oven. */
    static boolean dries(Job job, int stage) {
        return job.design().stages().get(stage).need().drying().isPresent();
    }

    private static int left(Job job, int stage) {
        int units = job.design().stages().get(stage).unitsEach();
        return job.alive() * units - job.progress().bakedOrIn(stage);
    }

    private static Bake bake(Job job, int i, int left, @Nullable BakeRef before) {
        MeasuredStage stage = job.design().stages().get(i);
        Minutes cooling =
                i == 0 ? Minutes.ZERO : job.design().stages().get(i - 1).stage().cooling();
        return new Bake(
                job.bake(i),
                job.design().design().name() + ", " + stage.stage().name(),
                left,
                1,
                stage.unit(),
                true,
                stage.need().window().low(),
                stage.need().window().high(),
                stage.need().bakingTime(),
                stage.need().cap(),
                Bake.Hands.NONE,
                before == null ? List.of() : List.of(new Bake.Wait(before, cooling)),
                OptionalDouble.empty());
    }

    /** Minutes of the steps before a bake that are still to be done; for a stage after the last, of those that follow. */
    static Minutes work(Job job, int stage) {
        Minutes sum = Minutes.ZERO;
        List<Step> steps = job.design().design().steps();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).stage() == stage) {
                sum = sum.plus(work(job, steps.get(i), i));
            }
        }
        return sum;
    }

    /** Minutes of one step for all pieces that still want it. */
    static Minutes work(Job job, Step step, int index) {
        int pieces = job.alive() - job.progress().stepDone(index);
        if (pieces <= 0) {
            return Minutes.ZERO;
        }
        Minutes each = step.each().times(pieces);
        return job.progress().stepDone(index) > 0 ? each : each.plus(step.setup());
    }

    private static OptionalDouble due(Job job, Workshop bench, LocalDateTime zero) {
        LocalDateTime closing = bench.due().get(job.key());
        if (closing == null) {
            return OptionalDouble.empty();
        }
        int last = job.design().design().lastStage();
        double after = job.design().stages().get(last).stage().cooling().min()
                + work(job, last + 1).min();
        return OptionalDouble.of(Duration.between(zero, closing).toSeconds() / 60.0 - after);
    }

    static Minutes minutes(LocalDateTime zero, LocalDateTime at) {
        return new Minutes(Math.max(0, Duration.between(zero, at).toSeconds() / 60.0));
    }
}
