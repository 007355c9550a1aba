package fairember.core.mix;

import fairember.core.colour.ColourDifference;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.MixPart;
import fairember.core.colour.MixedColour;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.Optional;

/**
 * What lots that differ do to a mix.
 *
 * @param clays its clays of which another lot is in use
 * @param raw from what the mix usually is to what it is with these lots, raw
 * @param cured the same, cured
 */
public record LotShift(List<StockClay> clays, ColourDifference raw, ColourDifference cured) {
    public LotShift {
        clays = List.copyOf(clays);
    }

    /** The shift of a mix; nothing when all its clays are as they usually are. */
    public static Optional<LotShift> of(MeasuredMix mix) {
        List<StockClay> other = mix.portions().stream()
                .filter(p -> p.parts() > 0 && p.clay().lot() != null)
                .map(MeasuredMix.ClayPortion::clay)
                .toList();
        if (other.isEmpty()) {
            return Optional.empty();
        }
        MixedColour usual = ColourMixing.mix(mix.portions().stream()
                .map(p -> new MixPart(p.clay().name(), p.clay().usual(), p.parts()))
                .toList());
        return Optional.of(
                new LotShift(other, shift(usual, mix.colour(), Face.RAW), shift(usual, mix.colour(), Face.CURED)));
    }

    /** From how a clay usually looks to how the lot in use does. */
    public static ColourDifference ofClay(StockClay clay, Face face) {
        return ColourDifference.of(
                Lab.of(clay.usual().spectrum(face)), Lab.of(clay.pigment().spectrum(face)));
    }

    private static ColourDifference shift(MixedColour usual, MixedColour now, Face face) {
        return ColourDifference.of(usual.of(face).lab(), now.of(face).lab());
    }
}
