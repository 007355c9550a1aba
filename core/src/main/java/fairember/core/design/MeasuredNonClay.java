package fairember.core.design;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Temperature;
import fairember.core.stock.Finding;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * Something that is not clay, with its sums.
 *
 * @param thing as it was given
 * @param each weight of one copy: that of its finding, or as it was given
 * @param bought the finding that it is, counted; null when it is none
 * @param made one of the design that it is made of; null when it is made of none
 */
public record MeasuredNonClay(
        NonClay thing,
        Mass each,
        @Nullable FittedFinding bought,
        @Nullable MeasuredDesign made) {
    static MeasuredNonClay given(NonClay thing) {
        return new MeasuredNonClay(thing, thing.mass(), null, null);
    }

    static MeasuredNonClay bought(NonClay thing, Finding finding) {
        return new MeasuredNonClay(thing, finding.mass(), new FittedFinding(finding, thing.count()), null);
    }

    /** Baked clay: it takes what its clays do, unless something else is said. */
    static MeasuredNonClay made(NonClay thing, MeasuredDesign design) {
        Temperature said = thing.ceiling();
        Temperature most = design.parts().stream()
                .map(part -> part.mix().window().high())
                .min(Comparator.naturalOrder())
                .orElse(said);
        return new MeasuredNonClay(said == null ? thing.safeUpTo(most) : thing, design.weight(), null, design);
    }

    /** Weight of all its copies. */
    Mass all() {
        return each.times(thing.count());
    }

    /** Weight in the finished piece; nothing of a support. */
    public Mass inPiece() {
        return thing.support() ? Mass.ZERO : all();
    }
}
