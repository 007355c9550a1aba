package fairember.core.batch;

import fairember.core.daybook.Learned;
import fairember.core.daybook.StepEstimate;
import fairember.core.design.BuildPoint;
import fairember.core.design.CheckLine;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredPart;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.input.Span;
import fairember.core.mix.Mix;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A number of one design to make in a batch.
 *
 * @param key unique among the jobs of a plan
 * @param design to make
 * @param quantity wanted, 1 to 2000
 * @param progress what is done of it already
 * @param forOthers how many of the quantity are small parts of other designs of the batch
 * @param supplies the small parts that are put on it, and the jobs that make them; or the first piece that it waits for
 * @param estimates minutes of each step of the design, as far as the daybook tells
 * @param firstAlone whether one piece is made alone before the others are begun
 */
public record Job(
        JobKey key,
        MeasuredDesign design,
        int quantity,
        Progress progress,
        int forOthers,
        List<Supply> supplies,
        List<StepEstimate> estimates,
        boolean firstAlone) {
    public static final Span QUANTITY = Span.count("quantity", "how many", 1, 2000);
    static final Span WITH_SMALL_PARTS = Span.count("quantity", "how many", 1, 100_000_000);

    /**
     * Small parts that are put on a piece.
     *
     * @param at where
     * @param each how many on one piece; none of a first piece, which is only waited for
     * @param job that makes them
     */
    public record Supply(BuildPoint at, int each, Job job) {}

    public Job {
        WITH_SMALL_PARTS.check(quantity);
        supplies = List.copyOf(supplies);
        estimates = List.copyOf(estimates);
    }

    /** A job of pieces that no small parts are made for, with the minutes its steps say themselves. */
    public Job(JobKey key, MeasuredDesign design, int quantity, Progress progress) {
        this(key, design, quantity, progress, 0, List.of(), Learned.NOTHING.steps(design.design()), false);
    }

    public Job(JobKey key, MeasuredDesign design, int quantity) {
        this(key, design, quantity, Progress.NONE);
    }

    /** Pieces that are sold as they are: all but small parts of others. */
    public int own() {
        return quantity - forOthers;
    }

    /** Designs that still live: wanted less lost. */
    public int alive() {
        return Math.max(0, quantity - progress.lost());
    }

    /** The minutes of a step, set-up and for each piece. */
    public StepEstimate estimate(int step) {
        return estimates.get(step);
    }

    /**
     * Minutes to work the canes, blends, sheets and cords of all pieces, spares too, and to condition clay that is hard to condition: they
     * belong to the first step at which clay is mixed, or to the first of all. And minutes to make the step's jig.
     */
    public Minutes making(int step) {
        int made = firstAlone ? Math.min(1, progress.stepDone(step)) : 0;
        Minutes jig = made > 0 || first().isPresent()
                ? Minutes.ZERO
                : design.design().steps().get(step).jigLeft();
        if (step != mixing()) {
            return jig;
        }
        return clay(made).entrySet().stream()
                .map(e -> e.getKey().making(e.getValue()).plus(e.getKey().conditioning(e.getValue())))
                .reduce(jig, Minutes::plus);
    }

    /** The first step at which clay is mixed, or the first of all. */
    private int mixing() {
        List<Step> steps = design.design().steps();
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).station() == Station.MIX)
                .findFirst()
                .orElse(0);
    }

    /** Whether clay is still to be mixed for some of its pieces. */
    boolean mixes() {
        return !design.design().steps().isEmpty() && progress.stepDone(mixing()) < alive();
    }

    /** What all pieces that still live take of each mix, spares too. */
    Map<Mix, Mass> clay() {
        return clay(0);
    }

    private Map<Mix, Mass> clay(int without) {
        Map<Mix, Mass> grams = new LinkedHashMap<>();
        for (MeasuredPart part : design.parts()) {
            int count = part.part().count() * (alive() - without)
                    + (key.first() ? 0 : part.part().spares());
            grams.merge(part.mix().mix(), part.portion().mass().times(count), Mass::plus);
        }
        return grams;
    }

    /** The first piece that this job waits for. */
    Optional<Job> first() {
        return supplies.stream()
                .map(Supply::job)
                .filter(job -> job.key().first())
                .findFirst();
    }

    /** The first piece, whose last steps come right before those of a stage: one that waits for no other stage. */
    Optional<Job> firstBefore(int stage) {
        return design.design().tree().waitsFor(stage).isEmpty() ? first() : Optional.empty();
    }

    /** Whether its first piece is made alone now, and the others wait for it. */
    public boolean makesFirst() {
        return FirstPiece.waits(this);
    }

    /** Pieces that are made now: one while the others wait for it. */
    public int now() {
        return makesFirst() ? 1 : alive();
    }

    /** Whether a step is set up: it was begun, and not only for the first piece, which is made at another time. */
    boolean setUp(int step) {
        return progress.stepDone(step) > (firstAlone ? 1 : 0);
    }

    /** Pieces for which every line of its checks before the oven is ticked, its inserts' lines too. */
    public int checked() {
        List<CheckLine> lines = design.design().checkLines();
        return IntStream.range(0, lines.size())
                .filter(line -> lines.get(line).beforeOven())
                .map(progress::checked)
                .min()
                .orElse(alive());
    }

    /** Designs that have been through a stage; all of them when it needs no oven. */
    public int through(int stage) {
        return BatchBakes.dries(this, stage)
                ? alive()
                : progress.baked(stage) / design.stages().get(stage).unitsEach();
    }

    /** Pieces that have been through all their bakes. */
    public int throughAll() {
        return design.design().tree().last().stream()
                .mapToInt(this::through)
                .min()
                .orElse(0);
    }

    /** The small parts that must be there before a stage. */
    public List<Supply> suppliesOf(int stage) {
        List<BuildPoint> feeding = design.design().tree().feeding(stage);
        return supplies.stream().filter(s -> feeding.contains(s.at())).toList();
    }

    /** The same job, its small parts made by the jobs of the same keys among some. */
    Job suppliedBy(Map<JobKey, Job> others) {
        return new Job(
                key,
                design,
                quantity,
                progress,
                forOthers,
                supplies.stream()
                        .map(s -> new Supply(
                                s.at(), s.each(), others.getOrDefault(s.job().key(), s.job())))
                        .toList(),
                estimates,
                firstAlone);
    }

    /** The key of the bake of one stage. */
    public BakeRef bake(int stage) {
        return key.bake(stage);
    }
}
