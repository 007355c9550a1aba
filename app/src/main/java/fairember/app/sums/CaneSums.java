package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.app.mix.MixStore;
import fairember.app.web.WorkingsView;
import fairember.core.claysheet.Barrel;
import fairember.core.claysheet.Cane;
import fairember.core.claysheet.CaneReducing;
import fairember.core.claysheet.CaneSection;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.Extruded;
import fairember.core.claysheet.ExtrudedWorkings;
import fairember.core.claysheet.Extruding;
import fairember.core.claysheet.ReducedCane;
import fairember.core.claysheet.ReducedCaneWorkings;
import fairember.core.design.Palette;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.MeasuredMix;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Twist;
import java.util.List;
import java.util.function.Supplier;
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

    /** A cane of mixes. */
    record CaneSumForm(
            List<RodsForm> rods,
            List<WrapForm> wraps,
            double lengthMm,
            boolean square,
            double sizeMm,
            double endWasteMm,
            double sliceMm) {}

    /** Rods of one mix. */
    record RodsForm(long mixId, int count, double diameterMm) {
        private Cane.Rods parse(Palette palette) {
            MeasuredMix mix = palette.mix(mixId);
            Cane.DIAMETER.check(diameterMm);
            return new Cane.Rods(mix.mix().name(), count, new Length(diameterMm), mix.density());
        }
    }

    /** A sheet of a mix round the rods. */
    record WrapForm(long mixId, double thickMm) {
        private Cane.Wrap parse(Palette palette) {
            MeasuredMix mix = palette.mix(mixId);
            Cane.WRAP.check(thickMm);
            return new Cane.Wrap(mix.mix().name(), new Length(thickMm), mix.density());
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
            double massG) {}

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
            WorkingsView workings) {}

    @PostMapping("/cane")
    CaneSumView cane(@RequestBody CaneSumForm form) {
        Palette palette = mixes.palette();
        Gathering g = new Gathering();
        List<Supplier<Cane.Rods>> rods = form.rods().stream()
                .<Supplier<Cane.Rods>>map(r -> () -> r.parse(palette))
                .toList();
        List<Cane.Rods> packed = g.all("rods", rods);
        List<Supplier<Cane.Wrap>> wraps = form.wraps().stream()
                .<Supplier<Cane.Wrap>>map(w -> () -> w.parse(palette))
                .toList();
        List<Cane.Wrap> wrapped = g.all("wraps", wraps);
        g.within(Cane.LENGTH, form.lengthMm());
        g.within(Cane.SIZE, form.sizeMm());
        g.within(Cane.END, form.endWasteMm());
        g.within(Cane.SLICE, form.sliceMm());
        g.orRefuse();
        Cane cane = new Cane(
                packed,
                wrapped,
                new Length(form.lengthMm()),
                form.square(),
                new Length(form.sizeMm()),
                new Length(form.endWasteMm()),
                new Length(form.sliceMm()));
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
                masses(form, palette, reduced),
                section.across(),
                section.rods().stream()
                        .map(r -> new RoundView(r.kind(), r.x(), r.y(), r.radius()))
                        .toList(),
                WorkingsView.of(ReducedCaneWorkings.of(reduced)));
    }

    private static List<CaneMassView> masses(CaneSumForm form, Palette palette, ReducedCane reduced) {
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
                            wrap ? form.wraps().get(i - rods).thickMm() : null,
                            mix.colour().raw().srgb().hex(),
                            mix.colour().cured().srgb().hex(),
                            reduced.masses().get(i).g());
                })
                .toList();
    }

    /** Cords of a mix from a barrel; twists of them, when they are twisted, say how much cord is wanted. */
    record ExtrudeSumForm(
            double barrelMm,
            double strokeMm,
            double residueMm,
            Die.Kind die,
            double dieMm,
            @Nullable Double slotMm,
            int holes,
            double swell,
            double wantedMm,
            long mixId,
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
        Gathering g = new Gathering();
        var mix = g.at("", () -> mixes.palette().mix(form.mixId()));
        g.within(Barrel.ACROSS, form.barrelMm());
        g.within(Barrel.STROKE, form.strokeMm());
        g.within(Barrel.RESIDUE, form.residueMm());
        g.within(Die.SIZE, form.dieMm());
        g.within(Die.WIDE, or(form.slotMm(), form.dieMm()));
        g.orRefuse();
        Barrel barrel =
                new Barrel(new Length(form.barrelMm()), new Length(form.strokeMm()), new Length(form.residueMm()));
        Die die = new Die(
                form.die(),
                new Length(form.dieMm()),
                new Length(or(form.slotMm(), form.dieMm())),
                form.holes(),
                form.swell());
        Length cord = new Length(form.dieMm() * form.swell());
        Twist twist = form.twist() == null ? null : twist(form.twist(), cord, die);
        double wanted = twist == null || form.twist() == null
                ? form.wantedMm()
                : form.twist().twists()
                        * form.twist().strands()
                        * twist.centreLine().mm();
        Density density = mix.orElseThrow().density();
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
