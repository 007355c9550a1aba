package fairember.app.journal;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Undo and redo of the last change, whatever it was made to. */
@RestController
@RequestMapping("/api/changes")
class ChangeController {
    private final Journal journal;
    private final ChangeStore changes;

    ChangeController(Journal journal, ChangeStore changes) {
        this.journal = journal;
        this.changes = changes;
    }

    /**
     * What can be undone and redone, in words; absent when there is nothing.
     *
     * @param undoStep number of the step that undo takes back
     * @param redoStep number of the step that redo makes again
     */
    record LastChangesView(
            @Nullable String undo,
            @Nullable Long undoStep,
            @Nullable String redo,
            @Nullable Long redoStep) {}

    /** A change that was undone or redone. */
    record ChangeView(String words) {}

    @GetMapping("/last")
    LastChangesView last() {
        Optional<Change> undo = changes.last();
        Optional<Change> redo = changes.firstUndone();
        return new LastChangesView(
                undo.map(Change::words).orElse(null),
                undo.map(Change::step).orElse(null),
                redo.map(Change::words).orElse(null),
                redo.map(Change::step).orElse(null));
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
