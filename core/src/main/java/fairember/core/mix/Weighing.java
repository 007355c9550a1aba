package fairember.core.mix;

import fairember.core.colour.Face;
import fairember.core.portion.BlockShare;
import fairember.core.quantity.Mass;
import fairember.core.stock.BlockSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Rounds a mix to what can be measured out: whole steps of a scale, or shares of blocks cut by eye. A little more than wanted often
 * comes out nearer to the recipe, so totals from what is wanted to a quarter more are tried, and the best of them is taken: each
 * per cent more has to make the colour {@value #WORTH_A_PERCENT} ΔE00 nearer.
 */
public final class Weighing {
    private static final int MOST_PERCENT_MORE = 25;
    static final double MINOR_PER_PERCENT = 0.05;

    private Weighing() {}

    /**
     * In whole steps of a scale; a line that is in the recipe is at least one step.
     *
     * @param wanted grams in all at least, more than 0
     * @param step of the scale, more than 0
     */
    public static WeighedMix onScale(Mix mix, Mass wanted, Mass step) {
        return best(
                mix,
                wanted,
                (ingredient, exact) -> new Taken(toSteps(exact, step), null),
                exact -> toSteps(exact, step));
    }

    private static Mass toSteps(Mass exact, Mass step) {
        return new Mass(Math.max(1, Math.round(exact.g() / step.g())) * step.g());
    }

    /**
     * In shares of the blocks the clays are sold in; a mix, a clay without blocks, and what no share comes near to is weighed.
     *
     * @param wanted grams in all at least, more than 0
     */
    public static WeighedMix inBlockShares(Mix mix, Mass wanted) {
        return best(
                mix,
                wanted,
                (ingredient, exact) -> {
                    List<Mass> blocks = ingredient instanceof Mix.OfClay of
                            ? of.clay().blocks().stream().map(BlockSize::mass).toList()
                            : List.of();
                    return BlockShare.nearest(exact, blocks)
                            .map(share -> new Taken(share.mass(), share))
                            .orElse(new Taken(exact, null));
                },
                UnaryOperator.identity());
    }

    private interface Rounding {
        Taken round(Mix.Ingredient ingredient, Mass exact);
    }

    private record Taken(Mass mass, @Nullable BlockShare share) {}

    private static WeighedMix best(Mix mix, Mass wanted, Rounding rounding, UnaryOperator<Mass> including) {
        return IntStream.rangeClosed(0, MOST_PERCENT_MORE)
                .mapToObj(more -> weigh(mix, wanted, wanted.times(1 + more / 100.0), rounding, including))
                .min(Comparator.comparingDouble(weighed -> cost(weighed, wanted)))
                .orElseThrow();
    }

    private static double cost(WeighedMix weighed, Mass wanted) {
        double seen = Math.max(
                weighed.change(Face.RAW).total(), weighed.change(Face.CURED).total());
        double percent = 100 * (weighed.total().g() / wanted.g() - 1);
        // Less than wanted is no answer but where nothing else is found: a batch must not run out.
        return seen + MINOR_PER_PERCENT * Math.abs(percent) + (percent < -1e-9 ? 100 - 10 * percent : 0);
    }

    private static WeighedMix weigh(
            Mix mix, Mass wanted, Mass total, Rounding rounding, UnaryOperator<Mass> including) {
        MeasuredMix exact = MixMeasuring.measure(mix, total);
        List<WeighedMix.Line> lines = new ArrayList<>();
        for (MeasuredMix.Line line : exact.lines()) {
            Taken taken =
                    line.mass().g() > 0 ? rounding.round(line.ingredient(), line.mass()) : new Taken(Mass.ZERO, null);
            lines.add(new WeighedMix.Line(line.ingredient(), line.mass(), taken.mass(), taken.share()));
        }
        return WeighedMix.of(
                exact, wanted, lines, exact.inclusions().stream().map(including).toList());
    }
}
