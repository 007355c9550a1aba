package fairember.app.find;

import fairember.app.leftover.LeftoverStore;
import fairember.app.mix.MixStore;
import fairember.app.settings.SettingsStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.MixedColour;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Mass;
import fairember.core.recipe.Choice;
import fairember.core.recipe.FillUp;
import fairember.core.recipe.FillingUp;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.FoundRecipes;
import fairember.core.recipe.FoundSet;
import fairember.core.recipe.Look;
import fairember.core.recipe.RecipeFinding;
import fairember.core.recipe.RecipeSearch;
import fairember.core.recipe.Substitutes;
import fairember.core.stock.BlockBuying;
import fairember.core.stock.BlockCover;
import fairember.core.stock.StockClay;
import java.util.Comparator;
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
    private final ClayLearning clays;
    private final LeftoverStore leftovers;
    private final SettingsStore settings;

    Instead(MixStore mixes, ClayLearning clays, LeftoverStore leftovers, SettingsStore settings) {
        this.mixes = mixes;
        this.clays = clays;
        this.leftovers = leftovers;
        this.settings = settings;
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

    /** A number of blocks of a size. */
    record BuyBlocksView(double massG, int count) {}

    /** Grams of a clay or a lump. */
    record GramsView(@Nullable Long clayId, @Nullable Integer lump, String name, double massG) {}

    /** The recipe filled up with other clays: what goes in, how far off it is. */
    record FillUpView(List<GramsView> grams, String curedHex, double difference, String differs, double costMinor) {}

    /**
     * Settings out for a mix the shelf is short of.
     *
     * @param kinds how many clays another recipe may have
     * @param better what to do
     */
    record InsteadView(
            List<ShortView> missing,
            String targetHex,
            int kinds,
            @Nullable RecipeView recipe,
            @Nullable FillUpView fillUp,
            boolean canBuy,
            long buyMinor,
            Substitutes.Way better) {}

    /** What can be done for a number of grams of a mix in designs; what stays on hands and in the machine has to be there too. */
    InsteadView of(Mix mix, Mass net) {
        Mass wanted = settings.settings().mixWaste().toMix(net);
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
        Look look = look(measured.colour());
        Optional<FoundSet> recipe =
                missing.isEmpty() ? Optional.empty() : nearest(target, look, shelf, kinds, wanted, true);
        List<FillUp.Grams> needs = measured.portions().stream()
                .map(p ->
                        new FillUp.Grams(choice(pantry, p.clay().id()), p.mass().g()))
                .toList();
        Optional<FillUp> fillUp = FillingUp.fillUp(needs, shelf, target, look);
        long buyMinor = missing.stream().mapToLong(ShortView::costMinor).sum();
        Substitutes substitutes = Substitutes.of(
                recipe.map(FoundSet::nearest),
                fillUp,
                buyMinor,
                missing.stream().allMatch(ShortView::sold));
        return new InsteadView(
                missing,
                measured.colour().cured().srgb().hex(),
                kinds,
                recipe.map(calculator(wanted.g(), pantry)::view).orElse(null),
                fillUp.map(p -> view(p, pantry)).orElse(null),
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

    private static FillUpView view(FillUp fillUp, Pantry pantry) {
        return new FillUpView(
                fillUp.grams().stream()
                        .map(g -> new GramsView(
                                g.choice().id() >= 0 ? g.choice().id() : null,
                                pantry.pick(g.choice()).lump(),
                                g.choice().name(),
                                g.g()))
                        .toList(),
                ColourMixing.seen(
                                fillUp.grams().stream()
                                        .map(g -> g.choice().colorant())
                                        .toList(),
                                fillUp.grams().stream()
                                        .mapToDouble(FillUp.Grams::g)
                                        .toArray())
                        .srgb()
                        .hex(),
                fillUp.difference().total(),
                fillUp.difference().words(),
                fillUp.minor());
    }

    private RecipeView.Calculator calculator(double wantedG, Pantry pantry) {
        return new RecipeView.Calculator(Face.CURED, wantedG, pantry, clays.learned());
    }

    /** How a mix hides and shimmers, without what is added: that can be added to anything. */
    private static Look look(MixedColour colour) {
        return new Look(colour.cured().colorant().opaqueFrom(), Set.copyOf(colour.effects()));
    }

    private static Optional<FoundSet> nearest(
            Lab target, Look look, List<Choice> choices, int kinds, Mass wanted, boolean onHandOnly) {
        return alike(target, look, choices, kinds, wanted, onHandOnly).stream()
                .flatMap(found -> found.nearest().stream())
                .flatMap(List::stream)
                .min(Comparator.comparing(FoundSet::nearest, FoundRecipe.NEAREST));
    }

    /** What comes near among the choices that may go in; nothing when there is none. */
    private static Optional<FoundRecipes> alike(
            Lab target, Look look, List<Choice> choices, int kinds, Mass wanted, boolean onHandOnly) {
        List<Choice> few =
                look.allowed(choices).stream().limit(RecipeSearch.MOST_CHOICES).toList();
        return few.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        RecipeFinding.find(new RecipeSearch(target, look, few, kinds, PARTS, wanted, onHandOnly)));
    }

    /** What the leftovers come nearest to. */
    record UseView(long mixId, String name, String rawHex, String curedHex, RecipeView recipe) {}

    /** For each mix that is not retired, the nearest that leftovers make of it, the nearest mix first. */
    List<UseView> uses() {
        Pantry pantry = pantry();
        List<Choice> lumps = pantry.lumps().map(pick -> pick.choice(Face.CURED)).toList();
        RecipeView.Calculator calculator = calculator(1, pantry);
        int kinds = lumps.size() > MANY_LUMPS ? 2 : KINDS;
        return mixes.current().stream()
                .map(mix -> MixMeasuring.measure(mix, new Mass(1)))
                .flatMap(
                        mix -> nearest(mix.colour().cured().lab(), look(mix.colour()), lumps, kinds, new Mass(1), false)
                                .map(recipe -> new UseView(
                                        mix.mix().id(),
                                        mix.mix().name(),
                                        mix.colour().raw().srgb().hex(),
                                        mix.colour().cured().srgb().hex(),
                                        calculator.view(recipe)))
                                .stream())
                .sorted((one, other) ->
                        Double.compare(one.recipe().difference(), other.recipe().difference()))
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
                .toList();
        MixedColour colour = pantry.pick(clay.id()).colour();
        RecipeView.Calculator calculator = calculator(1, pantry);
        List<RecipeView> recipes = alike(colour.cured().lab(), look(colour), others, 2, new Mass(1), false).stream()
                .flatMap(found -> found.shortList(LISTED).stream())
                .map(calculator::view)
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
