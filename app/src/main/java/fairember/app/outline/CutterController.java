package fairember.app.outline;

import fairember.app.journal.Journal;
import fairember.core.outline.KeptCutter;
import java.util.List;
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

/** The cutters of the studio. */
@RestController
@RequestMapping("/api/cutters")
class CutterController {
    private final CutterStore store;
    private final Journal journal;

    CutterController(CutterStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** A cutter with its number and edition. */
    record CutterView(long id, int edition, KeptCutter cutter) {}

    /** The number of a new cutter. */
    record AddedCutterView(long id) {}

    @GetMapping
    List<CutterView> cutters() {
        return store.all().stream()
                .map(h -> new CutterView(h.id(), h.edition(), h.value()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedCutterView add(@RequestBody KeptCutter form) {
        return new AddedCutterView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    void replace(@PathVariable long id, @RequestParam int edition, @RequestBody KeptCutter form) {
        journal.replace(store, id, edition, form);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
