package fairember.app.web;

import fairember.core.finding.Finding;
import fairember.core.finding.Verdict;
import java.util.List;

/** A finding as it goes out. */
public record FindingView(String rule, Verdict verdict, String says, String mend, List<String> about) {
    public static FindingView of(Finding finding) {
        return new FindingView(finding.rule(), finding.verdict(), finding.says(), finding.mend(), finding.about());
    }

    public static List<FindingView> all(List<Finding> findings) {
        return findings.stream().map(FindingView::of).toList();
    }
}
