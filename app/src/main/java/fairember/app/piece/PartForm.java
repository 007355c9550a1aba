package fairember.app.piece;

import static fairember.app.web.Given.given;

import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.Packing;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Words;
import fairember.core.piece.Arrangement;
import fairember.core.piece.Part;
import fairember.core.piece.Placement;
import org.jspecify.annotations.Nullable;

/** A part of a piece; a part without a core is solid. */
public record PartForm(
        String name,
        ShapeForm shape,
        int count,
        long mixId,
        int stage,
        @Nullable CoreForm core,
        PlacementForm placement) {

    /** The core that is wanted. */
    public record CoreForm(double shellMm, Packing packing) {
        private CoreSpec parse() {
            CoreSpec.SHELL.check(shellMm);
            return new CoreSpec(new Length(shellMm), given("packing", packing));
        }
    }

    /** Where the middle of the part's base stands. */
    public record PlacementForm(double acrossMm, double upMm, double frontMm, double tiltDeg, Arrangement arrangement) {
        private Placement parse() {
            return new Placement(acrossMm, upMm, frontMm, tiltDeg, given("arrangement", arrangement));
        }
    }

    Part parse() {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var solid = g.at("shape", () -> given("", shape).parse());
        g.at("", () -> Part.COUNT.check(count));
        CoreForm told = core;
        var spec = told == null ? null : g.at("core", told::parse).orElse(null);
        var place = g.at("placement", () -> given("", placement).parse());
        g.orRefuse();
        return new Part(checkedName.orElseThrow(), solid.orElseThrow(), count, mixId, stage, spec, place.orElseThrow());
    }
}
