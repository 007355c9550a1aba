package fairember.core.mix;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A mix as it is written down: its clays and the mixes in it by number. A {@link RecipeBook} makes a {@link Mix} of it.
 *
 * @param unit what the parts count
 * @param inclusions what is added
 * @param retired whether it is there only for what was made with it
 */
public record MixRecipe(
        @SavedUnder long id,
        @Name String name,
        List<RecipeLine> parts,
        @Default("PARTS") MixUnit unit,
        @Default("[]") List<Inclusion> inclusions,
        @Default("false") boolean retired) {
    public MixRecipe {
        parts = List.copyOf(parts);
        inclusions = List.copyOf(inclusions);
    }

    /** The same recipe under a number. */
    public MixRecipe under(long number) {
        return new MixRecipe(number, name, parts, unit, inclusions, retired);
    }

    /** A number of parts of a clay or of a mix: one of the two numbers is given. */
    public record RecipeLine(
            @RefersTo("clay") @Nullable Long clayId,
            @RefersTo("mix") @Nullable Long mixId,
            double parts) {}
}
