package fairember.core.portion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.measure.Density;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class BlockShareTest {
    /** Wanted grams of blocks of 57 and 454 g: the share, whole and one of so many, and its error in per cent. */
    @DataProvider
    public Object[][] shares() {
        return new Object[][] {
            {57.0, 57.0, 1, 0, 0.0},
            {28.5, 57.0, 0, 2, 0.0},
            {19.0, 57.0, 0, 3, 0.0},
            {14.0, 454.0, 0, 32, 1.339},
            {4.75, 57.0, 0, 12, 0.0},
            {85.5, 57.0, 1, 2, 0.0},
            {227.0, 454.0, 0, 2, 0.0},
        };
    }

    @Test(dataProvider = "shares")
    public void theNearestShareIsTheOneWorkedByHand(double grams, double block, int whole, int pieces, double percent) {
        BlockShare share = BlockShare.nearest(new Mass(grams), List.of(new Mass(57), new Mass(454)));
        assertThat(share.block().g()).isEqualTo(block);
        assertThat(share.whole()).isEqualTo(whole);
        assertThat(share.pieces()).isEqualTo(pieces);
        assertThat(100 * share.error()).isCloseTo(percent, within(0.001));
    }

    /** One of n by halves and at most two thirds, all counted out: none is nearer, and none as near takes fewer strokes. */
    @Test
    public void noShareIsNearer() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 300; i++) {
            double wanted = random.nextDouble(0.3, 130);
            BlockShare share = BlockShare.nearest(new Mass(wanted), List.of(new Mass(57)));
            assertThat(share.mass().g()).isCloseTo(wanted * (1 + share.error()), within(1e-9));
            for (int halves = 0; halves < 7; halves++) {
                for (int thirds = 0; thirds < 3; thirds++) {
                    double n = Math.pow(2, halves) * Math.pow(3, thirds);
                    if (n > 1 && n <= BlockShare.MOST_PIECES) {
                        double got = 57 * (Math.floor(wanted / 57) + 1 / n);
                        assertThat(Math.abs(got / wanted - 1)).isGreaterThanOrEqualTo(Math.abs(share.error()) - 1e-6);
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
