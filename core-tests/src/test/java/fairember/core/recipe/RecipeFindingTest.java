package fairember.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
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
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecipeFindingTest {
    private static List<Choice> shelf(SplittableRandom random, int many) {
        return IntStream.range(0, many)
                .mapToObj(id -> {
                    Srgb swatch = id == 0
                            ? new Srgb(244, 242, 234)
                            : new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
                    Opacity opacity = Opacity.values()[id % 5 == 4 ? 2 : id % 3 == 2 ? 1 : 0];
                    Pigment pigment = new Pigment(swatch, swatch, opacity, Strength.values()[id % 4]);
                    return new Choice(
                            id,
                            "clay " + id,
                            pigment.colorant(Face.RAW),
                            random.nextInt(60),
                            1 + random.nextInt(9),
                            id % 4 == 3 ? Set.of(Effect.SHIMMER) : Set.of());
                })
                .toList();
    }

    private static Lab colour(SplittableRandom random) {
        return Lab.of(new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
    }

    @DataProvider
    public Object[][] cases() {
        return IntStream.range(0, 24).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** All parts of all choices, 0 or more each, without the tables, the order or the shortcuts of the search; by sets of choices. */
    private static List<List<Double>> bruteForce(RecipeSearch search, int kinds) {
        Map<List<Integer>, List<Double>> off = new HashMap<>();
        int[] parts = new int[search.choices().size()];
        every(search, parts, 0, search.mostParts(), kinds, off);
        List<List<Double>> sets = new ArrayList<>(off.values());
        sets.forEach(Collections::sort);
        sets.sort(Comparator.comparing(set -> set.get(0)));
        return sets.subList(0, Math.min(sets.size(), RecipeFinding.KEPT));
    }

    private static void every(
            RecipeSearch search, int[] parts, int at, int left, int kinds, Map<List<Integer>, List<Double>> off) {
        if (at < parts.length) {
            for (int part = 0; part <= left; part++) {
                parts[at] = part;
                every(search, parts, at + 1, left - part, kinds, off);
            }
            parts[at] = 0;
            return;
        }
        int sum = IntStream.of(parts).sum();
        boolean coprime = IntStream.rangeClosed(2, Math.max(2, sum))
                .noneMatch(d -> IntStream.of(parts).allMatch(part -> part % d == 0));
        boolean onHand = IntStream.range(0, parts.length)
                .allMatch(i -> search.wanted().g() * parts[i] / sum
                        <= search.choices().get(i).onHandG());
        if (IntStream.of(parts).filter(part -> part > 0).count() != kinds
                || sum > 1 && !coprime
                || sum == 1 && kinds != 1
                || search.onHandOnly() && !onHand) {
            return;
        }
        List<Colorant> all = search.choices().stream().map(Choice::colorant).toList();
        Colorant mixed = Colorant.mix(all, IntStream.of(parts).asDoubleStream().toArray());
        List<Integer> set = IntStream.range(0, parts.length)
                .filter(i -> parts[i] > 0)
                .boxed()
                .toList();
        Look look = search.look();
        if (look != null) {
            Set<Effect> effects = set.stream()
                    .flatMap(i -> search.choices().get(i).effects().stream())
                    .collect(Collectors.toSet());
            double mm = mixed.opaqueFrom().mm();
            double asked = look.opaqueFrom().mm();
            boolean alike = mm <= Math.max(1, 2 * asked) && (asked / 2 <= 1 || mm >= asked / 2);
            if (!alike || !effects.equals(look.effects())) {
                return;
            }
        }
        off.computeIfAbsent(set, s -> new ArrayList<>())
                .add(ColourDifference.of(search.target(), Lab.of(mixed.thick())).total());
    }

    @Test(dataProvider = "cases")
    public void theNearestAreThoseOfTryingAllByHand(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Choice> shelf = shelf(random, 4 + seed % 3);
        Look look = seed % 3 == 0
                ? null
                : new Look(new Length(random.nextDouble(0.5, 20)), seed % 3 == 1 ? Set.of() : Set.of(Effect.SHIMMER));
        RecipeSearch search = new RecipeSearch(
                colour(random), look, shelf, 1 + seed % 4, 4 + seed % 5, new Mass(20 + seed), seed % 2 == 1);
        FoundRecipes found = RecipeFinding.find(search);
        assertThat(found.complete()).isTrue();
        assertThat(found.nearest()).hasSize(Math.min(search.mostKinds(), shelf.size()));
        for (int kinds = 1; kinds <= search.mostKinds(); kinds++) {
            List<List<Double>> expected = bruteForce(search, kinds);
            List<FoundSet> got = found.nearest().get(kinds - 1);
            assertThat(got).as("%d kinds", kinds).hasSameSizeAs(expected);
            for (int i = 0; i < got.size(); i++) {
                List<FoundRecipe> ratios = got.get(i).ratios();
                assertThat(ratios)
                        .extracting(FoundRecipe::set)
                        .containsOnly(ratios.get(0).set());
                assertThat(ratios.get(0).kinds()).isEqualTo(kinds);
                for (int r = 0; r < ratios.size(); r++) {
                    assertThat(ratios.get(r).deltaE()).isCloseTo(expected.get(i).get(r), within(1e-9));
                }
            }
        }
    }

    @Test(dataProvider = "cases")
    public void whatARecipeSaysOfItselfIsTrue(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 100);
        RecipeSearch search = new RecipeSearch(colour(random), shelf(random, 9), 3, 9, new Mass(50), false);
        FoundRecipes found = RecipeFinding.find(search);
        for (FoundRecipes.Listed listed : found.shortList(10)) {
            FoundRecipe recipe = listed.recipe();
            double[] parts =
                    recipe.parts().stream().mapToDouble(FoundRecipe.Part::parts).toArray();
            double sum = recipe.allParts();
            Colorant mixed = Colorant.mix(
                    recipe.parts().stream().map(p -> p.choice().colorant()).toList(), parts);
            assertThat(recipe.deltaE())
                    .isCloseTo(
                            ColourDifference.of(search.target(), Lab.of(mixed.thick()))
                                    .total(),
                            within(1e-9));
            double minor = 0;
            double missing = 0;
            for (FoundRecipe.Part part : recipe.parts()) {
                minor += part.parts() / sum * part.choice().minorPerGram();
                missing += Math.max(0, 50 * part.parts() / sum - part.choice().onHandG());
            }
            assertThat(recipe.minorPerGram()).isCloseTo(minor, within(1e-9));
            assertThat(recipe.missing().g()).isCloseTo(missing, within(1e-9));
        }
    }

    @Test(dataProvider = "cases")
    public void theShortListHoldsTheNearestAndNothingThatAnotherBeatsBeforeWhatNoneDoes(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 200);
        RecipeSearch search = new RecipeSearch(colour(random), shelf(random, 10), 3, 8, new Mass(40), false);
        FoundRecipes found = RecipeFinding.find(search);
        List<FoundRecipes.Listed> list = found.shortList(12);
        double nearest = found.nearest().stream()
                .flatMap(List::stream)
                .mapToDouble(set -> set.nearest().deltaE())
                .min()
                .orElseThrow();
        assertThat(list.get(0).recipe().deltaE()).isEqualTo(nearest);
        assertThat(list.get(0).merits()).contains(FoundRecipes.Merit.NEAREST);
        assertThat(list).extracting(l -> l.recipe().deltaE()).isSorted();
        for (FoundRecipes.Merit merit :
                List.of(FoundRecipes.Merit.CHEAPEST, FoundRecipes.Merit.FEWEST, FoundRecipes.Merit.NEAREST)) {
            assertThat(list.stream().filter(l -> l.merits().contains(merit))).hasSize(1);
        }
        assertThat(list).hasSize(12);
        assertThat(list).extracting(l -> l.recipe().set()).doesNotHaveDuplicates();
    }

    @Test
    public void aMixOfTheShelfIsFoundAgainExactly() {
        SplittableRandom random = new SplittableRandom(11);
        for (int i = 0; i < 12; i++) {
            List<Choice> shelf = shelf(random, 12);
            int a = random.nextInt(4);
            Colorant mixed = Colorant.mix(
                    List.of(
                            shelf.get(a).colorant(),
                            shelf.get(a + 4).colorant(),
                            shelf.get(a + 8).colorant()),
                    new double[] {5, 1, 2});
            RecipeSearch search = new RecipeSearch(Lab.of(mixed.thick()), shelf, 3, 12, new Mass(10), false);
            assertThat(RecipeFinding.find(search).shortList(1).get(0).recipe().deltaE())
                    .isLessThan(1e-9);
        }
    }

    /** A glassy clay of the same colour is no stand-in for an opaque one, nor a plain one for one that shimmers. */
    @Test
    public void whatHidesOrShimmersOtherwiseDoesNotStandIn() {
        Srgb white = new Srgb(240, 238, 230);
        Choice chalk = choice(1, white, Opacity.OPAQUE, Set.of());
        Choice glass = choice(2, white, Opacity.TRANSLUCENT, Set.of());
        Choice pearl = choice(3, white, Opacity.OPAQUE, Set.of(Effect.SHIMMER));
        assertThat(standIns(chalk, glass, pearl)).isEmpty();
        assertThat(standIns(glass, chalk, pearl)).isEmpty();
        assertThat(standIns(pearl, chalk, glass)).isEmpty();
        assertThat(standIns(chalk, choice(4, white, Opacity.OPAQUE, Set.of()))).hasSize(1);
        assertThat(standIns(pearl, chalk, choice(5, white, Opacity.OPAQUE, Set.of(Effect.SHIMMER))))
                .isNotEmpty();
    }

    private static Choice choice(int id, Srgb colour, Opacity opacity, Set<Effect> effects) {
        Pigment pigment = new Pigment(colour, colour, opacity, Strength.NORMAL);
        return new Choice(id, "clay " + id, pigment.colorant(Face.CURED), 10, 1, effects);
    }

    private static List<FoundRecipes.Listed> standIns(Choice of, Choice... among) {
        Look look = new Look(of.colorant().opaqueFrom(), of.effects());
        List<Choice> allowed = look.allowed(List.of(among));
        return allowed.isEmpty()
                ? List.of()
                : RecipeFinding.find(new RecipeSearch(
                                Lab.of(of.colorant().thick()), look, allowed, 2, 8, new Mass(1), false))
                        .shortList(6);
    }

    @Test
    public void theAnswerIsTheSameEveryTimeAndMovesToItsEnd() {
        RecipeSearch search =
                new RecipeSearch(new Lab(52, 20, -14), shelf(new SplittableRandom(4), 12), 4, 8, new Mass(30), false);
        FoundRecipes first = RecipeFinding.find(search);
        List<Double> shares = Collections.synchronizedList(new ArrayList<>());
        FoundRecipes again = RecipeFinding.find(search, () -> false, shares::add);
        assertThat(again.nearest()).isEqualTo(first.nearest());
        assertThat(Collections.max(shares)).isEqualTo(1.0);
        assertThat(shares).allMatch(share -> share > 0 && share <= 1);
    }

    @Test
    public void aStoppedSearchSaysThatItWasNotAll() {
        AtomicInteger asked = new AtomicInteger();
        RecipeSearch search =
                new RecipeSearch(new Lab(52, 20, -14), shelf(new SplittableRandom(4), 16), 4, 12, new Mass(30), false);
        FoundRecipes stopped = RecipeFinding.find(search, () -> asked.incrementAndGet() > 200, share -> {});
        assertThat(stopped.complete()).isFalse();
        assertThat(stopped.tried()).isPositive();
        assertThat(stopped.shortList(5)).isNotEmpty();
    }

    @Test
    public void ratiosAreAsManyAsWereCounted() {
        // Coprime ratios with sum ≤ 12: 45 pairs, 196 triples, 479 quadruples; ≤ 16: 79, 493, 1745.
        assertThat(IntStream.rangeClosed(2, 4).map(k -> Ratios.of(k, 12).settings))
                .containsExactly(45, 196, 479);
        assertThat(IntStream.rangeClosed(2, 4).map(k -> Ratios.of(k, 16).settings))
                .containsExactly(79, 493, 1745);
    }

    @Test
    public void noClaysAndTooManyOfAnythingAreRefused() {
        List<Choice> shelf = shelf(new SplittableRandom(1), 3);
        Lab grey = new Lab(50, 0, 0);
        Mass some = new Mass(10);
        assertThat(Refusals.of(() -> new RecipeSearch(grey, List.of(), 2, 8, some, false)))
                .extracting(error -> error.field())
                .containsExactly("choices");
        assertThat(Refusals.of(() -> new RecipeSearch(grey, Collections.nCopies(61, shelf.get(0)), 2, 8, some, false)))
                .extracting(error -> error.field())
                .containsExactly("choices");
        assertThat(Refusals.of(() -> new RecipeSearch(grey, shelf, 5, 17, some, false)))
                .extracting(error -> error.field())
                .containsExactly("mostKinds", "mostParts");
    }
}
