package fairember.app.mix;

import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.mix.WeighedMix;
import fairember.core.mix.Weighing;
import fairember.core.portion.BlockShare;
import fairember.core.quantity.Mass;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A mix as it is measured out for grams that are to end up in designs.
 *
 * @param netG grams that end up in designs
 * @param handsPercent of it that stays on hands and tools
 * @param machineG that stays in the machine
 * @param toMixG to be mixed
 * @param onScale in whole steps of the scale
 * @param inBlocks in shares of blocks
 */
public record WeighedView(
        double netG, double handsPercent, double machineG, double toMixG, RoundedView onScale, RoundedView inBlocks) {
    /**
     * One way of rounding.
     *
     * @param stepG of the scale; nothing when blocks are cut
     * @param differenceRaw ΔE00 by which rounding changes the raw colour
     * @param differenceCured the same of the cured colour
     * @param differs how the cured colour changes, in words
     */
    public record RoundedView(
            @Nullable Double stepG,
            List<RoundedLineView> lines,
            List<RoundedInclusionView> inclusions,
            double totalG,
            double differenceRaw,
            double differenceCured,
            String differs) {
        private static List<RoundedLineView> lines(WeighedMix mix) {
            List<Double> percents = mix.percents();
            return IntStream.range(0, percents.size())
                    .mapToObj(i -> RoundedLineView.of(mix.lines().get(i), percents.get(i)))
                    .toList();
        }

        static RoundedView of(WeighedMix mix, @Nullable Double stepG) {
            return new RoundedView(
                    stepG,
                    lines(mix),
                    IntStream.range(0, mix.inclusions().size())
                            .mapToObj(i -> new RoundedInclusionView(
                                    mix.exact().mix().inclusions().get(i).name(),
                                    mix.exact().inclusions().get(i).g(),
                                    mix.inclusions().get(i).g()))
                            .toList(),
                    mix.total().g(),
                    mix.raw().total(),
                    mix.cured().total(),
                    mix.cured().words());
        }
    }

    /** A line: exact, taken, its true share of the clay to the tenth, and the share of a block that is taken. */
    public record RoundedLineView(
            String name,
            double exactG,
            double takenG,
            double truePercent,
            @Nullable BlockView block) {
        static RoundedLineView of(WeighedMix.Line line, double truePercent) {
            BlockShare share = line.share();
            return new RoundedLineView(
                    line.ingredient().name(),
                    line.exact().g(),
                    line.taken().g(),
                    truePercent,
                    share == null
                            ? null
                            : new BlockView(share.block().g(), share.whole(), share.taken(), share.pieces()));
        }
    }

    /** Something added: exact and taken. */
    public record RoundedInclusionView(String name, double exactG, double takenG) {}

    /** Whole blocks, and some of a number of equal designs of another; 0 of 0 for none. */
    public record BlockView(double massG, int whole, int taken, int pieces) {}

    static WeighedView of(Mix mix, Mass net, MixWaste waste) {
        Mass toMix = waste.toMix(net);
        return new WeighedView(
                net.g(),
                waste.hands().percent(),
                waste.machine().g(),
                toMix.g(),
                RoundedView.of(
                        Weighing.onScale(mix, toMix, waste.scaleStep()),
                        waste.scaleStep().g()),
                RoundedView.of(Weighing.inBlockShares(mix, toMix), null));
    }
}
