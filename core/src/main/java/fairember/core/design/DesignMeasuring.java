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
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilCoreSizing;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.SizedCore;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.MeasuredMix;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.shape.Box;
import fairember.core.shape.InnerBall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Works out a design from its parts. */
public final class DesignMeasuring {
    private final Palette palette;
    private final FoilRoll roll;
    private final BakeRules rules;

    private DesignMeasuring(Palette palette, FoilRoll roll, BakeRules rules) {
        this.palette = palette;
        this.roll = roll;
        this.rules = rules;
    }

    /**
     * Every portion, core, weight and need of a design.
     *
     * @throws InvalidInputException when a part has no known mix, a finding is not on the shelf, a core does not fit, or a stage has no parts
     */
    public static MeasuredDesign measure(Design design, Palette palette, FoilRoll roll, BakeRules rules) {
        return new DesignMeasuring(palette, roll, rulesOf(design, rules)).measure(design);
    }

    /** The studio's rules, by the baking method of the design when it has its own. */
    static BakeRules rulesOf(Design design, BakeRules studio) {
        BakingMethod own = design.bakingMethod();
        return own == null ? studio : studio.by(own);
    }

    private MeasuredDesign measure(Design design) {
        Gathering gathering = new Gathering();
        List<Supplier<MeasuredPart>> suppliers = design.parts().stream()
                .<Supplier<MeasuredPart>>map(p -> () -> part(p, design.parts()))
                .toList();
        List<MeasuredPart> parts = gathering.all("parts", suppliers);
        List<Supplier<MeasuredInsert>> insertSuppliers = design.armature().inserts().stream()
                .<Supplier<MeasuredInsert>>map(i -> () -> InsertMeasuring.measure(i, design.parts(), roll))
                .toList();
        List<MeasuredInsert> inserts = gathering.all("inserts", insertSuppliers);
        List<Supplier<FittedFinding>> findings = design.fittings().stream()
                .<Supplier<FittedFinding>>map(f -> () -> new FittedFinding(palette.finding(f.findingId()), f.count()))
                .toList();
        List<FittedFinding> fittings = gathering.all("fittings", findings);
        gathering.orRefuse();
        AssemblyTree tree = design.tree();
        List<MeasuredStage> stages = new ArrayList<>();
        for (int i = 0; i < design.stages().size(); i++) {
            int stage = i;
            gathering
                    .at("stages[" + i + "]", () -> stage(design, tree, stage, parts))
                    .ifPresent(stages::add);
        }
        gathering.orRefuse();
        int last = stages.size() - 1;
        stages.set(
                last,
                stages.get(last)
                        .and(LightHeat.advice(design, parts, stages))
                        .and(JointReview.advice(design, parts, stages)));
        return new MeasuredDesign(
                design,
                parts,
                stages,
                inserts,
                fittings,
                total(parts, p -> p.portion().mass()),
                total(parts, MeasuredPart::foil),
                torn(parts, inserts),
                built(design.armature()),
                total(parts, MeasuredPart::claySaved),
                DesignBox.around(design.parts()));
    }

    private static Mass total(List<MeasuredPart> parts, Function<MeasuredPart, Mass> of) {
        return new Mass(parts.stream()
                .mapToDouble(p -> of.apply(p).g() * p.part().count())
                .sum());
    }

    private static Length torn(List<MeasuredPart> parts, List<MeasuredInsert> inserts) {
        double cores = parts.stream()
                .mapToDouble(p -> p.torn().mm() * p.part().count())
                .sum();
        double sleeves =
                inserts.stream().mapToDouble(i -> i.sleeve().torn().mm()).sum();
        return new Length(cores + sleeves);
    }

    private static Mass built(Armature armature) {
        double wires = armature.wires().stream()
                .mapToDouble(wire -> wire.mass().g() * wire.count())
                .sum();
        double inserts = armature.inserts().stream()
                .filter(Insert::stays)
                .mapToDouble(insert -> insert.mass().g())
                .sum();
        return new Mass(wires + inserts);
    }

    private MeasuredPart part(Part part, List<Part> all) {
        MeasuredMix mix = palette.mix(part.mixId());
        Length greatest = mix.window().greatest();
        SizedCore core = core(part, greatest);
        Integer around = part.around();
        if (core != null) {
            return cored(part, mix, core);
        }
        if (around != null) {
            return nested(part, mix, all.get(around));
        }
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(part.shape().volume(), mix.density()),
                null,
                part.shape().thickest(),
                Money.ZERO,
                Minutes.ZERO,
                CoreReview.ofSolid(
                        part.name(), part.shape().box().shortest(), part.shape().thickestSection(), greatest));
    }

    private MeasuredPart cored(Part part, MeasuredMix mix, SizedCore core) {
        Mass saved = mix.density().of(core.claySaved());
        double solid = bakingTime(part, mix, part.shape().thickestSection());
        double hollow = bakingTime(part, mix, core.thickest().diameter());
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(core.clay(), mix.density()),
                core,
                core.thickest(),
                mix.costOf(saved),
                new Minutes(Math.max(0, solid - hollow)),
                core.advice());
    }

    private double bakingTime(Part part, MeasuredMix mix, Length thickest) {
        return BakeNeeding.need(part.name(), mix.window(), thickest, StageKind.FULL_BAKE, rules)
                .bakingTime()
                .min();
    }

    private MeasuredPart nested(Part part, MeasuredMix mix, Part inner) {
        Nesting.Between between = Nesting.between(part, inner);
        InnerBall thickest =
                new InnerBall(between.thickest(), part.shape().thickest().middle());
        List<Advice> advice = new ArrayList<>(Nesting.advice(part, inner, between));
        advice.addAll(CoreReview.ofSolid(
                part.name(),
                part.shape().box().shortest(),
                between.thickest(),
                mix.window().greatest()));
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(between.clay(), mix.density()),
                null,
                thickest,
                Money.ZERO,
                Minutes.ZERO,
                advice);
    }

    private @Nullable SizedCore core(Part part, Length greatest) {
        CoreSpec spec = part.core();
        if (spec == null) {
            return null;
        }
        Gathering gathering = new Gathering();
        SizedCore core = gathering
                .at("core", () -> FoilCoreSizing.size(part.name(), part.shape(), spec, roll, greatest))
                .orElse(null);
        gathering.orRefuse();
        return core;
    }

    private MeasuredStage stage(Design design, AssemblyTree tree, int index, List<MeasuredPart> parts) {
        Stage stage = design.stages().get(index);
        boolean separate = design.assemblies().get(stage.assembly()).separate();
        List<MeasuredPart> inOven =
                parts.stream().filter(p -> tree.holds(index, p.part().from())).toList();
        if (inOven.isEmpty()) {
            throw new InvalidInputException(
                    "name",
                    "no parts in " + stage.name(),
                    "one part or more",
                    "Put a part into it, or remove the bake.");
        }
        SharedWindow clays = inOven.stream()
                .map(p -> p.mix().window())
                .reduce(SharedWindow::and)
                .orElseThrow();
        List<Insert> inserts = stage.assembly() == 0 ? design.armature().inserts() : List.of();
        SharedWindow window = InsertMeasuring.under(clays, inserts);
        String about = design.stageName(index);
        List<MeasuredPart> raw = inOven.stream()
                .filter(p -> !curedBefore(design, tree, p.part(), index))
                .toList();
        Length alone = thickest(raw, design.parts());
        OneLump lump = separate || raw.isEmpty() ? null : lump(inOven, raw, alone);
        Length thickest = lump == null ? alone : lump.thickest();
        Length solid = thickest(raw, p -> p.part().shape().thickestSection()).greatest(thickest);
        StageKind kind = kind(design, tree, index);
        BakeNeed byPacket = own(BakeNeeding.need(about, window, thickest, kind, rules), about, stage);
        Minutes solidBakingTime =
                BakeNeeding.need(about, window, solid, kind, rules).bakingTime();
        StageHeat heat = kind == StageKind.FULL_BAKE && byPacket.drying().isEmpty() && !raw.isEmpty()
                ? DesignHeating.of(DesignHeating.clay(raw, lump), byPacket)
                : null;
        BakeNeed need = heat == null
                ? byPacket
                : BakeNeeding.heated(
                        byPacket, about, heat.slowest().name(), heat.near(), heat.planned(), heat.counting());
        List<Advice> advice = new ArrayList<>(InsertMeasuring.tooHot(about, clays, inserts));
        if (lump != null && kind == StageKind.FULL_BAKE) {
            advice.addAll(tooThick(about, lump, raw));
        }
        List<Part> given = inOven.stream().map(MeasuredPart::part).collect(Collectors.toList());
        Box unit = separate ? largest(given) : design.pose().onTray(DesignBox.around(given));
        return new MeasuredStage(
                stage,
                need,
                solidBakingTime,
                unit,
                design.unitsEach(index),
                heat,
                lump,
                contents(inOven, raw),
                weight(inOven),
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

    private static @Nullable OneLump lump(List<MeasuredPart> inOven, List<MeasuredPart> raw, Length alone) {
        List<MeasuredPart> cured = inOven.stream().filter(p -> !raw.contains(p)).toList();
        return OneLump.of(raw, cured, alone).orElse(null);
    }

    private static List<MeasuredStage.Content> contents(List<MeasuredPart> inOven, List<MeasuredPart> raw) {
        return inOven.stream()
                .map(p -> new MeasuredStage.Content(p.part().name(), !raw.contains(p)))
                .toList();
    }

    private static Mass weight(List<MeasuredPart> parts) {
        return total(parts, p -> p.portion().mass().plus(p.foil()));
    }

    /** Whether a part has had a full cure before a stage; the packet's minutes are counted for what is still raw. */
    private boolean curedBefore(Design design, AssemblyTree tree, Part part, int index) {
        return tree.way(part.from()).stream()
                .takeWhile(stage -> stage != index)
                .anyMatch(stage -> kind(design, tree, stage) == StageKind.FULL_BAKE);
    }

    /** What a stage is for; in the staged baking method all cures before the last are short sets. */
    private StageKind kind(Design design, AssemblyTree tree, int index) {
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
