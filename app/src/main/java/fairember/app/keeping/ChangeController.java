package fairember.app.keeping;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Undo and redo of the last change, whatever it was made to. */
@RestController
@RequestMapping("/api/changes")
class ChangeController {
    private final Keeping keeping;
    private final ChangeStore changes;

    ChangeController(Keeping keeping, ChangeStore changes) {
        this.keeping = keeping;
        this.changes = changes;
    }

    /**
     * What can be undone and redone, in words; absent when there is nothing.
     */
    record LastChangesView(@Nullable String undo, @Nullable String redo) {}

    /** A change that was undone or redone; absent words when there was none. */
    record ChangeView(@Nullable String words) {}

    @GetMapping("/last")
    LastChangesView last() {
        return new LastChangesView(
                changes.last().map(Change::words).orElse(null),
                changes.firstUndone().map(Change::words).orElse(null));
    }

    @PostMapping("/undo")
    ChangeView undo() {
        return view(keeping.undo());
    }

    @PostMapping("/redo")
    ChangeView redo() {
        return view(keeping.redo());
    }

    private static ChangeView view(Optional<Change> change) {
        return new ChangeView(change.map(Change::words).orElse(null));
    }
}
