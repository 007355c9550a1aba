package fairember.app.mix;

import static fairember.app.web.Given.or;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.app.tile.ClayLearning;
import fairember.core.colour.Effect;
import fairember.core.design.Palette;
import fairember.core.mix.Mix;
import fairember.core.mix.MixUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Mixes, their parts and what is added to them. */
@Repository
public class MixStore implements FormStore<MixForm> {
    private static final int KEPT = 2;

    private final Cache<List<Mix>, Palette> palettes =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Database database;
    private final ClayLearning clays;

    MixStore(Database database, ClayLearning clays) {
        this.database = database;
        this.clays = clays;
    }

    @Override
    public String kind() {
        return "mix";
    }

    @Override
    public Class<MixForm> form() {
        return MixForm.class;
    }

    @Override
    public String nameOf(MixForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<MixForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All mixes, by name. */
    public List<Saved<MixForm>> all() {
        return where("");
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

    private List<Saved<MixForm>> where(String where, Object... values) {
        Map<Long, List<MixForm.MixPartForm>> parts = new HashMap<>();
        database.list(
                "select mix_id, clay_id, inner_mix_id, parts from mix_line order by mix_id, position",
                row -> parts.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new MixForm.MixPartForm(
                                Database.nullableId(row, "clay_id"),
                                Database.nullableId(row, "inner_mix_id"),
                                row.getDouble(4))));
        Map<Long, List<MixForm.InclusionForm>> inclusions = new HashMap<>();
        database.list(
                "select mix_id, name, percent, effect, price_minor from mix_inclusion order by mix_id, position",
                row -> inclusions
                        .computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new MixForm.InclusionForm(
                                row.getString(2), row.getDouble(3), Effect.valueOf(row.getString(4)), row.getLong(5))));
        return database.list(
                "select id, edition, name, unit, retired from mix " + where + " order by name, id",
                row -> new Saved<>(
                        row.getLong(1),
                        row.getInt(2),
                        new MixForm(
                                row.getString(3),
                                parts.getOrDefault(row.getLong(1), List.of()),
                                MixUnit.valueOf(row.getString(4)),
                                inclusions.getOrDefault(row.getLong(1), List.of()),
                                row.getBoolean(5))),
                values);
    }

    @Override
    public void put(long id, MixForm form) {
        Mix mix = book().parse(id, form);
        database.write("""
                insert into mix values (?, 1, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, unit = excluded.unit,
                    retired = excluded.retired
                """, id, mix.name(), or(form.unit(), MixUnit.PARTS), or(form.retired(), false));
        database.write("delete from mix_line where mix_id = ?", id);
        int position = 0;
        for (MixForm.MixPartForm part : form.parts()) {
            database.write(
                    "insert into mix_line values (?, ?, ?, ?, ?)",
                    id,
                    position++,
                    part.clayId(),
                    part.mixId(),
                    part.parts());
        }
        database.write("delete from mix_inclusion where mix_id = ?", id);
        position = 0;
        for (MixForm.InclusionForm inclusions : or(form.inclusions(), List.<MixForm.InclusionForm>of())) {
            database.write(
                    "insert into mix_inclusion values (?, ?, ?, ?, ?, ?)",
                    id,
                    position++,
                    inclusions.name().strip(),
                    inclusions.percent(),
                    inclusions.effect(),
                    inclusions.priceMinor());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from mix where id = ?", id);
    }
}
