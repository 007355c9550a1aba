package fairember.app.mix;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.trialtile.ClayLearning;
import fairember.core.design.Palette;
import fairember.core.mix.Mix;
import fairember.core.mix.MixRecipe;
import fairember.core.mix.RecipeBook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** Mixes, their parts and what is added to them. */
@Repository
public class MixStore extends DocumentStore<MixRecipe> {
    private static final int PALETTES = 8;

    private final Cache<List<Mix>, Palette> palettes =
            Caffeine.newBuilder().maximumSize(PALETTES).build();
    private final ClayLearning clays;

    MixStore(DocumentTable table, ClayLearning clays) {
        super(table, "mix", MixRecipe.class);
        this.clays = clays;
    }

    /** All mixes as they are kept, to make mixes of forms with. */
    public RecipeBook book() {
        Map<Long, MixRecipe> recipes = new LinkedHashMap<>();
        all().forEach(saved -> recipes.put(saved.id(), saved.value()));
        return new RecipeBook(clays.clays(), recipes);
    }

    /** All mixes as the core takes them, by name. */
    public List<Mix> mixes() {
        RecipeBook book = book();
        return book.recipes().values().stream().map(book::mix).toList();
    }

    /** The mixes that are not retired. */
    public List<Mix> current() {
        RecipeBook book = book();
        return book.recipes().values().stream()
                .filter(recipe -> !recipe.retired())
                .map(book::mix)
                .toList();
    }

    /** All mixes measured; measured again only when a mix, a clay or a tile changed. */
    public Palette palette() {
        return palettes.get(mixes(), Palette::new);
    }

    @Override
    protected void check(long id, MixRecipe given) {
        book().mix(given);
    }
}
