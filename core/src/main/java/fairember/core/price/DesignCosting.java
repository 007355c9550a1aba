package fairember.core.price;

import fairember.core.batch.BatchBakes;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.daybook.Learned;
import fairember.core.design.MeasuredDesign;
import fairember.core.foilcore.FoilRoll;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.mix.MixWaste;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Works out what a design costs in a batch of its own. */
public final class DesignCosting {
    private DesignCosting() {}

    /** Minutes before the first piece: the set-up of every step, and the canes, blends, sheets and cords of all. */
    private static Minutes setup(Job job) {
        return IntStream.range(0, job.estimates().size())
                .mapToObj(i -> job.estimate(i).setup().plus(job.making(i)))
                .reduce(Minutes.ZERO, Minutes::plus);
    }

    /** Minutes of every step for all pieces of a job. */
    private static Minutes each(Job job) {
        return job.estimates().stream()
                .map(step -> step.each().times(job.quantity()))
                .reduce(Minutes.ZERO, Minutes::plus);
    }

    /**
     * The cost of one of a batch, with the small parts that are made for it: its share of what the batch takes (spares and the ends of canes too), its set-up minutes and its oven loads planned for the batch
     * alone, as {@link CostLadder#of} adds them up.
     *
     * @param learned what the daybook says of its minutes, its losses and the waste of its mixes
     */
    public static DesignCost cost(
            MeasuredDesign design, int quantity, Rates rates, FoilRoll roll, Oven oven, Learned learned) {
        List<Job> batch = BatchJobs.alone(design, quantity, learned);
        MixWaste hands = MixWaste.ofHands(rates.waste());
        BatchNeeds needs = BatchNeeding.needs(batch, mix -> learned.waste(mix, hands));
        double share = 1.0 / quantity;
        LoadPlan loads = LoadPlanning.plan(LoadProblem.of(oven, BatchBakes.of(batch)), Effort.RULES);
        return CostLadder.of(new CostInputs(
                quantity,
                Stream.concat(
                                needs.clays().stream()
                                        .map(c -> new CostInputs.Clay(
                                                c.clay().name(),
                                                c.needed().times(share),
                                                c.clay().bestValue())),
                                needs.inclusions().stream()
                                        .map(s -> new CostInputs.Clay(
                                                s.inclusion().name(),
                                                s.needed().times(share),
                                                s.inclusion().priced())))
                        .toList(),
                needs.torn().times(share),
                roll,
                batch.stream()
                        .flatMap(job -> job.design().findings().stream()
                                .map(finding -> finding.price().times(job.quantity())))
                        .reduce(Money.ZERO, Money::plus)
                        .times(share),
                new Money(1)
                        .times(batch.stream()
                                        .flatMap(job -> job.design().uses().stream()
                                                .map(use -> use.paint().minor(use.of(job.quantity()))))
                                        .mapToDouble(Double::doubleValue)
                                        .sum()
                                * share),
                batch.stream().map(DesignCosting::setup).reduce(Minutes.ZERO, Minutes::plus),
                batch.stream()
                        .map(DesignCosting::each)
                        .reduce(Minutes.ZERO, Minutes::plus)
                        .times(share),
                learned.lost(design.design()),
                loads.loads().size(),
                loads.loads().stream().map(PlannedLoad::energy).reduce(Energy.ZERO, Energy::plus),
                rates,
                design.design().price()));
    }
}
