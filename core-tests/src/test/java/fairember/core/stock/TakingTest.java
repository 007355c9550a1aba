package fairember.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.colour.Srgb;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
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

    /** Crumbly clay takes ten minutes more for 100 g; a maker who knows better says so; a lot in use has a condition of its own. */
    @Test
    public void clayThatIsHardToConditionTakesLonger() {
        assertThat(minutes(ClayCondition.USUAL, null, null)).isZero();
        assertThat(minutes(ClayCondition.CRUMBLY, null, null)).isCloseTo(25, within(1e-9));
        assertThat(minutes(ClayCondition.CRUMBLY, new Minutes(4), null)).isCloseTo(10, within(1e-9));
        assertThat(minutes(ClayCondition.USUAL, null, ClayCondition.SOFT)).isCloseTo(10, within(1e-9));
    }

    /** Minutes more for 250 g. */
    private static double minutes(ClayCondition condition, @Nullable Minutes own, @Nullable ClayCondition lot) {
        Srgb grey = Srgb.parse("rawHex", "#334455");
        List<ClayLot> lots =
                lot == null ? List.of() : List.of(new ClayLot("A1", LocalDate.of(2026, 1, 1), grey, grey, lot));
        ShelfClay clay = clay(Mass.ZERO, List.of(), lots, lots.isEmpty() ? null : 0, condition, own);
        return clay.of(Samples.FIRM).conditioning().of(new Mass(250)).min();
    }

    private static ShelfClay clay(RandomGenerator random) {
        List<BlockSize> blocks = new ArrayList<>();
        for (double size : new double[] {57, 250, 454}) {
            blocks.add(new BlockSize(new Mass(size), new Money(300), random.nextInt(4)));
        }
        return clay(new Mass(random.nextInt(120)), blocks, List.of(), null, ClayCondition.USUAL, null);
    }

    private static ShelfClay clay(
            Mass open,
            List<BlockSize> blocks,
            List<ClayLot> lots,
            @Nullable Integer lot,
            ClayCondition condition,
            @Nullable Minutes own) {
        ShelfClay unsold = ShelfClay.unsold("Slate", 1, Srgb.parse("rawHex", "#334455"), open);
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
                !blocks.isEmpty(),
                false,
                null,
                lots,
                lot,
                condition,
                own,
                0,
                Mass.ZERO);
    }
}
