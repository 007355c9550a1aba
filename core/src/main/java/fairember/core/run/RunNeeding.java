package fairember.core.run;

import fairember.core.foilcore.SizedCore;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Share;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.piece.Fitting;
import fairember.core.piece.MeasuredInsert;
import fairember.core.piece.MeasuredPart;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BoughtPart;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Adds up what a run takes. */
public final class RunNeeding {
    private final Map<Mix, Double> netByMix = new LinkedHashMap<>();
    private final Map<StockClay, Double> byClay = new LinkedHashMap<>();
    private final Map<BoughtPart, Integer> byBought = new LinkedHashMap<>();
    private final List<RunNeeds.PortionRow> portions = new ArrayList<>();
    private final List<RunNeeds.CoreRow> cores = new ArrayList<>();
    private final List<RunNeeds.SleeveRow> sleeves = new ArrayList<>();

    private RunNeeding() {}

    /**
     * What the full quantities of these jobs take.
     *
     * <pre>grams to mix = grams in pieces · (1 + waste)</pre>
     *
     * @param waste clay that stays on hands, tools and machine, as a share of what ends up in pieces
     */
    public static RunNeeds needs(List<Job> jobs, Share waste) {
        RunNeeding needing = new RunNeeding();
        jobs.forEach(needing::take);
        List<RunNeeds.MixNeed> mixes = new ArrayList<>();
        needing.netByMix.forEach((mix, net) -> {
            MeasuredMix scaled = MixMeasuring.measure(mix, new Mass(net * (1 + waste.of1())));
            mixes.add(new RunNeeds.MixNeed(new Mass(net), scaled));
            scaled.portions()
                    .forEach(p -> needing.byClay.merge(p.clay(), p.mass().g(), Double::sum));
        });
        return new RunNeeds(
                needing.portions,
                mixes,
                needing.clays(),
                needing.cores,
                needing.sleeves,
                needing.torn(),
                needing.bought());
    }

    private void take(Job job) {
        for (MeasuredPart part : job.piece().parts()) {
            int count = part.part().count() * job.quantity() + part.part().spares();
            portions.add(new RunNeeds.PortionRow(job.piece(), part, count));
            netByMix.merge(part.mix().mix(), part.portion().mass().g() * count, Double::sum);
            SizedCore core = part.core();
            if (core != null) {
                cores.add(new RunNeeds.CoreRow(job.piece(), part, count, core.torn()));
            }
        }
        for (MeasuredInsert insert : job.piece().inserts()) {
            if (insert.sleeve().turns() > 0) {
                sleeves.add(new RunNeeds.SleeveRow(job.piece(), insert, job.quantity()));
            }
        }
        for (Fitting fitting : job.piece().piece().fittings()) {
            byBought.merge(fitting.part(), fitting.count() * job.quantity(), Integer::sum);
        }
    }

    private Length torn() {
        double forCores =
                cores.stream().mapToDouble(row -> row.torn().mm() * row.count()).sum();
        double forSleeves = sleeves.stream()
                .mapToDouble(row -> row.insert().sleeve().torn().mm() * row.count())
                .sum();
        return new Length(forCores + forSleeves);
    }

    private List<RunNeeds.ClayNeed> clays() {
        List<RunNeeds.ClayNeed> clays = new ArrayList<>();
        byClay.forEach((clay, grams) -> {
            if (grams > 0) {
                Mass needed = new Mass(grams);
                clays.add(new RunNeeds.ClayNeed(clay, needed, BlockBuying.cover(clay, needed)));
            }
        });
        return clays;
    }

    private List<RunNeeds.BoughtNeed> bought() {
        List<RunNeeds.BoughtNeed> needs = new ArrayList<>();
        byBought.forEach((part, needed) -> {
            int toBuy = Math.max(0, needed - part.onShelf());
            needs.add(new RunNeeds.BoughtNeed(part, needed, toBuy, part.price().times(toBuy)));
        });
        return needs;
    }
}
