package fairember.core.piece;

import fairember.core.finding.Finding;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.shape.Box;
import java.util.List;
import java.util.stream.Stream;

/**
 * A piece with its sums.
 *
 * @param piece as it was told
 * @param parts in order
 * @param stages in order
 * @param clay in one piece
 * @param foil in one piece
 * @param fitted weight of its bought parts
 * @param torn foil off the roll for one piece
 * @param claySaved by its cores
 * @param box that holds it, in the pose it is drawn in
 */
public record MeasuredPiece(
        Piece piece,
        List<MeasuredPart> parts,
        List<MeasuredStage> stages,
        Mass clay,
        Mass foil,
        Length torn,
        Mass fitted,
        Mass claySaved,
        Box box) {
    public MeasuredPiece {
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
    }

    /** What one finished piece weighs. */
    public Mass weight() {
        return clay.plus(foil).plus(fitted);
    }

    /** All findings, of the parts first. */
    public List<Finding> findings() {
        return Stream.concat(
                        parts.stream().flatMap(p -> p.findings().stream()),
                        stages.stream().flatMap(s -> s.need().findings().stream()))
                .toList();
    }
}
