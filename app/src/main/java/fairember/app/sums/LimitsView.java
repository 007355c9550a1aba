package fairember.app.sums;

import static java.util.Map.entry;

import fairember.app.codec.Layout;
import fairember.app.design.FromClayForm;
import fairember.app.web.SpanView;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.OwnBake;
import fairember.core.bake.StageKind;
import fairember.core.batch.Job;
import fairember.core.beginning.Beginning;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Blend;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.RollerMachine;
import fairember.core.claysheet.SheetSizing;
import fairember.core.claysheet.WorkedRecipe;
import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.MixPart;
import fairember.core.colour.Opacity;
import fairember.core.colour.Strength;
import fairember.core.covering.CoverUnit;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LineKind;
import fairember.core.daybook.LossReason;
import fairember.core.design.Arrangement;
import fairember.core.design.CheckTime;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.design.Drawn;
import fairember.core.design.Fitting;
import fairember.core.design.Insert;
import fairember.core.design.Jig;
import fairember.core.design.Joint;
import fairember.core.design.Layer;
import fairember.core.design.NonClay;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.Pose;
import fairember.core.design.Rest;
import fairember.core.design.Sits;
import fairember.core.design.SpareBox;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.design.StepKind;
import fairember.core.design.StepUse;
import fairember.core.design.Underlay;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilWeighing;
import fairember.core.foilcore.Packing;
import fairember.core.heat.Air;
import fairember.core.input.Span;
import fairember.core.mix.Inclusion;
import fairember.core.mix.Lump;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixUnit;
import fairember.core.outline.Cutter;
import fairember.core.outline.CutterFamily;
import fairember.core.ovencalibration.DialReading;
import fairember.core.ovenload.TraySpot;
import fairember.core.ovensim.OvenFault;
import fairember.core.ovensim.OvenPreset;
import fairember.core.photo.Card;
import fairember.core.photo.CutterTracing;
import fairember.core.recipe.RecipeSearch;
import fairember.core.shape.Facing;
import fairember.core.shape.Floor;
import fairember.core.shape.Lobes;
import fairember.core.shape.ShapeKind;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayCondition;
import fairember.core.stock.ClayRange;
import fairember.core.stock.Finding;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.Supply;
import fairember.core.stock.SupplyKind;
import fairember.core.stock.SupplyUnit;
import fairember.core.studio.Settings;
import fairember.core.studio.StudioOven;
import fairember.core.studio.Units;
import fairember.core.wire.JumpRing;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import fairember.core.wire.WireCoil;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Every field's range and unit, and every choice with its words, as the core has them; supplies that are put on in coats are {@code inCoats}. */
record LimitsView(
        Map<String, Map<String, SpanView>> spans,
        List<ShapeKindView> shapes,
        List<SupplyKind> inCoats,
        Map<String, List<ChoiceView>> choices) {

    /** A shape, its dimensions in the order they are typed, and the lines that are drawn for it. */
    record ShapeKindView(
            ShapeKind kind,
            String label,
            boolean takesCore,
            boolean flatBase,
            boolean convex,
            boolean splits,
            List<DimensionView> dimensions,
            List<ShapeKind.Line> lines) {
        static ShapeKindView of(ShapeKind kind) {
            return new ShapeKindView(
                    kind,
                    kind.label(),
                    kind.takesCore(),
                    kind.flatBase(),
                    kind.convex(),
                    Lobes.splits(kind),
                    kind.dimensions().stream()
                            .map(d -> new DimensionView(d.symbol(), SpanView.of(d.span())))
                            .toList(),
                    kind.lines());
        }
    }

    /** A dimension and its letter in the formulas. */
    record DimensionView(String symbol, SpanView span) {}

    /** A choice and its words. */
    record ChoiceView(String value, String label) {}

    static LimitsView all() {
        return new LimitsView(
                Map.ofEntries(
                        entry("part", of(Part.class)),
                        entry("core", of(CoreSpec.class)),
                        entry("insert", of(Insert.class)),
                        entry("nonClay", of(NonClay.class)),
                        entry("rest", of(Rest.class)),
                        entry("wire", of(Wire.class, Wire.Leg.class)),
                        entry("coil", of(WireCoil.class)),
                        entry("jumpRing", of(JumpRing.class)),
                        entry("scale", spans(DesignScaling.FACTOR, DesignScaling.HEIGHT)),
                        entry("placement", of(Placement.class)),
                        entry("stage", of(Stage.class)),
                        entry("ownBake", of(OwnBake.class)),
                        entry("layer", of(Layer.class)),
                        entry("underlay", of(Underlay.class)),
                        entry("cutter", of(Cutter.class)),
                        entry("fromClay", of(FromClayForm.class)),
                        entry("sits", of(Sits.class)),
                        entry("step", of(Step.class)),
                        entry("jig", of(Jig.class)),
                        entry("spare", of(SpareBox.SparePart.class)),
                        entry("paintPart", of(Supply.PaintPart.class)),
                        entry("finding", of(Finding.class)),
                        entry("daybook", of(DaybookLine.class)),
                        entry("fitting", of(Fitting.class)),
                        entry("stepUse", of(StepUse.class)),
                        entry("supply", of(Supply.class)),
                        entry("find", spans(RecipeSearch.KINDS, RecipeSearch.PARTS)),
                        entry(
                                "mix",
                                spans(
                                        MixPart.PARTS,
                                        MixMeasuring.WANTED,
                                        Inclusion.PERCENT,
                                        Inclusion.PRICE,
                                        Lump.MASS)),
                        entry("dial", of(DialReading.class)),
                        entry("traySpot", of(TraySpot.class)),
                        entry("coat", spans(Colorant.SHEET)),
                        entry("photo", spans(Card.REFLECTS)),
                        entry("trace", spans(CutterTracing.KNOWN)),
                        entry("machine", spans(RollerMachine.ROLLER, RollerMachine.THICK)),
                        entry(
                                "sheet",
                                spans(SheetSizing.WIDE, SheetSizing.LONG, SheetSizing.TRIM, RollerMachine.THICK)),
                        entry("blend", blend()),
                        entry("cane", cane()),
                        entry("worked", of(WorkedRecipe.class)),
                        entry("extrude", extrude()),
                        entry("cover", of(CoverSums.CoverSumForm.class)),
                        entry("batch", spans(Job.QUANTITY)),
                        entry("beginning", of(Beginning.class)),
                        entry("shelf", shelf()),
                        entry("settings", settings())),
                Arrays.stream(ShapeKind.values()).map(ShapeKindView::of).toList(),
                Arrays.stream(SupplyKind.values()).filter(SupplyKind::coats).toList(),
                Map.ofEntries(
                        entry("designKind", choices(DesignKind.values(), DesignKind::label)),
                        entry("cutterFamily", choices(CutterFamily.values(), CutterFamily::label)),
                        entry("cutterEdge", choices(CutterTracing.Edge.values(), CutterTracing.Edge::label)),
                        entry("drawn", choices(Drawn.values(), Drawn::label)),
                        entry("pose", choices(Pose.values(), Pose::label)),
                        entry("nonClayOven", choices(NonClay.Oven.values(), NonClay.Oven::label)),
                        entry("restOn", choices(Rest.On.values(), Rest.On::label)),
                        entry("facing", choices(Facing.values(), Facing::label)),
                        entry("floor", choices(Floor.values(), Floor::label)),
                        entry("metal", choices(Metal.values(), Metal::label)),
                        entry("packing", choices(Packing.values(), Packing::label)),
                        entry("arrangement", choices(Arrangement.values(), Arrangement::label)),
                        entry("layerFrom", choices(Layer.From.values(), Layer.From::label)),
                        entry("ovenPreset", choices(OvenPreset.values(), OvenPreset::label)),
                        entry("ovenFault", choices(OvenFault.values(), OvenFault::label)),
                        entry("stageKind", choices(StageKind.values(), StageKind::label)),
                        entry("coverUnit", choices(CoverUnit.Kind.values(), CoverUnit.Kind::label)),
                        entry("joint", choices(Joint.values(), Joint::label)),
                        entry("station", choices(handwork(), Station::label)),
                        entry("stepKind", choices(StepKind.values(), StepKind::label)),
                        entry("supplyKind", choices(SupplyKind.values(), SupplyKind::label)),
                        entry("supplyUnit", choices(SupplyUnit.values(), SupplyUnit::label)),
                        entry("checkTime", choices(CheckTime.values(), CheckTime::label)),
                        entry("lineKind", choices(LineKind.values(), LineKind::label)),
                        entry("lossReason", choices(LossReason.values(), LossReason::label)),
                        entry("clayCondition", choices(ClayCondition.values(), ClayCondition::label)),
                        entry("opacity", choices(Opacity.values(), Opacity::label)),
                        entry("effect", choices(Effect.values(), Effect::label)),
                        entry("mixUnit", choices(MixUnit.values(), MixUnit::label)),
                        entry("card", choices(Card.values(), Card::label)),
                        entry("air", choices(Air.values(), Air::label)),
                        entry("die", choices(Die.Kind.values(), Die.Kind::label)),
                        entry("strength", choices(Strength.values(), Strength::label)),
                        entry("lengthUnit", worded(Units.LengthUnit.values())),
                        entry("massUnit", worded(Units.MassUnit.values())),
                        entry("temperatureUnit", worded(Units.TemperatureUnit.values())),
                        entry("volumeUnit", worded(Units.VolumeUnit.values())),
                        entry("wireUnit", worded(Units.WireUnit.values())),
                        entry("clockHours", worded(Units.ClockHours.values())),
                        entry("dateOrder", worded(Units.DateOrder.values())),
                        entry("decimalMark", worded(Units.DecimalMark.values())),
                        entry("bakingMethod", choices(BakingMethod.values(), BakingMethod::label))));
    }

    private static Station[] handwork() {
        return Arrays.stream(Station.values()).filter(Station::handwork).toArray(Station[]::new);
    }

    private static Map<String, SpanView> shelf() {
        Map<String, SpanView> spans = of(ClayRange.class, ShelfClay.class, BlockSize.class);
        spans.put("findingsG", SpanView.of(Finding.MASS));
        spans.put("findingOnShelf", SpanView.of(Finding.ON_SHELF));
        return spans;
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
        return spans(
                Cane.COUNT,
                Cane.DIAMETER,
                Cane.WRAP,
                Cane.LENGTH,
                Cane.SIZE,
                Cane.END,
                Cane.SLICE,
                CaneSums.CaneSumForm.COVER,
                CaneSums.CaneSumForm.TIMES);
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
        Map<String, SpanView> spans = of(Settings.class, StudioOven.class);
        spans.put(FoilWeighing.MASS.field(), SpanView.of(FoilWeighing.MASS));
        return spans;
    }

    /** The ranges that records give of their fields. */
    private static Map<String, SpanView> of(Class<?>... records) {
        Map<String, SpanView> spans = new LinkedHashMap<>();
        for (Class<?> type : records) {
            for (Layout.Entry field : Layout.of(type).flat()) {
                Span span = field.span();
                if (span != null) {
                    spans.put(field.name(), SpanView.of(span));
                }
            }
        }
        return spans;
    }

    private static Map<String, SpanView> spans(Span... spans) {
        return Arrays.stream(spans).collect(Collectors.toMap(Span::field, SpanView::of));
    }

    private static <E extends Enum<E> & Units.Worded> List<ChoiceView> worded(E[] values) {
        return choices(values, Units.Worded::label);
    }

    private static <E extends Enum<E>> List<ChoiceView> choices(E[] values, Function<E, String> label) {
        return Arrays.stream(values)
                .map(v -> new ChoiceView(v.name(), label.apply(v)))
                .toList();
    }
}
