package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColorantTable;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import fairember.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Tries all ratios of one set of choices. Bands are the outer loop and ratios the inner one over plain arrays, which the virtual
 * machine turns into vector instructions. Two things are left out, both rigorously: sets whose lightest choice is too dark (a mix
 * is never lighter than its lightest part, since reflectance is a convex falling function of Q), and ratios whose lightness alone
 * puts them further off than the worst that is kept. One for each thread.
 */
final class Subset {
    private static final double MARGIN = 3 * ColorantTable.ERROR;

    private final RecipeSearch search;
    private final Ratios ratios;
    private final int kinds;
    private final Nearest best;
    private final ColorantTable table;
    private final double[] lightest;

    Subset(RecipeSearch search, Ratios ratios, int kinds, Nearest best) {
        this(
                search,
                ratios,
                kinds,
                best,
                new ColorantTable(
                        search.choices().stream().map(Choice::colorant).toList(), ratios.parts, ratios.settings),
                search.choices().stream()
                        .mapToDouble(
                                choice -> choice.colorant().thick().luminance().of1())
                        .toArray());
    }

    private Subset(
            RecipeSearch search, Ratios ratios, int kinds, Nearest best, ColorantTable table, double[] lightest) {
        this.search = search;
        this.ratios = ratios;
        this.kinds = kinds;
        this.best = best;
        this.table = table;
        this.lightest = lightest;
    }

    /** Another for another thread, which shares what does not change. */
    Subset another() {
        return new Subset(search, ratios, kinds, best, table.another(), lightest);
    }

    int settings() {
        return ratios.settings;
    }

    /** How many ratios were worked out. */
    int tryAll(int[] chosen) {
        double most = 0;
        for (int c : chosen) {
            most = Math.max(most, lightest[c]);
        }
        if (most < best.leastY()) {
            return 0;
        }
        table.mix(chosen);
        for (int r = 0; r < ratios.settings; r++) {
            double y = table.luminance(r);
            if (y >= best.leastY() && y <= best.mostY() && nearly(r)) {
                offer(chosen, r);
            }
        }
        return ratios.settings;
    }

    private boolean nearly(int r) {
        Lab lab = table.lab(r);
        double enough = best.worst() + MARGIN;
        return ColourDifference.atLeast(search.target(), lab) <= enough
                && ColourDifference.of(search.target(), lab).total() <= enough;
    }

    private void offer(int[] chosen, int r) {
        if (search.onHandOnly() && missing(chosen, r) > 0) {
            return;
        }
        Colorant colorant = table.colorant(chosen, r);
        ColourDifference difference = ColourDifference.of(search.target(), Lab.of(colorant.thick()));
        if (difference.total() <= best.worst() && search.looksAsAsked(taken(chosen), () -> colorant)) {
            best.offer(recipe(chosen, r, colorant, difference));
        }
    }

    private List<Choice> taken(int[] chosen) {
        return IntStream.of(chosen).mapToObj(search.choices()::get).toList();
    }

    private double sum(int r) {
        double sum = 0;
        for (int j = 0; j < kinds; j++) {
            sum += ratios.parts[j][r];
        }
        return sum;
    }

    private double missing(int[] chosen, int r) {
        double sum = sum(r);
        double missing = 0;
        for (int j = 0; j < kinds; j++) {
            double needed = search.wanted().g() * ratios.parts[j][r] / sum;
            missing += Math.max(0, needed - search.choices().get(chosen[j]).onHandG());
        }
        return missing;
    }

    private FoundRecipe recipe(int[] chosen, int r, Colorant colorant, ColourDifference difference) {
        List<FoundRecipe.Part> parts = new ArrayList<>();
        double minor = 0;
        double sum = sum(r);
        for (int j = 0; j < kinds; j++) {
            Choice choice = search.choices().get(chosen[j]);
            parts.add(new FoundRecipe.Part(choice, (int) ratios.parts[j][r]));
            minor += ratios.parts[j][r] / sum * choice.minorPerGram();
        }
        return new FoundRecipe(parts, colorant, difference, minor, new Mass(missing(chosen, r)));
    }
}
