package fairember.app.journal;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Undo and redo of the last change of whoever asks, whatever it was made to. */
@RestController
@RequestMapping("/api/changes")
class ChangeController {
    private final Journal journal;
    private final ChangeStore changes;

    ChangeController(Journal journal, ChangeStore changes) {
        this.journal = journal;
        this.changes = changes;
    }

    /** A change that was undone or redone. */
    record ChangeView(String words) {}

    @GetMapping("/last")
    LastChangesView last() {
        return changes.lastChanges(AskingMaker.now());
    }

    /** Undoes a step, which must be the last one there is. */
    @PostMapping("/undo")
    ChangeView undo(@RequestParam long step) {
        return new ChangeView(journal.undo(step));
    }

    /** Makes a step again, which must be the one that was undone last. */
    @PostMapping("/redo")
    ChangeView redo(@RequestParam long step) {
        return new ChangeView(journal.redo(step));
    }
}
