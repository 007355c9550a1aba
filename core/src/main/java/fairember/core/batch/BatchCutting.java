package fairember.core.batch;

import fairember.core.blockcutting.Cutting;
import fairember.core.blockcutting.CuttingPlan;
import fairember.core.blockcutting.Stick;
import fairember.core.blockcutting.Want;
import fairember.core.input.Figures;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.stock.BlockCover;
import fairember.core.stock.BlockSize;
import fairember.core.stock.StockClay;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import fairember.core.wire.WireCoil;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How the portions of a batch are cut from blocks and lumps, and its wires from coils. */
public final class BatchCutting {
    /** Smaller than this no portion is cut; it is pinched off. */
    private static final double LEAST_G = 0.001;

    private static final int MOST_BLOCKS = 40;

    private BatchCutting() {}

    /**
     * How the portions of one mix are cut.
     *
     * @param mix cut
     * @param fromBlocks whether it is one clay, cut straight from blocks; otherwise from the lump that was mixed
     * @param plan in grams
     */
    public record MixCut(MeasuredMix mix, boolean fromBlocks, CuttingPlan plan) {}

    /**
     * How the wires of one kind are cut.
     *
     * @param gauge of the wire
     * @param metal of the wire
     * @param total of all of it that the batch needs
     * @param plan in mm
     */
    public record WireCut(Gauge gauge, Metal metal, Length total, CuttingPlan plan) {}

    /** A cutting tree for each mix: a clay used alone from its blocks, those to buy last; a mixed one from its lump. */
    public static List<MixCut> portions(BatchNeeds needs) {
        List<MixCut> cuts = new ArrayList<>();
        for (BatchNeeds.MixNeed need : needs.mixes()) {
            Mix mix = need.scaled().mix();
            List<Want> wants = needs.portions().stream()
                    .filter(row -> row.part().mix().mix().equals(mix))
                    .filter(row -> row.part().portion().mass().g() >= LEAST_G)
                    .map(row -> new Want(
                            row.design().design().name() + ": "
                                    + row.part().part().name(),
                            row.part().portion().mass().g(),
                            row.count()))
                    .toList();
            boolean alone = mix.ingredients().size() == 1
                    && mix.inclusions().isEmpty()
                    && mix.ingredients().get(0) instanceof Mix.OfClay;
            List<Stick> sticks = alone
                    ? blocks(mix.clays().get(0).clay(), needs)
                    : List.of(new Stick("lump mixed", need.scaled().wanted().g()));
            if (!wants.isEmpty() || need.net().g() > 0) {
                cuts.add(new MixCut(need.scaled(), alone, Cutting.plan(sticks, wants)));
            }
        }
        return cuts;
    }

    private static List<Stick> blocks(StockClay clay, BatchNeeds needs) {
        List<Stick> sticks = new ArrayList<>();
        if (clay.open().g() >= LEAST_G) {
            sticks.add(new Stick("opened lump", clay.open().g()));
        }
        for (BlockSize size : clay.blocks()) {
            add(sticks, "block of ", size.mass(), size.onShelf());
        }
        needs.clays().stream()
                .filter(need -> need.clay().equals(clay))
                .flatMap(need -> need.cover().buy().stream())
                .forEach((BlockCover.Blocks findings) ->
                        add(sticks, "block to buy of ", findings.mass(), findings.count()));
        return sticks.subList(0, Math.min(sticks.size(), MOST_BLOCKS));
    }

    private static void add(List<Stick> sticks, String words, Mass mass, int count) {
        for (int i = 1; i <= count; i++) {
            String number = count > 1 ? ", %d of %d".formatted(i, count) : "";
            sticks.add(new Stick(words + Figures.show(mass.g(), "g") + number, mass.g()));
        }
    }

    /**
     * What is left on the coils that some cuts are taken from.
     *
     * @param coils the cuts were made of, in the same order
     * @return for each of these, what is left on each coil that was cut into
     */
    public static List<List<Length>> leftOf(List<WireCoil> coils, List<WireCut> cuts) {
        List<CuttingPlan.Opened> opened = new ArrayList<>();
        cuts.forEach(cut -> opened.addAll(cut.plan().opened()));
        List<List<Length>> left = new ArrayList<>();
        for (WireCoil coil : coils) {
            List<Length> ofCoil = new ArrayList<>();
            for (int i = 1; i <= coil.onShelf(); i++) {
                // Coils may have one name: each takes only what no other has taken.
                Stick stick = new Stick(name(coil, i), coil.length().mm());
                opened.stream()
                        .filter(one -> one.stick().equals(stick))
                        .findFirst()
                        .ifPresent(one -> {
                            ofCoil.add(new Length(one.left()));
                            opened.remove(one);
                        });
            }
            left.add(ofCoil);
        }
        return left;
    }

    private static String name(WireCoil coil, int number) {
        return coil.name() + ", " + number;
    }

    private record Kind(Gauge gauge, Metal metal) {}

    /** Cut lists of all wires of these jobs, one for each gauge and metal, from the coils that hold it. */
    public static List<WireCut> wires(List<Job> jobs, List<WireCoil> coils) {
        Map<Kind, List<Want>> wants = new LinkedHashMap<>();
        for (Job job : jobs) {
            for (Wire wire : job.design().design().armature().wires()) {
                String name = job.design().design().name() + ": " + wire.name();
                wants.computeIfAbsent(new Kind(wire.gauge(), wire.metal()), k -> new ArrayList<>())
                        .add(new Want(name, wire.length().mm(), Math.min(5000, wire.count() * job.quantity())));
            }
        }
        List<WireCut> cuts = new ArrayList<>();
        wants.forEach((kind, designs) -> {
            List<Stick> sticks = new ArrayList<>();
            for (WireCoil coil : coils) {
                for (int i = 1;
                        coil.holds(kind.gauge(), kind.metal()) && i <= coil.onShelf() && sticks.size() < MOST_BLOCKS;
                        i++) {
                    sticks.add(new Stick(name(coil, i), coil.length().mm()));
                }
            }
            double total =
                    designs.stream().mapToDouble(w -> w.size() * w.count()).sum();
            cuts.add(new WireCut(kind.gauge(), kind.metal(), new Length(total), Cutting.plan(sticks, designs)));
        });
        return cuts;
    }
}
