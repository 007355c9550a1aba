package fairember.app.sums;

import fairember.app.mix.MixStore;
import fairember.app.web.WorkingsView;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.CaneRecipe;
import fairember.core.claysheet.CaneReducing;
import fairember.core.claysheet.CaneSection;
import fairember.core.claysheet.CordRecipe;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.Extruded;
import fairember.core.claysheet.ExtrudedWorkings;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.NamedClay;
import fairember.core.claysheet.ReducedCane;
import fairember.core.claysheet.ReducedCaneWorkings;
import fairember.core.claysheet.WorkedClay;
import fairember.core.colour.MixedColour;
import fairember.core.design.Palette;
import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Twist;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of canes and cords; mixes are those of the studio, nothing is saved. */
@RestController
@RequestMapping("/api/sums")
class CaneSums {
    static final Span TWISTS = Span.count("twists", "twists", 1, 500);

    private final MixStore mixes;

    CaneSums(MixStore mixes) {
        this.mixes = mixes;
    }

    /**
     * A cane of mixes, and how often a surface is to be covered with its slices.
     *
     * @param coverMm2 area to cover, 1 to 1,000,000 mm²; nothing when nobody asked
     * @param times how often, 1 to 1000
     */
    record CaneSumForm(
            @Inline CaneRecipe cane,
            @Nullable Double coverMm2,
            @Default("1") int times) {
        static final Span COVER = Span.of("coverMm2", "area to cover", 1, 1_000_000, "mm²");
        static final Span TIMES = Span.count("times", "times it is covered", 1, 1000);
    }

    /**
     * What a surface takes.
     *
     * @param slices to cover it so often, none of them cut
     * @param logMm how long the log has to be packed
     */
    record CaneCoverView(int slices, double logMm) {
        static @Nullable CaneCoverView of(ReducedCane reduced, CaneSumForm form) {
            Double cover = form.coverMm2();
            if (cover == null) {
                return null;
            }
            CaneSumForm.TIMES.check(form.times());
            int slices = reduced.slicesFor(new Area(CaneSumForm.COVER.check(cover)), form.times());
            return new CaneCoverView(slices, reduced.lengthFor(slices).mm());
        }
    }

    /**
     * Grams of a mix for its rods, or for a wrap.
     *
     * @param rods how many; nothing for a wrap
     * @param wrap which one, counted from 1 from the inside; nothing for rods
     * @param thickMm of the wrap as it is laid round; nothing for rods
     */
    record CaneMassView(
            String name,
            @Nullable Integer rods,
            @Nullable Integer wrap,
            @Nullable Double thickMm,
            String rawHex,
            String curedHex,
            @Nullable FadeEndsView fade,
            double massG) {}

    /** The two colours of a blend that is rolled up: in the middle, and outside. */
    record FadeEndsView(FaceColoursView inside, FaceColoursView outside) {
        static @Nullable FadeEndsView of(Mix mix) {
            WorkedClay worked = mix.worked();
            if (worked == null
                    || worked.kind() != WorkedClay.Kind.BLEND
                    || mix.ingredients().size() < 2) {
                return null;
            }
            return new FadeEndsView(
                    FaceColoursView.of(mix.ingredients().get(0)),
                    FaceColoursView.of(mix.ingredients().get(1)));
        }
    }

    /** A colour raw and cured. */
    record FaceColoursView(String rawHex, String curedHex) {
        private static FaceColoursView of(Mix.Ingredient ingredient) {
            Mix mix = ((Mix.OfMix) ingredient).mix();
            MixedColour colour = MixMeasuring.measure(mix, new Mass(1)).colour();
            return new FaceColoursView(
                    colour.raw().srgb().hex(), colour.cured().srgb().hex());
        }
    }

    /** A rod cut across, its middle from that of the cane; its kind is its place among the masses. */
    record RoundView(int kind, double xMm, double yMm, double radiusMm) {}

    /**
     * What a cane gives.
     *
     * @param looseMm diameter of the circle round the rods before they are pressed together
     * @param section where the rods lie in it; none when they are more than a picture can show
     */
    record CaneSumView(
            double packedMm,
            double wrappedMm,
            double beforeMm,
            double reducedMm,
            double gainedMm,
            int slices,
            double sliceMm2,
            double coversMm2,
            double wastedPercent,
            List<CaneMassView> masses,
            double looseMm,
            List<RoundView> section,
            @Nullable CaneCoverView cover,
            WorkingsView workings) {}

    @PostMapping("/cane")
    CaneSumView cane(@RequestBody CaneSumForm form) {
        Palette palette = mixes.palette();
        Cane cane = form.cane().cane(id -> named(palette.mix(id)));
        ReducedCane reduced = CaneReducing.reduce(cane);
        CaneSection section = CaneSection.of(cane);
        return new CaneSumView(
                reduced.packed().mm(),
                reduced.wrapped().mm(),
                reduced.before().mm(),
                reduced.reduced().mm(),
                reduced.reduced().mm() - cane.length().mm(),
                reduced.slices(),
                reduced.sliceArea(),
                reduced.covers(),
                100 * reduced.wasted(),
                masses(form.cane(), palette, reduced),
                section.across(),
                section.rods().stream()
                        .map(r -> new RoundView(r.kind(), r.x(), r.y(), r.radius()))
                        .toList(),
                CaneCoverView.of(reduced, form),
                WorkingsView.of(ReducedCaneWorkings.of(reduced)));
    }

    static NamedClay named(MeasuredMix mix) {
        return new NamedClay(mix.mix().name(), mix.density());
    }

    private static List<CaneMassView> masses(CaneRecipe form, Palette palette, ReducedCane reduced) {
        int rods = form.rods().size();
        return IntStream.range(0, reduced.masses().size())
                .mapToObj(i -> {
                    boolean wrap = i >= rods;
                    MeasuredMix mix = palette.mix(
                            wrap
                                    ? form.wraps().get(i - rods).mixId()
                                    : form.rods().get(i).mixId());
                    return new CaneMassView(
                            mix.mix().name(),
                            wrap ? null : form.rods().get(i).count(),
                            wrap ? i - rods + 1 : null,
                            wrap ? form.wraps().get(i - rods).thick().mm() : null,
                            mix.colour().raw().srgb().hex(),
                            mix.colour().cured().srgb().hex(),
                            FadeEndsView.of(mix.mix()),
                            reduced.masses().get(i).g());
                })
                .toList();
    }

    /** Cords of a mix from a barrel; twists of them, when they are twisted, say how much cord is wanted. */
    record ExtrudeSumForm(
            @Inline CordRecipe cord,
            double wantedMm,
            @Nullable TwistForm twist) {}

    /** A number of twists of a number of strands, alike. */
    record TwistForm(int twists, int strands, double lengthMm, double turns) {}

    /** Cords from a barrel; the length of a strand when they are twisted. */
    record ExtrudeSumView(
            double perBarrelMm,
            int barrels,
            double fillingG,
            double lastFillingG,
            double massG,
            double wantedMm,
            double cordMm,
            @Nullable Double strandMm,
            @Nullable Double twistMm,
            WorkingsView workings) {}

    @PostMapping("/extrude")
    ExtrudeSumView extrude(@RequestBody ExtrudeSumForm form) {
        MeasuredMix mix = mixes.palette().mix(form.cord().mixId());
        Barrel barrel = form.cord().barrel();
        Die die = form.cord().plate();
        Length cord = new Length(form.cord().dieMm() * form.cord().swell());
        Twist twist = form.twist() == null ? null : twist(form.twist(), cord, die);
        double wanted = twist == null || form.twist() == null
                ? form.wantedMm()
                : form.twist().twists()
                        * form.twist().strands()
                        * twist.centreLine().mm();
        Density density = mix.density();
        Extruded extruded = Extruding.extrude(barrel, die, new Length(Extruding.WANTED.check(wanted)), density);
        return new ExtrudeSumView(
                extruded.perBarrel().mm(),
                extruded.barrels(),
                extruded.filling().g(),
                extruded.lastFilling().g(),
                extruded.mass().g(),
                wanted,
                cord.mm(),
                twist == null ? null : twist.centreLine().mm(),
                twist == null ? null : twist.box().height().mm(),
                WorkingsView.of(ExtrudedWorkings.of(extruded, density)));
    }

    private static Twist twist(TwistForm form, Length cord, Die die) {
        if (die.kind() != Die.Kind.ROUND) {
            throw new InvalidInputException(
                    "die", die.kind().label(), "round", "Only round cords can be twisted. Choose a round hole.");
        }
        TWISTS.check(form.twists());
        return (Twist) ShapeKind.TWIST.make(List.of(cord.mm(), (double) form.strands(), form.lengthMm(), form.turns()));
    }
}
