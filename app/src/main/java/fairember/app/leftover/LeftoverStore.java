package fairember.app.leftover;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.app.tile.ClayLearning;
import fairember.core.measure.InvalidInputException;
import fairember.core.mix.Lump;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The one box of leftovers. */
@Repository
public class LeftoverStore implements FormStore<LeftoversForm> {
    /** There is one box. */
    public static final long ID = 1;

    private final Database database;
    private final ClayLearning clays;

    LeftoverStore(Database database, ClayLearning clays) {
        this.database = database;
        this.clays = clays;
    }

    @Override
    public String kind() {
        return "leftovers";
    }

    @Override
    public Class<LeftoversForm> form() {
        return LeftoversForm.class;
    }

    @Override
    public String nameOf(LeftoversForm form) {
        return "Leftovers";
    }

    /** The box; an empty one of edition 0 before anything was put in. */
    @Override
    public Optional<Saved<LeftoversForm>> find(long id) {
        if (id != ID) {
            return Optional.empty();
        }
        int edition = database.one("select edition from leftovers", row -> row.getInt(1))
                .orElse(0);
        return Optional.of(new Saved<>(ID, edition, edition == 0 ? LeftoversForm.EMPTY : new LeftoversForm(rows())));
    }

    private List<LeftoversForm.LumpForm> rows() {
        Map<Integer, List<LeftoversForm.LumpPartForm>> parts = new HashMap<>();
        database.list(
                "select lump, clay_id, parts from lump_part order by lump, position",
                row -> parts.computeIfAbsent(row.getInt(1), at -> new ArrayList<>())
                        .add(new LeftoversForm.LumpPartForm(row.getLong(2), row.getDouble(3))));
        return database.list(
                "select * from lump order by position",
                row -> new LeftoversForm.LumpForm(
                        row.getString("name"),
                        LocalDate.parse(row.getString("made_on")),
                        row.getDouble("mass_g"),
                        Database.nullableId(row, "mix_id"),
                        parts.getOrDefault(row.getInt("position"), List.of())));
    }

    /** The box there is. */
    public Saved<LeftoversForm> saved() {
        return find(ID).orElseThrow();
    }

    /** Its lumps as the core takes them. */
    public List<Lump> lumps() {
        return saved().form().parse(clays.clays());
    }

    @Override
    public void put(long id, LeftoversForm form) {
        form.parse(clays.clays());
        database.write("""
                insert into leftovers values (?, 1) on conflict (id) do update set edition = edition + 1
                """, id);
        database.write("delete from lump");
        int at = 0;
        for (LeftoversForm.LumpForm lump : form.lumps()) {
            Long mixId = lump.mixId();
            if (mixId != null
                    && database.one("select 1 from mix where id = ?", row -> 1, mixId)
                            .isEmpty()) {
                throw new InvalidInputException(
                        "lumps[" + at + "].mixId",
                        "mix " + mixId,
                        "a mix of the studio",
                        "Choose a mix, or send no mix.");
            }
            database.write(
                    "insert into lump values (?, ?, ?, ?, ?)",
                    at,
                    lump.name().strip(),
                    lump.madeOn(),
                    lump.massG(),
                    mixId);
            int position = 0;
            for (LeftoversForm.LumpPartForm part : lump.parts()) {
                database.write(
                        "insert into lump_part values (?, ?, ?, ?)", at, position++, part.clayId(), part.parts());
            }
            at++;
        }
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has a box of leftovers.");
    }
}
