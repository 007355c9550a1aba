package fairember.app.sums;

import fairember.app.mix.MixStore;
import fairember.app.web.WorkingsView;
import fairember.core.claysheet.Blend;
import fairember.core.claysheet.BlendPlanning;
import fairember.core.claysheet.BlendRecipe;
import fairember.core.claysheet.PlannedBlend;
import fairember.core.claysheet.PlannedBlendWorkings;
import fairember.core.claysheet.RollerMachine;
import fairember.core.claysheet.SheetRecipe;
import fairember.core.claysheet.SheetSizing;
import fairember.core.claysheet.SizedSheet;
import fairember.core.claysheet.SizedSheetWorkings;
import fairember.core.colour.Colorant;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.design.Palette;
import fairember.core.document.Inline;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.mix.MeasuredMix;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of sheets and blends; mixes are those of the studio, nothing is saved. */
@RestController
@RequestMapping("/api/sums")
class SheetSums {
    private static final int FADE_STRIPS = 32;
    private final MixStore mixes;

    SheetSums(MixStore mixes) {
        this.mixes = mixes;
    }

    /** A sheet of a mix, rolled by a machine. */
    record SheetSumForm(@Inline SheetRecipe sheet, RollerMachine machine) {}

    /**
     * A sheet.
     *
     * @param settings to go through, from the thickest down to the one that is nearest to what is wanted of a layer
     * @param layers sheets to lay on each other: one, unless the machine's thickest is thinner than what is wanted
     * @param thickMm what they make together: the sums are for it
     */
    record SheetSumView(
            double areaMm2,
            int strips,
            double stripWideMm,
            double stripLongMm,
            int layers,
            double thickMm,
            double massG,
            List<RollerMachine.Setting> settings,
            String rawHex,
            String curedHex,
            WorkingsView workings) {}

    @PostMapping("/sheet")
    SheetSumView sheet(@RequestBody SheetSumForm form) {
        RollerMachine rollers = form.machine();
        SheetRecipe wanted = form.sheet();
        RollerMachine.Stack stack = rollers.stack(wanted.thick());
        MeasuredMix clay = mixes.palette().mix(wanted.mixId());
        SizedSheet sheet = SheetSizing.size(
                wanted.wide(),
                new Length(wanted.longMm()),
                stack.thick(),
                wanted.trim(),
                clay.density(),
                rollers.roller());
        return new SheetSumView(
                sheet.areaMm2(),
                sheet.strips(),
                sheet.stripWide().mm(),
                sheet.stripLong().mm(),
                stack.layers(),
                sheet.thick().mm(),
                sheet.mass().g(),
                rollers.downTo(stack.setting().thick()),
                clay.colour().raw().srgb().hex(),
                clay.colour().cured().srgb().hex(),
                WorkingsView.of(SizedSheetWorkings.of(sheet)));
    }

    /** A blend of two mixes, as long as is said, or as a number of grams make it. */
    record BlendSumForm(@Inline BlendRecipe blend, @Nullable Mass mass) {
        static final Span MASS = Blend.MASS;

        private Blend parse(Density first, Density second) {
            Blend as = blend.blend(first, second);
            return mass == null ? as : as.ofMass(mass);
        }
    }

    /** A strip of the fade: how much of it is the second colour, and how it looks. */
    record FadeView(double secondPercent, String rawHex, String curedHex) {}

    /** How a blend is cut and rolled, and how it fades. */
    record BlendSumView(
            double longMm,
            double highMm,
            double firstBottomMm,
            double firstTopMm,
            double firstG,
            double secondG,
            int evenPasses,
            int passes,
            List<FadeView> fade,
            WorkingsView workings) {}

    @PostMapping("/blend")
    BlendSumView blend(@RequestBody BlendSumForm form) {
        Palette palette = mixes.palette();
        Gathering g = new Gathering();
        var first = g.at("firstMixId", () -> palette.mix(form.blend().firstMixId()));
        var second = g.at("secondMixId", () -> palette.mix(form.blend().secondMixId()));
        g.orRefuse();
        MeasuredMix one = first.orElseThrow();
        MeasuredMix other = second.orElseThrow();
        Blend blend = form.parse(one.density(), other.density());
        PlannedBlend planned = BlendPlanning.plan(blend);
        return new BlendSumView(
                blend.length().mm(),
                planned.high().mm(),
                planned.firstBottom().mm(),
                planned.firstTop().mm(),
                planned.firstMass().g(),
                planned.secondMass().g(),
                planned.evenPasses(),
                planned.passes(),
                fade(blend, one, other),
                WorkingsView.of(PlannedBlendWorkings.of(planned)));
    }

    private static List<FadeView> fade(Blend blend, MeasuredMix first, MeasuredMix second) {
        double step = blend.wide().mm() / FADE_STRIPS;
        return IntStream.range(0, FADE_STRIPS)
                .mapToDouble(i -> blend.second(i * step, (i + 1) * step))
                .mapToObj(share -> new FadeView(
                        100 * share, faded(first, second, share, Face.RAW), faded(first, second, share, Face.CURED)))
                .toList();
    }

    private static String faded(MeasuredMix first, MeasuredMix second, double share, Face face) {
        List<Colorant> both = List.of(
                first.colour().of(face).colorant(), second.colour().of(face).colorant());
        return ColourMixing.seen(both, new double[] {1 - share, share}).srgb().hex();
    }
}
