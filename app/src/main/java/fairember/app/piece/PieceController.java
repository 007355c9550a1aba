package fairember.app.piece;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import fairember.app.keeping.MissingException;
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

/** The studio's pieces. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceStore store;
    private final Keeping keeping;

    PieceController(PieceStore store, Keeping keeping) {
        this.store = store;
        this.keeping = keeping;
    }

    /** A piece with its number and edition, measured. */
    record PieceView(long id, int edition, PieceForm piece, MeasuredPieceView measured) {}

    /** The number of a new piece. */
    record AddedPieceView(long id) {}

    @GetMapping
    List<PieceView> pieces() {
        PieceStore.Measuring measuring = store.measuring();
        return store.all().stream().map(held -> view(held, measuring)).toList();
    }

    @GetMapping("/{id}")
    PieceView piece(@PathVariable long id) {
        return store.find(id)
                .map(held -> view(held, store.measuring()))
                .orElseThrow(() -> new MissingException("piece", id));
    }

    private static PieceView view(Kept.Held<PieceForm> held, PieceStore.Measuring measuring) {
        MeasuredPieceView measured = MeasuredPieceView.of(measuring.of(held.id(), held.form()));
        return new PieceView(held.id(), held.edition(), held.form(), measured);
    }

    /** Measures a piece that is being typed; nothing is saved. */
    @PostMapping("/measure")
    MeasuredPieceView measure(@RequestBody PieceForm form) {
        return MeasuredPieceView.of(store.measuring().of(0, form));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedPieceView add(@RequestBody PieceForm form) {
        return new AddedPieceView(keeping.add(store, form));
    }

    @PutMapping("/{id}")
    PieceView replace(@PathVariable long id, @RequestParam int edition, @RequestBody PieceForm form) {
        keeping.replace(store, id, edition, form);
        return piece(id);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id) {
        keeping.remove(store, id);
    }
}
