package fairember.core.mix;

import fairember.core.claysheet.WorkedRecipe;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import fairember.core.input.InvalidInputException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A mix as it is written down: its clays and the mixes in it by number. A {@link RecipeBook} makes a {@link Mix} of it.
 *
 * @param unit what the parts count
 * @param inclusions what is added
 * @param worked how its mixes are worked instead of being kneaded together, or null; its parts then follow from that
 * @param retired whether it is there only for what was made with it
 */
public record MixRecipe(
        @SavedUnder long id,
        @Name String name,
        List<RecipeLine> parts,
        @Default("PARTS") MixUnit unit,
        @Default("[]") List<Inclusion> inclusions,
        @Default("false") boolean retired,
        @Nullable WorkedRecipe worked) {
    /** A mix that is kneaded. */
    public MixRecipe(
            long id, String name, List<RecipeLine> parts, MixUnit unit, List<Inclusion> inclusions, boolean retired) {
        this(id, name, parts, unit, inclusions, retired, null);
    }

    /**
     * A mix as it is given.
     *
     * @throws InvalidInputException when something is added to one that is worked
     */
    public MixRecipe {
        if (worked != null && !inclusions.isEmpty()) {
            throw new InvalidInputException(
                    "inclusions",
                    inclusions.size() + " kinds",
                    "nothing, for clay that is worked",
                    "Add it to one of the mixes that this one is made of.");
        }
        parts = worked == null ? List.copyOf(parts) : List.of();
        inclusions = List.copyOf(inclusions);
    }

    /** The same recipe under a number. */
    public MixRecipe under(long number) {
        return new MixRecipe(number, name, parts, unit, inclusions, retired, worked);
    }

    /** A number of parts of a clay or of a mix: one of the two numbers is given. */
    public record RecipeLine(
            @RefersTo("clay") @Nullable Long clayId,
            @RefersTo("mix") @Nullable Long mixId,
            double parts) {}
}
