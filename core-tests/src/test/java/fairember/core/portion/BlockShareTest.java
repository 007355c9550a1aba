package fairember.core.portion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BlockShareTest {
    /** Wanted grams of blocks of 57 and 454 g: the share, whole and some of so many, and its error in per cent. */
    @DataProvider
    public Object[][] shares() {
        return new Object[][] {
            {57.0, 57.0, 1, 0, 0, 0.0},
            {28.5, 57.0, 0, 1, 2, 0.0},
            {19.0, 57.0, 0, 1, 3, 0.0},
            {42.75, 57.0, 0, 3, 4, 0.0},
            {14.0, 57.0, 0, 1, 4, 1.786},
            {4.75, 57.0, 0, 1, 12, 0.0},
            {85.5, 57.0, 1, 1, 2, 0.0},
            {227.0, 57.0, 4, 0, 0, 0.441},
        };
    }

    @Test(dataProvider = "shares")
    public void theNearestShareIsTheOneWorkedByHand(
            double grams, double block, int whole, int taken, int pieces, double percent) {
        BlockShare share = BlockShare.nearest(new Mass(grams), List.of(new Mass(57), new Mass(454)))
                .orElseThrow();
        assertThat(List.of(share.block().g(), (double) share.whole(), (double) share.taken(), (double) share.pieces()))
                .containsExactly(block, (double) whole, (double) taken, (double) pieces);
        assertThat(100 * share.error()).isCloseTo(percent, within(0.001));
    }

    /** No share of a block is near to a crumb, to what lies between two shares, or where there is no block. */
    @Test
    public void whereNoShareIsNearNoneIsSaid() {
        assertThat(BlockShare.nearest(new Mass(0.04), List.of(new Mass(57)))).isEmpty();
        assertThat(BlockShare.nearest(new Mass(2.0), List.of(new Mass(57)))).isEmpty();
        assertThat(BlockShare.nearest(new Mass(20), List.of())).isEmpty();
        Portion crumb = Portioning.portion(new Volume(40 / 1.75), Density.CLAY);
        // A ball of 3.52 mm: a cord of 2 mm, 7.3 mm long.
        assertThat(Portioning.suitedCord(crumb).mm()).isEqualTo(2);
        assertThat(Portioning.cord(crumb, Portioning.suitedCord(crumb)).mm()).isCloseTo(7.28, within(0.01));
    }

    /** Some of n by halves and at most two thirds, all counted out: none that is near enough takes fewer strokes. */
    @Test
    public void noShareThatIsNearEnoughTakesFewerCuts() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 300; i++) {
            double wanted = random.nextDouble(0.3, 130);
            int fewest = BlockShare.nearest(new Mass(wanted), List.of(new Mass(57)))
                    .map(share -> {
                        assertThat(Math.abs(share.error())).isLessThanOrEqualTo(BlockShare.MOST_ERROR);
                        assertThat(share.mass().g()).isCloseTo(wanted * (1 + share.error()), within(1e-9));
                        return share.cuts();
                    })
                    .orElse(Integer.MAX_VALUE);
            for (int halves = 0; halves < 7; halves++) {
                for (int thirds = 0; thirds < 3; thirds++) {
                    int n = (int) (Math.pow(2, halves) * Math.pow(3, thirds));
                    double got = 57 * (Math.floor(wanted / 57) + 1.0 / n);
                    boolean cuts = n <= BlockShare.MOST_PIECES && 57.0 / n >= BlockShare.LEAST_G;
                    if (cuts && Math.abs(got / wanted - 1) <= BlockShare.MOST_ERROR) {
                        assertThat(halves + 2 * thirds).isGreaterThanOrEqualTo(fewest);
                    }
                }
            }
        }
    }

    /** 1 g at 1.75 as a cord of 3 mm: 4·571.43/(9π) = 80.84 mm. */
    @Test
    public void theCordHoldsTheSameClay() {
        Portion gram = Portioning.portion(Density.CLAY.volumeOf(new Mass(1)), Density.CLAY);
        assertThat(Portioning.cord(gram, new Length(3)).mm()).isCloseTo(80.84, within(0.01));
        Portion rod = Portioning.portion(new Volume(Math.PI * 25 * 40), Density.CLAY);
        assertThat(Portioning.cord(rod, new Length(10)).mm()).isCloseTo(40, within(1e-9));
    }
}
