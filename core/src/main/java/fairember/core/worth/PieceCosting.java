package fairember.core.worth;

import fairember.core.foilcore.FoilRoll;
import fairember.core.measure.Energy;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadPlanning;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.piece.Fitting;
import fairember.core.piece.MeasuredPiece;
import fairember.core.run.Job;
import fairember.core.run.RunBakes;
import fairember.core.run.RunNeeding;
import fairember.core.run.RunNeeds;
import java.util.List;

/** Works out what a piece costs in a batch of its own. */
public final class PieceCosting {
    private PieceCosting() {}

    /**
     * The cost of one of a batch. Set-up minutes and oven loads are shared by the pieces of the batch.
     *
     * <pre>
     * hands = hour·(Σ set-up + n·Σ each)/(60·n)
     * oven  = kWh price·(loads·preheat + Σ hold·kW)/n
     * price = cost/(1 − margin), raised to the next price step, unless the maker set it
     * </pre>
     *
     * Each rung is rounded once to a whole minor unit; the cost is the sum of the rounded rungs.
     */
    public static PieceCost cost(MeasuredPiece piece, int quantity, Rates rates, FoilRoll roll, Oven oven) {
        Job one = new Job("one", piece, 1);
        Job batch = new Job("batch", piece, quantity);
        RunNeeds needs = RunNeeding.needs(List.of(one), rates.waste());
        List<PieceCost.ClayCost> clays = needs.clays().stream()
                .map(c -> new PieceCost.ClayCost(
                        c.clay().name(), c.needed(), c.clay().costOf(c.needed())))
                .toList();
        LoadPlan loads = LoadPlanning.plan(RunBakes.of(List.of(batch)), oven);
        Energy energy = loads.loads().stream().map(PlannedLoad::energy).reduce(Energy.ZERO, Energy::plus);
        Minutes minutes = piece.piece().steps().stream()
                .map(step -> step.forPieces(quantity))
                .reduce(Minutes.ZERO, Minutes::plus);
        List<PieceCost.Rung> rungs = List.of(
                new PieceCost.Rung("clay", clay(needs)),
                new PieceCost.Rung("foil", roll.costOf(needs.torn())),
                new PieceCost.Rung("findings", findings(piece)),
                new PieceCost.Rung("oven", rates.kwh().times(energy.kwh() / quantity)),
                new PieceCost.Rung("hands", rates.hour().times(minutes.min() / 60 / quantity)));
        Money cost = rungs.stream().map(PieceCost.Rung::cost).reduce(Money.ZERO, Money::plus);
        Money asked = piece.piece().price();
        Money price = asked != null
                ? asked
                : cost.times(1 / (1 - rates.margin().of1())).roundedUpTo(rates.step());
        return new PieceCost(
                piece,
                quantity,
                rates,
                clays,
                needs.torn(),
                minutes,
                energy,
                loads.loads().size(),
                rungs,
                cost,
                price,
                asked != null,
                price.minus(cost));
    }

    /** All clay of a piece in one sum, so that it is rounded once. */
    private static Money clay(RunNeeds needs) {
        double minor = needs.clays().stream()
                .mapToDouble(c -> c.clay().minorFor(c.needed()))
                .sum();
        return new Money(1).times(minor);
    }

    private static Money findings(MeasuredPiece piece) {
        return piece.piece().fittings().stream().map(PieceCosting::fitted).reduce(Money.ZERO, Money::plus);
    }

    private static Money fitted(Fitting fitting) {
        return fitting.part().price().times(fitting.count());
    }
}
