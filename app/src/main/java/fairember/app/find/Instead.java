package fairember.app.find;

import fairember.app.leftover.LeftoverStore;
import fairember.app.mix.MixStore;
import fairember.app.tile.TaughtClays;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.measure.Mass;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.recipe.Choice;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.Patch;
import fairember.core.recipe.Patching;
import fairember.core.recipe.RecipeFinding;
import fairember.core.recipe.RecipeSearch;
import fairember.core.recipe.Substitutes;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.StockClay;
import fairember.core.tile.LearnedClays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What to do when the shelf is short, what leftovers could become, and what stands in for a clay. */
@Service
class Instead {
    private static final int PARTS = 12;
    private static final int KINDS = 3;
    /** With more to choose from than this, three of them together would keep the page waiting: two are tried. */
    private static final int MANY = 40;

    private static final int MANY_LUMPS = 20;
    private static final int LISTED = 6;

    private final MixStore mixes;
    private final TaughtClays clays;
    private final LeftoverStore leftovers;

    Instead(MixStore mixes, TaughtClays clays, LeftoverStore leftovers) {
        this.mixes = mixes;
        this.clays = clays;
        this.leftovers = leftovers;
    }

    Pantry pantry() {
        return Pantry.of(clays.clays(), leftovers.lumps());
    }

    /** A clay the shelf has not enough of. */
    record ShortView(
            long clayId,
            String name,
            double neededG,
            double onHandG,
            boolean sold,
            List<BuyBlocksView> buy,
            long costMinor) {
        static ShortView of(MeasuredMix.ClayPortion portion) {
            StockClay clay = portion.clay();
            BlockCover cover = BlockBuying.cover(clay, portion.mass());
            return new ShortView(
                    clay.id(),
                    clay.name(),
                    portion.mass().g(),
                    clay.onShelf().g(),
                    clay.sold(),
                    cover.buy().stream()
                            .map(b -> new BuyBlocksView(b.mass().g(), b.count()))
                            .toList(),
                    cover.cost().minor());
        }
    }

    /** So many blocks of a size. */
    record BuyBlocksView(double massG, int count) {}

    /** Grams of a clay or a lump. */
    record GramsView(@Nullable Long clayId, @Nullable Integer lump, String name, double massG) {}

    /** The recipe patched: what goes in, how far off it is. */
    record PatchView(List<GramsView> grams, String curedHex, double off, String differs, double costMinor) {}

    /**
     * Ways out for a mix the shelf is short of.
     *
     * @param kinds how many clays another recipe may have
     * @param better what to do
     */
    record InsteadView(
            List<ShortView> missing,
            String targetHex,
            int kinds,
            @Nullable RecipeView recipe,
            @Nullable PatchView patch,
            boolean canBuy,
            long buyMinor,
            Substitutes.Way better) {}

    /** What can be done for so many grams of a mix. */
    InsteadView of(Mix mix, Mass wanted) {
        MeasuredMix measured = MixMeasuring.measure(mix, wanted);
        List<ShortView> missing = measured.portions().stream()
                .filter(p -> p.mass().g() > p.clay().onShelf().g() + 1e-9)
                .map(ShortView::of)
                .toList();
        Pantry pantry = pantry();
        boolean liquid = mix.clays().stream().anyMatch(c -> c.clay().liquid());
        List<Choice> shelf = pantry.picks().values().stream()
                .filter(pick -> pick.onHandG() > 0 && pick.liquid() == liquid)
                .map(pick -> pick.choice(Face.CURED))
                .toList();
        Lab target = measured.colour().cured().lab();
        int kinds = shelf.size() > MANY ? 2 : KINDS;
        Optional<FoundRecipe> recipe =
                missing.isEmpty() ? Optional.empty() : nearest(target, shelf, kinds, wanted, true);
        List<Patch.Grams> needs = measured.portions().stream()
                .map(p ->
                        new Patch.Grams(choice(pantry, p.clay().id()), p.mass().g()))
                .toList();
        Optional<Patch> patch = Patching.patch(needs, shelf, target);
        long buyMinor = missing.stream().mapToLong(ShortView::costMinor).sum();
        Substitutes substitutes =
                Substitutes.of(recipe, patch, buyMinor, missing.stream().allMatch(ShortView::sold));
        LearnedClays learned = clays.learned();
        return new InsteadView(
                missing,
                measured.colour().cured().srgb().hex(),
                kinds,
                recipe.map(r -> RecipeView.of(r, Set.of(), Face.CURED, wanted.g(), pantry, learned))
                        .orElse(null),
                patch.map(p -> view(p, pantry)).orElse(null),
                substitutes.canBuy(),
                buyMinor,
                missing.isEmpty() ? Substitutes.Way.NONE : substitutes.better());
    }

    private static Choice choice(Pantry pantry, long clayId) {
        return pantry.clays()
                .filter(pick -> pick.id() == clayId)
                .findFirst()
                .orElseThrow()
                .choice(Face.CURED);
    }

    private static PatchView view(Patch patch, Pantry pantry) {
        return new PatchView(
                patch.grams().stream()
                        .map(g -> new GramsView(
                                g.choice().id() >= 0 ? g.choice().id() : null,
                                pantry.pick(g.choice()).lump(),
                                g.choice().name(),
                                g.g()))
                        .toList(),
                ColourMixing.seen(
                                patch.grams().stream()
                                        .map(g -> g.choice().colorant())
                                        .toList(),
                                patch.grams().stream()
                                        .mapToDouble(Patch.Grams::g)
                                        .toArray())
                        .srgb()
                        .hex(),
                patch.difference().total(),
                patch.difference().words(),
                patch.minor());
    }

    private static Optional<FoundRecipe> nearest(
            Lab target, List<Choice> choices, int kinds, Mass wanted, boolean onHandOnly) {
        if (choices.isEmpty()) {
            return Optional.empty();
        }
        List<Choice> few = choices.subList(0, Math.min(choices.size(), RecipeSearch.MOST_CHOICES));
        return RecipeFinding.find(new RecipeSearch(target, few, kinds, PARTS, wanted, onHandOnly)).nearest().stream()
                .flatMap(List::stream)
                .min(FoundRecipe.NEAREST);
    }

    /** What the leftovers come nearest to. */
    record UseView(long mixId, String name, String rawHex, String curedHex, RecipeView recipe) {}

    /** For each mix that is not retired, the nearest that leftovers make of it, the nearest mix first. */
    List<UseView> uses() {
        Pantry pantry = pantry();
        List<Choice> lumps = pantry.lumps().map(pick -> pick.choice(Face.CURED)).toList();
        LearnedClays learned = clays.learned();
        int kinds = lumps.size() > MANY_LUMPS ? 2 : KINDS;
        return mixes.current().stream()
                .map(mix -> MixMeasuring.measure(mix, new Mass(1)))
                .flatMap(mix -> nearest(mix.colour().cured().lab(), lumps, kinds, new Mass(1), false)
                        .map(recipe -> new UseView(
                                mix.mix().id(),
                                mix.mix().name(),
                                mix.colour().raw().srgb().hex(),
                                mix.colour().cured().srgb().hex(),
                                RecipeView.of(recipe, Set.of(), Face.CURED, 1, pantry, learned)))
                        .stream())
                .sorted((one, other) ->
                        Double.compare(one.recipe().off(), other.recipe().off()))
                .toList();
    }

    /** What a clay is used in, and what comes nearest to it among the others. */
    record StandInsView(List<UsedInView> usedIn, List<RecipeView> recipes) {}

    /** A mix with the clay in it. */
    record UsedInView(long mixId, String name, double percent) {}

    StandInsView standIns(StockClay clay) {
        Pantry pantry = pantry();
        List<Choice> others = pantry.clays()
                .filter(pick -> pick.id() != clay.id() && pick.liquid() == clay.liquid())
                .map(pick -> pick.choice(Face.CURED))
                .limit(RecipeSearch.MOST_CHOICES)
                .toList();
        Lab target = Lab.of(clay.pigment().spectrum(Face.CURED));
        LearnedClays learned = clays.learned();
        List<RecipeView> recipes = others.isEmpty()
                ? List.of()
                : RecipeFinding.find(new RecipeSearch(target, others, 2, PARTS, new Mass(1), false))
                        .shortList(LISTED)
                        .stream()
                        .map(listed -> RecipeView.of(listed.recipe(), listed.merits(), Face.CURED, 1, pantry, learned))
                        .toList();
        return new StandInsView(usedIn(clay), recipes);
    }

    private List<UsedInView> usedIn(StockClay clay) {
        return mixes.mixes().stream()
                .flatMap(mix -> mix.clays().stream()
                        .filter(c -> c.clay().id() == clay.id() && c.parts() > 0)
                        .map(c -> new UsedInView(mix.id(), mix.name(), 100 * c.parts() / mix.allParts())))
                .toList();
    }
}
