package fairember.app.mix;

import static fairember.app.web.Given.or;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.app.trialtile.ClayLearning;
import fairember.core.design.Palette;
import fairember.core.mix.Mix;
import fairember.core.mix.MixUnit;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;

/** Mixes, their parts and what is added to them. */
@Repository
public class MixStore extends DocumentStore<MixForm> {
    private static final int PALETTES = 2;

    private final Cache<List<Mix>, Palette> palettes =
            Caffeine.newBuilder().maximumSize(PALETTES).build();
    private final ClayLearning clays;

    MixStore(DocumentTable table, ClayLearning clays) {
        super(table, "mix", MixForm.class);
        this.clays = clays;
    }

    @Override
    public String nameOf(MixForm form) {
        return form.name();
    }

    /** All mixes as they are kept, to make mixes of forms with. */
    public MixBook book() {
        Map<Long, MixForm> forms = new LinkedHashMap<>();
        all().forEach(saved -> forms.put(saved.id(), saved.form()));
        return new MixBook(clays.clays(), forms);
    }

    /** All mixes as the core takes them, by name. */
    public List<Mix> mixes() {
        MixBook book = book();
        return book.forms().entrySet().stream()
                .map(saved -> book.parse(saved.getKey(), saved.getValue()))
                .toList();
    }

    /** The mixes that are not retired. */
    public List<Mix> current() {
        MixBook book = book();
        return book.forms().entrySet().stream()
                .filter(saved -> !or(saved.getValue().retired(), false))
                .map(saved -> book.parse(saved.getKey(), saved.getValue()))
                .toList();
    }

    /** All mixes measured; measured again only when a mix, a clay or a tile changed. */
    public Palette palette() {
        return palettes.get(mixes(), Palette::new);
    }

    @Override
    protected MixForm checked(long id, MixForm given) {
        book().parse(id, given);
        return new MixForm(
                given.name(),
                given.parts(),
                or(given.unit(), MixUnit.PARTS),
                or(given.inclusions(), List.of()),
                or(given.retired(), false));
    }

    @Override
    protected Collection<Reference> references(long id, MixForm saved) {
        return saved.parts().stream()
                .flatMap(part -> Stream.concat(
                        Stream.ofNullable(part.clayId()).map(clay -> new Reference("clay", clay)),
                        Stream.ofNullable(part.mixId()).map(mix -> new Reference("mix", mix))))
                .toList();
    }
}
