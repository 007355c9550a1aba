package fairember.app.daybook;

import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.core.daybook.DaybookLine;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Writes, changes and removes lines of the daybook, one at a time; the counts of a batch follow its losses. */
@Component
public class DaybookLines {
    private final DaybookStore store;
    private final Journal journal;
    private final ObjectProvider<LossCounting> losses;

    DaybookLines(DaybookStore store, Journal journal, ObjectProvider<LossCounting> losses) {
        this.store = store;
        this.journal = journal;
        this.losses = losses;
    }

    /** Writes a line and gives its number. */
    public long add(DaybookLine line) {
        return journal.together(() -> {
            count(line, 1);
            return journal.add(store, line);
        });
    }

    /** Changes the edition of a line that there is. */
    public void replace(long id, int edition, DaybookLine line) {
        journal.together(() -> {
            DaybookLine before = existing(id);
            if (!before.equals(line)) {
                count(before, -1);
                count(line, 1);
            }
            journal.replace(store, id, edition, line);
            return "";
        });
    }

    /** Removes the edition of a line that there is. */
    void remove(long id, int edition) {
        journal.together(() -> {
            count(existing(id), -1);
            journal.remove(store, id, edition);
            return "";
        });
    }

    private DaybookLine existing(long id) {
        return store.find(id)
                .orElseThrow(() -> new MissingException("line", id))
                .value();
    }

    private void count(DaybookLine line, int times) {
        if (line.counted()) {
            losses.forEach(counting -> counting.count(line, times));
        }
    }
}
