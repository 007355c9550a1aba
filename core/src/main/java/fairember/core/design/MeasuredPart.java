package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.covering.Covering;
import fairember.core.foilcore.SizedCore;
import fairember.core.mix.MeasuredMix;
import fairember.core.portion.Portion;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Volume;
import fairember.core.shape.InnerBall;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part with its sums; all masses and lengths are for one copy.
 *
 * @param part as it was given
 * @param mix it is made of
 * @param portion of clay to roll
 * @param bored clay that inserts take out of one copy
 * @param covering the layer that it is, or null
 * @param core in it, or null when it is solid
 * @param thickest the largest ball that fits in its clay; no larger than this when it is built around another part
 * @param moneySaved clay that a core saves, at the best price of a block
 * @param minutesSaved of a full cure of this part alone, against solid
 * @param advice what the rules say of it
 */
public record MeasuredPart(
        Part part,
        MeasuredMix mix,
        Portion portion,
        Volume bored,
        @Nullable Covering covering,
        @Nullable SizedCore core,
        InnerBall thickest,
        Money moneySaved,
        Minutes minutesSaved,
        List<Advice> advice) {
    public MeasuredPart {
        advice = List.copyOf(advice);
    }

    /** The same with an insert through it. */
    MeasuredPart with(Portion newPortion, Volume newBored, InnerBall newThickest, List<Advice> newAdvice) {
        return new MeasuredPart(
                part, mix, newPortion, newBored, covering, core, newThickest, moneySaved, minutesSaved, newAdvice);
    }

    /** Foil in one copy; none when it is solid. */
    public Mass foil() {
        return core == null ? Mass.ZERO : core.foil();
    }

    /** Foil to tear off the roll for one copy; none when it is solid. */
    public Length torn() {
        return core == null ? Length.ZERO : core.torn();
    }

    /** Clay that the core saves in one copy; none when it is solid. */
    public Mass claySaved() {
        return core == null ? Mass.ZERO : mix.density().of(core.claySaved());
    }

    /** What one copy is lighter by than a solid one. */
    public Mass weightSaved() {
        return new Mass(Math.max(0, claySaved().g() - foil().g()));
    }
}
