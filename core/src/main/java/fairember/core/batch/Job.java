package fairember.core.batch;

import fairember.core.design.MeasuredDesign;
import fairember.core.input.Span;
import java.util.stream.IntStream;

/**
 * A number of one design to make in a batch.
 *
 * @param key unique among the jobs of a plan
 * @param design to make
 * @param quantity wanted, 1 to 2000
 * @param progress what is done of it already
 */
public record Job(JobKey key, MeasuredDesign design, int quantity, Progress progress) {
    public static final Span QUANTITY = Span.count("quantity", "how many", 1, 2000);

    public Job {
        QUANTITY.check(quantity);
    }

    public Job(JobKey key, MeasuredDesign design, int quantity) {
        this(key, design, quantity, Progress.NONE);
    }

    /** Designs that still live: wanted less lost. */
    public int alive() {
        return Math.max(0, quantity - progress.lost());
    }

    /** Pieces for which every line of its checks is ticked, its inserts' lines too. */
    public int checked() {
        return IntStream.range(0, design.design().checkLines().size())
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

    /** The key of the bake of one stage. */
    public BakeRef bake(int stage) {
        return key.bake(stage);
    }
}
