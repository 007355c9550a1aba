package fairember.app.mix;

import fairember.app.web.WorkingsView;
import fairember.core.claysheet.WorkedClay;
import fairember.core.claysheet.WorkedClayWorkings;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.colour.PartsOfClay;
import fairember.core.colourcalibration.LearnedClays;
import fairember.core.mix.LotShift;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.MeasuredMixWorkings;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.mix.RecipeBook;
import fairember.core.quantity.Mass;
import fairember.core.stock.Lot;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A mix of which a number of grams are to end up in designs, with its predicted colour. All grams but {@code netG} are grams to mix.
 *
 * @param netG that are to end up in designs
 * @param toMixG that have to be mixed for it, with what stays on hands and in the machine
 * @param clays grams of every clay it comes down to
 * @param lines grams of every clay and every mix of the recipe
 * @param inclusions grams of what is added
 * @param effects what some of its clays and what is added do that an even colour cannot show
 * @param clayEffects the same of its clays alone
 * @param opaqueFromMm how thick a sheet has to be for nothing to show through
 * @param tiles how many trial tiles have one of its clays in them
 * @param uncertaintyRaw how far off the raw colour may be, one standard error in ΔE00
 * @param uncertaintyCured how far off the cured colour may be
 * @param lots what lots that differ do to it
 * @param workedInto what its mixes are worked into, such as "cane"; nothing when all is kneaded together
 * @param shortG grams to mix that the shelf has not, over all its clays
 */
public record MeasuredMixView(
        double netG,
        double toMixG,
        List<ClayShareView> clays,
        List<LineView> lines,
        List<InclusionView> inclusions,
        String rawHex,
        String curedHex,
        boolean beyondScreen,
        List<Effect> effects,
        List<Effect> clayEffects,
        double opaqueFromMm,
        int tiles,
        double uncertaintyRaw,
        double uncertaintyCured,
        @Nullable LotsView lots,
        double densityGPerCm3,
        double lowC,
        double highC,
        boolean windowsMeet,
        long costMinor,
        double shortG,
        @Nullable String workedInto,
        List<WorkingsView> workings) {
    /** Grams of one clay in it. */
    public record ClayShareView(
            long clayId, String name, String rawHex, String curedHex, double parts, double massG, double onHandG) {}

    /** Grams of a line of the recipe, which is a clay or a mix; drops of it when it is dripped. */
    public record LineView(
            @Nullable Long clayId,
            @Nullable Long mixId,
            String name,
            String rawHex,
            String curedHex,
            double massG,
            double drops) {
        static LineView of(MeasuredMix.Line line) {
            double drops = line.mass().g() / RecipeBook.drop(line.ingredient());
            if (line.ingredient() instanceof Mix.OfClay of) {
                StockClay clay = of.clay();
                return new LineView(
                        clay.id(),
                        null,
                        clay.name(),
                        clay.pigment().raw().hex(),
                        clay.pigment().cured().hex(),
                        line.mass().g(),
                        drops);
            }
            Mix mix = ((Mix.OfMix) line.ingredient()).mix();
            var colour = MixMeasuring.measure(mix, MEASURED).colour();
            return new LineView(
                    null,
                    mix.id(),
                    mix.name(),
                    colour.raw().srgb().hex(),
                    colour.cured().srgb().hex(),
                    line.mass().g(),
                    drops);
        }
    }

    /** Grams of something added. */
    public record InclusionView(String name, double massG) {}

    /** A clay of which another lot is in use, and how it differs cured. */
    public record OtherLotView(long clayId, String clay, String lot, double difference, String differs) {
        static Stream<OtherLotView> of(StockClay clay) {
            var shift = LotShift.ofClay(clay, Face.CURED);
            return Stream.ofNullable(clay.lot())
                    .map(Lot::name)
                    .map(lot -> new OtherLotView(clay.id(), clay.name(), lot, shift.total(), shift.words()));
        }
    }

    /** What these lots do to the mix, cured. */
    public record LotsView(List<OtherLotView> clays, double difference, String differs) {}

    private static final Mass MEASURED = new Mass(1);

    static MeasuredMixView of(Mix recipe, Mass net, MixWaste waste, LearnedClays learned) {
        MeasuredMix mix = MixMeasuring.measure(recipe, recipe.made(waste.toMix(net)));
        List<PartsOfClay> parts = mix.portions().stream()
                .filter(p -> p.parts() > 0)
                .map(p -> new PartsOfClay(p.clay().id(), p.parts()))
                .toList();
        return new MeasuredMixView(
                net.g(),
                mix.wanted().g(),
                shares(mix),
                mix.lines().stream().map(LineView::of).toList(),
                inclusions(mix),
                mix.colour().raw().srgb().hex(),
                mix.colour().cured().srgb().hex(),
                mix.colour().raw().beyondScreen() || mix.colour().cured().beyondScreen(),
                mix.effects(),
                mix.colour().effects(),
                mix.colour().cured().colorant().opaqueFrom().mm(),
                learned.tilesBehind(parts),
                learned.uncertainty(parts, Face.RAW),
                learned.uncertainty(parts, Face.CURED),
                LotShift.of(mix).map(MeasuredMixView::lots).orElse(null),
                mix.density().gPerCm3(),
                mix.window().low().c(),
                mix.window().high().c(),
                mix.window().meets(),
                mix.costOf(mix.wanted()).minor(),
                mix.portions().stream()
                        .mapToDouble(p ->
                                Math.max(0, p.mass().g() - p.clay().onShelf().g()))
                        .sum(),
                mix.mix().worked() == null ? null : mix.mix().worked().kind().label(),
                workings(mix, waste.toMix(net)));
    }

    /** Of worked clay the colour is a mean over the picture, which has no formula of its own. */
    private static List<WorkingsView> workings(MeasuredMix mix, Mass used) {
        WorkedClay worked = mix.mix().worked();
        return List.of(
                WorkingsView.of(MeasuredMixWorkings.of(mix)),
                worked == null
                        ? WorkingsView.of(MixedColourWorkings.of(mix.colour()))
                        : WorkingsView.of(WorkedClayWorkings.of(worked, used)));
    }

    private static LotsView lots(LotShift shift) {
        return new LotsView(
                shift.clays().stream().flatMap(OtherLotView::of).toList(),
                shift.cured().total(),
                shift.cured().words());
    }

    /** Grams of what is added. */
    public static List<InclusionView> inclusions(MeasuredMix mix) {
        return IntStream.range(0, mix.inclusions().size())
                .mapToObj(i -> new InclusionView(
                        mix.mix().inclusions().get(i).name(),
                        mix.inclusions().get(i).g()))
                .toList();
    }

    /** Grams of each line of the recipe. */
    public static List<LineView> lines(MeasuredMix mix) {
        return mix.lines().stream().map(LineView::of).toList();
    }

    /** Grams of each clay. */
    public static List<ClayShareView> shares(MeasuredMix mix) {
        return mix.portions().stream()
                .map(p -> new ClayShareView(
                        p.clay().id(),
                        p.clay().name(),
                        p.clay().pigment().raw().hex(),
                        p.clay().pigment().cured().hex(),
                        p.parts(),
                        p.mass().g(),
                        p.clay().onShelf().g()))
                .toList();
    }
}
