package fairember.core.piece;

import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeeding;
import fairember.core.bake.BakeRules;
import fairember.core.bake.SharedWindow;
import fairember.core.finding.Finding;
import fairember.core.foilcore.CoreReview;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilCoreSizing;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.SizedCore;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Refused;
import fairember.core.mix.MeasuredMix;
import fairember.core.portion.Portioning;
import fairember.core.shape.Box;
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
        return new PieceMeasuring(palette, roll, rules).measure(piece);
    }

    private MeasuredPiece measure(Piece piece) {
        Gathering gathering = new Gathering();
        List<Supplier<MeasuredPart>> suppliers = piece.parts().stream()
                .<Supplier<MeasuredPart>>map(p -> () -> part(p))
                .toList();
        List<MeasuredPart> parts = gathering.all("parts", suppliers);
        gathering.orRefuse();
        List<MeasuredStage> stages = new ArrayList<>();
        for (int i = 0; i < piece.stages().size(); i++) {
            int stage = i;
            gathering.at("stages[" + i + "]", () -> stage(piece, stage, parts)).ifPresent(stages::add);
        }
        gathering.orRefuse();
        return new MeasuredPiece(
                piece,
                parts,
                stages,
                total(parts, p -> p.portion().mass()),
                total(parts, MeasuredPart::foil),
                new Length(parts.stream()
                        .mapToDouble(p -> p.torn().mm() * p.part().count())
                        .sum()),
                new Mass(piece.fittings().stream()
                        .mapToDouble(f -> f.part().mass().g() * f.count())
                        .sum()),
                total(parts, MeasuredPart::claySaved),
                PieceBox.around(piece.parts()));
    }

    private static Mass total(List<MeasuredPart> parts, Function<MeasuredPart, Mass> of) {
        return new Mass(parts.stream()
                .mapToDouble(p -> of.apply(p).g() * p.part().count())
                .sum());
    }

    private MeasuredPart part(Part part) {
        MeasuredMix mix = palette.mix(part.mixId());
        Length greatest = mix.window().greatest();
        SizedCore core = core(part, greatest);
        if (core == null) {
            List<Finding> findings = CoreReview.ofSolid(part.name(), part.solid(), greatest);
            return new MeasuredPart(
                    part,
                    mix,
                    Portioning.portion(part.solid().volume(), mix.density()),
                    null,
                    part.solid().thickest(),
                    findings);
        }
        return new MeasuredPart(
                part, mix, Portioning.portion(core.clay(), mix.density()), core, core.thickest(), core.findings());
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
        SharedWindow window = inOven.stream()
                .map(p -> p.mix().window())
                .reduce(SharedWindow::and)
                .orElseThrow();
        Length thickest = inOven.stream()
                .map(p -> p.thickest().diameter())
                .max(Comparator.naturalOrder())
                .orElseThrow();
        BakeNeed need = BakeNeeding.need(piece.name() + ", " + stage.name(), window, thickest, stage.kind(), rules);
        List<Part> told = inOven.stream().map(MeasuredPart::part).collect(Collectors.toList());
        return stage.loose()
                ? new MeasuredStage(
                        stage,
                        need,
                        largest(told),
                        told.stream().mapToInt(Part::count).sum())
                : new MeasuredStage(stage, need, piece.pose().onTray(PieceBox.around(told)), 1);
    }

    private static Box largest(List<Part> parts) {
        Function<Function<Box, Length>, Length> most = side -> parts.stream()
                .map(p -> side.apply(p.solid().box()))
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return new Box(most.apply(Box::width), most.apply(Box::depth), most.apply(Box::height));
    }
}
