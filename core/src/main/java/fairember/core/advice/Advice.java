package fairember.core.advice;

import java.util.List;

/**
 * What one rule found.
 *
 * @param rule short steady name of the rule, such as "shell-thin"
 * @param grade whether the rule keeps, warns or breaks
 * @param message what was found against which limit, one sentence with units
 * @param fix what would fix it, one sentence; empty when nothing needs fixing
 * @param about the names of the parts, designs or loads it speaks of, in the order they were given
 */
public record Advice(String rule, Grade grade, String message, String fix, List<String> about) {
    public Advice {
        about = List.copyOf(about);
    }

    public static Advice tip(String rule, String message, String... about) {
        return new Advice(rule, Grade.TIP, message, "", List.of(about));
    }

    public static Advice caution(String rule, String message, String fix, String... about) {
        return new Advice(rule, Grade.CAUTION, message, fix, List.of(about));
    }

    public static Advice stop(String rule, String message, String fix, String... about) {
        return new Advice(rule, Grade.STOP, message, fix, List.of(about));
    }
}
