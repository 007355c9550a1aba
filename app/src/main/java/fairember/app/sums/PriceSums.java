package fairember.app.sums;

import fairember.app.price.CostView;
import fairember.core.batch.Job;
import fairember.core.document.Default;
import fairember.core.document.InUnit;
import fairember.core.document.Name;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.input.Span;
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
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The cost and the price of one piece of a batch. */
@RestController
class PriceSums {

    private static final Length USUAL_FOIL = new Length(0.016);

    /** All that goes into the cost; no asked price means it is calculated from the margin. */
    record PriceSumForm(
            int quantity,
            List<PriceClayForm> clays,
            Length torn,
            Length foilWidth,
            @InUnit("M") Length foilLength,
            Money foilPrice,
            Money findings,
            @Default("0") Money supplies,
            Minutes setup,
            Minutes each,
            int loads,
            Energy energy,
            Money hour,
            Money kwh,
            Share margin,
            Money step,
            @Default("0") Money wear,
            @Default("0") Share lost,
            @Nullable Money asked) {
        static final Span QUANTITY = Job.QUANTITY;
        static final Span TORN = Span.of("tornMm", "foil per piece", 0, 1e6, "mm");
        static final Span FOIL_WIDTH = FoilRoll.WIDTH;
        static final Span FOIL_LENGTH = FoilRoll.LENGTH;
        static final Span FOIL_PRICE = FoilRoll.PRICE;
        static final Span SETUP = Span.of("setupMin", "minutes", 0, 100_000, "min");
        static final Span EACH = Span.of("eachMin", "minutes", 0, 100_000, "min");
        static final Span ENERGY = Span.of("energyKwh", "energy for the batch", 0, 10_000, "kWh");
        static final Span MARGIN = Rates.MARGIN;
        static final Span WEAR = Rates.WEAR;
        static final Span LOST = CostInputs.LOST;
    }

    /** Grams of a clay in one design, waste included, and the block it is bought in. */
    record PriceClayForm(@Name String name, Mass mass, double blockG, long blockMinor) {
        static final Span MASS = Span.of("massG", "clay per piece", 0, 20_000, "g");

        private CostInputs.Clay clay() {
            return new CostInputs.Clay(
                    name, mass, new BlockSize(new Mass(BlockSize.MASS.check(blockG)), new Money(blockMinor), 0));
        }
    }

    @PostMapping("/api/sums/price")
    CostView price(@RequestBody PriceSumForm form) {
        return CostView.of(CostLadder.of(new CostInputs(
                form.quantity(),
                form.clays().stream().map(PriceClayForm::clay).toList(),
                form.torn(),
                new FoilRoll(USUAL_FOIL, form.foilWidth(), form.foilLength(), form.foilPrice(), PackedFoil.USUAL),
                form.findings(),
                form.supplies(),
                form.setup(),
                form.each(),
                form.lost(),
                form.loads(),
                form.energy(),
                new Rates(form.hour(), form.kwh(), new Share(0), form.margin(), form.step(), form.wear()),
                form.asked())));
    }
}
