package fairember.app.design;

import fairember.core.covering.PatternPiece;
import java.util.List;
import java.util.stream.Stream;

/** A piece to cut, its corners across and up in mm: across, up, across, up ... */
public record PatternPieceView(String name, int count, List<Double> corners, double stretchPercent) {
    public static PatternPieceView of(PatternPiece piece) {
        return new PatternPieceView(
                piece.name(),
                piece.count(),
                piece.outline().points().stream()
                        .flatMap(p -> Stream.of(p.acrossMm(), p.upMm()))
                        .map(v -> Math.round(v * 1000) / 1000.0)
                        .toList(),
                100 * piece.stretch());
    }
}
