package fairember.app.trial;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import fairember.core.trial.Trial;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Finishes and tints tried side by side. */
@RestController
@RequestMapping("/api/trials")
class TrialController {
    private final TrialStore store;
    private final Journal journal;

    TrialController(TrialStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** How a row's colour differs from the chosen one, or from the first; nothing when one of them was not looked at. */
    record BesideView(double difference, String differs) {}

    /** A trial with its number and edition, and each row beside the chosen one. */
    record TrialView(long id, int edition, Trial trial, List<TrialRowView> rows) {
        static TrialView of(SavedKind.Saved<Trial> saved) {
            List<Trial.TrialRow> rows = saved.value().rows();
            Trial.TrialRow chosen =
                    rows.stream().filter(Trial.TrialRow::chosen).findFirst().orElse(rows.get(0));
            return new TrialView(
                    saved.id(),
                    saved.edition(),
                    saved.value(),
                    rows.stream()
                            .map(row -> new TrialRowView(beside(chosen.hex(), row.hex())
                                    .map(d -> new BesideView(d.total(), d.words()))
                                    .orElse(null)))
                            .toList());
        }

        private static Optional<ColourDifference> beside(@Nullable Srgb chosen, @Nullable Srgb row) {
            return chosen == null || row == null
                    ? Optional.empty()
                    : Optional.of(ColourDifference.of(Lab.of(chosen), Lab.of(row)));
        }
    }

    /** What is given of a row. */
    record TrialRowView(@Nullable BesideView beside) {}

    /** The number of a new trial. */
    record AddedTrialView(long id) {}

    @GetMapping
    List<TrialView> trials() {
        return store.all().stream().map(TrialView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedTrialView add(@RequestBody Trial form) {
        return new AddedTrialView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    TrialView replace(@PathVariable long id, @RequestParam int edition, @RequestBody Trial form) {
        journal.replace(store, id, edition, form);
        return store.find(id).map(TrialView::of).orElseThrow(() -> new MissingException("trial", id));
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
