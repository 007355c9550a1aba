package fairember.app.sums;

import static java.util.Map.entry;

import fairember.app.web.SpanView;
import fairember.core.bake.BakeRules;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.School;
import fairember.core.bake.StageKind;
import fairember.core.colour.Effect;
import fairember.core.colour.MixPart;
import fairember.core.colour.Opacity;
import fairember.core.colour.Strength;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.FoilWeighing;
import fairember.core.foilcore.Packing;
import fairember.core.foilcore.Sleeve;
import fairember.core.measure.Density;
import fairember.core.measure.Span;
import fairember.core.ovenload.Oven;
import fairember.core.piece.Arrangement;
import fairember.core.piece.Fitting;
import fairember.core.piece.Insert;
import fairember.core.piece.Part;
import fairember.core.piece.PieceKind;
import fairember.core.piece.PieceScaling;
import fairember.core.piece.Placement;
import fairember.core.piece.Pose;
import fairember.core.piece.Stage;
import fairember.core.piece.Station;
import fairember.core.piece.Step;
import fairember.core.portion.Portioning;
import fairember.core.recipe.RecipeSearch;
import fairember.core.run.Job;
import fairember.core.shape.Facing;
import fairember.core.shape.Floor;
import fairember.core.shape.Lobes;
import fairember.core.shape.ShapeKind;
import fairember.core.stock.BlockSize;
import fairember.core.stock.BoughtPart;
import fairember.core.stock.StockClay;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import fairember.core.wire.WireCoil;
import fairember.core.worth.Rates;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Every field's range and unit, and every choice with its words, as the core has them. */
record LimitsView(
        Map<String, Map<String, SpanView>> spans, List<ShapeKindView> shapes, Map<String, List<ChoiceView>> choices) {

    /** A shape and its dimensions in the order they are typed. */
    record ShapeKindView(
            ShapeKind kind,
            String label,
            boolean takesCore,
            boolean flatBase,
            boolean splits,
            List<DimensionView> dimensions) {
        static ShapeKindView of(ShapeKind kind) {
            return new ShapeKindView(
                    kind,
                    kind.label(),
                    kind.takesCore(),
                    kind.flatBase(),
                    Lobes.splits(kind),
                    kind.dimensions().stream()
                            .map(d -> new DimensionView(d.symbol(), SpanView.of(d.span())))
                            .toList());
        }
    }

    /** A dimension and its letter in the formulas. */
    record DimensionView(String symbol, SpanView span) {}

    /** A choice and its words. */
    record ChoiceView(String value, String label) {}

    static LimitsView all() {
        return new LimitsView(
                Map.ofEntries(
                        entry("part", spans(Part.COUNT, Part.SPARES)),
                        entry("core", spans(CoreSpec.SHELL, Lobes.COUNT)),
                        entry("insert", insert()),
                        entry("wire", spans(Gauge.SPAN, Wire.COUNT, Wire.Leg.LENGTH, Wire.Leg.TURN)),
                        entry("coil", spans(Gauge.SPAN, WireCoil.LENGTH, WireCoil.ON_SHELF, WireCoil.PRICE)),
                        entry("scale", spans(PieceScaling.FACTOR, PieceScaling.HEIGHT)),
                        entry("placement", spans(Placement.ACROSS, Placement.UP, Placement.FRONT, Placement.TILT)),
                        entry("stage", spans(Stage.COOLING)),
                        entry("step", spans(Step.SETUP, Step.EACH)),
                        entry("fitting", spans(Fitting.COUNT)),
                        entry("find", spans(RecipeSearch.KINDS, RecipeSearch.PARTS)),
                        entry("mix", spans(MixPart.PARTS, Span.of("wantedG", "wanted", 0.1, 20_000, "g"))),
                        entry("run", spans(Job.QUANTITY)),
                        entry("shelf", shelf()),
                        entry("ways", ways())),
                Arrays.stream(ShapeKind.values()).map(ShapeKindView::of).toList(),
                Map.ofEntries(
                        entry("pieceKind", choices(PieceKind.values(), PieceKind::label)),
                        entry("pose", choices(Pose.values(), Pose::label)),
                        entry("facing", choices(Facing.values(), Facing::label)),
                        entry("floor", choices(Floor.values(), Floor::label)),
                        entry("metal", choices(Metal.values(), Metal::label)),
                        entry("packing", choices(Packing.values(), Packing::label)),
                        entry("arrangement", choices(Arrangement.values(), Arrangement::label)),
                        entry("stageKind", choices(StageKind.values(), StageKind::label)),
                        entry("station", choices(handwork(), Station::label)),
                        entry("opacity", choices(Opacity.values(), Opacity::label)),
                        entry("effect", choices(Effect.values(), Effect::label)),
                        entry("strength", choices(Strength.values(), Strength::label)),
                        entry("school", choices(School.values(), School::label))));
    }

    private static Station[] handwork() {
        return Arrays.stream(Station.values()).filter(Station::handwork).toArray(Station[]::new);
    }

    private static Map<String, SpanView> shelf() {
        Map<String, SpanView> spans = spans(
                ClayWindow.LOW,
                ClayWindow.HIGH,
                ClayWindow.CEILING,
                ClayWindow.PER_6_MM,
                ClayWindow.LEAST,
                ClayWindow.MOST,
                ClayWindow.GREATEST,
                Density.SPAN,
                StockClay.OPEN,
                BlockSize.MASS,
                BlockSize.PRICE,
                BlockSize.ON_SHELF);
        spans.put("boughtG", SpanView.of(BoughtPart.MASS));
        spans.put("boughtOnShelf", SpanView.of(BoughtPart.ON_SHELF));
        return spans;
    }

    private static Map<String, SpanView> insert() {
        return spans(
                Sleeve.ACROSS,
                Sleeve.COVERED,
                Sleeve.TURNS,
                Sleeve.THICKNESS,
                Sleeve.SEAM,
                Insert.LENGTH,
                Insert.MASS,
                Insert.CEILING,
                Insert.ACROSS,
                Insert.UP);
    }

    private static Map<String, SpanView> ways() {
        return spans(
                Rates.HOUR,
                Rates.KWH,
                Rates.WASTE,
                Rates.MARGIN,
                Rates.STEP,
                BakeRules.LONG_HOLD,
                BakeRules.SET,
                FoilRoll.THICKNESS,
                FoilRoll.WIDTH,
                FoilRoll.LENGTH,
                FoilRoll.PRICE,
                Packing.LOOSE.span(),
                Packing.FIRM.span(),
                Packing.HARD.span(),
                FoilWeighing.MASS,
                Portioning.CORD,
                Oven.TRAY_WIDTH,
                Oven.TRAY_DEPTH,
                Oven.CLEARANCE,
                Oven.GAP,
                Oven.PREHEAT,
                Oven.PREHEAT_KWH,
                Oven.HOLD_KW);
    }

    private static Map<String, SpanView> spans(Span... spans) {
        return Arrays.stream(spans).collect(Collectors.toMap(Span::field, SpanView::of));
    }

    private static <E extends Enum<E>> List<ChoiceView> choices(E[] values, Function<E, String> label) {
        return Arrays.stream(values)
                .map(v -> new ChoiceView(v.name(), label.apply(v)))
                .toList();
    }
}
