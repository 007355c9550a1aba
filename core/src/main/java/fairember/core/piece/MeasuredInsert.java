package fairember.core.piece;

import fairember.core.finding.Finding;
import fairember.core.foilcore.Sleeve;
import java.util.List;

/**
 * An insert with its sums.
 *
 * @param insert as it was told
 * @param sleeve round it, and the sheet round the sleeve
 * @param findings what the rules say of it
 */
public record MeasuredInsert(Insert insert, Sleeve sleeve, List<Finding> findings) {
    public MeasuredInsert {
        findings = List.copyOf(findings);
    }
}
