package fairember.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.colour.Srgb;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

/** What is taken from the shelf is gone from it, and nothing else is. */
public class TakingTest {
    @Test
    public void whatWasUsedIsGoneFromTheShelfToTheHundredthOfAGram() {
        RandomGenerator random = new SplittableRandom(19);
        for (int run = 0; run < 500; run++) {
            ShelfClay shelf = clay(random);
            StockClay clay = shelf.of(Samples.FIRM);
            double there = clay.onShelf().g();
            double used = random.nextDouble(0, there * 1.3 + 1);
            StockClay left = shelf.without(clay, new Mass(used)).of(Samples.FIRM);
            assertThat(left.onShelf().g()).isCloseTo(Math.max(0, there - used), within(0.01));
            // A block that is not opened stays whole, and none comes back.
            for (int i = 0; i < shelf.blocks().size(); i++) {
                assertThat(left.blocks().get(i).onShelf())
                        .isBetween(0, shelf.blocks().get(i).onShelf());
            }
        }
    }

    private static ShelfClay clay(RandomGenerator random) {
        List<BlockSize> blocks = new ArrayList<>();
        for (double size : new double[] {57, 250, 454}) {
            blocks.add(new BlockSize(new Mass(size), new Money(300), random.nextInt(4)));
        }
        ShelfClay unsold = ShelfClay.unsold("Slate", 1, Srgb.parse("rawHex", "#334455"), new Mass(random.nextInt(120)));
        return new ShelfClay(
                3,
                unsold.name(),
                1,
                unsold.raw(),
                unsold.cured(),
                unsold.opacity(),
                unsold.strength(),
                unsold.effect(),
                unsold.open(),
                blocks,
                true,
                false,
                null,
                List.of(),
                null);
    }
}
