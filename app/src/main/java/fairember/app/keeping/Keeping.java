package fairember.app.keeping;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Adds, replaces and removes kept things, writes each change into the journal, and undoes and redoes them. */
@Service
public class Keeping {
    private final Map<String, Kept<?>> kinds;
    private final ChangeStore changes;
    private final JsonMapper mapper;
    private final Clock clock;

    Keeping(List<Kept<?>> kinds, ChangeStore changes, JsonMapper mapper, Clock clock) {
        this.kinds = kinds.stream().collect(Collectors.toMap(Kept::kind, Function.identity()));
        this.changes = changes;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Adds a new thing and gives its number. */
    @Transactional
    public <F> long add(Kept<F> kept, F form) {
        long id = changes.nextId(kept.kind());
        kept.put(id, form);
        journal(kept.kind(), id, "added " + kept.nameOf(form), null, tree(kept, id));
        return id;
    }

    /**
     * Replaces a thing.
     *
     * @param edition the one the change was made to
     * @throws OutdatedException when it has a newer edition
     * @throws MissingException when it is not there
     */
    @Transactional
    public <F> void replace(Kept<F> kept, long id, int edition, F form) {
        Kept.Held<F> held = existing(kept, id);
        if (held.edition() != edition) {
            throw new OutdatedException(kept.nameOf(held.form()));
        }
        write(kept, id, held, form, null);
    }

    /**
     * Changes whatever edition there is now.
     *
     * @param words what the change is called when it is undone
     * @throws MissingException when it is not there
     */
    @Transactional
    public <F> void change(Kept<F> kept, long id, String words, UnaryOperator<F> change) {
        Kept.Held<F> held = existing(kept, id);
        write(kept, id, held, change.apply(held.form()), words);
    }

    private <F> void write(Kept<F> kept, long id, Kept.Held<F> held, F form, @Nullable String words) {
        JsonNode before = mapper.valueToTree(held.form());
        kept.put(id, form);
        JsonNode after = tree(kept, id);
        if (!before.equals(after)) {
            String said = words == null ? ChangeWords.of(kept.nameOf(form), before, after) : words;
            journal(kept.kind(), id, said, before, after);
        }
    }

    /**
     * Removes a thing.
     *
     * @throws MissingException when it is not there
     * @throws fairember.app.database.StoreException when something else uses it
     */
    @Transactional
    public <F> void remove(Kept<F> kept, long id) {
        Kept.Held<F> held = existing(kept, id);
        kept.remove(id);
        journal(kept.kind(), id, "removed " + kept.nameOf(held.form()), mapper.valueToTree(held.form()), null);
    }

    /** Puts a thing there as if it had always been: no line in the journal, its number taken. */
    @Transactional
    public void plant(String kind, long id, JsonNode form) {
        put(known(kind), id, form.toString());
        changes.taken(kind, id);
    }

    /** Undoes the last change, if there is one. */
    @Transactional
    public Optional<Change> undo() {
        return changes.last().map(change -> restore(change, change.before(), true));
    }

    /** Does again what was undone last, if nothing else was changed since. */
    @Transactional
    public Optional<Change> redo() {
        return changes.firstUndone().map(change -> restore(change, change.after(), false));
    }

    private Change restore(Change change, @Nullable String form, boolean undone) {
        Kept<?> kept = known(change.kind());
        if (form == null) {
            kept.remove(change.subjectId());
        } else {
            put(kept, change.subjectId(), form);
        }
        changes.mark(change.id(), undone);
        return change;
    }

    private Kept<?> known(String kind) {
        Kept<?> kept = kinds.get(kind);
        if (kept == null) {
            throw new IllegalStateException("Nothing keeps a " + kind);
        }
        return kept;
    }

    private <F> void put(Kept<F> kept, long id, String form) {
        kept.put(id, mapper.readValue(form, kept.form()));
    }

    private <F> Kept.Held<F> existing(Kept<F> kept, long id) {
        return kept.find(id).orElseThrow(() -> new MissingException(kept.kind(), id));
    }

    private <F> JsonNode tree(Kept<F> kept, long id) {
        return mapper.valueToTree(existing(kept, id).form());
    }

    private void journal(String kind, long id, String words, @Nullable JsonNode before, @Nullable JsonNode after) {
        changes.add(
                clock.instant(),
                kind,
                id,
                words,
                before == null ? null : before.toString(),
                after == null ? null : after.toString());
    }
}
