package fairember.core.beginning;

import fairember.core.bake.BakeRules;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchScheduling;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.batch.Progress;
import fairember.core.batch.WorkHours;
import fairember.core.batch.Workshop;
import fairember.core.daybook.Learned;
import fairember.core.design.Design;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.foilcore.FoilRoll;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.price.DesignCost;
import fairember.core.price.DesignCosting;
import fairember.core.price.Rates;
import fairember.core.stock.StockClay;
import fairember.core.studio.Settings;
import fairember.core.studio.StudioOven;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * All that a plan of one batch alone is made from, so that it can be made again with one thing changed.
 *
 * @param designs small parts of others first
 * @param wanted how many of each, by number
 * @param mixes they are made of
 * @param furnished gives a palette the findings and supplies of the studio
 * @param learned what the daybook has taught
 * @param now earliest moment of anything
 * @param due by when all is wanted
 */
public record PlanBasis(
        List<Design> designs,
        Map<Long, Integer> wanted,
        List<Mix> mixes,
        UnaryOperator<Palette> furnished,
        FoilRoll roll,
        BakeRules rules,
        Rates rates,
        MixWaste waste,
        WorkHours hours,
        int makers,
        StudioOven oven,
        Learned learned,
        LocalDateTime now,
        LocalDateTime due) {
    public PlanBasis {
        designs = List.copyOf(designs);
        mixes = List.copyOf(mixes);
    }

    /** The basis in a studio. */
    public static PlanBasis of(
            List<Design> designs,
            Map<Long, Integer> wanted,
            List<Mix> mixes,
            UnaryOperator<Palette> furnished,
            Settings settings,
            StudioOven oven,
            Learned learned,
            LocalDateTime now,
            LocalDateTime due) {
        return new PlanBasis(
                designs,
                wanted,
                mixes,
                furnished,
                settings.roll(),
                settings.rules(),
                settings.rates(),
                settings.mixWaste(),
                settings.hours(),
                settings.makers(),
                oven,
                learned,
                now,
                due);
    }

    /**
     * Works it all out; loads are planned by rule, nothing else being on the bench.
     *
     * @throws fairember.core.input.InvalidInputException when a design cannot be measured
     */
    public Plan plan() {
        Palette palette = furnished.apply(new Palette(mixes));
        Map<Long, MeasuredDesign> measured = new HashMap<>();
        List<MeasuredDesign> inOrder = designs.stream()
                .map(design -> {
                    MeasuredDesign one = DesignMeasuring.measure(design, palette.withSmallParts(measured), roll, rules);
                    measured.put(design.id(), one);
                    return one;
                })
                .toList();
        List<Job> jobs = BatchJobs.of(
                0, wanted, Set.of(), id -> Objects.requireNonNull(measured.get(id)), design -> Progress.NONE, learned);
        Map<JobKey, LocalDateTime> dues = new HashMap<>();
        jobs.forEach(job -> dues.put(job.key(), due));
        Workshop bench = new Workshop(
                List.of(new Workshop.Use(oven.oven(), oven.hours())),
                hours,
                makers,
                Map.of(),
                dues,
                List.of(),
                List.of());
        List<DesignCost> costs = jobs.stream()
                .filter(job -> job.own() > 0)
                .map(job -> DesignCosting.cost(job.design(), job.own(), rates, roll, oven.oven(), learned))
                .toList();
        return new Plan(
                inOrder,
                BatchNeeding.needs(jobs, mix -> learned.waste(mix, waste)),
                BatchScheduling.schedule(
                        jobs,
                        bench,
                        BatchScheduling.Start.at(now),
                        problem -> LoadPlanning.plan(problem, Effort.RULES)),
                costs);
    }

    /** The same with other clays. */
    PlanBasis with(UnaryOperator<StockClay> clays) {
        return new PlanBasis(
                designs,
                wanted,
                mixes.stream().map(mix -> mix.of(clays)).toList(),
                furnished,
                roll,
                rules,
                rates,
                waste,
                hours,
                makers,
                oven,
                learned,
                now,
                due);
    }

    /** The same where hands take so many times as long. */
    PlanBasis slower(double factor) {
        List<Design> slow = designs.stream()
                .map(design -> design.with(
                        design.steps().stream().map(step -> step.times(factor)).toList()))
                .toList();
        return new PlanBasis(
                slow, wanted, mixes, furnished, roll, rules, rates, waste, hours, makers, oven, learned, now, due);
    }

    /** The same at other rates and with other waste. */
    PlanBasis with(Rates otherRates, MixWaste otherWaste) {
        return new PlanBasis(
                designs,
                wanted,
                mixes,
                furnished,
                roll,
                rules,
                otherRates,
                otherWaste,
                hours,
                makers,
                oven,
                learned,
                now,
                due);
    }

    /** The same with another oven. */
    PlanBasis with(StudioOven other) {
        return new PlanBasis(
                designs, wanted, mixes, furnished, roll, rules, rates, waste, hours, makers, other, learned, now, due);
    }
}
