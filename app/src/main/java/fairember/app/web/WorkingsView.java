package fairember.app.web;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** The steps of a sum as they go out. */
public record WorkingsView(String title, List<WorkingLineView> lines) {
    /** One step; the formula is empty for a given value. */
    public record WorkingLineView(
            String symbol, String label, double value, String unit, Source source, String formula) {}

    public static WorkingsView of(Workings workings) {
        return new WorkingsView(
                workings.title(),
                workings.lines().stream()
                        .map(l -> new WorkingLineView(
                                l.symbol(), l.label(), l.value(), l.unit(), l.source(), l.formula()))
                        .toList());
    }
}
