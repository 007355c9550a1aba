package fairember.app.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.core.bake.BakeRules;
import fairember.core.foilcore.FoilRoll;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Palette;
import fairember.core.piece.Part;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceMeasuring;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Measures pieces and remembers what it measured: the heat through a piece takes long to work out, and every page that plans asks
 * for all pieces. What is remembered is found by everything its figures rest on, so that it never outlives a change.
 */
@Component
class MeasuredPieces {
    private static final int KEPT = 300;

    private final Cache<Known, MeasuredPiece> measured =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Known(Piece piece, List<Mix> mixes, FoilRoll roll, BakeRules rules) {}

    MeasuredPiece measure(Piece piece, Palette palette, FoilRoll roll, BakeRules rules) {
        List<Mix> mixes = piece.parts().stream()
                .map(Part::mixId)
                .distinct()
                .map(palette::find)
                .flatMap(Optional::stream)
                .map(MeasuredMix::mix)
                .toList();
        return measured.get(
                new Known(piece, mixes, roll, rules), known -> PieceMeasuring.measure(piece, palette, roll, rules));
    }
}
