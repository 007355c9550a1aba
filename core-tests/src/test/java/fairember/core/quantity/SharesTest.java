package fairember.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import org.testng.annotations.Test;

/** Rounded parts still add up to the whole. */
public class SharesTest {
    @Test
    public void tenthsAddUpToAHundredAndAreNearTheTruth() {
        SplittableRandom random = new SplittableRandom(7);
        for (int seed = 0; seed < 500; seed++) {
            List<Double> weights = DoubleStream.generate(() -> random.nextInt(5) == 0 ? 0 : random.nextDouble(0.01, 40))
                    .limit(1 + random.nextInt(7))
                    .boxed()
                    .toList();
            double sum = weights.stream().mapToDouble(w -> w).sum();
            List<Double> percents = Shares.percent(weights);
            if (sum == 0) {
                assertThat(percents).containsOnly(0.0);
                continue;
            }
            assertThat(percents.stream().mapToDouble(p -> p).sum()).isCloseTo(100, within(1e-9));
            for (int i = 0; i < weights.size(); i++) {
                double exact = 100 * weights.get(i) / sum;
                assertThat(percents.get(i)).isCloseTo(exact, within(0.5));
                assertThat(percents.get(i) > 0).isEqualTo(weights.get(i) > 0);
                assertThat(percents.get(i) * 10).isCloseTo(Math.rint(percents.get(i) * 10), within(1e-6));
            }
        }
    }

    @Test
    public void thirdsAndATraceAddUp() {
        assertThat(Shares.percent(List.of(1.0, 1.0, 1.0))).containsExactly(33.4, 33.3, 33.3);
        assertThat(Shares.percent(List.of(999_999.0, 1.0))).containsExactly(99.9, 0.1);
    }
}
