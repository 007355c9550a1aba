package fairember.core.batch;

import fairember.core.daybook.Learned;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredStage;
import fairember.core.design.NonClay;
import fairember.core.input.Gathering;
import fairember.core.ovenload.Bake;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.LongFunction;

/**
 * The jobs of a batch: one for each design, and one for each that small parts of others are made of. Eyes that several designs want
 * are one set, made together before the pieces they are put on.
 */
public final class BatchJobs {
    private final LongFunction<MeasuredDesign> designs;
    private final Learned learned;
    private final Set<Long> firstAlone;
    private final List<Long> innerFirst = new ArrayList<>();

    private BatchJobs(LongFunction<MeasuredDesign> designs, Learned learned, Set<Long> firstAlone) {
        this.firstAlone = Set.copyOf(firstAlone);
        this.designs = designs;
        this.learned = learned;
    }

    /**
     * The jobs, those that make small parts of others before these.
     *
     * @param wanted how many of each design, by its number, in order
     * @param firstAlone numbers of the designs whose first piece is made alone
     * @param designs gives a design by its number
     * @param progress what is done of each
     * @param learned what the daybook says of their steps
     */
    public static List<Job> of(
            long batchId,
            Map<Long, Integer> wanted,
            Set<Long> firstAlone,
            LongFunction<MeasuredDesign> designs,
            Function<MeasuredDesign, Progress> progress,
            Learned learned) {
        BatchJobs jobs = new BatchJobs(designs, learned, firstAlone);
        wanted.keySet().forEach(jobs::order);
        return jobs.made(batchId, wanted, progress);
    }

    /** The jobs of a batch of one design alone, nothing of it done; its small parts are as they were measured with it. */
    public static List<Job> alone(MeasuredDesign design, int quantity, Learned learned) {
        Map<Long, MeasuredDesign> known = new HashMap<>();
        known(design, known);
        long id = design.design().id();
        return of(
                0,
                Map.of(id, quantity),
                Set.of(),
                of -> Objects.requireNonNull(known.get(of)),
                one -> Progress.NONE,
                learned);
    }

    private static void known(MeasuredDesign design, Map<Long, MeasuredDesign> known) {
        known.put(design.design().id(), design);
        design.nonClay().forEach(thing -> {
            MeasuredDesign made = thing.made();
            if (made != null) {
                known(made, known);
            }
        });
    }

    private void order(long id) {
        if (!innerFirst.contains(id)) {
            designs.apply(id).design().smallPartIds().forEach(this::order);
            innerFirst.add(id);
        }
    }

    private List<Job> made(long batchId, Map<Long, Integer> wanted, Function<MeasuredDesign, Progress> progress) {
        Map<Long, Integer> others = new HashMap<>();
        for (int i = innerFirst.size() - 1; i >= 0; i--) {
            long id = innerFirst.get(i);
            long count = (long) wanted.getOrDefault(id, 0) + others.getOrDefault(id, 0);
            smallParts(id)
                    .forEach(thing ->
                            others.merge(id(thing), most(count * thing.count()), (a, b) -> most((long) a + b)));
        }
        Map<Long, Job> jobs = new LinkedHashMap<>();
        for (long id : innerFirst) {
            MeasuredDesign design = designs.apply(id);
            Design form = design.design();
            List<Job.Supply> supplies = smallParts(id).stream()
                    .map(thing -> new Job.Supply(
                            thing.putOn(form.tree()), thing.count(), Objects.requireNonNull(jobs.get(id(thing)))))
                    .toList();
            int forOthers = others.getOrDefault(id, 0);
            jobs.put(
                    id,
                    new Job(
                            new JobKey(batchId, id),
                            design,
                            wanted.getOrDefault(id, 0) + forOthers,
                            progress.apply(design),
                            forOthers,
                            supplies,
                            learned.steps(form),
                            firstAlone.contains(id)));
        }
        return List.copyOf(jobs.values());
    }

    /** No more than a job can have: {@link #check} refuses far fewer. */
    private static int most(long count) {
        return (int) Math.min(count, (long) Job.WITH_SMALL_PARTS.high() / 2);
    }

    private List<NonClay> smallParts(long id) {
        return designs.apply(id).design().armature().nonClay().stream()
                .filter(thing -> thing.designId() != null)
                .toList();
    }

    private static long id(NonClay smallPart) {
        return Objects.requireNonNull(smallPart.designId());
    }

    /** What gives more things for the oven than one bake may have, in words; empty when nothing does. */
    public static Optional<String> tooMany(List<Job> jobs) {
        return jobs.stream().filter(BatchJobs::isTooMany).map(BatchJobs::things).findFirst();
    }

    private static double inOneBake(Job job) {
        int most = job.design().stages().stream()
                .mapToInt(MeasuredStage::unitsEach)
                .max()
                .orElse(1);
        return (double) job.quantity() * most;
    }

    private static boolean isTooMany(Job job) {
        return inOneBake(job) > Bake.COUNT.high();
    }

    private static String things(Job job) {
        return "%.0f things in one bake, of %s"
                .formatted(inOneBake(job), job.design().design().name());
    }

    /**
     * Refuses what no tray count can hold.
     *
     * @param lines the designs of the batch, by their numbers, in order
     * @throws fairember.core.input.InvalidInputException on "lines[i].quantity" when a design, or what is made for it, gives more
     *     things for the oven than one bake may have
     */
    public static void check(List<Long> lines, List<Job> jobs) {
        Gathering gathering = new Gathering();
        for (Job job : jobs) {
            if (isTooMany(job)) {
                gathering.error(
                        "lines[" + line(lines, job, jobs) + "].quantity",
                        things(job),
                        "up to %.0f".formatted(Bake.COUNT.high()),
                        "Make fewer, or split this batch into two.");
            }
        }
        gathering.orRefuse();
    }

    /** The line of a job, or the one whose pieces want most of what it makes. */
    private static int line(List<Long> lines, Job made, List<Job> jobs) {
        int own = lines.indexOf(made.key().designId());
        if (own >= 0) {
            return own;
        }
        return jobs.stream()
                .max(Comparator.comparingInt(job -> taken(job, made)))
                .map(job -> line(lines, job, jobs))
                .orElse(0);
    }

    /** How many of what another job makes go into the pieces of a job. */
    private static int taken(Job job, Job made) {
        return job.supplies().stream()
                .filter(supply -> supply.job().key().equals(made.key()))
                .mapToInt(supply -> supply.each() * job.quantity())
                .sum();
    }
}
