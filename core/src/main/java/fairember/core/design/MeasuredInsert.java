package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.foilcore.Sleeve;
import java.util.List;

/**
 * An insert with its sums.
 *
 * @param insert as it was given
 * @param sleeve round it, and the sheet round the sleeve
 * @param advice what the rules say of it
 */
public record MeasuredInsert(Insert insert, Sleeve sleeve, List<Advice> advice) {
    public MeasuredInsert {
        advice = List.copyOf(advice);
    }
}
