package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.price.CostView;
import fairember.core.batch.Job;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.price.CostInputs;
import fairember.core.price.CostLadder;
import fairember.core.price.Rates;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.BlockSize;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The cost and the price of one piece of a batch. */
@RestController
class PriceSums {
    private static final Span MINUTES = Span.of("", "minutes", 0, 100_000, "min");
    private static final Span ENERGY = Span.of("energyKwh", "energy for the batch", 0, 10_000, "kWh");
    private static final Span CLAY = Span.of("massG", "clay per piece", 0, 20_000, "g");
    private static final Span TORN = Span.of("tornMm", "foil per piece", 0, 1e6, "mm");

    /** All that goes into the cost; no asked price means it is calculated from the margin. */
    record PriceSumForm(
            int quantity,
            List<PriceClayForm> clays,
            double tornMm,
            double foilWidthMm,
            double foilLengthM,
            long foilPriceMinor,
            long findingsMinor,
            double setupMin,
            double eachMin,
            int loads,
            double energyKwh,
            long hourMinor,
            long kwhMinor,
            double marginPercent,
            long stepMinor,
            @Nullable Long askedMinor) {}

    /** Grams of a clay in one design, waste included, and the block it is bought in. */
    record PriceClayForm(String name, double massG, double blockG, long blockMinor) {
        private CostInputs.Clay parse() {
            BlockSize.MASS.check(blockG);
            return new CostInputs.Clay(
                    Words.name("name", given("name", name)),
                    new Mass(CLAY.check(massG)),
                    new BlockSize(new Mass(blockG), new Money(blockMinor), 0));
        }
    }

    @PostMapping("/api/sums/price")
    CostView price(@RequestBody PriceSumForm form) {
        Gathering g = new Gathering();
        g.at("", () -> Job.QUANTITY.check(form.quantity()));
        List<PriceClayForm> given = g.at("", () -> all("clays", form.clays())).orElse(List.of());
        List<Supplier<CostInputs.Clay>> suppliers =
                given.stream().<Supplier<CostInputs.Clay>>map(c -> c::parse).toList();
        List<CostInputs.Clay> clays = g.all("clays", suppliers);
        var torn = g.at("", () -> new Length(TORN.check(form.tornMm())));
        var roll = g.at(
                "",
                () -> FoilRoll.of(
                        16,
                        form.foilWidthMm(),
                        form.foilLengthM(),
                        new Money(form.foilPriceMinor()),
                        PackedFoil.USUAL));
        g.at("setupMin", () -> MINUTES.check(form.setupMin()));
        g.at("eachMin", () -> MINUTES.check(form.eachMin()));
        var energy = g.at("", () -> new Energy(ENERGY.check(form.energyKwh())));
        g.at("", () -> Rates.MARGIN.check(form.marginPercent()));
        g.orRefuse();
        Rates rates = new Rates(
                new Money(form.hourMinor()),
                new Money(form.kwhMinor()),
                new Share(0),
                Share.ofPercent(form.marginPercent()),
                new Money(form.stepMinor()));
        Long asked = form.askedMinor();
        return CostView.of(CostLadder.of(new CostInputs(
                form.quantity(),
                clays,
                torn.orElseThrow(),
                roll.orElseThrow(),
                new Money(form.findingsMinor()),
                new Minutes(form.setupMin()),
                new Minutes(form.eachMin()),
                form.loads(),
                energy.orElseThrow(),
                rates,
                asked == null ? null : new Money(asked))));
    }
}
