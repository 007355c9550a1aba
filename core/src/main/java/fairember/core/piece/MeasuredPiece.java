package fairember.core.piece;

import fairember.core.finding.Finding;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.shape.Box;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A piece with its sums.
 *
 * @param piece as it was told
 * @param parts in order
 * @param stages in order
 * @param inserts in order
 * @param clay in one piece
 * @param foil in one piece
 * @param fitted weight of its bought parts
 * @param built weight of its wires and of the inserts that stay
 * @param torn foil off the roll for one piece, cores and sleeves
 * @param claySaved by its cores
 * @param box that holds it, in the pose it is drawn in
 */
public record MeasuredPiece(
        Piece piece,
        List<MeasuredPart> parts,
        List<MeasuredStage> stages,
        List<MeasuredInsert> inserts,
        Mass clay,
        Mass foil,
        Length torn,
        Mass fitted,
        Mass built,
        Mass claySaved,
        Box box) {
    public MeasuredPiece {
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
        inserts = List.copyOf(inserts);
    }

    /** What one finished piece weighs. */
    public Mass weight() {
        return clay.plus(foil).plus(fitted).plus(built);
    }

    /** All findings, of the parts first. */
    public List<Finding> findings() {
        return Stream.of(
                        parts.stream().flatMap(p -> p.findings().stream()),
                        inserts.stream().flatMap(i -> i.findings().stream()),
                        stages.stream().flatMap(s -> s.need().findings().stream()),
                        stages.stream().flatMap(s -> s.findings().stream()))
                .flatMap(Function.identity())
                .toList();
    }
}
