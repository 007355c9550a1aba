package fairember.app.web;

import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import java.util.List;

/** A finding as it goes out. */
public record AdviceView(String rule, Grade grade, String message, String fix, List<String> about) {
    public static AdviceView of(Advice advice) {
        return new AdviceView(advice.rule(), advice.grade(), advice.message(), advice.fix(), advice.about());
    }

    public static List<AdviceView> all(List<Advice> advice) {
        return advice.stream().map(AdviceView::of).toList();
    }
}
