package fairember.core.mix;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.portion.BlockShare;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Shares;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A mix as it is measured out.
 *
 * @param exact the recipe for the same total before rounding
 * @param wanted grams that were asked for
 * @param lines what is taken of each line of the recipe
 * @param inclusions what is taken of what is added, in the order of the recipe
 * @param total grams in all, with what is added
 * @param raw how the raw colour changes by the rounding
 * @param cured how the cured colour changes
 */
public record WeighedMix(
        MeasuredMix exact,
        Mass wanted,
        List<Line> lines,
        List<Mass> inclusions,
        Mass total,
        ColourDifference raw,
        ColourDifference cured) {
    public WeighedMix {
        lines = List.copyOf(lines);
        inclusions = List.copyOf(inclusions);
    }

    /**
     * A line.
     *
     * @param exact grams by the recipe
     * @param taken grams that are taken
     * @param share of a block that is, when it is cut and not weighed
     */
    public record Line(
            Mix.Ingredient ingredient,
            Mass exact,
            Mass taken,
            @Nullable BlockShare share) {}

    /** How a face changes by the rounding. */
    public ColourDifference change(Face face) {
        return face == Face.RAW ? raw : cured;
    }

    /** The true ratio: per cent of each line in the clay that is taken, to the tenth, together 100. */
    public List<Double> percents() {
        return Shares.percent(lines.stream().map(l -> l.taken().g()).toList());
    }

    static WeighedMix of(MeasuredMix exact, Mass wanted, List<Line> lines, List<Mass> inclusions) {
        double all = lines.stream().mapToDouble(l -> l.taken().g()).sum()
                + inclusions.stream().mapToDouble(Mass::g).sum();
        return new WeighedMix(
                exact,
                wanted,
                lines,
                inclusions,
                new Mass(all),
                change(exact, lines, Face.RAW),
                change(exact, lines, Face.CURED));
    }

    private static ColourDifference change(MeasuredMix exact, List<Line> lines, Face face) {
        List<Colorant> colorants =
                lines.stream().map(line -> colorant(line.ingredient(), face)).toList();
        double[] grams = lines.stream().mapToDouble(line -> line.taken().g()).toArray();
        Lab rounded = Lab.of(Colorant.mix(colorants, grams).thick());
        return ColourDifference.of(exact.colour().of(face).lab(), rounded);
    }

    private static Colorant colorant(Mix.Ingredient ingredient, Face face) {
        return ingredient instanceof Mix.OfClay of
                ? of.clay().pigment().colorant(face)
                : ColourMixing.mix(((Mix.OfMix) ingredient).mix().colours())
                        .of(face)
                        .colorant();
    }
}
