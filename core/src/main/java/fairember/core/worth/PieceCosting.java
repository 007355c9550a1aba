package fairember.core.worth;

import fairember.core.foilcore.FoilRoll;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.measure.Energy;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.mix.MixWaste;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Step;
import fairember.core.run.Job;
import fairember.core.run.RunBakes;
import fairember.core.run.RunNeeding;
import fairember.core.run.RunNeeds;
import java.util.List;
import java.util.stream.Stream;

/** Works out what a piece costs in a batch of its own. */
public final class PieceCosting {
    private PieceCosting() {}

    /**
     * The cost of one of a batch: what the piece takes, its set-up minutes and its oven loads planned for the batch
     * alone, as {@link CostLadder#of} adds them up.
     */
    public static PieceCost cost(MeasuredPiece piece, int quantity, Rates rates, FoilRoll roll, Oven oven) {
        RunNeeds needs = RunNeeding.needs(List.of(new Job("one", piece, 1)), MixWaste.ofHands(rates.waste()));
        LoadPlan loads = LoadPlanning.plan(
                LoadProblem.of(oven, RunBakes.of(List.of(new Job("batch", piece, quantity)))), Effort.RULES);
        List<Step> steps = piece.piece().steps();
        return CostLadder.of(new CostInputs(
                quantity,
                Stream.concat(
                                needs.clays().stream()
                                        .map(c -> new CostInputs.Clay(
                                                c.clay().name(),
                                                c.needed(),
                                                c.clay().bestValue())),
                                needs.strewn().stream()
                                        .map(s -> new CostInputs.Clay(
                                                s.inclusion().name(),
                                                s.needed(),
                                                s.inclusion().priced())))
                        .toList(),
                needs.torn(),
                roll,
                piece.piece().fittings().stream()
                        .map(f -> f.part().price().times(f.count()))
                        .reduce(Money.ZERO, Money::plus),
                steps.stream().map(Step::setup).reduce(Minutes.ZERO, Minutes::plus),
                steps.stream().map(Step::each).reduce(Minutes.ZERO, Minutes::plus),
                loads.loads().size(),
                loads.loads().stream().map(PlannedLoad::energy).reduce(Energy.ZERO, Energy::plus),
                rates,
                piece.piece().price()));
    }
}
