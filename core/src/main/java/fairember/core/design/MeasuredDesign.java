package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A design with its sums.
 *
 * @param design as it was given
 * @param parts in order
 * @param stages in order
 * @param inserts in order
 * @param fittings findings, in order
 * @param nonClay what else is not clay, in order
 * @param uses what its steps take of supplies, in the order of the steps
 * @param clay in one design
 * @param foil in one design
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
        List<FittedFinding> fittings,
        List<MeasuredNonClay> nonClay,
        List<MeasuredUse> uses,
        Mass clay,
        Mass foil,
        Length torn,
        Mass built,
        Mass claySaved,
        Box box) {
    public MeasuredDesign {
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
        inserts = List.copyOf(inserts);
        fittings = List.copyOf(fittings);
        nonClay = List.copyOf(nonClay);
        uses = List.copyOf(uses);
    }

    /** Weight of its findings. */
    public Mass fitted() {
        return fittings.stream().map(FittedFinding::mass).reduce(Mass.ZERO, Mass::plus);
    }

    /** Every finding in it: those fitted anywhere, and those that have their place. */
    public List<FittedFinding> findings() {
        return Stream.concat(
                        fittings.stream(),
                        nonClay.stream().map(MeasuredNonClay::bought).filter(Objects::nonNull))
                .toList();
    }

    /** Weight of what else is not clay in a finished one. */
    public Mass others() {
        return nonClay.stream().map(MeasuredNonClay::inPiece).reduce(Mass.ZERO, Mass::plus);
    }

    /** What one finished design weighs. */
    public Mass weight() {
        return clay.plus(foil).plus(fitted()).plus(others()).plus(built);
    }

    /** Minutes to wait after a step: its own, and those its coats take to dry. */
    public Minutes waiting(int step) {
        return uses.stream()
                .filter(use -> use.step() == step)
                .map(MeasuredUse::drying)
                .reduce(design.steps().get(step).waiting(), Minutes::plus);
    }

    /** The steps that are out of the order that makers have learned. */
    public List<OrderBreak> orderBreaks() {
        List<OrderBreak> breaks = new ArrayList<>(OrderReview.breaks(design));
        breaks.addAll(LightFirst.breaks(design, parts));
        return breaks;
    }

    /** All advice, of the parts first. */
    public List<Advice> advice() {
        return Stream.of(
                        parts.stream().flatMap(p -> p.advice().stream()),
                        inserts.stream().flatMap(i -> i.advice().stream()),
                        stages.stream().flatMap(s -> s.need().advice().stream()),
                        stages.stream().flatMap(s -> s.advice().stream()),
                        FinishReview.advice(design, uses).stream(),
                        orderBreaks().stream().map(broken -> broken.advice(design.name())))
                .flatMap(Function.identity())
                .toList();
    }
}
