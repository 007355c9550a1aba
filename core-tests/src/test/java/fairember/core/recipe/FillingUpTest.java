package fairember.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is short of a recipe is made up from the rest of the shelf. */
public class FillingUpTest {
    /** Opaque and plain. */
    private static final Look LOOK = new Look(new Length(1), Set.of());

    @DataProvider
    public Object[][] studios() {
        return IntStream.range(0, 40).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    private static List<Choice> shelf(SplittableRandom random, int many) {
        List<Choice> shelf = new ArrayList<>();
        for (int i = 1; i <= many; i++) {
            Srgb colour = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
            Pigment pigment = new Pigment(colour, colour, Opacity.OPAQUE, Strength.NORMAL);
            shelf.add(new Choice(
                    i,
                    "clay " + i,
                    pigment.colorant(Face.CURED),
                    random.nextInt(0, 60),
                    random.nextInt(1, 9),
                    effects(i)));
        }
        return shelf;
    }

    /** One of the rest of the shelf glitters. */
    private static Set<Effect> effects(int i) {
        return i == 5 ? Set.of(Effect.GLITTER) : Set.of();
    }

    private static Lab colour(List<FillUp.Grams> grams) {
        return Lab.of(Colorant.mix(
                        grams.stream().map(g -> g.choice().colorant()).toList(),
                        grams.stream().mapToDouble(FillUp.Grams::g).toArray())
                .thick());
    }

    @Test(dataProvider = "studios")
    public void theFillUpTakesNoMoreThanThereIsAndNoOtherFillIsNearer(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Choice> shelf = shelf(random, 7);
        List<FillUp.Grams> needs = List.of(
                new FillUp.Grams(shelf.get(0), random.nextInt(5, 90)),
                new FillUp.Grams(shelf.get(1), random.nextInt(5, 90)));
        Lab target = colour(needs);
        double wanted = needs.get(0).g() + needs.get(1).g();
        double saved = needs.stream()
                .mapToDouble(n -> Math.min(n.g(), n.choice().onHandG()))
                .sum();
        Optional<FillUp> found = FillingUp.fillUp(needs, shelf, target, LOOK);
        if (saved >= wanted) {
            assertThat(found).isEmpty();
            return;
        }
        List<Choice> plain = shelf.stream().filter(c -> c.effects().isEmpty()).toList();
        double least = nearestByHand(needs, plain, target, wanted - saved);
        assertThat(found.isPresent()).isEqualTo(least < Double.POSITIVE_INFINITY);
        found.ifPresent(fillUp -> {
            assertThat(fillUp.difference().total()).isCloseTo(least, within(1e-9));
            assertThat(fillUp.grams().stream().mapToDouble(FillUp.Grams::g).sum())
                    .isCloseTo(wanted, within(1e-6));
            assertThat(fillUp.grams()).allMatch(g -> g.g() <= g.choice().onHandG() + 1e-6);
            assertThat(fillUp.grams().stream().map(g -> g.choice().id()).distinct())
                    .hasSize(fillUp.grams().size());
            assertThat(ColourDifference.of(target, colour(fillUp.grams())).total())
                    .isCloseTo(fillUp.difference().total(), within(1e-6));
        });
    }

    /** Every pair and every ratio, one after the other. */
    private static double nearestByHand(List<FillUp.Grams> needs, List<Choice> shelf, Lab target, double missing) {
        double least = Double.POSITIVE_INFINITY;
        for (Choice one : shelf) {
            for (Choice other : shelf) {
                for (int step = 0; step <= FillingUp.STEPS; step++) {
                    double g = missing * step / FillingUp.STEPS;
                    if (one.id() == other.id() && step < FillingUp.STEPS) {
                        continue;
                    }
                    if (g > over(one, needs) + 1e-9
                            || missing - g > over(other, needs) + 1e-9 && step < FillingUp.STEPS) {
                        continue;
                    }
                    List<FillUp.Grams> all = new ArrayList<>();
                    needs.forEach(n -> all.add(new FillUp.Grams(
                            n.choice(), Math.min(n.g(), n.choice().onHandG()))));
                    all.add(new FillUp.Grams(one, g));
                    all.add(new FillUp.Grams(other, missing - g));
                    least = Math.min(
                            least, ColourDifference.of(target, colour(all)).total());
                }
            }
        }
        return least;
    }

    private static double over(Choice choice, List<FillUp.Grams> needs) {
        double used = needs.stream()
                .filter(n -> n.choice().id() == choice.id())
                .mapToDouble(n -> Math.min(n.g(), n.choice().onHandG()))
                .sum();
        return choice.onHandG() - used;
    }

    @Test
    public void buyingIsBetterOnlyWhenEveryOtherWayWouldBeSeen() {
        List<Choice> shelf = shelf(new SplittableRandom(3), 3);
        FoundRecipe near = recipe(shelf.get(0), 0.6);
        FoundRecipe far = recipe(shelf.get(1), 4);
        Optional<FillUp> none = Optional.empty();
        assertThat(Substitutes.of(Optional.of(near), none, 500, true).better()).isEqualTo(Substitutes.Way.RECIPE);
        assertThat(Substitutes.of(Optional.of(far), none, 500, true).better()).isEqualTo(Substitutes.Way.BUY);
        assertThat(Substitutes.of(Optional.of(far), none, 0, false).better()).isEqualTo(Substitutes.Way.RECIPE);
        assertThat(Substitutes.of(Optional.empty(), none, 0, false).better()).isEqualTo(Substitutes.Way.NONE);
        FillUp fillUp = new FillUp(List.of(), near.difference(), 0);
        assertThat(Substitutes.of(Optional.of(far), Optional.of(fillUp), 500, true)
                        .better())
                .isEqualTo(Substitutes.Way.FILL_UP);
    }

    private static FoundRecipe recipe(Choice choice, double off) {
        Lab at = Lab.of(new Srgb(128, 128, 128));
        ColourDifference difference = new ColourDifference(at, at, off, 0, 0, 0);
        return new FoundRecipe(List.of(new FoundRecipe.Part(choice, 1)), choice.colorant(), difference, 1, Mass.ZERO);
    }
}
