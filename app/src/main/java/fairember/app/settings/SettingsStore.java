package fairember.app.settings;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.foilcore.PackedFoil;
import org.springframework.stereotype.Repository;

/** The studio's settings; there is one set of them. */
@Repository
public class SettingsStore extends DocumentStore<SettingsForm> {
    /** There is one studio. */
    public static final long ID = 1;

    SettingsStore(DocumentTable table) {
        super(table, "settings", SettingsForm.class);
    }

    @Override
    public String nameOf(SettingsForm form) {
        return "Settings";
    }

    @Override
    protected SettingsForm checked(long id, SettingsForm given) {
        Settings parsed = given.parse();
        PackedFoil packed = parsed.roll().packed();
        return new SettingsForm(
                given.name(),
                given.currency(),
                given.hourMinor(),
                given.kwhMinor(),
                given.wastePercent(),
                given.marginPercent(),
                given.stepMinor(),
                given.bakingMethod(),
                given.longAndLowMin(),
                given.partBakeMin(),
                given.opens(),
                given.closes(),
                given.days(),
                given.foilUm(),
                given.foilWidthMm(),
                given.foilLengthM(),
                given.foilPriceMinor(),
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
