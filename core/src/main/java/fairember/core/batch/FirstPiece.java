package fairember.core.batch;

import fairember.core.design.AssemblyTree;
import fairember.core.design.BuildPoint;
import fairember.core.design.MeasuredStage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Makes the first piece of a design alone: the others wait, at every step and bake, until it is through. */
final class FirstPiece {
    private FirstPiece() {}

    /** The jobs, each whose first piece is made alone and is not through as two: that piece, then the others. */
    static List<Job> apart(List<Job> jobs) {
        if (jobs.stream().noneMatch(FirstPiece::waits)) {
            return jobs;
        }
        Map<JobKey, Job> known = new HashMap<>();
        List<Job> apart = new ArrayList<>();
        for (Job job : jobs) {
            Job supplied = job.suppliedBy(known);
            List<Job> parts = waits(job) ? split(supplied) : List.of(supplied);
            known.put(job.key(), parts.get(parts.size() - 1));
            apart.addAll(parts);
        }
        return apart;
    }

    /** Whether the others of a job wait for its first piece. */
    static boolean waits(Job job) {
        return job.firstAlone() && job.alive() > 1 && !through(first(job));
    }

    private static List<Job> split(Job job) {
        Job first = first(job);
        AssemblyTree tree = job.design().design().tree();
        Stream<BuildPoint> points = Stream.concat(
                IntStream.range(0, job.design().stages().size())
                        .mapToObj(tree::feeding)
                        .flatMap(List::stream),
                tree.finishing().stream());
        Stream<Job.Supply> waits = points.distinct().map(point -> new Job.Supply(point, 0, first));
        Job others = new Job(
                job.key(),
                job.design(),
                job.quantity() - 1,
                job.progress().without(first.progress()),
                Math.min(job.forOthers(), job.quantity() - 1),
                Stream.concat(job.supplies().stream(), waits).toList(),
                job.estimates(),
                false);
        return List.of(first, others);
    }

    private static Job first(Job job) {
        List<Integer> unitsEach =
                job.design().stages().stream().map(MeasuredStage::unitsEach).toList();
        return new Job(
                new JobKey(job.key().batchId(), job.key().designId(), true),
                job.design(),
                1,
                job.progress().ofFirst(unitsEach),
                0,
                job.supplies(),
                job.estimates(),
                false);
    }

    private static boolean through(Job first) {
        boolean done = IntStream.range(0, first.design().design().steps().size())
                .allMatch(step -> first.progress().stepDone(step) > 0);
        return done && IntStream.range(0, first.design().stages().size()).allMatch(stage -> first.through(stage) > 0);
    }
}
