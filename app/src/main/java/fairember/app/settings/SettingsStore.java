package fairember.app.settings;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.bake.BakingMethod;
import fairember.core.foilcore.PackedFoil;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;

/** The one row of the studio's settings. */
@Repository
public class SettingsStore implements FormStore<SettingsForm> {
    /** There is one studio. */
    public static final long ID = 1;

    private final Database database;

    SettingsStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "settings";
    }

    @Override
    public Class<SettingsForm> form() {
        return SettingsForm.class;
    }

    @Override
    public String nameOf(SettingsForm form) {
        return "Settings";
    }

    @Override
    public Optional<Saved<SettingsForm>> find(long id) {
        return database.one(
                "select * from studio where id = ?",
                row -> new Saved<>(
                        ID,
                        row.getInt("edition"),
                        new SettingsForm(
                                row.getString("name"),
                                row.getString("currency"),
                                row.getLong("hour_minor"),
                                row.getLong("kwh_minor"),
                                row.getDouble("waste_percent"),
                                row.getDouble("margin_percent"),
                                row.getLong("step_minor"),
                                BakingMethod.valueOf(row.getString("school")),
                                row.getDouble("long_hold_min"),
                                row.getDouble("set_min"),
                                LocalTime.parse(row.getString("opens")),
                                LocalTime.parse(row.getString("closes")),
                                Arrays.stream(row.getString("days").split(",", -1))
                                        .map(DayOfWeek::valueOf)
                                        .toList(),
                                row.getDouble("foil_um"),
                                row.getDouble("foil_width_mm"),
                                row.getDouble("foil_length_m"),
                                row.getLong("foil_price_minor"),
                                row.getDouble("foil_loose_g_per_cm3"),
                                row.getDouble("foil_firm_g_per_cm3"),
                                row.getDouble("foil_hard_g_per_cm3"),
                                row.getDouble("cord_mm"),
                                row.getDouble("machine_g"),
                                row.getDouble("scale_step_g"),
                                row.getInt("makers"),
                                row.getBoolean("by_heat"))),
                id);
    }

    @Override
    public void put(long id, SettingsForm form) {
        Settings parsed = form.parse();
        PackedFoil packed = parsed.roll().packed();
        database.write(
                """
                insert into studio values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    currency = excluded.currency, hour_minor = excluded.hour_minor, kwh_minor = excluded.kwh_minor,
                    waste_percent = excluded.waste_percent, margin_percent = excluded.margin_percent,
                    step_minor = excluded.step_minor, school = excluded.school,
                    long_hold_min = excluded.long_hold_min, set_min = excluded.set_min, opens = excluded.opens,
                    closes = excluded.closes, days = excluded.days, foil_um = excluded.foil_um,
                    foil_width_mm = excluded.foil_width_mm, foil_length_m = excluded.foil_length_m,
                    foil_price_minor = excluded.foil_price_minor,
                    foil_loose_g_per_cm3 = excluded.foil_loose_g_per_cm3,
                    foil_firm_g_per_cm3 = excluded.foil_firm_g_per_cm3,
                    foil_hard_g_per_cm3 = excluded.foil_hard_g_per_cm3, cord_mm = excluded.cord_mm,
                    machine_g = excluded.machine_g, scale_step_g = excluded.scale_step_g,
                    makers = excluded.makers, by_heat = excluded.by_heat
                """,
                id,
                form.name().strip(),
                form.currency(),
                form.hourMinor(),
                form.kwhMinor(),
                form.wastePercent(),
                form.marginPercent(),
                form.stepMinor(),
                form.bakingMethod(),
                form.longAndLowMin(),
                form.partBakeMin(),
                form.opens(),
                form.closes(),
                form.days().stream().map(Enum::name).collect(Collectors.joining(",")),
                form.foilUm(),
                form.foilWidthMm(),
                form.foilLengthM(),
                form.foilPriceMinor(),
                packed.loose().gPerCm3(),
                packed.firm().gPerCm3(),
                packed.hard().gPerCm3(),
                parsed.cord().mm(),
                parsed.waste().machine().g(),
                parsed.waste().scaleStep().g(),
                parsed.makers(),
                parsed.rules().byHeat());
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has its settings.");
    }

    /** The settings there are. */
    public Saved<SettingsForm> saved() {
        return find(ID).orElseThrow();
    }

    public Settings settings() {
        return saved().form().parse();
    }
}
