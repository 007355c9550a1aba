package fairember.app.journal;

import fairember.app.document.SavedKind;
import fairember.core.input.InvalidInputException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Adds, replaces and removes store things, writes each change into the journal, and undoes and redoes them. */
@Service
public class Journal {
    private final Map<String, SavedKind<?>> kinds;
    private final ChangeStore changes;
    private final ChangeHeader header;
    private final JsonMapper mapper;
    private final Clock clock;

    /** The step that the changes of this thread belong to, while several are made together. */
    private static final ThreadLocal<Step> STEPS = new ThreadLocal<>();

    /** A step; it has no number before its first change. */
    private static final class Step {
        private @Nullable Long number;
    }

    Journal(List<SavedKind<?>> kinds, ChangeStore changes, ChangeHeader header, JsonMapper mapper, Clock clock) {
        this.kinds = kinds.stream().collect(Collectors.toMap(SavedKind::kind, Function.identity()));
        this.changes = changes;
        this.header = header;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Adds a new thing and gives its number. */
    @Transactional
    public <F> long add(SavedKind<F> store, F form) {
        long id = changes.nextId(store.kind());
        store.put(id, form);
        journal(store.kind(), id, "added " + store.nameOf(form), null, tree(store, id));
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
    public <F> void replace(SavedKind<F> store, long id, int edition, F form) {
        SavedKind.Saved<F> saved = current(store, id, edition);
        write(store, id, saved, form, null);
    }

    /**
     * Changes whatever edition there is now.
     *
     * @param words what the change is called when it is undone
     * @throws MissingException when it is not there
     */
    @Transactional
    public <F> void change(SavedKind<F> store, long id, String words, UnaryOperator<F> change) {
        SavedKind.Saved<F> saved = existing(store, id);
        write(store, id, saved, change.apply(saved.value()), words);
    }

    private <F> void write(SavedKind<F> store, long id, SavedKind.Saved<F> saved, F form, @Nullable String words) {
        JsonNode before = mapper.valueToTree(saved.value());
        store.put(id, form);
        JsonNode after = tree(store, id);
        if (!before.equals(after)) {
            String said = words == null ? ChangeWords.of(store.nameOf(form), before, after) : words;
            journal(store.kind(), id, said, before, after);
        }
    }

    /**
     * Removes a thing.
     *
     * @param edition the one that is to go
     * @throws MissingException when it is not there
     * @throws OutdatedException when it has a newer edition
     * @throws fairember.app.database.StoreException when something else uses it
     */
    @Transactional
    public <F> void remove(SavedKind<F> store, long id, int edition) {
        SavedKind.Saved<F> saved = current(store, id, edition);
        store.remove(id);
        journal(store.kind(), id, "removed " + store.nameOf(saved.value()), mapper.valueToTree(saved.value()), null);
    }

    /**
     * Puts a thing there, new or over the old, or takes it away, whatever edition there is now.
     *
     * @param form none to take it away
     * @param words what the change is called when it is undone
     */
    @Transactional
    public <F> void set(SavedKind<F> store, long id, String words, @Nullable F form) {
        JsonNode before = store.find(id)
                .map(saved -> mapper.<JsonNode>valueToTree(saved.value()))
                .orElse(null);
        if (form != null) {
            store.put(id, form);
        } else if (before != null) {
            store.remove(id);
        }
        JsonNode after = form == null ? null : tree(store, id);
        if (!Objects.equals(before, after)) {
            journal(store.kind(), id, words, before, after);
        }
    }

    /**
     * Does several things in one transaction; the changes it makes are one step, undone together. What it checks holds until
     * the changes are made.
     */
    @Transactional
    public <T> T together(Supplier<T> work) {
        if (STEPS.get() != null) {
            return work.get();
        }
        Step step = new Step();
        STEPS.set(step);
        try {
            T done = work.get();
            if (step.number != null) {
                header.write();
            }
            return done;
        } finally {
            STEPS.remove();
        }
    }

    /** Calls the step that is being made by these words, when anything was changed in it. */
    public void call(String words) {
        Step step = STEPS.get();
        if (step != null && step.number != null) {
            changes.call(step.number, words);
            header.write();
        }
    }

    /** What a thing was before each of its changes that stand, the first change first. */
    public <F> List<Earlier<F>> earlier(SavedKind<F> store, long id) {
        return changes.earlier(store.kind(), id).stream()
                .map(earlier -> new Earlier<>(earlier.at(), earlier.words(), store.read(earlier.before(), id)))
                .toList();
    }

    /** Puts a thing there as if it had always been: no line in the journal, its number taken. */
    @Transactional
    public void plant(String kind, long id, JsonNode form) {
        put(known(kind), id, form.toString());
        changes.taken(kind, id);
    }

    /**
     * Undoes a step of the maker who asks. What another maker changed since stays as far as both go together.
     *
     * @return what it was called
     * @throws OutdatedException when it is not the last one that stands, because another window made or undid one
     * @throws InvalidInputException when the other maker has changed the same thing since
     */
    @Transactional
    public String undo(long step) {
        Optional<Change> last = changes.last(AskingMaker.now());
        expect(step, last, "undone");
        List<Change> all = new ArrayList<>(changes.ofStep(step));
        Collections.reverse(all);
        all.forEach(change -> restore(change, change.after(), change.before()));
        changes.mark(step, true);
        header.write();
        return last.orElseThrow().words();
    }

    /**
     * Makes a step again that was undone, if nothing else was changed since.
     *
     * @return what it is called
     * @throws OutdatedException when it is not the one that was undone last
     */
    @Transactional
    public String redo(long step) {
        Optional<Change> first = changes.firstUndone(AskingMaker.now());
        expect(step, first, "redone");
        changes.ofStep(step).forEach(change -> restore(change, change.before(), change.after()));
        changes.mark(step, false);
        header.write();
        return first.orElseThrow().words();
    }

    private static void expect(long step, Optional<Change> next, String done) {
        Long there = next.map(Change::step).orElse(null);
        if (there == null || there != step) {
            throw new OutdatedException(
                    "The next change to be " + done,
                    "step " + step,
                    there == null
                            ? "nothing to be " + done
                            : "step " + there + ", " + next.orElseThrow().words(),
                    null);
        }
    }

    private void restore(Change change, @Nullable String from, @Nullable String to) {
        SavedKind<?> store = known(change.kind());
        header.note(change.kind(), change.subjectId());
        if (!merged(store, change, from, to)) {
            if (to == null) {
                store.remove(change.subjectId());
            } else {
                put(store, change.subjectId(), to);
            }
        }
    }

    /** Whether somebody else has changed the thing since, and both changes were put together. */
    private <F> boolean merged(SavedKind<F> store, Change change, @Nullable String from, @Nullable String to) {
        long id = change.subjectId();
        F now = store.find(id).map(SavedKind.Saved::value).orElse(null);
        F was = from == null ? null : store.read(from, id);
        if (AskingMaker.now() == AskingMaker.ANY || Objects.equals(now, was)) {
            return false;
        }
        Optional<F> both = now == null || was == null || to == null
                ? Optional.empty()
                : store.merged(now, was, store.read(to, id));
        store.put(
                id,
                both.orElseThrow(() -> new InvalidInputException(
                        "step",
                        "'%s', which was changed again since".formatted(change.words()),
                        "a change that nobody has built on",
                        "Let the other maker undo first, or change it by hand.")));
        return true;
    }

    private SavedKind<?> known(String kind) {
        SavedKind<?> store = kinds.get(kind);
        if (store == null) {
            throw new IllegalStateException("There is no store for " + kind);
        }
        return store;
    }

    private <F> void put(SavedKind<F> store, long id, String form) {
        store.put(id, store.read(form, id));
    }

    private <F> SavedKind.Saved<F> existing(SavedKind<F> store, long id) {
        return store.find(id).orElseThrow(() -> new MissingException(store.kind(), id));
    }

    /**
     * A thing, when this is its newest edition.
     *
     * @throws MissingException when it is not there
     * @throws OutdatedException when it has a newer edition
     */
    public <F> SavedKind.Saved<F> current(SavedKind<F> store, long id, int edition) {
        SavedKind.Saved<F> saved = existing(store, id);
        if (saved.edition() != edition) {
            throw new OutdatedException(
                    store.nameOf(saved.value()),
                    "edition " + edition,
                    "edition " + saved.edition() + ", the newest",
                    new OutdatedException.Current(saved.edition(), mapper.valueToTree(saved.value())));
        }
        return saved;
    }

    private <F> JsonNode tree(SavedKind<F> store, long id) {
        return mapper.valueToTree(existing(store, id).value());
    }

    private void journal(String kind, long id, String words, @Nullable JsonNode before, @Nullable JsonNode after) {
        Step step = STEPS.get();
        long number = changes.add(
                AskingMaker.now(),
                step == null ? null : step.number,
                clock.instant(),
                kind,
                id,
                words,
                before == null ? null : before.toString(),
                after == null ? null : after.toString());
        if (step != null) {
            step.number = number;
        }
        header.note(kind, id);
        if (step == null) {
            header.write();
        }
    }
}
