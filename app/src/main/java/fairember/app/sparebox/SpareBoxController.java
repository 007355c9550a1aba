package fairember.app.sparebox;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.core.design.SpareBox;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The box of spare parts. */
@RestController
@RequestMapping("/api/spares")
class SpareBoxController {
    private final SpareBoxStore store;
    private final Journal journal;

    SpareBoxController(SpareBoxStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** All of the box. */
    record SpareBoxView(int edition, SpareBox box) {}

    @GetMapping
    SpareBoxView spares() {
        SavedKind.Saved<SpareBox> saved = store.saved();
        return new SpareBoxView(saved.edition(), saved.value());
    }

    @PutMapping
    SpareBoxView replace(@RequestParam int edition, @RequestBody SpareBox form) {
        journal.replace(store, SpareBoxStore.ID, edition, form);
        return spares();
    }
}
