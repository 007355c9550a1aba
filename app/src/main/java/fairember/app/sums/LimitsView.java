package fairember.app.sums;

import static java.util.Map.entry;

import fairember.app.web.SpanView;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.ClayWindow;
import fairember.core.bake.StageKind;
import fairember.core.batch.Job;
import fairember.core.batch.Workshop;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Blend;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.RollerMachine;
import fairember.core.claysheet.SheetSizing;
import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.MixPart;
import fairember.core.colour.Opacity;
import fairember.core.colour.Strength;
import fairember.core.design.Arrangement;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.design.Drawn;
import fairember.core.design.Fitting;
import fairember.core.design.Insert;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.FoilWeighing;
import fairember.core.foilcore.Packing;
import fairember.core.foilcore.Sleeve;
import fairember.core.heat.Air;
import fairember.core.input.Span;
import fairember.core.mix.Inclusion;
import fairember.core.mix.Lump;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixUnit;
import fairember.core.mix.MixWaste;
import fairember.core.ovencalibration.DialReading;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.TraySpot;
import fairember.core.ovensim.OvenFault;
import fairember.core.ovensim.OvenPreset;
import fairember.core.photo.Card;
import fairember.core.portion.Portioning;
import fairember.core.price.Rates;
import fairember.core.quantity.Density;
import fairember.core.recipe.RecipeSearch;
import fairember.core.shape.Facing;
import fairember.core.shape.Floor;
import fairember.core.shape.Lobes;
import fairember.core.shape.ShapeKind;
import fairember.core.stock.BlockSize;
import fairember.core.stock.Finding;
import fairember.core.stock.StockClay;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import fairember.core.wire.WireCoil;
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
                        entry("scale", spans(DesignScaling.FACTOR, DesignScaling.HEIGHT)),
                        entry("placement", spans(Placement.ACROSS, Placement.UP, Placement.FRONT, Placement.TILT)),
                        entry("stage", spans(Stage.COOLING)),
                        entry("step", spans(Step.SETUP, Step.EACH)),
                        entry("fitting", spans(Fitting.COUNT)),
                        entry("find", spans(RecipeSearch.KINDS, RecipeSearch.PARTS)),
                        entry(
                                "mix",
                                spans(
                                        MixPart.PARTS,
                                        MixMeasuring.WANTED,
                                        Inclusion.PERCENT,
                                        Inclusion.PRICE,
                                        Lump.MASS)),
                        entry("dial", spans(DialReading.DIAL, DialReading.READ)),
                        entry("traySpot", spans(TraySpot.LEFT, TraySpot.BACK, TraySpot.WARMER)),
                        entry("coat", spans(Colorant.SHEET)),
                        entry("photo", spans(Card.REFLECTS)),
                        entry("machine", spans(RollerMachine.ROLLER, RollerMachine.THICK)),
                        entry(
                                "sheet",
                                spans(SheetSizing.WIDE, SheetSizing.LONG, SheetSizing.TRIM, RollerMachine.THICK)),
                        entry("blend", blend()),
                        entry("cane", cane()),
                        entry("extrude", extrude()),
                        entry("batch", spans(Job.QUANTITY)),
                        entry("shelf", shelf()),
                        entry("settings", settings())),
                Arrays.stream(ShapeKind.values()).map(ShapeKindView::of).toList(),
                Map.ofEntries(
                        entry("designKind", choices(DesignKind.values(), DesignKind::label)),
                        entry("drawn", choices(Drawn.values(), Drawn::label)),
                        entry("pose", choices(Pose.values(), Pose::label)),
                        entry("facing", choices(Facing.values(), Facing::label)),
                        entry("floor", choices(Floor.values(), Floor::label)),
                        entry("metal", choices(Metal.values(), Metal::label)),
                        entry("packing", choices(Packing.values(), Packing::label)),
                        entry("arrangement", choices(Arrangement.values(), Arrangement::label)),
                        entry("ovenPreset", choices(OvenPreset.values(), OvenPreset::label)),
                        entry("ovenFault", choices(OvenFault.values(), OvenFault::label)),
                        entry("stageKind", choices(StageKind.values(), StageKind::label)),
                        entry("station", choices(handwork(), Station::label)),
                        entry("opacity", choices(Opacity.values(), Opacity::label)),
                        entry("effect", choices(Effect.values(), Effect::label)),
                        entry("mixUnit", choices(MixUnit.values(), MixUnit::label)),
                        entry("card", choices(Card.values(), Card::label)),
                        entry("air", choices(Air.values(), Air::label)),
                        entry("die", choices(Die.Kind.values(), Die.Kind::label)),
                        entry("strength", choices(Strength.values(), Strength::label)),
                        entry("bakingMethod", choices(BakingMethod.values(), BakingMethod::label))));
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
                ClayWindow.DRIES,
                Density.SPAN,
                StockClay.OPEN,
                StockClay.DROP,
                BlockSize.MASS,
                BlockSize.PRICE,
                BlockSize.ON_SHELF);
        spans.put("findingsG", SpanView.of(Finding.MASS));
        spans.put("findingOnShelf", SpanView.of(Finding.ON_SHELF));
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

    private static Map<String, SpanView> blend() {
        return spans(
                Blend.WIDE,
                Blend.LONG,
                RollerMachine.THICK,
                Blend.START,
                Blend.PLAIN_FIRST,
                Blend.PLAIN_SECOND,
                Blend.MASS);
    }

    private static Map<String, SpanView> cane() {
        return spans(Cane.COUNT, Cane.DIAMETER, Cane.WRAP, Cane.LENGTH, Cane.SIZE, Cane.END, Cane.SLICE);
    }

    private static Map<String, SpanView> extrude() {
        Map<String, SpanView> spans = spans(
                Barrel.ACROSS,
                Barrel.STROKE,
                Barrel.RESIDUE,
                Die.SIZE,
                Die.WIDE,
                Die.HOLES,
                Die.SWELL,
                Extruding.WANTED,
                CaneSums.TWISTS);
        ShapeKind.TWIST.dimensions().forEach(d -> spans.put(d.span().field(), SpanView.of(d.span())));
        return spans;
    }

    private static Map<String, SpanView> settings() {
        return spans(
                MixWaste.MACHINE,
                MixWaste.STEP,
                Workshop.MAKERS,
                Rates.HOUR,
                Rates.KWH,
                Rates.WASTE,
                Rates.MARGIN,
                Rates.STEP,
                BakeRules.LONG_AND_LOW,
                BakeRules.PART_BAKE,
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
                Oven.UNLOAD,
                Oven.PREHEAT_KWH,
                Oven.KEEP_HOT_KW);
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
