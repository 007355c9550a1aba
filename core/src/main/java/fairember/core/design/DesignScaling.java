package fairember.core.design;

import fairember.core.foilcore.CoreSpec;
import fairember.core.input.Figures;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.shape.Band;
import fairember.core.shape.Lobes;
import fairember.core.shape.Scaled;
import fairember.core.shape.Solid;
import fairember.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Makes a design, or one part of it, larger or smaller; what cannot be scaled stays and is named. */
public final class DesignScaling {
    /** How many times as large it may become. */
    public static final Span FACTOR = Span.of("factor", "factor", 0.05, 20, "");
    /** How high it may become. */
    public static final Span HEIGHT = Span.of("heightMm", "height", 1, 400, "mm");
    /** A part that stands no deeper than this share of its own height in another stands on it. */
    private static final double SUNK = 0.35;

    private final Design design;
    private final double factor;
    private final List<String> stays = new ArrayList<>();

    private DesignScaling(Design design, double factor) {
        this.design = design;
        this.factor = FACTOR.check(factor);
    }

    /**
     * A design after scaling.
     *
     * @param design scaled
     * @param factor it was scaled by
     * @param stays what did not scale with it, or changed, one line each
     */
    public record ScaledDesign(Design design, double factor, List<String> stays) {
        public ScaledDesign {
            stays = List.copyOf(stays);
        }
    }

    /**
     * The whole design times a factor: parts, places, pin and the lengths of wires.
     *
     * @throws fairember.core.input.InvalidInputException when the factor or a scaled dimension is outside its span
     */
    public static ScaledDesign whole(Design design, double factor) {
        return new DesignScaling(design, factor).whole();
    }

    /**
     * The whole design made as high as this.
     *
     * @throws fairember.core.input.InvalidInputException when the height or a scaled dimension is outside its span
     */
    public static ScaledDesign toHeight(Design design, Length height) {
        HEIGHT.check(height.mm());
        return whole(design, height.mm() / heightOf(design).mm());
    }

    /** A design whose shapes have dimensions only, these and its places in whole tenths of a millimetre. */
    public static Design inTenths(Design design) {
        return design.with(design.parts().stream().map(DesignScaling::inTenths).toList(), design.armature());
    }

    private static Part inTenths(Part part) {
        Solid solid = part.shape();
        Placement place = part.placement();
        return part.with(
                solid.kind()
                        .make(solid.dimensions().stream()
                                .map(DesignScaling::tenth)
                                .toList()),
                part.core(),
                place.at(tenth(place.acrossMm()), tenth(place.upMm()), tenth(place.frontMm())));
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }

    /** How high the parts of a design are. */
    public static Length heightOf(Design design) {
        return DesignBox.around(design.parts()).height();
    }

    /**
     * One part times a factor, its place kept; parts that stand on it are moved up or down with its top.
     *
     * @param index of the part, counted from 0
     * @throws fairember.core.input.InvalidInputException when the factor or a scaled dimension is outside its span
     */
    public static ScaledDesign part(Design design, int index, double factor) {
        return new DesignScaling(design, factor).one(index);
    }

    private ScaledDesign whole() {
        Gathering gathering = new Gathering();
        List<Supplier<Part>> suppliers = design.parts().stream()
                .<Supplier<Part>>map(part ->
                        () -> scaled(part, part.placement().times(factor)).pressed(factor))
                .toList();
        List<Part> parts = gathering.all("parts", suppliers);
        List<Supplier<Wire>> wires = design.armature().wires().stream()
                .<Supplier<Wire>>map(wire -> () -> longer(wire))
                .toList();
        List<Wire> bent = gathering.all("wires", wires);
        gathering.orRefuse();
        List<Insert> inserts =
                design.armature().inserts().stream().map(this::unscaled).toList();
        List<NonClay> others =
                design.armature().nonClay().stream().map(this::moved).toList();
        Pin pin = design.armature().pin();
        Pin raised = pin == null ? null : new Pin(pin.acrossMm() * factor, pin.upMm() * factor);
        if (!design.fittings().isEmpty()) {
            stays.add("Findings keep their size");
        }
        Design scaled =
                design.with(parts, new Armature(inserts, bent, raised, others)).underlaid(factor);
        return new ScaledDesign(scaled, factor, stays);
    }

    private ScaledDesign one(int index) {
        Part old = design.parts().get(index);
        Part larger = scaled(old, old.placement());
        double rise =
                larger.posed().box().height().mm() - old.posed().box().height().mm();
        double top = old.placement().upMm() + old.posed().box().height().mm();
        List<Part> parts = new ArrayList<>(design.parts());
        parts.set(index, larger);
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            double deep = SUNK * part.posed().box().height().mm();
            if (i != index && part.layer() == null && part.placement().upMm() >= top - deep) {
                Placement p = part.placement();
                parts.set(i, part.with(part.shape(), part.core(), p.at(p.acrossMm(), p.upMm() + rise, p.frontMm())));
                stays.add("%s keeps its size and moves %s by %s"
                        .formatted(part.name(), rise < 0 ? "down" : "up", mm(Math.abs(rise))));
            }
        }
        return new ScaledDesign(design.with(parts, design.armature()), factor, stays);
    }

    private Part scaled(Part part, Placement placement) {
        if (part.layer() != null) {
            return part.thicker(factor);
        }
        Solid solid = around(part.shape()).orElseGet(() -> Scaled.by(part.shape(), factor));
        if (solid instanceof Band band && !design.armature().inserts().isEmpty()) {
            stays.add("%s still fits around %s: its hole stays the same"
                    .formatted(part.name(), mm(band.around().mm())));
        }
        return part.with(solid, core(part, solid), placement);
    }

    /** A band round an insert keeps its hole: the insert cannot scale. */
    private Optional<Solid> around(Solid solid) {
        if (solid instanceof Band band && !design.armature().inserts().isEmpty()) {
            return Optional.of(
                    new Band(band.around(), band.thickness(), band.length().times(factor)));
        }
        return Optional.empty();
    }

    private @Nullable CoreSpec core(Part part, Solid solid) {
        CoreSpec core = part.core();
        if (core == null) {
            return null;
        }
        if (Lobes.of(solid, core.shell(), core.floor(), core.lobes()).isEmpty()) {
            stays.add("%s becomes solid: a shell of %s leaves no space for foil"
                    .formatted(part.name(), mm(core.shell().mm())));
            return null;
        }
        stays.add("%s keeps its shell of %s"
                .formatted(part.name(), mm(core.shell().mm())));
        return core;
    }

    private Wire longer(Wire wire) {
        stays.add(
                "%s keeps its wire of %s".formatted(wire.name(), mm(wire.gauge().mm())));
        List<Wire.Leg> legs = wire.legs().stream()
                .map(leg -> new Wire.Leg(leg.length().times(factor), leg.turnDeg()))
                .toList();
        return new Wire(wire.name(), wire.gauge(), wire.metal(), wire.count(), legs);
    }

    /** An insert keeps its size; the clay on it, and its place, go with the design. */
    private Insert unscaled(Insert i) {
        stays.add("%s stays %s thick and %s long"
                .formatted(i.name(), mm(i.thick().mm()), mm(i.length().mm())));
        return new Insert(
                i.name(),
                i.thick(),
                i.length(),
                i.covered().times(factor),
                i.mass(),
                i.stays(),
                i.ceiling(),
                i.contents(),
                i.turns(),
                i.sheet(),
                i.seam(),
                i.acrossMm() * factor,
                i.upMm() * factor);
    }

    /** What is not clay keeps its size, and its place goes with the design. */
    private NonClay moved(NonClay thing) {
        stays.add("%s keeps its size".formatted(thing.name()));
        return thing.at(thing.placement().times(factor));
    }

    private static String mm(double value) {
        return Figures.show(Math.round(value * 100) / 100.0, "mm");
    }
}
