package fairember.core.finding;

import java.util.List;

/**
 * What one rule found.
 *
 * @param rule short steady name of the rule, such as "shell-thin"
 * @param verdict whether the rule keeps, warns or breaks
 * @param says what was found against which limit, one sentence with units
 * @param mend what would mend it, one sentence; empty when nothing needs mending
 * @param about the names of the parts, pieces or loads it speaks of, in the order they were given
 */
public record Finding(String rule, Verdict verdict, String says, String mend, List<String> about) {
    public Finding {
        about = List.copyOf(about);
    }

    public static Finding keeps(String rule, String says, String... about) {
        return new Finding(rule, Verdict.KEEPS, says, "", List.of(about));
    }

    public static Finding warns(String rule, String says, String mend, String... about) {
        return new Finding(rule, Verdict.WARNS, says, mend, List.of(about));
    }

    public static Finding breaks(String rule, String says, String mend, String... about) {
        return new Finding(rule, Verdict.BREAKS, says, mend, List.of(about));
    }
}
