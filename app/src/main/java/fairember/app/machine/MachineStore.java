package fairember.app.machine;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.sheet.RollerMachine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Roller machines and their settings. */
@Repository
class MachineStore implements FormStore<MachineForm> {
    private final Database database;

    MachineStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "machine";
    }

    @Override
    public Class<MachineForm> form() {
        return MachineForm.class;
    }

    @Override
    public String nameOf(MachineForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<MachineForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All machines, by name. */
    List<Saved<MachineForm>> all() {
        return where("");
    }

    private List<Saved<MachineForm>> where(String where, Object... values) {
        Map<Long, List<MachineForm.SettingForm>> settings = new HashMap<>();
        database.list(
                "select machine_id, name, thick_mm from machine_setting order by machine_id, position",
                row -> settings.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new MachineForm.SettingForm(row.getString(2), row.getDouble(3))));
        return database.list(
                "select * from machine " + where + " order by name, id",
                row -> new Saved<>(
                        row.getLong("id"),
                        row.getInt("edition"),
                        new MachineForm(
                                row.getString("name"),
                                row.getDouble("roller_mm"),
                                settings.getOrDefault(row.getLong("id"), List.of()))),
                values);
    }

    @Override
    public void put(long id, MachineForm form) {
        RollerMachine machine = form.parse();
        database.write("""
                insert into machine values (?, 1, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    roller_mm = excluded.roller_mm
                """, id, machine.name(), form.rollerMm());
        database.write("delete from machine_setting where machine_id = ?", id);
        int position = 0;
        for (RollerMachine.Setting setting : machine.settings()) {
            database.write(
                    "insert into machine_setting values (?, ?, ?, ?)",
                    id,
                    position++,
                    setting.name(),
                    setting.thick().mm());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from machine where id = ?", id);
    }
}
