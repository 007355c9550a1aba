package fairember.app.sums;

import static fairember.app.web.Given.given;

import fairember.app.design.PartForm;
import fairember.app.design.ShapeForm;
import fairember.core.bake.ClayWindow;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;
import fairember.core.shape.Floor;
import fairember.core.shape.Solid;
import org.jspecify.annotations.Nullable;

/** A part that gets a core. */
record CoreSumForm(
        ShapeForm shape,
        double shellMm,
        Packing packing,
        @Nullable Floor floor,
        @Nullable Integer lobes,
        @Nullable Double packedGPerCm3,
        double foilUm,
        double foilWidthMm,
        double greatestMm) {
    Solid outer() {
        try {
            return given("", shape).parse();
        } catch (InvalidInputException refused) {
            throw new InvalidInputException(
                    refused.errors().stream().map(w -> w.inside("shape")).toList());
        }
    }

    CoreSpec spec() {
        return new PartForm.CoreForm(shellMm, packing, floor, lobes).parse();
    }

    FoilRoll roll() {
        PackedFoil usual = PackedFoil.USUAL;
        Double packed = packedGPerCm3;
        PackedFoil foil = packed == null ? usual : usual.with(given("packing", packing), packed);
        return FoilRoll.of(foilUm, foilWidthMm, 1, Money.ZERO, foil);
    }

    Length greatest() {
        return new Length(ClayWindow.GREATEST.check(greatestMm));
    }
}
