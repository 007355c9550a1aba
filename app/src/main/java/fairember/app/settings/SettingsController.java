package fairember.app.settings;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.core.studio.Settings;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The studio's settings. */
@RestController
@RequestMapping("/api/settings")
class SettingsController {
    private final SettingsStore store;
    private final Journal journal;

    SettingsController(SettingsStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** The settings with the edition they have. */
    record SettingsView(int edition, Settings settings) {}

    @GetMapping
    SettingsView settings() {
        SavedKind.Saved<Settings> saved = store.saved();
        return new SettingsView(saved.edition(), saved.value());
    }

    @PutMapping
    SettingsView replace(@RequestParam int edition, @RequestBody Settings form) {
        journal.replace(store, SettingsStore.ID, edition, form);
        return settings();
    }
}
