package fairember.core.design;

import fairember.core.advice.Advice;
import org.jspecify.annotations.Nullable;

/**
 * A step that comes too late, or too early, and where it should be. A step keeps to its own assembly, or moves out into the greater one.
 *
 * @param rule that is broken, such as "wash-first"
 * @param step counted from 0
 * @param beside the step that it should come next to, counted from 0; null when only its bake is wrong
 * @param after whether it should come after that one; else before it
 * @param to where it should be done
 * @param message what is wrong, and why it matters
 * @param fix what to do
 */
public record OrderBreak(
        String rule, int step, @Nullable Integer beside, boolean after, BuildPoint to, String message, String fix) {
    /** The same as advice about a design. */
    Advice advice(String design) {
        return Advice.caution("order-" + rule, design + ": " + message, fix, design);
    }
}
