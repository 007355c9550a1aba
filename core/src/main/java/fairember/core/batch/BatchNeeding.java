package fairember.core.batch;

import fairember.core.design.FittedFinding;
import fairember.core.design.MeasuredInsert;
import fairember.core.design.MeasuredPart;
import fairember.core.design.SpareBox;
import fairember.core.foilcore.SizedCore;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.Finding;
import fairember.core.stock.Paint;
import fairember.core.stock.StockClay;
import fairember.core.stock.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

/** Adds up what a batch takes. */
public final class BatchNeeding {
    /** A mix whose parts weigh nothing is measured for so little. */
    private static final Mass LEAST = new Mass(1e-9);

    private final Map<Mix, Double> netByMix = new LinkedHashMap<>();
    private final Map<StockClay, Double> byClay = new LinkedHashMap<>();
    private final Map<Inclusion, Double> byInclusion = new LinkedHashMap<>();
    private final Map<Finding, Integer> byFinding = new LinkedHashMap<>();
    private final Map<Paint, Double> byPaint = new LinkedHashMap<>();
    private final List<BatchNeeds.PortionRow> portions = new ArrayList<>();
    private final List<BatchNeeds.CoreRow> cores = new ArrayList<>();
    private final List<BatchNeeds.SleeveRow> sleeves = new ArrayList<>();

    private final Reserved reserved;
    private final SpareDraw box;

    private BatchNeeding(Reserved reserved, SpareBox box) {
        this.reserved = reserved;
        this.box = new SpareDraw(box, reserved);
    }

    /**
     * What the full quantities of these jobs take. A mix that goes into other mixes of the batch is mixed once, for all of them, and
     * stands before them.
     *
     * <pre>grams to mix = grams in designs · (1 + hands) + machine + grams that go into other mixes + what is cut off worked clay</pre>
     *
     * @param waste what of each mix does not end up in designs
     */
    public static BatchNeeds needs(List<Job> jobs, Function<Mix, MixWaste> waste) {
        return needs(jobs, waste, Reserved.NOTHING, SpareBox.EMPTY);
    }

    /**
     * The same where some of the shelf is kept for others, and parts are taken out of the box of spare parts as far as it has them.
     *
     * @param reserved what is opened or bought, or taken out of the box, has to come from elsewhere
     */
    public static BatchNeeds needs(List<Job> jobs, Function<Mix, MixWaste> waste, Reserved reserved, SpareBox box) {
        BatchNeeding needing = new BatchNeeding(reserved, box);
        jobs.forEach(needing::take);
        List<BatchNeeds.MixNeed> mixes = needing.mixes(waste);
        return new BatchNeeds(
                needing.portions,
                mixes,
                needing.clays(),
                needing.inclusions(),
                needing.cores,
                needing.sleeves,
                needing.torn(),
                needing.findings(),
                needing.supplies(),
                needing.paints());
    }

    /** The same where the waste of every mix is alike. */
    public static BatchNeeds needs(List<Job> jobs, MixWaste waste) {
        return needs(jobs, mix -> waste);
    }

    private List<BatchNeeds.MixNeed> mixes(Function<Mix, MixWaste> wasteOf) {
        List<Mix> order = new ArrayList<>();
        netByMix.keySet().forEach(mix -> innerFirst(mix, order));
        Map<Mix, Double> intoOthers = new HashMap<>();
        Map<Mix, BatchNeeds.MixNeed> needs = new HashMap<>();
        for (int i = order.size() - 1; i >= 0; i--) {
            Mix mix = order.get(i);
            Mass net = new Mass(netByMix.getOrDefault(mix, 0.0));
            Mass others = new Mass(intoOthers.getOrDefault(mix, 0.0));
            MixWaste waste = wasteOf.apply(mix);
            Mass toMix = mix.made(waste.toMix(net).plus(others));
            MeasuredMix scaled = MixMeasuring.measure(mix, toMix.g() > 0 ? toMix : LEAST);
            needs.put(mix, new BatchNeeds.MixNeed(net, others, scaled, waste));
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
        for (MeasuredPart part : job.design().parts()) {
            int wanted = part.part().count() * job.quantity();
            Map<Integer, Integer> fromBox = box.take(part.part(), wanted);
            int taken = fromBox.values().stream().mapToInt(Integer::intValue).sum();
            int count = wanted - taken + part.part().spares();
            portions.add(new BatchNeeds.PortionRow(job.design(), part, count, fromBox));
            netByMix.merge(part.mix().mix(), part.portion().mass().g() * count, Double::sum);
            SizedCore core = part.core();
            if (core != null && !core.spec().hollow()) {
                cores.add(new BatchNeeds.CoreRow(job.design(), part, count, core.torn()));
            }
        }
        for (MeasuredInsert insert : job.design().inserts()) {
            if (insert.sleeve().turns() > 0) {
                sleeves.add(new BatchNeeds.SleeveRow(job.design(), insert, job.quantity()));
            }
        }
        for (FittedFinding fitting : job.design().findings()) {
            byFinding.merge(fitting.finding(), fitting.count() * job.quantity(), Integer::sum);
        }
        job.design().uses().forEach(use -> byPaint.merge(use.paint(), use.of(job.quantity()), Double::sum));
    }

    private Length torn() {
        double forCores =
                cores.stream().mapToDouble(row -> row.torn().mm() * row.count()).sum();
        double forSleeves = sleeves.stream()
                .mapToDouble(row -> row.insert().sleeve().torn().mm() * row.count())
                .sum();
        return new Length(forCores + forSleeves);
    }

    private List<BatchNeeds.ClayNeed> clays() {
        List<BatchNeeds.ClayNeed> clays = new ArrayList<>();
        byClay.forEach((clay, grams) -> {
            if (grams > 0) {
                Mass needed = new Mass(grams);
                // What earlier batches buy for themselves is not kept of the shelf.
                Mass kept = new Mass(
                        Math.min(reserved.clay(clay.id()).g(), clay.onShelf().g()));
                clays.add(new BatchNeeds.ClayNeed(
                        clay, needed, kept, BlockBuying.cover(kept.g() > 0 ? clay.without(kept) : clay, needed)));
            }
        });
        return clays;
    }

    private List<BatchNeeds.InclusionNeed> inclusions() {
        return byInclusion.entrySet().stream()
                .map(e -> new BatchNeeds.InclusionNeed(e.getKey(), new Mass(e.getValue())))
                .toList();
    }

    private List<BatchNeeds.SupplyNeed> supplies() {
        List<BatchNeeds.SupplyNeed> needs = new ArrayList<>();
        bySupply().forEach((supply, needed) -> {
            double kept = Math.min(reserved.supply(supply.id()), supply.onShelf());
            int packs = supply.parts().isEmpty() ? supply.without(kept).packsFor(needed) : 0;
            needs.add(new BatchNeeds.SupplyNeed(
                    supply, needed, kept, packs, supply.price().times(packs)));
        });
        return needs;
    }

    /** What is taken of each supply: of a mixed paint what there is of it, and for the rest the paints it is mixed of. */
    private Map<Supply, Double> bySupply() {
        Map<Supply, Double> bySupply = new LinkedHashMap<>();
        byPaint.forEach((paint, needed) -> {
            double mixed = toMix(paint, needed);
            if (needed > mixed) {
                bySupply.merge(paint.supply(), needed - mixed, Double::sum);
            }
            paint.madeOf().forEach(share -> bySupply.merge(share.supply(), paint.of(share, mixed), Double::sum));
        });
        return bySupply;
    }

    /** How much of a mixed paint there is not; none of what is bought. */
    private double toMix(Paint paint, double needed) {
        Supply left = paint.supply().without(reserved.supply(paint.supply().id()));
        return paint.madeOf().isEmpty() ? 0 : Math.max(0, needed - left.onShelf());
    }

    private List<BatchNeeds.PaintNeed> paints() {
        return byPaint.entrySet().stream()
                .filter(entry -> toMix(entry.getKey(), entry.getValue()) > 0)
                .map(entry -> new BatchNeeds.PaintNeed(entry.getKey(), toMix(entry.getKey(), entry.getValue())))
                .toList();
    }

    private List<BatchNeeds.FindingNeed> findings() {
        List<BatchNeeds.FindingNeed> needs = new ArrayList<>();
        byFinding.forEach((part, needed) -> {
            int kept = Math.min(reserved.finding(part.id()), part.onShelf());
            int toBuy = part.without(kept).packsFor(needed) * part.pack();
            needs.add(new BatchNeeds.FindingNeed(
                    part, needed, kept, toBuy, part.price().times(toBuy)));
        });
        return needs;
    }
}
