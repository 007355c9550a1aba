package fairember.app.oven;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The maker's constraints of the plan; there is one set of them. */
@Repository
public class ConstraintsStore implements FormStore<ConstraintsForm> {
    public static final long ID = 1;

    private final Database database;

    ConstraintsStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "constraints";
    }

    @Override
    public Class<ConstraintsForm> form() {
        return ConstraintsForm.class;
    }

    @Override
    public String nameOf(ConstraintsForm form) {
        return "Pinned loads";
    }

    /** The constraints; none of edition 0 before the first. */
    @Override
    public Optional<Saved<ConstraintsForm>> find(long id) {
        if (id != ID) {
            return Optional.empty();
        }
        int edition =
                database.one("select edition from wishes", row -> row.getInt(1)).orElse(0);
        return Optional.of(
                new Saved<>(ID, edition, edition == 0 ? ConstraintsForm.NONE : new ConstraintsForm(pins(), apart())));
    }

    public Saved<ConstraintsForm> saved() {
        return find(ID).orElseThrow();
    }

    private List<ConstraintsForm.PlanPinForm> pins() {
        Map<Integer, List<LoadForm.LoadItemForm>> items = new HashMap<>();
        database.list(
                "select pin, run_id, piece_id, stage, count from pin_item order by pin, position",
                row -> items.computeIfAbsent(row.getInt(1), at -> new ArrayList<>())
                        .add(new LoadForm.LoadItemForm(row.getLong(2), row.getLong(3), row.getInt(4), row.getInt(5))));
        return database.list("select position, oven_id, in_at from pin order by position", row -> {
            String at = row.getString(3);
            return new ConstraintsForm.PlanPinForm(
                    row.getLong(2),
                    at == null ? null : LocalDateTime.parse(at),
                    items.getOrDefault(row.getInt(1), List.of()));
        });
    }

    private List<ConstraintsForm.ApartForm> apart() {
        return database.list(
                "select * from apart order by position",
                row -> new ConstraintsForm.ApartForm(
                        new ConstraintsForm.BakeRef(row.getLong(2), row.getLong(3), row.getInt(4)),
                        new ConstraintsForm.BakeRef(row.getLong(5), row.getLong(6), row.getInt(7))));
    }

    @Override
    public void put(long id, ConstraintsForm form) {
        form.check();
        database.write("insert into wishes values (?, 1) on conflict (id) do update set edition = edition + 1", id);
        database.write("delete from pin");
        database.write("delete from apart");
        for (int i = 0; i < form.pins().size(); i++) {
            ConstraintsForm.PlanPinForm pin = form.pins().get(i);
            database.write("insert into pin values (?, ?, ?)", i, pin.ovenId(), pin.inAt());
            int position = 0;
            for (LoadForm.LoadItemForm item : pin.items()) {
                database.write(
                        "insert into pin_item values (?, ?, ?, ?, ?, ?)",
                        i,
                        position++,
                        item.batchId(),
                        item.designId(),
                        item.stage(),
                        item.count());
            }
        }
        for (int i = 0; i < form.apart().size(); i++) {
            ConstraintsForm.BakeRef one = form.apart().get(i).one();
            ConstraintsForm.BakeRef other = form.apart().get(i).other();
            database.write(
                    "insert into apart values (?, ?, ?, ?, ?, ?, ?)",
                    i,
                    one.batchId(),
                    one.designId(),
                    one.stage(),
                    other.batchId(),
                    other.designId(),
                    other.stage());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from wishes where id = ?", id);
        database.write("delete from pin");
        database.write("delete from apart");
    }
}
