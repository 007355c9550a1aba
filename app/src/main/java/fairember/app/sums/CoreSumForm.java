package fairember.app.sums;

import fairember.core.bake.ClayWindow;
import fairember.core.document.Default;
import fairember.core.document.InUnit;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.shape.Floor;
import fairember.core.shape.Lobes;
import fairember.core.shape.Solid;
import org.jspecify.annotations.Nullable;

/**
 * A part that gets a core.
 *
 * @param packed how dense the foil is packed; as usual when not said
 * @param greatest section of the clay that bakes through
 */
record CoreSumForm(
        Solid shape,
        Length shell,
        Packing packing,
        @Default("COVERED") Floor floor,
        @Default("1") int lobes,
        @Default("false") boolean hollow,
        @Nullable Density packed,
        @InUnit("Um") Length foil,
        Length foilWidth,
        Length greatest) {
    static final Span SHELL = CoreSpec.SHELL;
    static final Span LOBES = Lobes.COUNT;
    static final Span FOIL = FoilRoll.THICKNESS;
    static final Span FOIL_WIDTH = FoilRoll.WIDTH;
    static final Span GREATEST = ClayWindow.GREATEST;

    CoreSpec spec() {
        return new CoreSpec(shell, packing, floor, lobes, hollow);
    }

    FoilRoll roll() {
        PackedFoil usual = PackedFoil.USUAL;
        PackedFoil pressed = packed == null ? usual : usual.with(packing, packed.gPerCm3());
        return FoilRoll.priceless(foil, foilWidth, pressed);
    }
}
