package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.OwnBake;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.foilcore.CoreReview;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Works out the bakes of a design: what is in each, how thick it is, and what it needs of the oven. */
final class StageMeasuring {
    private final Design design;
    private final AssemblyTree tree;
    private final List<MeasuredPart> parts;
    private final List<BoreHole> bores;
    private final List<MeasuredNonClay> nonClay;
    private final BakeRules rules;

    StageMeasuring(
            Design design,
            List<MeasuredPart> parts,
            List<MeasuredInsert> inserts,
            List<MeasuredNonClay> nonClay,
            BakeRules rules) {
        this.design = design;
        this.tree = design.tree();
        this.parts = parts;
        this.bores = inserts.stream().map(BoreHole::of).toList();
        this.nonClay = nonClay;
        this.rules = rules;
    }

    /**
     * A stage with its sums.
     *
     * @throws InvalidInputException when nothing is in it
     */
    MeasuredStage stage(int index) {
        Stage stage = design.stages().get(index);
        boolean separate = design.assemblies().get(stage.assembly()).separate();
        List<MeasuredPart> inOven =
                parts.stream().filter(p -> tree.holds(index, p.part().from())).toList();
        if (inOven.isEmpty()) {
            throw new InvalidInputException(
                    "name",
                    "no parts in " + stage.name(),
                    "one part or more",
                    "Put a part in this bake, or remove the bake.");
        }
        SharedWindow clays = inOven.stream()
                .map(p -> p.mix().window())
                .reduce(SharedWindow::and)
                .orElseThrow();
        List<MeasuredNonClay> others = nonClay.stream()
                .filter(other -> other.thing().bakedIn(tree, index))
                .toList();
        List<HeatLimited> limited =
                new ArrayList<>(others.stream().map(MeasuredNonClay::thing).toList());
        if (stage.assembly() == 0) {
            design.armature().inserts().stream().filter(Insert::stays).forEach(limited::add);
        }
        SharedWindow window = HeatLimited.under(clays, limited);
        String about = design.stageName(index);
        Map<Boolean, List<MeasuredPart>> byCured =
                inOven.stream().collect(Collectors.partitioningBy(p -> curedBefore(p.part(), index)));
        List<MeasuredPart> raw = byCured.getOrDefault(false, List.of());
        List<MeasuredPart> cured = byCured.getOrDefault(true, List.of());
        Length alone = thickest(raw, design.parts());
        OneLump lump = separate || raw.isEmpty()
                ? null
                : OneLump.of(raw, cured, bores, alone).orElse(null);
        Length thickest = lump == null ? alone : lump.thickest();
        Length solid = thickest(raw, StageMeasuring::withoutCore).greatest(thickest);
        StageKind kind = kind(index);
        BakeNeed byPacket = own(BakeNeeding.need(about, window, thickest, kind, rules), about, stage);
        Minutes solidBakingTime =
                BakeNeeding.need(about, window, solid, kind, rules).bakingTime();
        StageHeat heat = kind == StageKind.FULL_BAKE && byPacket.drying().isEmpty() && !raw.isEmpty()
                ? DesignHeating.of(DesignHeating.clay(raw, lump, Seating.of(design, index)), byPacket)
                : null;
        BakeNeed need = heat == null
                ? byPacket
                : BakeNeeding.heated(
                        byPacket, about, heat.slowest().name(), heat.near(), heat.planned(), heat.counting());
        List<Advice> advice = new ArrayList<>(HeatLimited.advice(about, clays, limited));
        if (lump != null && kind == StageKind.FULL_BAKE) {
            advice.addAll(tooThick(about, lump, raw));
        }
        List<Part> given = bodies(inOven, others);
        Box unit = separate ? largest(given) : design.poseIn(index).onTray(DesignBox.around(given));
        return new MeasuredStage(
                stage,
                need,
                solidBakingTime,
                unit,
                design.unitsEach(index),
                heat,
                lump,
                contents(index, inOven, others),
                weight(inOven, others),
                advice);
    }

    private static BakeNeed own(BakeNeed need, String about, Stage stage) {
        OwnBake own = stage.own();
        return own == null ? need : BakeNeeding.own(need, about, own);
    }

    /** What is said of a lump when none of its parts is too thick alone. */
    private static List<Advice> tooThick(String about, OneLump lump, List<MeasuredPart> raw) {
        List<MeasuredPart> parts =
                raw.stream().filter(p -> lump.parts().contains(p.part().name())).toList();
        boolean saidAlready = parts.stream()
                .anyMatch(
                        p -> p.thickest().diameter().compareTo(p.mix().window().greatest()) > 0);
        Length greatest = parts.stream()
                .map(p -> p.mix().window().greatest())
                .min(Comparator.naturalOrder())
                .orElseThrow();
        return saidAlready ? List.of() : CoreReview.ofLump(about, lump.words(), lump.thickest(), greatest);
    }

    private static List<Part> bodies(List<MeasuredPart> inOven, List<MeasuredNonClay> others) {
        return Stream.concat(
                        inOven.stream().map(MeasuredPart::part),
                        others.stream().map(other -> other.thing().body()))
                .toList();
    }

    private List<MeasuredStage.Content> contents(int index, List<MeasuredPart> inOven, List<MeasuredNonClay> others) {
        Stream<MeasuredStage.Content> clay = inOven.stream()
                .map(MeasuredPart::part)
                .map(part -> new MeasuredStage.Content(
                        part.name(),
                        curedBefore(part, index)
                                ? MeasuredStage.Content.State.CURED
                                : MeasuredStage.Content.State.RAW));
        Stream<MeasuredStage.Content> other = others.stream()
                .map(thing -> new MeasuredStage.Content(thing.thing().name(), MeasuredStage.Content.State.NOT_CLAY));
        return Stream.concat(clay, other).toList();
    }

    private static Mass weight(List<MeasuredPart> parts, List<MeasuredNonClay> others) {
        Mass clay = DesignMeasuring.total(parts, p -> p.portion().mass().plus(p.foil()));
        return others.stream().map(MeasuredNonClay::all).reduce(clay, Mass::plus);
    }

    /** Whether a part has had a full cure before a stage; the packet's minutes are counted for what is still raw. */
    private boolean curedBefore(Part part, int index) {
        return tree.way(part.from()).stream()
                .takeWhile(stage -> stage != index)
                .anyMatch(stage -> kind(stage) == StageKind.FULL_BAKE);
    }

    /** What a stage is for; in the staged baking method all cures before the last are short sets. */
    private StageKind kind(int index) {
        StageKind given = design.stages().get(index).kind();
        boolean later = tree.wayAfter(index).stream()
                .anyMatch(after -> design.stages().get(after).kind() == StageKind.FULL_BAKE);
        return rules.bakingMethod() == BakingMethod.STAGED && given == StageKind.FULL_BAKE && later
                ? StageKind.PART_BAKE
                : given;
    }

    /**
     * What heat has to cross: the thickest clay of any part; when a part is raw around one that is raw too, both together, as
     * thick as the outer solid.
     */
    private static Length thickest(List<MeasuredPart> raw, List<Part> all) {
        return thickest(raw, measured -> {
            Part part = measured.part();
            Integer around = part.around();
            boolean bothRaw = around != null
                    && raw.stream().anyMatch(p -> p.part().equals(all.get(around)))
                    && all.get(around).core() == null;
            return bothRaw
                    ? part.shape().thickestSection()
                    : measured.thickest().diameter();
        });
    }

    /** What heat would have to cross without a foil core; a layer and what is bored have none. */
    private static Length withoutCore(MeasuredPart part) {
        return part.core() == null
                ? part.thickest().diameter()
                : part.part().shape().thickestSection();
    }

    private static Length thickest(List<MeasuredPart> inOven, Function<MeasuredPart, Length> of) {
        return inOven.stream().map(of).max(Comparator.naturalOrder()).orElse(Length.ZERO);
    }

    private static Box largest(List<Part> parts) {
        Function<Function<Box, Length>, Length> most = side -> parts.stream()
                .map(p -> side.apply(p.posed().box()))
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return new Box(most.apply(Box::width), most.apply(Box::depth), most.apply(Box::height));
    }
}
