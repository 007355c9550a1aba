package fairember.app.piece;

import static fairember.app.web.Given.given;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import fairember.app.keeping.MissingException;
import fairember.app.shelf.BoughtStore;
import fairember.core.heat.Air;
import fairember.core.measure.Length;
import fairember.core.measure.Refused;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceHeating;
import fairember.core.piece.PieceKind;
import fairember.core.piece.PieceScaling;
import fairember.core.piece.PieceScaling.ScaledPiece;
import fairember.core.piece.PieceTemplates;
import java.util.List;
import java.util.stream.IntStream;
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

/** The studio's pieces. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceStore store;
    private final PieceVersions versions;
    private final BoughtStore bought;
    private final Keeping keeping;

    PieceController(PieceStore store, PieceVersions versions, BoughtStore bought, Keeping keeping) {
        this.store = store;
        this.versions = versions;
        this.bought = bought;
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
        return view(held.id(), held.edition(), held.form(), measuring);
    }

    private static PieceView view(long id, int edition, PieceForm form, PieceStore.Measuring measuring) {
        MeasuredPieceView measured = MeasuredPieceView.of(measuring.of(id, form), measuring.ways());
        return new PieceView(id, edition, form, measured);
    }

    /** Measures a piece that is being typed; nothing is saved. */
    @PostMapping("/measure")
    MeasuredPieceView measure(@RequestBody PieceForm form) {
        PieceStore.Measuring measuring = store.measuring();
        return MeasuredPieceView.of(measuring.of(0, form), measuring.ways());
    }

    /** How heat goes through each stage bake of a piece that is being typed; nothing is saved. */
    @PostMapping("/heat")
    List<HeatedStageView> heat(@RequestParam(defaultValue = "STILL") Air air, @RequestBody PieceForm form) {
        MeasuredPiece piece = store.measuring().of(0, form);
        return IntStream.range(0, piece.stages().size())
                .mapToObj(stage -> HeatedStageView.of(PieceHeating.heat(piece, stage, air)))
                .toList();
    }

    /** A sensible piece of a kind to begin from; nothing is saved. */
    @GetMapping("/templates/{kind}")
    PieceForm template(@PathVariable PieceKind kind, @RequestParam long mixId) {
        return PieceForm.of(PieceTemplates.of(kind, mixId));
    }

    /** A piece to scale: all of it by a factor or to a height, or one of its parts by a factor. */
    record ScaleForm(
            PieceForm piece,
            @Nullable Double factor,
            @Nullable Double heightMm,
            @Nullable Integer part) {}

    /** A scaled piece, what it was scaled by, and what stayed. */
    record ScaledPieceView(PieceForm piece, double factor, List<String> stays) {
        static ScaledPieceView of(ScaledPiece scaled) {
            return new ScaledPieceView(PieceForm.of(scaled.piece()), scaled.factor(), scaled.stays());
        }
    }

    /** Scales a piece that is being typed; nothing is saved. */
    @PostMapping("/scale")
    ScaledPieceView scale(@RequestBody ScaleForm form) {
        Piece piece = given("piece", form.piece()).parse(0, bought.parts());
        Double height = form.heightMm();
        Integer part = form.part();
        if (part != null) {
            int parts = piece.parts().size();
            if (part < 0 || part >= parts) {
                throw new Refused("part", "part " + part, "0 to " + (parts - 1), "Choose a part the piece has.");
            }
            return ScaledPieceView.of(PieceScaling.part(piece, part, given("factor", form.factor())));
        }
        return ScaledPieceView.of(
                height == null
                        ? PieceScaling.whole(piece, given("factor", form.factor()))
                        : PieceScaling.toHeight(piece, new Length(PieceScaling.HEIGHT.check(height))));
    }

    /** A version of a piece that was kept because runs used it. */
    record VersionView(int edition, List<String> runs) {}

    /** The kept versions of a piece, the newest first; the piece as it is now is not among them. */
    @GetMapping("/{id}/versions")
    List<VersionView> versions(@PathVariable long id) {
        return versions.editions(id).stream()
                .map(edition -> new VersionView(edition, versions.runs(id, edition)))
                .toList();
    }

    /** A piece as it was at an edition that was kept. */
    @GetMapping("/{id}/versions/{edition}")
    PieceView version(@PathVariable long id, @PathVariable int edition) {
        PieceForm form = versions.find(id, edition)
                .orElseThrow(() -> new MissingException("version " + edition + " of piece", id));
        return view(id, edition, form, store.measuring());
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
    void remove(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(store, id, edition);
    }
}
