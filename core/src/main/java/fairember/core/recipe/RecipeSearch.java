package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.Lab;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is looked for.
 *
 * @param target the colour to come near to
 * @param choices what may go in, 1 to {@value #MOST_CHOICES}
 * @param mostKinds at most a number of them in one recipe, 1 to 4
 * @param mostParts their whole parts add up to a number of at most, 2 to 16
 * @param wanted grams of the mix that are needed
 * @param look how it is to hide and shimmer; anything when not said
 * @param onHandOnly whether only recipes count that what is on hand can make for all that is wanted
 */
public record RecipeSearch(
        Lab target,
        @Nullable Look look,
        List<Choice> choices,
        int mostKinds,
        int mostParts,
        Mass wanted,
        boolean onHandOnly) {
    public static final Span KINDS = Span.of("mostKinds", "clays in one mix", 1, 4, "clays");
    public static final Span PARTS = Span.of("mostParts", "parts in total", 2, 16, "parts");
    /** More choices than this are not tried: with four of them together it would take minutes. */
    public static final int MOST_CHOICES = 60;

    /**
     * A search that can be done.
     *
     * @throws InvalidInputException on "choices", "mostKinds" or "mostParts"
     */
    public RecipeSearch {
        choices = List.copyOf(choices);
        int many = choices.size();
        if (many == 0 || many > MOST_CHOICES) {
            throw new InvalidInputException(
                    "choices",
                    many + " clays",
                    "1 to " + MOST_CHOICES + " clays",
                    many == 0 ? "Add a clay to the shelf, or choose more clays." : "Choose fewer clays to try.");
        }
        Gathering gathering = new Gathering();
        gathering.within(KINDS, mostKinds);
        gathering.within(PARTS, mostParts);
        gathering.orRefuse();
    }

    /** A search for a colour alone, however it hides and shimmers. */
    public RecipeSearch(
            Lab target, List<Choice> choices, int mostKinds, int mostParts, Mass wanted, boolean onHandOnly) {
        this(target, null, choices, mostKinds, mostParts, wanted, onHandOnly);
    }

    /** Whether a mix of choices looks as is asked, apart from its colour. */
    boolean looksAsAsked(List<Choice> in, Supplier<Colorant> colorant) {
        if (look == null) {
            return true;
        }
        Set<Effect> effects = in.stream().flatMap(c -> c.effects().stream()).collect(Collectors.toSet());
        return effects.equals(look.effects()) && look.hidesAlike(colorant.get());
    }
}
