package fairember.core.design;

import static fairember.core.design.FinishTest.MATT;
import static fairember.core.design.FinishTest.OLIVE;
import static fairember.core.design.FinishTest.SLATE;
import static fairember.core.design.FinishTest.YELLOW;
import static fairember.core.design.FinishTest.coats;
import static fairember.core.design.FinishTest.rules;
import static fairember.core.design.FinishTest.seal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.daybook.Learned;
import fairember.core.mix.MixWaste;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Share;
import fairember.core.stock.Supply;
import java.util.List;
import org.testng.annotations.Test;

/** A design under its coats: the colour of each step by then, and mixed paints in needs and costs. */
public class PaintedDesignTest {
    /** A pale paint over a dark one shows it, and says how many coats would not; over its own colour one coat is enough. */
    @Test
    public void coatsSeeTheColourThatIsThereByThen() {
        MeasuredDesign seal =
                seal(Room.USUAL, StepKind.SAND, coats(SLATE, 3, 100), coats(YELLOW, 1, 100), coats(YELLOW, 1, 10));
        PaintedPart slate = seal.uses().get(0).painted().get(0);
        PaintedPart yellow = seal.uses().get(1).painted().get(0);
        PaintedPart again = seal.uses().get(2).painted().get(0);
        assertThat(slate.below())
                .isEqualTo(seal.parts().get(0).mix().colour().cured().srgb());
        assertThat(yellow.below()).isEqualTo(slate.above());
        assertThat(again.below()).isEqualTo(yellow.above());
        assertThat(yellow.hides()).isGreaterThan(1);
        assertThat(again.hides()).isLessThanOrEqualTo(yellow.hides());
        assertThat(again.shows()).isLessThan(yellow.shows());
        assertThat(rules(seal)).containsExactly("finish-cover");
        assertThat(rules(seal(Room.USUAL, StepKind.SAND, coats(SLATE, 3, 100), coats(YELLOW, yellow.hides(), 100))))
                .isEmpty();
        // What hides nothing, and what has no colour, colours nothing.
        assertThat(seal(Room.USUAL, coats(MATT, 2, 100)).uses().get(0).painted())
                .isEmpty();
    }

    /** Olive is 3 of yellow and 1 of slate with 1 of water: of what is not there, three and one fifths are bought as these. */
    @Test
    public void aMixedPaintIsMixedOfItsPaintsAndCostsWhatTheyDo() {
        MeasuredDesign seal = seal(Room.USUAL, StepKind.SAND, coats(OLIVE, 2, 100));
        BatchNeeds needs =
                BatchNeeding.needs(List.of(new Job(new JobKey(1, 97), seal, 40)), MixWaste.ofHands(new Share(0)));
        double ml = 40 * seal.uses().get(0).each();
        assertThat(needs.paints())
                .singleElement()
                .satisfies(paint -> assertThat(paint.amount()).isCloseTo(ml - 2, within(1e-9)));
        assertThat(needed(needs, OLIVE)).isCloseTo(2, within(1e-9));
        assertThat(needed(needs, YELLOW)).isCloseTo((ml - 2) * 3 / 5, within(1e-9));
        assertThat(needed(needs, SLATE)).isCloseTo((ml - 2) / 5, within(1e-9));
        long each = Math.round(ml / 40 * (3.0 / 5 * 100 / 20 + 1.0 / 5 * 200 / 20));
        assertThat(DesignCosting.cost(seal, 40, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING)
                        .rungs())
                .anySatisfy(rung -> {
                    assertThat(rung.name()).isEqualTo("supplies");
                    assertThat(rung.cost().minor()).isEqualTo(each);
                });
    }

    private static double needed(BatchNeeds needs, Supply supply) {
        return needs.supplies().stream()
                .filter(need -> need.supply().equals(supply))
                .mapToDouble(BatchNeeds.SupplyNeed::needed)
                .sum();
    }
}
