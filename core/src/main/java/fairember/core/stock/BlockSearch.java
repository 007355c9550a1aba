package fairember.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Depth-first search for the blocks that cover a mass best, cut off where no better end is possible. */
final class BlockSearch {
    static final double EPSILON_G = 1e-6;
    /** Blocks of the preferred size that are left to the exact search. */
    private static final int REFINED = 12;

    /** A size as the search sees it. */
    private record Choice(BlockSize size, int most, double cost) {
        double grams() {
            return size.mass().g();
        }
    }

    private final List<Choice> choices;
    private final boolean costly;
    private final int[] bulk;
    private final int[] tried;
    private int[] best;
    private double bestMain = Double.POSITIVE_INFINITY;
    private double bestTie = Double.POSITIVE_INFINITY;

    private BlockSearch(List<Choice> choices, boolean costly) {
        this.choices = choices;
        this.costly = costly;
        this.bulk = new int[choices.size()];
        this.tried = new int[choices.size()];
        this.best = new int[choices.size()];
    }

    /** Among unopened blocks of the shelf: least left over, then fewest. The largest go first. */
    static BlockSearch ofShelf(StockClay clay) {
        return new BlockSearch(
                clay.blocks().stream()
                        .sorted(Comparator.comparing(BlockSize::mass).reversed())
                        .map(size -> new Choice(size, size.onShelf(), 0))
                        .toList(),
                false);
    }

    /** Among blocks to buy: least cost, then least left over. The best value goes first. */
    static BlockSearch ofShop(StockClay clay) {
        return new BlockSearch(
                clay.blocks().stream()
                        .sorted(Comparator.comparingDouble(BlockSize::minorPerGram)
                                .thenComparing(BlockSize::mass, Comparator.reverseOrder()))
                        .map(size ->
                                new Choice(size, Integer.MAX_VALUE, size.price().minor()))
                        .toList(),
                true);
    }

    /** Takes every block there is. */
    void takeAll() {
        for (int i = 0; i < best.length; i++) {
            best[i] = choices.get(i).most();
        }
    }

    /** Finds the best blocks for this many grams; those of the shelf must suffice. */
    void cover(double grams) {
        double missing = grams;
        for (int i = 0; i < bulk.length; i++) {
            Choice choice = choices.get(i);
            double spare = missing - REFINED * choice.grams();
            bulk[i] = (int) Math.max(0, Math.min(choice.most(), Math.floor(spare / choice.grams())));
            missing -= bulk[i] * choice.grams();
            if (bulk[i] < choice.most()) {
                break;
            }
        }
        if (missing > EPSILON_G) {
            descend(0, missing, 0);
        }
        for (int i = 0; i < best.length; i++) {
            best[i] += bulk[i];
        }
    }

    private void descend(int i, double missing, double spent) {
        if (missing <= EPSILON_G) {
            judge(missing, spent);
            return;
        }
        if (i == choices.size() || (costly && spent + missing * rateFrom(i) > bestMain + EPSILON_G)) {
            return;
        }
        Choice choice = choices.get(i);
        int enough = (int) Math.ceil((missing - EPSILON_G) / choice.grams());
        int most = Math.min(enough, choice.most() - bulk[i]);
        int fewest = i == choices.size() - 1 ? most : 0;
        for (int n = most; n >= fewest; n--) {
            tried[i] = n;
            descend(i + 1, missing - n * choice.grams(), spent + n * choice.cost());
        }
        tried[i] = 0;
    }

    /** Cheapest price of a gram among the choices from here on: they are sorted by it. */
    private double rateFrom(int i) {
        return choices.get(i).cost() / choices.get(i).grams();
    }

    private void judge(double missing, double spent) {
        double left = -missing;
        int count = 0;
        for (int n : tried) {
            count += n;
        }
        double main = costly ? spent : left;
        double tie = costly ? left : count;
        boolean equal = Math.abs(main - bestMain) <= EPSILON_G;
        if ((!equal && main < bestMain) || (equal && tie < bestTie)) {
            bestMain = main;
            bestTie = tie;
            best = tried.clone();
        }
    }

    List<BlockCover.Blocks> chosen() {
        List<BlockCover.Blocks> chosen = new ArrayList<>();
        for (int i = 0; i < best.length; i++) {
            if (best[i] > 0) {
                chosen.add(new BlockCover.Blocks(choices.get(i).size().mass(), best[i]));
            }
        }
        return chosen;
    }

    double grams() {
        return chosen().stream().mapToDouble(b -> b.mass().g() * b.count()).sum();
    }

    long priceMinor() {
        double sum = 0;
        for (int i = 0; i < best.length; i++) {
            sum += best[i] * choices.get(i).cost();
        }
        return Math.round(sum);
    }
}
