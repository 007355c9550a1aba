package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.SpareBox;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Share;
import fairember.core.stock.BlockCover;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

/** Batches one after another on one shelf: nothing of it is counted twice. */
public class ReservedTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final MixWaste WASTE = MixWaste.ofHands(Share.ofPercent(10));

    @Test
    public void whatSeveralBatchesTakeIsNeverMoreThanTheShelfHas() {
        RandomGenerator random = new SplittableRandom(50);
        for (int run = 0; run < 60; run++) {
            double bought = 0;
            double needed = 0;
            int pins = 0;
            List<Job> before = new ArrayList<>();
            for (int batch = 1; batch <= 4; batch++) {
                Job job = new Job(new JobKey(batch, 7), SEAL, random.nextInt(1, 5));
                Reserved reserved = Reserved.of(BatchNeeding.needs(before, WASTE));
                BatchNeeds needs = BatchNeeding.needs(List.of(job), mix -> WASTE, reserved, SpareBox.EMPTY);
                BatchNeeds.ClayNeed white = white(needs);
                assertThat(white.reserved().g())
                        .isCloseTo(Math.min(needed, Samples.WHITE.onShelf().g()), within(1e-6));
                assertThat(needs.findings().get(0).reserved()).isLessThanOrEqualTo(Samples.PIN.onShelf());
                needed += white.needed().g();
                bought += grams(white.cover().buy());
                pins += needs.findings().get(0).toBuy();
                before.add(job);
            }
            // All of them are served by the shelf and by what is bought; and nothing is bought while the shelf has
            // enough.
            double shelf = Samples.WHITE.onShelf().g();
            assertThat(shelf + bought).isGreaterThan(needed - 0.01);
            assertThat(bought > 0).isEqualTo(needed > shelf + 1e-6);
            int wanted = before.stream().mapToInt(Job::quantity).sum();
            assertThat(pins).isEqualTo(Math.max(0, wanted - Samples.PIN.onShelf()));
        }
    }

    private static BatchNeeds.ClayNeed white(BatchNeeds needs) {
        return needs.clays().stream()
                .filter(need -> need.clay().id() == Samples.WHITE.id())
                .findFirst()
                .orElseThrow();
    }

    private static double grams(List<BlockCover.Blocks> blocks) {
        return blocks.stream().mapToDouble(b -> b.mass().g() * b.count()).sum();
    }

    @Test
    public void withoutOthersNothingIsKept() {
        Job job = new Job(new JobKey(1, 7), SEAL, 3);
        assertThat(BatchNeeding.needs(
                        List.of(job), mix -> WASTE, Reserved.of(BatchNeeding.needs(List.of(), WASTE)), SpareBox.EMPTY))
                .isEqualTo(BatchNeeding.needs(List.of(job), WASTE));
        assertThat(white(BatchNeeding.needs(List.of(job), WASTE))
                        .free()
                        .onShelf()
                        .g())
                .isCloseTo(Samples.WHITE.onShelf().g(), within(1e-9));
    }
}
