package fairember.app.design;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.design.Arrangement;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.Packing;
import fairember.core.input.Gathering;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import fairember.core.shape.Facing;
import fairember.core.shape.Floor;
import org.jspecify.annotations.Nullable;

/**
 * A part of a design; a part without a core is solid. Not given: no spares, around nothing, facing up, one core with a covered base.
 */
public record PartForm(
        String name,
        ShapeForm shape,
        int count,
        long mixId,
        int stage,
        @Nullable Integer spares,
        @Nullable Integer around,
        @Nullable CoreForm core,
        PlacementForm placement) {

    /** The core that is wanted. */
    public record CoreForm(
            double shellMm,
            Packing packing,
            @Nullable Floor floor,
            @Nullable Integer lobes) {
        public CoreSpec parse() {
            CoreSpec.SHELL.check(shellMm);
            return new CoreSpec(new Length(shellMm), given("packing", packing), or(floor, Floor.COVERED), or(lobes, 1));
        }

        static CoreForm of(CoreSpec spec) {
            return new CoreForm(spec.shell().mm(), spec.packing(), spec.floor(), spec.lobes());
        }
    }

    /** Where the middle of the part's base stands. */
    public record PlacementForm(
            double acrossMm,
            double upMm,
            double frontMm,
            double tiltDeg,
            Arrangement arrangement,
            @Nullable Facing facing) {
        private Placement parse() {
            return new Placement(
                    acrossMm, upMm, frontMm, tiltDeg, given("arrangement", arrangement), or(facing, Facing.UP));
        }

        static PlacementForm of(Placement p) {
            return new PlacementForm(p.acrossMm(), p.upMm(), p.frontMm(), p.tiltDeg(), p.arrangement(), p.facing());
        }
    }

    static PartForm of(Part part) {
        CoreSpec core = part.core();
        return new PartForm(
                part.name(),
                ShapeForm.of(part.solid()),
                part.count(),
                part.mixId(),
                part.stage(),
                part.spares(),
                part.around(),
                core == null ? null : CoreForm.of(core),
                PlacementForm.of(part.placement()));
    }

    Part parse() {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var solid = g.at("shape", () -> given("", shape).parse());
        g.at("", () -> Part.COUNT.check(count));
        g.at("", () -> Part.SPARES.check(or(spares, 0)));
        CoreForm given = core;
        var spec = given == null ? null : g.at("core", given::parse).orElse(null);
        var place = g.at("placement", () -> given("", placement).parse());
        g.orRefuse();
        return new Part(
                checkedName.orElseThrow(),
                solid.orElseThrow(),
                count,
                mixId,
                stage,
                or(spares, 0),
                spec,
                around,
                place.orElseThrow());
    }
}
