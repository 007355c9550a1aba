package fairember.core.piece;

import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.School;
import fairember.core.bake.SharedWindow;
import fairember.core.bake.StageKind;
import fairember.core.finding.Finding;
import fairember.core.foilcore.CoreReview;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilCoreSizing;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.SizedCore;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.measure.Refused;
import fairember.core.mix.MeasuredMix;
import fairember.core.portion.Portioning;
import fairember.core.shape.Box;
import fairember.core.shape.InnerBall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Works out a piece from its parts. */
public final class PieceMeasuring {
    private final Palette palette;
    private final FoilRoll roll;
    private final BakeRules rules;

    private PieceMeasuring(Palette palette, FoilRoll roll, BakeRules rules) {
        this.palette = palette;
        this.roll = roll;
        this.rules = rules;
    }

    /**
     * Every portion, core, weight and need of a piece.
     *
     * @throws Refused when a part has no known mix or its core does not fit, or a loose stage has no parts
     */
    public static MeasuredPiece measure(Piece piece, Palette palette, FoilRoll roll, BakeRules rules) {
        return new PieceMeasuring(palette, roll, rulesOf(piece, rules)).measure(piece);
    }

    /** The studio's rules, by the school of the piece when it has its own. */
    static BakeRules rulesOf(Piece piece, BakeRules studio) {
        School own = piece.school();
        return own == null ? studio : new BakeRules(own, studio.longHold(), studio.set(), studio.byHeat());
    }

    private MeasuredPiece measure(Piece piece) {
        Gathering gathering = new Gathering();
        List<Supplier<MeasuredPart>> suppliers = piece.parts().stream()
                .<Supplier<MeasuredPart>>map(p -> () -> part(p, piece.parts()))
                .toList();
        List<MeasuredPart> parts = gathering.all("parts", suppliers);
        List<Supplier<MeasuredInsert>> insertSuppliers = piece.armature().inserts().stream()
                .<Supplier<MeasuredInsert>>map(i -> () -> InsertMeasuring.measure(i, piece.parts(), roll))
                .toList();
        List<MeasuredInsert> inserts = gathering.all("inserts", insertSuppliers);
        gathering.orRefuse();
        List<MeasuredStage> stages = new ArrayList<>();
        for (int i = 0; i < piece.stages().size(); i++) {
            int stage = i;
            gathering.at("stages[" + i + "]", () -> stage(piece, stage, parts)).ifPresent(stages::add);
        }
        gathering.orRefuse();
        int last = stages.size() - 1;
        stages.set(
                last,
                stages.get(last).and(LightHeat.findings(piece, parts, stages)).and(neverCured(piece, stages)));
        return new MeasuredPiece(
                piece,
                parts,
                stages,
                inserts,
                total(parts, p -> p.portion().mass()),
                total(parts, MeasuredPart::foil),
                torn(parts, inserts),
                new Mass(piece.fittings().stream()
                        .mapToDouble(f -> f.part().mass().g() * f.count())
                        .sum()),
                built(piece.armature()),
                total(parts, MeasuredPart::claySaved),
                PieceBox.around(piece.parts()));
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
                Portioning.portion(part.solid().volume(), mix.density()),
                null,
                part.solid().thickest(),
                Money.ZERO,
                Minutes.ZERO,
                CoreReview.ofSolid(
                        part.name(), part.solid().box().shortest(), part.solid().thickestSection(), greatest));
    }

    private MeasuredPart cored(Part part, MeasuredMix mix, SizedCore core) {
        Mass saved = mix.density().of(core.claySaved());
        double solid = hold(part, mix, part.solid().thickestSection());
        double hollow = hold(part, mix, core.thickest().diameter());
        return new MeasuredPart(
                part,
                mix,
                Portioning.portion(core.clay(), mix.density()),
                core,
                core.thickest(),
                mix.costOf(saved),
                new Minutes(Math.max(0, solid - hollow)),
                core.findings());
    }

    private double hold(Part part, MeasuredMix mix, Length thickest) {
        return BakeNeeding.need(part.name(), mix.window(), thickest, StageKind.CURE, rules)
                .hold()
                .min();
    }

    private MeasuredPart nested(Part part, MeasuredMix mix, Part inner) {
        Nesting.Between between = Nesting.between(part, inner);
        InnerBall thickest =
                new InnerBall(between.thickest(), part.solid().thickest().middle());
        List<Finding> findings = new ArrayList<>(Nesting.findings(part, inner, between));
        findings.addAll(CoreReview.ofSolid(
                part.name(),
                part.solid().box().shortest(),
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
                findings);
    }

    private @Nullable SizedCore core(Part part, Length greatest) {
        CoreSpec spec = part.core();
        if (spec == null) {
            return null;
        }
        Gathering gathering = new Gathering();
        SizedCore core = gathering
                .at("core", () -> FoilCoreSizing.size(part.name(), part.solid(), spec, roll, greatest))
                .orElse(null);
        gathering.orRefuse();
        return core;
    }

    private MeasuredStage stage(Piece piece, int index, List<MeasuredPart> parts) {
        Stage stage = piece.stages().get(index);
        List<MeasuredPart> inOven = parts.stream()
                .filter(p ->
                        stage.loose() ? p.part().stage() == index : p.part().stage() <= index)
                .toList();
        if (inOven.isEmpty()) {
            throw new Refused(
                    "name",
                    "no parts in " + stage.name(),
                    "one part or more",
                    "Give a part this stage, or take it out.");
        }
        SharedWindow clays = inOven.stream()
                .map(p -> p.mix().window())
                .reduce(SharedWindow::and)
                .orElseThrow();
        List<Insert> inserts = stage.loose() ? List.of() : piece.armature().inserts();
        SharedWindow window = InsertMeasuring.under(clays, inserts);
        String about = piece.name() + ", " + stage.name();
        List<MeasuredPart> raw = inOven.stream()
                .filter(p -> !curedBefore(piece, p.part(), index))
                .toList();
        Length thickest = thickest(raw, index, piece.parts());
        Length solid = thickest(raw, p -> p.part().solid().thickestSection());
        StageKind kind = kind(piece, index);
        BakeNeed byPacket = BakeNeeding.need(about, window, thickest, kind, rules);
        Minutes solidHold = BakeNeeding.need(about, window, solid, kind, rules).hold();
        StageHeat heat = kind == StageKind.CURE && byPacket.drying().isEmpty() && !raw.isEmpty()
                ? PieceHeating.of(raw, byPacket)
                : null;
        BakeNeed need = heat == null
                ? byPacket
                : BakeNeeding.heated(
                        byPacket, about, heat.slowest().part().name(), heat.near(), heat.planned(), heat.counting());
        List<Finding> findings = InsertMeasuring.tooHot(about, clays, inserts);
        List<Part> told = inOven.stream().map(MeasuredPart::part).collect(Collectors.toList());
        Box unit = stage.loose() ? largest(told) : piece.pose().onTray(PieceBox.around(told));
        int units = stage.loose() ? told.stream().mapToInt(Part::count).sum() : 1;
        return new MeasuredStage(stage, need, solidHold, unit, units, heat, findings);
    }

    /** Whether a part has had a full cure before a stage; the packet's minutes are counted for what is still raw. */
    private boolean curedBefore(Piece piece, Part part, int index) {
        for (int i = part.stage(); i < index; i++) {
            boolean in = !piece.stages().get(i).loose() || i == part.stage();
            if (in && kind(piece, i) == StageKind.CURE) {
                return true;
            }
        }
        return false;
    }

    /** Bakes that only set something, and never cure it. */
    private List<Finding> neverCured(Piece piece, List<MeasuredStage> stages) {
        boolean cures = stages.stream()
                .anyMatch(s ->
                        s.need().kind() == StageKind.CURE || s.need().drying().isPresent());
        return cures
                ? List.of()
                : List.of(Finding.breaks(
                        "never-cured",
                        "%s: none of its bakes cures it; a short set alone leaves clay weak.".formatted(piece.name()),
                        "Make the last of its bakes a full cure.",
                        piece.name()));
    }

    /** What a stage is for; in the staged school all cures before the last are short sets. */
    private StageKind kind(Piece piece, int index) {
        StageKind told = piece.stages().get(index).kind();
        boolean later = piece.stages().subList(index + 1, piece.stages().size()).stream()
                .anyMatch(s -> s.kind() == StageKind.CURE);
        return rules.school() == School.STAGED && told == StageKind.CURE && later ? StageKind.SET : told;
    }

    /**
     * What heat has to cross: the thickest clay of any part; when a part is raw around one that is raw too, both together, as
     * thick as the outer solid.
     */
    private static Length thickest(List<MeasuredPart> inOven, int stage, List<Part> all) {
        return thickest(inOven, measured -> {
            Part part = measured.part();
            Integer around = part.around();
            boolean bothRaw = around != null
                    && all.get(around).stage() == part.stage()
                    && all.get(around).core() == null
                    && part.stage() == stage;
            return bothRaw
                    ? part.solid().thickestSection()
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
