package fairember.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class BlockBuyingTest {
    private static BlockSize size(double grams, long minor, int onShelf) {
        return new BlockSize(new Mass(grams), new Money(minor), onShelf);
    }

    private static StockClay clay(double open, List<BlockSize> sizes) {
        return new StockClay(1, "Red", Samples.FIRM, Samples.RED.pigment(), new Mass(open), sizes);
    }

    @Test
    public void openedClayGoesFirstThenTheShelfWithTheLeastLeftThenTheShopAtTheLeastCost() {
        StockClay clay = clay(30, List.of(size(56, 210, 3), size(350, 990, 1)));
        assertThat(BlockBuying.cover(clay, new Mass(25)).open()).isEmpty();
        assertThat(BlockBuying.cover(clay, new Mass(80)).open()).containsExactly(blocks(56, 1));
        assertThat(BlockBuying.cover(clay, new Mass(370)).open()).containsExactly(blocks(350, 1));
        BlockCover beyond = BlockBuying.cover(clay, new Mass(30 + 518 + 300));
        assertThat(beyond.open()).containsExactly(blocks(350, 1), blocks(56, 3));
        // 300 g: one of 350 at 9.90 is less than six of 56 at 12.60.
        assertThat(beyond.buy()).containsExactly(blocks(350, 1));
        assertThat(beyond.cost()).isEqualTo(new Money(990));
        assertThat(beyond.left().g()).isCloseTo(50, within(1e-6));
    }

    private static BlockCover.Blocks blocks(double grams, int count) {
        return new BlockCover.Blocks(new Mass(grams), count);
    }

    @Test
    public void theChoiceIsAsGoodAsTryingEverything() {
        SplittableRandom random = new SplittableRandom(4);
        for (int round = 0; round < 300; round++) {
            List<BlockSize> sizes = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(3); i++) {
                sizes.add(size(20 + 37 * i + random.nextInt(30), 100 + random.nextInt(900), random.nextInt(4)));
            }
            StockClay clay = clay(random.nextInt(40), sizes);
            Mass needed = new Mass(1 + random.nextInt(400));
            BlockCover cover = BlockBuying.cover(clay, needed);
            double opened = grams(cover.open()) + grams(cover.buy());
            assertThat(clay.open().g() + opened - needed.g())
                    .isCloseTo(cover.left().g(), within(1e-6));
            double missing = needed.g() - clay.open().g();
            double sealed = clay.onShelf().g() - clay.open().g();
            if (missing > sealed) {
                assertThat(grams(cover.open())).isCloseTo(sealed, within(1e-6));
                assertThat((double) cover.cost().minor()).isEqualTo(best(sizes, 0, missing - sealed, true));
            } else if (missing > 0) {
                assertThat(cover.buy()).isEmpty();
                assertThat(cover.left().g()).isCloseTo(best(sizes, 0, missing, false), within(1e-6));
            }
        }
    }

    private static double grams(List<BlockCover.Blocks> blocks) {
        return blocks.stream().mapToDouble(b -> b.mass().g() * b.count()).sum();
    }

    /** Least cost, or least left over from the shelf, by trying every count. */
    private static double best(List<BlockSize> sizes, int i, double missing, boolean buying) {
        if (missing <= 1e-9) {
            return buying ? 0 : -missing;
        }
        if (i == sizes.size()) {
            return Double.POSITIVE_INFINITY;
        }
        BlockSize size = sizes.get(i);
        double least = Double.POSITIVE_INFINITY;
        int most = buying ? (int) Math.ceil(missing / size.mass().g()) : size.onShelf();
        for (int n = 0; n <= most; n++) {
            double rest = best(sizes, i + 1, missing - n * size.mass().g(), buying);
            least = Math.min(least, rest + (buying ? n * size.price().minor() : 0));
        }
        return least;
    }

    @Test
    public void aVeryLargeNeedIsStillAnswered() {
        StockClay clay = clay(0, List.of(size(5, 0, 999), size(6, 0, 999), size(7, 0, 999), size(8, 0, 999)));
        BlockCover cover = BlockBuying.cover(clay, new Mass(100_000));
        assertThat(grams(cover.open()) + grams(cover.buy())).isGreaterThanOrEqualTo(100_000);
        assertThat(cover.left().g()).isLessThan(8);
    }
}
