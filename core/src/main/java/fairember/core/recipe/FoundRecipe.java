package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.quantity.Mass;
import java.util.Comparator;
import java.util.List;

/**
 * A recipe that comes near.
 *
 * @param parts what goes in, in the order of the choices
 * @param colorant what the mix does to light
 * @param difference from the target to this
 * @param minorPerGram what a gram of it costs
 * @param missing grams that have to be bought, over all its choices, for what is wanted; 0 when all is on hand
 */
public record FoundRecipe(
        List<Part> parts, Colorant colorant, ColourDifference difference, double minorPerGram, Mass missing) {
    /** A number of whole parts of a choice. */
    public record Part(Choice choice, int parts) {}

    /** Nearest first; then fewer choices, fewer parts, and the order of the choices, so that there is one order only. */
    public static final Comparator<FoundRecipe> NEAREST = Comparator.<FoundRecipe>comparingDouble(FoundRecipe::deltaE)
            .thenComparingInt(FoundRecipe::kinds)
            .thenComparingInt(FoundRecipe::allParts)
            .thenComparing(FoundRecipe::key);

    public FoundRecipe {
        parts = List.copyOf(parts);
    }

    /** ΔE00 from the target. */
    public double deltaE() {
        return difference.total();
    }

    /** How many choices are in it. */
    public int kinds() {
        return parts.size();
    }

    /** Numbers of the choices in it, the same for every ratio of them. */
    List<Long> set() {
        return parts.stream().map(part -> part.choice().id()).toList();
    }

    int allParts() {
        return parts.stream().mapToInt(Part::parts).sum();
    }

    private String key() {
        StringBuilder key = new StringBuilder();
        parts.forEach(part -> key.append("%06d:%02d ".formatted(part.choice().id(), part.parts())));
        return key.toString();
    }

    /** Whether another is no worse in anything that counts, and better in something. */
    boolean beatenBy(FoundRecipe other) {
        boolean noWorse = other.deltaE() <= deltaE()
                && other.minorPerGram() <= minorPerGram
                && other.missing().g() <= missing.g()
                && other.kinds() <= kinds();
        boolean better = other.deltaE() < deltaE()
                || other.minorPerGram() < minorPerGram
                || other.missing().g() < missing.g()
                || other.kinds() < kinds();
        return noWorse && better;
    }
}
