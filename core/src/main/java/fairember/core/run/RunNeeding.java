package fairember.core.run;

import fairember.core.foilcore.SizedCore;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.piece.Fitting;
import fairember.core.piece.MeasuredInsert;
import fairember.core.piece.MeasuredPart;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BoughtPart;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Adds up what a run takes. */
public final class RunNeeding {
    /** A mix whose parts weigh nothing is measured for so little. */
    private static final Mass LEAST = new Mass(1e-9);

    private final Map<Mix, Double> netByMix = new LinkedHashMap<>();
    private final Map<StockClay, Double> byClay = new LinkedHashMap<>();
    private final Map<Inclusion, Double> byInclusion = new LinkedHashMap<>();
    private final Map<BoughtPart, Integer> byBought = new LinkedHashMap<>();
    private final List<RunNeeds.PortionRow> portions = new ArrayList<>();
    private final List<RunNeeds.CoreRow> cores = new ArrayList<>();
    private final List<RunNeeds.SleeveRow> sleeves = new ArrayList<>();

    private RunNeeding() {}

    /**
     * What the full quantities of these jobs take. A mix that goes into other mixes of the run is mixed once, for all of them, and
     * stands before them.
     *
     * <pre>grams to mix = grams in pieces · (1 + hands) + machine + grams that go into other mixes</pre>
     *
     * @param waste what of a mix does not end up in pieces
     */
    public static RunNeeds needs(List<Job> jobs, MixWaste waste) {
        RunNeeding needing = new RunNeeding();
        jobs.forEach(needing::take);
        List<RunNeeds.MixNeed> mixes = needing.mixes(waste);
        return new RunNeeds(
                needing.portions,
                mixes,
                needing.clays(),
                needing.strewn(),
                needing.cores,
                needing.sleeves,
                needing.torn(),
                needing.bought());
    }

    private List<RunNeeds.MixNeed> mixes(MixWaste waste) {
        List<Mix> order = new ArrayList<>();
        netByMix.keySet().forEach(mix -> innerFirst(mix, order));
        Map<Mix, Double> intoOthers = new HashMap<>();
        Map<Mix, RunNeeds.MixNeed> needs = new HashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            Mix mix = order.get(i);
            Mass net = new Mass(netByMix.getOrDefault(mix, 0.0));
            Mass others = new Mass(intoOthers.getOrDefault(mix, 0.0));
            Mass toMix = waste.toMix(net).plus(others);
            MeasuredMix scaled = MixMeasuring.measure(mix, toMix.g() > 0 ? toMix : LEAST);
            needs.put(mix, new RunNeeds.MixNeed(net, others, scaled));
            for (int s = 0; s < mix.inclusions().size(); s++) {
                byInclusion.merge(
                        mix.inclusions().get(s), scaled.inclusions().get(s).g(), Double::sum);
            }
            for (MeasuredMix.Line line : scaled.lines()) {
                if (line.ingredient() instanceof Mix.OfMix inner) {
                    intoOthers.merge(inner.mix(), line.mass().g(), Double::sum);
                } else if (line.ingredient() instanceof Mix.OfClay of) {
                    byClay.merge(of.clay(), line.mass().g(), Double::sum);
                }
            }
        }
        return order.stream().flatMap(mix -> Stream.ofNullable(needs.get(mix))).toList();
    }

    private static void innerFirst(Mix mix, List<Mix> order) {
        if (order.contains(mix)) {
            return;
        }
        for (Mix.Ingredient ingredient : mix.ingredients()) {
            if (ingredient instanceof Mix.OfMix inner && inner.parts() > 0) {
                innerFirst(inner.mix(), order);
            }
        }
        order.add(mix);
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

    private List<RunNeeds.StrewnNeed> strewn() {
        return byInclusion.entrySet().stream()
                .map(e -> new RunNeeds.StrewnNeed(e.getKey(), new Mass(e.getValue())))
                .toList();
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
