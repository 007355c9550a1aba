package fairember.app.settings;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.studio.Settings;
import org.springframework.stereotype.Repository;

/** The studio's settings; there is one set of them. */
@Repository
public class SettingsStore extends DocumentStore<Settings> {
    /** There is one studio. */
    public static final long ID = 1;

    SettingsStore(DocumentTable table) {
        super(table, "settings", Settings.class);
    }

    @Override
    public String nameOf(Settings form) {
        return "Settings";
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has its settings.");
    }

    /** The settings there are. */
    public Saved<Settings> saved() {
        return find(ID).orElseThrow();
    }

    public Settings settings() {
        return saved().value();
    }
}
