package fairember.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.daybook.Learned;
import fairember.core.daybook.StepLog;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class DesignCostingTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());

    private static DesignCost cost(int quantity) {
        return DesignCosting.cost(SEAL, quantity, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING);
    }

    private static long rung(DesignCost cost, String name) {
        return cost.rungs().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow()
                .cost()
                .minor();
    }

    /**
     * Twelve seals by hand, in cents. Clay: 39.425 g · 1.1 at 6.00 for 200 g = 130.1. Foil: 7.069 g spread is
     * 163 625 mm², 545.4 mm of a 10 m roll at 3.00 = 16.4. Pin 10. Oven: loads of 10 and 15 min, 0.4 + 0.25 kWh at 30 over
     * 12 = 1.6. Hands: 13 + 12·13.5 = 175 min at 12.00 an hour over 12 = 291.7. Wear of these at 0.90 an hour = 21.9.
     */
    @Test
    public void oneOfTwelveSealsCosts4Euro72AndSellsFor9Euro50() {
        DesignCost cost = cost(12);
        assertThat(rung(cost, "clay")).isEqualTo(130);
        assertThat(rung(cost, "foil")).isEqualTo(16);
        assertThat(rung(cost, "findings")).isEqualTo(10);
        assertThat(rung(cost, "oven")).isEqualTo(2);
        assertThat(rung(cost, "work")).isEqualTo(292);
        assertThat(rung(cost, "wear")).isEqualTo(22);
        assertThat(rung(cost, "losses")).isZero();
        assertThat(cost.cost().minor()).isEqualTo(472);
        // 472/(1 − 0.5) = 944, and the next whole number of 50s.
        assertThat(cost.price().minor()).isEqualTo(950);
        assertThat(cost.marginPercent()).isCloseTo(50.3, within(0.05));
    }

    /** Of a hundred begun, four are lost: what they have cost is shared by the others, but for their pins. */
    @Test
    public void theLostArePaidForByTheOthers() {
        Learned careless = Learned.of(List.of(), Map.of(), Map.of(), Share.ofPercent(4));
        DesignCost cost = DesignCosting.cost(SEAL, 12, Samples.RATES, Samples.ROLL, Samples.OVEN, careless);
        assertThat(rung(cost, "losses")).isEqualTo(Math.round((472 - 10) * 0.04 / 0.96));
        assertThat(cost.cost().minor()).isEqualTo(472 + rung(cost, "losses"));
    }

    /** Two batches took twice the minutes: the next ones cost more work, though not yet twice as much. */
    @Test
    public void whatTheDaybookSaysOfMinutesIsPaidFor() {
        List<Learned.Logged> logged = SEAL.design().steps().stream()
                .flatMap(step -> Stream.of(12, 20)
                        .map(pieces -> new Learned.Logged(
                                Learned.StepKey.of(SEAL.design().id(), step),
                                step,
                                new StepLog(
                                        pieces,
                                        step.setup()
                                                .plus(step.each().times(pieces))
                                                .times(2),
                                        1))))
                .toList();
        Learned slow = Learned.of(logged, Map.of(), Map.of(), new Share(0));
        DesignCost cost = DesignCosting.cost(SEAL, 12, Samples.RATES, Samples.ROLL, Samples.OVEN, slow);
        assertThat(rung(cost, "work")).isBetween(400L, 583L);
    }

    @Test
    public void aLargerBatchNeverCostsMoreHandsForADesignAndTheLadderAddsUp() {
        long before = Long.MAX_VALUE;
        for (int quantity : new int[] {1, 2, 3, 6, 12, 24, 100}) {
            DesignCost cost = cost(quantity);
            assertThat(rung(cost, "work")).isLessThanOrEqualTo(before);
            before = rung(cost, "work");
            long sum = cost.rungs().stream().mapToLong(r -> r.cost().minor()).sum();
            assertThat(cost.cost().minor()).isEqualTo(sum);
            assertThat(cost.profit().minor()).isEqualTo(cost.price().minor() - sum);
            assertThat(cost.price().minor() % 50).isZero();
            assertThat(cost.marginPercent()).isGreaterThanOrEqualTo(50);
        }
    }

    @Test
    public void aPriceTheMakerAsksIsKeptAndItsMarginReckoned() {
        Design asked = Samples.seal(new Money(400));
        DesignCost cost = DesignCosting.cost(
                Samples.measured(asked), 12, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING);
        assertThat(cost.price().minor()).isEqualTo(400);
        assertThat(cost.profit().minor()).isEqualTo(-72);
        assertThat(cost.marginPercent()).isEqualTo(-18.0);
    }
}
