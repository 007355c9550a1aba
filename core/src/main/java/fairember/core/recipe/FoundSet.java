package fairember.core.recipe;

import java.util.List;

/**
 * Choices that come near together, in one or more ratios.
 *
 * @param ratios recipes of the same choices, the nearest first; one or more
 */
public record FoundSet(List<FoundRecipe> ratios) {
    public FoundSet {
        ratios = List.copyOf(ratios);
    }

    public FoundRecipe nearest() {
        return ratios.get(0);
    }

    /** The other ratios. */
    public List<FoundRecipe> others() {
        return ratios.subList(1, ratios.size());
    }
}
