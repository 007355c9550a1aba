package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.quantity.Mass;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

/** A tint that is too little for the scale is let down into the greatest ingredient. */
public class LetDownTest {
    private static final Mass TENTH = new Mass(0.1);

    private static MeasuredMix mix(double white, double red, double grams) {
        return MixMeasuring.measure(
                new Mix(
                        3,
                        "Pale",
                        List.of(Mix.Ingredient.of(Samples.WHITE, white), Mix.Ingredient.of(Samples.RED, red))),
                new Mass(grams));
    }

    /** 20 g of 99 parts white to 1 of red: 0.2 g red. One to four gives 1 g of premix, ten steps of the scale. */
    @Test
    public void twoTenthsOfAGramAreTakenAsOneGramOfAPremix() {
        LetDown down = LetDown.of(mix(99, 1, 20), TENTH).get(0);
        assertThat(down.parts()).isEqualTo(4);
        assertThat(down.tint().g()).isCloseTo(1, within(1e-9));
        assertThat(down.other().g()).isCloseTo(4, within(1e-9));
        assertThat(down.take().g()).isCloseTo(1, within(1e-9));
        assertThat(down.otherLeft().g()).isCloseTo(19, within(1e-9));
    }

    @Test
    public void whatTheScaleCanWeighIsNotLetDown() {
        assertThat(LetDown.of(mix(3, 1, 20), TENTH)).isEmpty();
        assertThat(LetDown.of(mix(1, 0, 20), TENTH)).isEmpty();
        // Of next to nothing there is not enough to let down into.
        assertThat(LetDown.of(mix(3, 1, 0.02), TENTH)).isEmpty();
    }

    /** Two tints are let down into one: each takes its share of it, and what still goes in is said once for both. */
    @Test
    public void twoTintsShareWhatTheyAreLetDownInto() {
        Mix pale = new Mix(
                4,
                "Paler",
                List.of(
                        Mix.Ingredient.of(Samples.WHITE, 197),
                        Mix.Ingredient.of(Samples.RED, 1),
                        Mix.Ingredient.of(new Mix(5, "Rose", List.of(Mix.Ingredient.of(Samples.RED, 1))), 2)));
        List<LetDown> downs = LetDown.of(MixMeasuring.measure(pale, new Mass(40)), TENTH);
        assertThat(downs).hasSize(2);
        double taken = downs.stream()
                .mapToDouble(down -> down.take().g() * down.parts() / (1 + down.parts()))
                .sum();
        assertThat(downs).allSatisfy(down -> assertThat(down.otherLeft().g()).isCloseTo(39.4 - taken, within(1e-9)));
    }

    /** The mix is the same: as much tint, as much of the other, and more on the scale each time. */
    @Test
    public void theMixStaysTheSame() {
        RandomGenerator random = new SplittableRandom(8);
        int found = 0;
        for (int run = 0; run < 400; run++) {
            MeasuredMix mix = mix(random.nextDouble(20, 300), 1, random.nextDouble(1, 90));
            for (LetDown down : LetDown.of(mix, TENTH)) {
                found++;
                double red = down.take().g() / (1 + down.parts());
                assertThat(red).isCloseTo(mix.lines().get(down.line()).mass().g(), within(1e-9));
                double white = down.take().g() - red + down.otherLeft().g();
                assertThat(white).isCloseTo(mix.lines().get(down.into()).mass().g(), within(1e-9));
                assertThat(down.take().g()).isGreaterThanOrEqualTo(1 - 1e-9);
                // The premix is enough, and both of its parts can be weighed.
                assertThat(down.tint().g() + down.other().g())
                        .isGreaterThanOrEqualTo(down.take().g() - 1e-9);
                assertThat(down.tint().g()).isGreaterThanOrEqualTo(1 - 1e-9);
            }
        }
        assertThat(found).isGreaterThan(150);
    }
}
