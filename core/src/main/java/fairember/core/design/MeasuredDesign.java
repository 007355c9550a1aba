package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Box;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A design with its sums.
 *
 * @param design as it was given
 * @param parts in order
 * @param stages in order
 * @param inserts in order
 * @param clay in one design
 * @param foil in one design
 * @param fitted weight of its findings
 * @param built weight of its wires and of the inserts that stay
 * @param torn foil off the roll for one design, cores and sleeves
 * @param claySaved by its cores
 * @param box that holds it, in the pose it is drawn in
 */
public record MeasuredDesign(
        Design design,
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
    public MeasuredDesign {
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
        inserts = List.copyOf(inserts);
    }

    /** What one finished design weighs. */
    public Mass weight() {
        return clay.plus(foil).plus(fitted).plus(built);
    }

    /** All advice, of the parts first. */
    public List<Advice> advice() {
        return Stream.of(
                        parts.stream().flatMap(p -> p.advice().stream()),
                        inserts.stream().flatMap(i -> i.advice().stream()),
                        stages.stream().flatMap(s -> s.need().advice().stream()),
                        stages.stream().flatMap(s -> s.advice().stream()))
                .flatMap(Function.identity())
                .toList();
    }
}
