package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.bake.ClayWindow;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import fairember.core.stock.ClayRange;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class MixMeasuringTest {
    private static StockClay clay(long id, double density) {
        ClayWindow window = Samples.FIRM.window();
        ClayRange line = new ClayRange(id, "Line " + id, window, new Density(density));
        return Samples.clay(id, "Clay " + id, line, "#888888", 0);
    }

    /** Three grams of 1.5 and one of 0.5 g/cm³: 2 + 2 cm³, so four grams in 4 cm³. */
    @Test
    public void volumesAddSoALightClayPullsTheDensityDown() {
        Mix mix = new Mix(1, "Light", List.of(Mix.Ingredient.of(clay(1, 1.5), 3), Mix.Ingredient.of(clay(2, 0.5), 1)));
        MeasuredMix measured = MixMeasuring.measure(mix, new Mass(40));
        assertThat(measured.density().gPerCm3()).isCloseTo(1, within(1e-12));
        assertThat(measured.portions()).extracting(p -> p.mass().g()).containsExactly(30.0, 10.0);
    }

    @Test
    public void gramsAddUpAndKeepTheRatioOnRandomRecipes() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 100; round++) {
            List<Mix.OfClay> ingredients = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(6); i++) {
                ingredients.add(Mix.Ingredient.of(clay(i + 1, random.nextDouble(0.5, 2)), random.nextInt(1, 12)));
            }
            double wanted = random.nextDouble(0.1, 5000);
            MeasuredMix measured = MixMeasuring.measure(new Mix(1, "m", ingredients), new Mass(wanted));
            assertThat(measured.portions().stream()
                            .mapToDouble(p -> p.mass().g())
                            .sum())
                    .isCloseTo(wanted, within(1e-9 * wanted));
            double perPart =
                    measured.portions().get(0).mass().g() / ingredients.get(0).parts();
            measured.portions()
                    .forEach(p -> assertThat(p.mass().g()).isCloseTo(perPart * p.parts(), within(1e-9 * wanted)));
            double least = ingredients.stream()
                    .mapToDouble(i -> i.clay().range().density().gPerCm3())
                    .min()
                    .orElseThrow();
            double most = ingredients.stream()
                    .mapToDouble(i -> i.clay().range().density().gPerCm3())
                    .max()
                    .orElseThrow();
            assertThat(measured.density().gPerCm3()).isBetween(least - 1e-9, most + 1e-9);
        }
    }

    @Test
    public void aClayOfNoPartsSetsNoWindow() {
        StockClay cool = Samples.clay(9, "Cool", Samples.COOL, "#999999", 0);
        Mix mix = new Mix(1, "Firm only", List.of(Mix.Ingredient.of(Samples.WHITE, 2), Mix.Ingredient.of(cool, 0)));
        assertThat(MixMeasuring.measure(mix, new Mass(1)).window().meets()).isTrue();
        Mix both = new Mix(1, "Both", List.of(Mix.Ingredient.of(Samples.WHITE, 2), Mix.Ingredient.of(cool, 1)));
        assertThat(MixMeasuring.measure(both, new Mass(1)).window().meets()).isFalse();
    }

    @Test
    public void noClaysNoPartsAndAClayTwiceAreRefused() {
        assertThat(Refusals.of(() -> new Mix(1, "m", List.of())).get(0).field()).isEqualTo("parts");
        Mix.OfClay none = Mix.Ingredient.of(Samples.WHITE, 0);
        assertThat(Refusals.of(() -> new Mix(1, "m", List.of(none))).get(0).allowed())
                .isEqualTo("more than 0");
        Mix.OfClay one = Mix.Ingredient.of(Samples.WHITE, 1);
        assertThat(Refusals.of(() -> new Mix(1, "m", List.of(one, one))).get(0).found())
                .isEqualTo("a clay twice");
        assertThat(Refusals.of(() -> Mix.Ingredient.of(Samples.WHITE, -1))
                        .get(0)
                        .field())
                .isEqualTo("parts");
    }
}
