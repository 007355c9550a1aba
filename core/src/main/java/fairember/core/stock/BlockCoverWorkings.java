package fairember.core.stock;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** How a need of a clay is met from opened blocks, from the shelf and from the shop. */
public final class BlockCoverWorkings {
    private BlockCoverWorkings() {}

    public static Workings of(StockClay clay, BlockCover cover) {
        Workings.Steps steps = Workings.of(clay.name() + " to take and to buy")
                .given("n", "needed", cover.needed().g(), "g", Source.WORKED)
                .given("o", "in opened blocks", clay.open().g(), "g", Source.ENTERED)
                .worked("f", "from opened blocks", cover.fromOpen().g(), "g", "min(o, n)");
        String shelf = blocks(steps, "s", "blocks of %s g to open", cover.open());
        String shop = blocks(steps, "c", "blocks of %s g to buy", cover.buy());
        if (cover.missing().g() > 0) {
            return steps.worked("m", "missing", cover.missing().g(), "g", "n − o − (%s)".formatted(shelf))
                    .done();
        }
        if (cover.needed().g() > clay.open().g() || !cover.open().isEmpty()) {
            steps.worked("l", "left over", cover.left().g(), "g", "max(0, o + (%s) + (%s) − n)".formatted(shelf, shop));
        }
        if (!cover.buy().isEmpty()) {
            String cost = "0";
            for (int i = 0; i < cover.buy().size(); i++) {
                BlockCover.Blocks bought = cover.buy().get(i);
                BlockSize size = clay.blocks().stream()
                        .filter(block -> block.mass().equals(bought.mass()))
                        .findFirst()
                        .orElseThrow();
                steps.given("p" + (i + 1), "price of one", size.price().minor() / 100.0, "", Source.ENTERED);
                cost += " + c%d·p%d".formatted(i + 1, i + 1);
            }
            steps.worked("C", "to pay", cover.cost().minor() / 100.0, "", cost);
        }
        return steps.done();
    }

    /** Gives the counts of blocks and says their grams. */
    private static String blocks(Workings.Steps steps, String symbol, String label, List<BlockCover.Blocks> blocks) {
        StringBuilder grams = new StringBuilder("0");
        for (int i = 0; i < blocks.size(); i++) {
            double each = blocks.get(i).mass().g();
            String grade = each == Math.rint(each) ? Long.toString(Math.round(each)) : Double.toString(each);
            steps.given(symbol + (i + 1), label.formatted(grade), blocks.get(i).count(), "", Source.WORKED);
            grams.append(" + %s%d·%s".formatted(symbol, i + 1, grade));
        }
        return grams.toString();
    }
}
