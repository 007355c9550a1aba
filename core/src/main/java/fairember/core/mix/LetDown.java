package fairember.core.mix;

import fairember.core.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A strong tint let down where so little of it is wanted that the scale cannot weigh it: it is kneaded into some of the mix's
 * greatest ingredient first, and of that more is taken.
 *
 * <pre>take = g·(1 + n), of which g·n is the other ingredient     (g grams wanted of the tint, n parts of the other to one of it)</pre>
 *
 * @param line of the mix that is let down, counted from 0
 * @param into the line that it is kneaded into, counted from 0
 * @param parts of that one to one of the tint, n
 * @param tint grams to weigh for the premix
 * @param other grams it is kneaded into
 * @param take grams of the premix that go into the mix
 * @param otherLeft grams of the other ingredient that still go into the mix
 */
public record LetDown(int line, int into, int parts, Mass tint, Mass other, Mass take, Mass otherLeft) {
    /** What is weighed in so few steps of the scale is off by a tenth or more. */
    private static final int TOO_FEW = 5;
    /** So many steps are weighed well enough. */
    private static final int ENOUGH = 10;

    private static final int[] RATIOS = {4, 9, 19, 49, 99};

    /** What of a mix is to be let down for a scale, each line once; none when all can be weighed. */
    public static List<LetDown> of(MeasuredMix mix, Mass scaleStep) {
        List<MeasuredMix.Line> lines = mix.lines();
        int greatest = IntStream.range(0, lines.size())
                .reduce((a, b) -> lines.get(b).mass().g() > lines.get(a).mass().g() ? b : a)
                .orElse(0);
        return IntStream.range(0, lines.size())
                .filter(i -> i != greatest
                        && lines.get(i).mass().g() > 0
                        && lines.get(i).mass().g() < TOO_FEW * scaleStep.g())
                .mapToObj(i -> down(lines, i, greatest, scaleStep.g()))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The least ratio that the scale can weigh, of which the other ingredient is enough. */
    private static Optional<LetDown> down(List<MeasuredMix.Line> lines, int line, int into, double step) {
        double grams = lines.get(line).mass().g();
        double other = lines.get(into).mass().g();
        for (int parts : RATIOS) {
            double take = grams * (1 + parts);
            if (take >= ENOUGH * step && grams * parts <= other) {
                double tint = Math.ceil(Math.max(ENOUGH, grams / step)) * step;
                return Optional.of(new LetDown(
                        line,
                        into,
                        parts,
                        new Mass(tint),
                        new Mass(tint * parts),
                        new Mass(take),
                        new Mass(other - grams * parts)));
            }
        }
        return Optional.empty();
    }
}
