package fairember.core.review;

import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.daybook.Learned;
import fairember.core.daybook.StepEstimate;
import fairember.core.daybook.StepLog;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.Step;
import fairember.core.mix.Mix;
import fairember.core.price.DesignCost;
import fairember.core.price.Rates;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A batch as it was planned and as it was, in what was logged of it.
 *
 * @param minutes of steps that were timed
 * @param rework minutes of work done over again; none are planned
 * @param grams of mixes that were weighed
 * @param lost pieces of each design
 */
public record BatchReview(List<Line> minutes, List<Line> rework, List<Line> grams, List<Line> lost) {
    private static final int CAUSES = 3;

    public BatchReview {
        minutes = List.copyOf(minutes);
        rework = List.copyOf(rework);
        grams = List.copyOf(grams);
        lost = List.copyOf(lost);
    }

    /**
     * Planned and real of one thing.
     *
     * @param what "shape, Lighthouse ornament", the name of a mix, the name of a design
     * @param planned in minutes, grams or pieces
     * @param real in the same
     * @param dearer what the difference costs; negative when it saved something
     */
    public record Line(What of, String what, double planned, double real, Money dearer) {}

    /** What a line counts. */
    public enum What {
        MINUTES,
        REWORK,
        GRAMS,
        LOST
    }

    /**
     * What was logged of a batch.
     *
     * @param times of its steps
     * @param rework of its steps
     * @param weighed of its mixes, by their numbers
     * @param lost pieces of its designs, by their numbers, made again or not
     */
    public record Logged(
            Map<Learned.StepKey, StepLog> times,
            Map<Learned.StepKey, StepLog> rework,
            Map<Long, WasteEstimate.Weighing> weighed,
            Map<Long, Integer> lost) {}

    /**
     * Compares a batch with its plan.
     *
     * @param jobs with the minutes that were foreseen without this batch
     * @param needs of these jobs
     * @param learned without this batch
     * @param cost of a piece of each job
     */
    public static BatchReview of(
            List<Job> jobs,
            BatchNeeds needs,
            Logged logged,
            Learned learned,
            Rates rates,
            Function<Job, DesignCost> cost) {
        List<Line> minutes = new ArrayList<>();
        List<Line> rework = new ArrayList<>();
        List<Line> lost = new ArrayList<>();
        for (Job job : jobs) {
            List<Step> steps = job.design().design().steps();
            for (int i = 0; i < steps.size(); i++) {
                Learned.StepKey key = Learned.StepKey.of(job.key().designId(), steps.get(i));
                String what = "%s, %s"
                        .formatted(steps.get(i).name(), job.design().design().name());
                StepEstimate estimate = job.estimate(i);
                Optional.ofNullable(logged.times().get(key))
                        .filter(log -> log.pieces() > 0)
                        .map(log -> timed(
                                What.MINUTES, what, estimate.of(log.pieces()).expected(), log.minutes(), rates))
                        .ifPresent(minutes::add);
                Optional.ofNullable(logged.rework().get(key))
                        .map(log -> timed(What.REWORK, what, Minutes.ZERO, log.minutes(), rates))
                        .ifPresent(rework::add);
            }
            lost(job, logged, learned, cost).ifPresent(lost::add);
        }
        return new BatchReview(minutes, rework, grams(needs, logged.weighed()), lost);
    }

    private static Line timed(What of, String what, Minutes planned, Minutes real, Rates rates) {
        double more = real.min() - planned.min();
        return new Line(of, what, planned.min(), real.min(), rates.hour().times(more / 60));
    }

    private static Optional<Line> lost(Job job, Logged logged, Learned learned, Function<Job, DesignCost> cost) {
        if (job.own() == 0) {
            return Optional.empty();
        }
        double planned = learned.lost(job.design().design()).of1() * job.quantity();
        int real = logged.lost().getOrDefault(job.key().designId(), 0);
        Money piece = cost.apply(job).cost();
        return Optional.of(
                new Line(What.LOST, job.design().design().name(), planned, real, piece.times(real - planned)));
    }

    private static List<Line> grams(BatchNeeds needs, Map<Long, WasteEstimate.Weighing> weighed) {
        List<Line> grams = new ArrayList<>();
        for (BatchNeeds.MixNeed need : needs.mixes()) {
            Mix mix = need.scaled().mix();
            WasteEstimate.Weighing weighing = weighed.get(mix.id());
            if (weighing != null) {
                Mass planned = need.waste().toMix(weighing.net());
                double more = weighing.used().g() - planned.g();
                grams.add(new Line(
                        What.GRAMS,
                        mix.name(),
                        planned.g(),
                        weighing.used().g(),
                        new Money(1).times(more * minorPerGram(mix))));
            }
        }
        return grams;
    }

    /** What a gram of a mix costs, in minor units, at the best price of each of its clays. */
    private static double minorPerGram(Mix mix) {
        double parts = 0;
        double minor = 0;
        for (Mix.ClayParts line : mix.clays()) {
            parts += line.parts();
            minor += line.parts() * line.clay().bestValue().minorPerGram();
        }
        return parts == 0 ? 0 : minor / parts;
    }

    private List<Line> all() {
        List<Line> all = new ArrayList<>(minutes);
        all.addAll(rework);
        all.addAll(grams);
        all.addAll(lost);
        return all;
    }

    /** What all differences cost together. */
    public Money dearer() {
        return all().stream().map(Line::dearer).reduce(Money.ZERO, Money::plus);
    }

    /** The three that cost or saved most, the greatest first; none that made no difference. */
    public List<Line> causes() {
        return all().stream()
                .filter(line -> line.dearer().minor() != 0)
                .sorted(Comparator.comparingLong(
                                (Line line) -> -Math.abs(line.dearer().minor()))
                        .thenComparing(Line::what))
                .limit(CAUSES)
                .toList();
    }
}
