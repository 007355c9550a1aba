package fairember.core.beginning;

import fairember.core.quantity.Money;
import fairember.core.studio.GuessKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something in a plan that nobody has typed in or measured, and what it is worth to know it.
 *
 * @param kind what is guessed
 * @param value what the plan uses, in words
 * @param money that the words end in, or null
 * @param instead what it might be just as well, in words
 * @param effects what would change in the plan; empty when nothing would
 */
public record Guess(GuessKind kind, String value, @Nullable Money money, String instead, List<Effect> effects) {
    public Guess {
        effects = List.copyOf(effects);
    }

    /** A figure of the plan. */
    public enum Figure {
        /** Of one of each design, minor units. */
        PRICE("price"),
        /** The longest bake, minutes. */
        BAKE("longest bake"),
        /** Until all is finished, minutes from now. */
        FINISH("finished"),
        LOADS("loads"),
        /** To take, grams. */
        CLAY("clay");

        private final String label;

        Figure(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** How a figure would change. */
    public record Effect(Figure figure, double from, double to) {
        /** Change in proportion; 1 where there was nothing before. */
        double share() {
            return from == 0 ? 1 : Math.abs(to - from) / Math.abs(from);
        }
    }

    /** The greatest change in proportion. */
    public double worth() {
        return effects.stream().mapToDouble(Effect::share).max().orElse(0);
    }
}
