package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Station;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import fairember.core.stock.BlockCover;
import java.util.List;
import org.testng.annotations.Test;

public class BatchNeedingTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());

    private static BatchNeeds needs(int quantity, double wastePercent) {
        return BatchNeeding.needs(
                List.of(new Job(new JobKey(1, 97), SEAL, quantity)), MixWaste.ofHands(Share.ofPercent(wastePercent)));
    }

    @Test
    public void gramsOfMixesAndClaysAreThoseInTheDesignsAndTheWaste() {
        BatchNeeds needs = needs(12, 10);
        double mixes =
                needs.mixes().stream().mapToDouble(m -> m.scaled().wanted().g()).sum();
        double clays = needs.clays().stream().mapToDouble(c -> c.needed().g()).sum();
        assertThat(mixes).isCloseTo(12 * SEAL.clay().g() * 1.1, within(1e-9));
        assertThat(clays).isCloseTo(mixes, within(1e-9));
        // Rose is 3 white to 1 red: 12·38.746·1.1/4 of red, worked in DesignMeasuringTest.
        assertThat(needs.clays().get(1).needed().g()).isCloseTo(127.862, within(0.01));
    }

    @Test
    public void redMustBeBoughtBeyondTheOneBlockOnTheShelf() {
        BatchNeeds.ClayNeed red = needs(12, 10).clays().get(1);
        // 127.9 g: one of 50 on the shelf, then 77.9 more; two of 50 at 4.00 beat one of 200 at 6.00.
        assertThat(red.cover().open()).containsExactly(new BlockCover.Blocks(new Mass(50), 1));
        assertThat(red.cover().buy()).containsExactly(new BlockCover.Blocks(new Mass(50), 2));
        assertThat(red.cover().cost().minor()).isEqualTo(400);
    }

    @Test
    public void portionsFoilAndFindingsAreCountedForEveryDesign() {
        BatchNeeds needs = needs(12, 0);
        assertThat(needs.portions()).extracting(BatchNeeds.PortionRow::count).containsExactly(12, 24);
        assertThat(needs.torn().mm())
                .isCloseTo(12 * SEAL.parts().get(0).core().torn().mm(), within(1e-9));
        BatchNeeds.FindingNeed pin = needs.findings().get(0);
        assertThat(pin.needed()).isEqualTo(12);
        assertThat(pin.toBuy()).isEqualTo(7);
        assertThat(pin.cost().minor()).isEqualTo(70);
    }

    @Test
    public void twoHalfBatchesTakeWhatOneWholeBatchTakes() {
        BatchNeeds halves = BatchNeeding.needs(
                List.of(new Job(new JobKey(1, 97), SEAL, 5), new Job(new JobKey(1, 98), SEAL, 7)),
                MixWaste.ofHands(Share.ofPercent(10)));
        BatchNeeds whole = needs(12, 10);
        assertThat(halves.mixes()).hasSameSizeAs(whole.mixes());
        for (int i = 0; i < whole.clays().size(); i++) {
            assertThat(halves.clays().get(i).needed().g())
                    .isCloseTo(whole.clays().get(i).needed().g(), within(1e-9));
        }
    }

    @Test
    public void theThreadCountsEveryDesignOnce() {
        // Route: portion, cores, shape, fit. 12 wanted, 1 lost; 9 cores, 6 portions, 4 built, none baked.
        Progress progress = new Progress(List.of(6, 9, 4, 0), List.of(22, 0), List.of(), 1, Samples.ALL_TICKED);
        BatchThread thread = BatchThread.of(List.of(new Job(new JobKey(1, 97), SEAL, 12, progress)));
        assertThat(thread.standing().get(Station.CORES)).isEqualTo(2);
        assertThat(thread.standing().get(Station.WEIGH_OUT)).isEqualTo(3);
        assertThat(thread.standing().get(Station.SHAPE)).isEqualTo(2);
        assertThat(thread.standing().get(Station.CHECKS)).isEqualTo(0);
        assertThat(thread.standing().get(Station.OVEN)).isEqualTo(4);
        int standing =
                thread.standing().values().stream().mapToInt(Integer::intValue).sum();
        assertThat(standing + thread.finished() + thread.lost()).isEqualTo(12);
    }
}
