package fairember.app.probe;

import fairember.app.web.AdviceView;
import fairember.core.loadrecord.LoadRecord;
import fairember.core.loadrecord.Wanted;
import fairember.core.studio.LoggedLoad;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a load got.
 *
 * @param nowS seconds since it went in, or from in to out
 * @param points of the air, thinned for drawing, in seconds since it went in
 * @param slowest design whose middle is warm last; nothing before the first reading
 * @param centre of that design
 * @param countingMin minutes in which all of its clay was inside the window
 * @param atHeatMin minutes in which the air was not too cool
 * @param inWindowMin minutes in which the air was
 * @param coolAt when all of it can be handled
 */
record RecordView(
        double nowS,
        double lowC,
        double highC,
        double tempC,
        double bakingMin,
        List<PointView> points,
        @Nullable String slowest,
        List<PointView> centre,
        @Nullable Double centreC,
        double countingMin,
        double atHeatMin,
        double inWindowMin,
        @Nullable Double hottestC,
        @Nullable Double meanC,
        @Nullable Double lastC,
        @Nullable Instant coolAt,
        List<AdviceView> alarms) {
    /** °C at a time. */
    record PointView(double atS, double c) {}

    static RecordView of(
            LoggedLoad load,
            Wanted wanted,
            LoadRecord record,
            double nowS,
            LoadRecords.@Nullable Slowest slowest,
            @Nullable Instant coolAt,
            List<AdviceView> alarms) {
        List<PointView> centre = slowest == null
                ? List.of()
                : slowest.heated().samples().stream()
                        .map(s -> new PointView(s.min() * 60, s.centreC()))
                        .toList();
        return new RecordView(
                nowS,
                wanted.lowC(),
                wanted.highC(),
                load.temp().c(),
                load.baking().min(),
                record.points().stream().map(r -> new PointView(r.atS(), r.c())).toList(),
                slowest == null ? null : slowest.name(),
                centre,
                centre.isEmpty() ? null : centre.get(centre.size() - 1).c(),
                slowest == null ? 0 : slowest.heated().counting().min(),
                record.atHeatMin(),
                record.inWindowMin(),
                number(record.hottestC()),
                number(record.meanC()),
                number(record.lastC()),
                coolAt,
                alarms);
    }

    private static @Nullable Double number(double c) {
        return Double.isFinite(c) ? c : null;
    }
}
