package fairember.app.oven;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.core.ovenload.Oven;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The one oven. */
@Repository
public class OvenStore implements Kept<OvenForm> {
    /** There is one oven. */
    public static final long ID = 1;

    private final Database database;

    OvenStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "oven";
    }

    @Override
    public Class<OvenForm> form() {
        return OvenForm.class;
    }

    @Override
    public String nameOf(OvenForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<OvenForm>> find(long id) {
        return database.one(
                "select * from oven where id = ?",
                row -> new Held<>(
                        ID,
                        row.getInt("edition"),
                        new OvenForm(
                                row.getString("name"),
                                row.getDouble("tray_width_mm"),
                                row.getDouble("tray_depth_mm"),
                                row.getDouble("clearance_mm"),
                                row.getDouble("gap_mm"),
                                row.getDouble("preheat_min"),
                                row.getDouble("preheat_kwh"),
                                row.getDouble("hold_kw"))),
                id);
    }

    @Override
    public void put(long id, OvenForm form) {
        Oven oven = form.parse();
        database.write(
                """
                insert into oven values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    tray_width_mm = excluded.tray_width_mm, tray_depth_mm = excluded.tray_depth_mm,
                    clearance_mm = excluded.clearance_mm, gap_mm = excluded.gap_mm,
                    preheat_min = excluded.preheat_min, preheat_kwh = excluded.preheat_kwh,
                    hold_kw = excluded.hold_kw
                """,
                id,
                oven.name(),
                form.trayWidthMm(),
                form.trayDepthMm(),
                form.clearanceMm(),
                form.gapMm(),
                form.preheatMin(),
                form.preheatKwh(),
                form.holdKw());
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has its oven.");
    }

    public Held<OvenForm> held() {
        return find(ID).orElseThrow();
    }

    /** The oven as the core takes it. */
    public Oven oven() {
        return held().form().parse();
    }
}
