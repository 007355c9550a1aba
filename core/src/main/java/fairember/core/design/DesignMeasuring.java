package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.covering.CoveredForm;
import fairember.core.covering.Covering;
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
import fairember.core.quantity.Share;
import fairember.core.quantity.Volume;
import fairember.core.shape.InnerBall;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
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
                .<Supplier<MeasuredPart>>map(p -> () -> part(p, design))
                .toList();
        List<MeasuredPart> solid = gathering.all("parts", suppliers);
        List<Supplier<MeasuredInsert>> insertSuppliers = design.armature().inserts().stream()
                .<Supplier<MeasuredInsert>>map(i -> () -> InsertMeasuring.measure(i, design.parts(), roll))
                .toList();
        List<MeasuredInsert> inserts = gathering.all("inserts", insertSuppliers);
        List<Supplier<FittedFinding>> findings = design.fittings().stream()
                .<Supplier<FittedFinding>>map(f -> () -> new FittedFinding(palette.finding(f.findingId()), f.count()))
                .toList();
        List<FittedFinding> fittings = gathering.all("fittings", findings);
        List<Supplier<MeasuredNonClay>> otherSuppliers = design.armature().nonClay().stream()
                .<Supplier<MeasuredNonClay>>map(thing -> () -> nonClay(thing))
                .toList();
        List<MeasuredNonClay> others = gathering.all("nonClay", otherSuppliers);
        List<MeasuredUse> uses = uses(gathering, design, solid);
        gathering.orRefuse();
        List<MeasuredPart> parts = Boring.through(solid, inserts);
        StageMeasuring measuring = new StageMeasuring(design, parts, inserts, others, rules);
        List<MeasuredStage> stages = new ArrayList<>();
        for (int i = 0; i < design.stages().size(); i++) {
            int stage = i;
            gathering.at("stages[" + i + "]", () -> measuring.stage(stage)).ifPresent(stages::add);
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
                others,
                uses,
                total(parts, p -> p.portion().mass()),
                total(parts, MeasuredPart::foil),
                torn(parts, inserts),
                built(design.armature()),
                total(parts, MeasuredPart::claySaved),
                DesignBox.around(design.bodies()));
    }

    private List<MeasuredUse> uses(Gathering gathering, Design design, List<MeasuredPart> parts) {
        PaintedSurfaces surfaces = new PaintedSurfaces(parts);
        List<MeasuredUse> uses = new ArrayList<>();
        for (int i = 0; i < design.steps().size(); i++) {
            int step = i;
            List<StepUse> given = design.steps().get(i).uses();
            List<Supplier<MeasuredUse>> suppliers = given.stream()
                    .<Supplier<MeasuredUse>>map(use -> () -> MeasuredUse.of(
                            step, use, palette.paint(use.supplyId()), design.parts(), palette.room(), surfaces))
                    .toList();
            uses.addAll(gathering.all("steps[" + i + "].uses", suppliers));
        }
        return uses;
    }

    /** Bought ready, it weighs what the finding does; made of a design, what one of that does. */
    private MeasuredNonClay nonClay(NonClay thing) {
        Long findingId = thing.findingId();
        Long designId = thing.designId();
        if (findingId != null) {
            return MeasuredNonClay.bought(thing, palette.finding(findingId));
        }
        return designId == null
                ? MeasuredNonClay.given(thing)
                : MeasuredNonClay.made(thing, palette.smallPart(designId));
    }

    static Mass total(List<MeasuredPart> parts, Function<MeasuredPart, Mass> of) {
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

    private MeasuredPart part(Part part, Design design) {
        MeasuredMix mix = palette.mix(part.mixId());
        Length greatest = mix.window().greatest();
        SizedCore core = core(part, greatest);
        Integer around = part.around();
        Layer layer = part.layer();
        if (layer != null) {
            return layer(part, mix, layer, design.covered(part, layer));
        }
        if (core != null) {
            return cored(part, mix, core);
        }
        if (around != null) {
            return nested(part, mix, design.parts().get(around));
        }
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(part.shape().volume(), mix.density()),
                Volume.ZERO,
                null,
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
                Volume.ZERO,
                null,
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

    /** A layer: its clay by Steiner's formula over the form that it covers, as thick as it is rolled. */
    private MeasuredPart layer(Part part, MeasuredMix mix, Layer layer, Part covered) {
        Covering covering =
                Covering.of(CoveredForm.of(covered.shape()), layer.share(), layer.thick(), new Share(0), mix.density());
        double[] reach = layer.reach(part.shape().box().height());
        double middle = layer.from() == Layer.From.TOP
                ? reach[1] - layer.thick().mm() / 2
                : layer.thick().mm() / 2;
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(covering.volume(), mix.density()),
                Volume.ZERO,
                covering,
                null,
                new InnerBall(layer.thick(), new Point3(0, 0, middle)),
                Money.ZERO,
                Minutes.ZERO,
                CoreReview.ofSolid(
                        part.name(), layer.thick(), layer.thick(), mix.window().greatest()));
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
                Volume.ZERO,
                null,
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
}
