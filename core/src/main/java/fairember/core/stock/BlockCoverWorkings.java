package fairember.core.stock;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.ArrayList;
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
            return steps.worked("m", "missing", cover.missing().g(), "g", "n − (o%s)".formatted(shelf))
                    .done();
        }
        steps.worked("l", "left over", cover.left().g(), "g", "max(0, o%s%s − n)".formatted(shelf, shop));
        if (!cover.buy().isEmpty()) {
            List<String> cost = new ArrayList<>();
            for (int i = 1; i <= cover.buy().size(); i++) {
                BlockCover.Blocks bought = cover.buy().get(i - 1);
                BlockSize size = clay.blocks().stream()
                        .filter(block -> block.mass().equals(bought.mass()))
                        .findFirst()
                        .orElseThrow();
                steps.given("p" + i, "price of one", (double) size.price().minor(), "minor", Source.ENTERED);
                cost.add("c%d·p%d".formatted(i, i));
            }
            steps.worked("C", "to pay", (double) cover.cost().minor(), "minor", String.join(" + ", cost));
        }
        return steps.done();
    }

    /** Gives the counts of blocks; what their grams add to a sum, such as " + s1·57". */
    private static String blocks(Workings.Steps steps, String symbol, String label, List<BlockCover.Blocks> blocks) {
        StringBuilder grams = new StringBuilder();
        for (int i = 0; i < blocks.size(); i++) {
            double each = blocks.get(i).mass().g();
            String grade = each == Math.rint(each) ? Long.toString(Math.round(each)) : Double.toString(each);
            steps.given(symbol + (i + 1), label.formatted(grade), blocks.get(i).count(), "", Source.WORKED);
            grams.append(" + %s%d·%s".formatted(symbol, i + 1, grade));
        }
        return grams.toString();
    }
}
