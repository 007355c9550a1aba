package fairember.app.journal;

import org.jspecify.annotations.Nullable;

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
