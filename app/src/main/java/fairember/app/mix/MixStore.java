package fairember.app.mix;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.app.tile.TaughtClays;
import fairember.core.mix.Mix;
import fairember.core.piece.Palette;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Mixes and their parts. */
@Repository
public class MixStore implements Kept<MixForm> {
    private static final int KEPT = 2;

    private final Cache<List<Mix>, Palette> palettes =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Database database;
    private final TaughtClays clays;

    MixStore(Database database, TaughtClays clays) {
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
    public Optional<Held<MixForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All mixes, by name. */
    public List<Held<MixForm>> all() {
        return where("");
    }

    /** All mixes as the core takes them. */
    public List<Mix> mixes() {
        Map<Long, StockClay> known = clays.clays();
        return all().stream().map(held -> held.form().parse(held.id(), known)).toList();
    }

    /** All mixes measured; measured anew only when a mix, a clay or a tile changed. */
    public Palette palette() {
        return palettes.get(mixes(), Palette::new);
    }

    private List<Held<MixForm>> where(String where, Object... values) {
        Map<Long, List<MixForm.MixPartForm>> parts = new HashMap<>();
        database.list(
                "select mix_id, clay_id, parts from mix_part order by mix_id, position",
                row -> parts.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new MixForm.MixPartForm(row.getLong(2), row.getDouble(3))));
        return database.list(
                "select id, edition, name from mix " + where + " order by name, id",
                row -> new Held<>(
                        row.getLong(1),
                        row.getInt(2),
                        new MixForm(row.getString(3), parts.getOrDefault(row.getLong(1), List.of()))),
                values);
    }

    @Override
    public void put(long id, MixForm form) {
        Mix mix = form.parse(id, clays.clays());
        database.write("""
                insert into mix values (?, 1, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name
                """, id, mix.name());
        database.write("delete from mix_part where mix_id = ?", id);
        int position = 0;
        for (MixForm.MixPartForm part : form.parts()) {
            database.write("insert into mix_part values (?, ?, ?, ?)", id, position++, part.clayId(), part.parts());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from mix where id = ?", id);
    }
}
