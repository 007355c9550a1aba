package fairember.core.mix;

import fairember.core.quantity.Mass;
import java.util.ArrayList;
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
 * @param otherLeft grams of the other ingredient that still go into the mix besides all that is let down
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
        List<LetDown> downs = new ArrayList<>();
        double left = lines.get(greatest).mass().g();
        for (int i = 0; i < lines.size(); i++) {
            double grams = lines.get(i).mass().g();
            if (i != greatest && grams > 0 && grams < TOO_FEW * scaleStep.g()) {
                Optional<LetDown> down = down(i, greatest, grams, left, scaleStep.g());
                down.ifPresent(downs::add);
                left = down.map(one -> one.otherLeft().g()).orElse(left);
            }
        }
        Mass besides = new Mass(left);
        return downs.stream().map(down -> down.with(besides)).toList();
    }

    private LetDown with(Mass besides) {
        return new LetDown(line, into, parts, tint, other, take, besides);
    }

    /** The least ratio that the scale can weigh, of which the other ingredient is enough. */
    private static Optional<LetDown> down(int line, int into, double grams, double other, double step) {
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
