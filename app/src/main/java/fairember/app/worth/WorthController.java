package fairember.app.worth;

import static fairember.app.web.Given.all;

import fairember.app.keeping.MissingException;
import fairember.app.oven.OvenStore;
import fairember.app.piece.PieceStore;
import fairember.app.ways.Ways;
import fairember.core.measure.Refused;
import fairember.core.piece.MeasuredPiece;
import fairember.core.worth.PieceCosting;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cost and price of pieces. */
@RestController
@RequestMapping("/api/worth")
class WorthController {
    private static final int MOST_BATCHES = 12;

    private final PieceStore pieces;
    private final OvenStore ovens;

    WorthController(PieceStore pieces, OvenStore ovens) {
        this.pieces = pieces;
        this.ovens = ovens;
    }

    /** The same piece in batches of several sizes. */
    record WorthView(long pieceId, String name, List<CostView> batches) {}

    @GetMapping("/{pieceId}")
    WorthView worth(
            @PathVariable long pieceId, @RequestParam(defaultValue = "1,6,12,24") List<@Nullable Integer> quantities) {
        List<Integer> sizes = all("quantities", quantities);
        if (sizes.isEmpty() || sizes.size() > MOST_BATCHES) {
            throw new Refused(
                    "quantities", sizes.size() + " batches", "1 to " + MOST_BATCHES, "Ask for fewer batch sizes.");
        }
        if (pieces.find(pieceId).isEmpty()) {
            throw new MissingException("piece", pieceId);
        }
        PieceStore.Measuring measuring = pieces.measuring();
        MeasuredPiece piece = measuring.of(pieceId);
        Ways ways = measuring.ways();
        return new WorthView(
                pieceId,
                piece.piece().name(),
                sizes.stream()
                        .map(n -> CostView.of(PieceCosting.cost(piece, n, ways.rates(), ways.roll(), ovens.first())))
                        .toList());
    }
}
