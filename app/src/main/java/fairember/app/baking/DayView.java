package fairember.app.baking;

import fairember.app.oven.LoadForm;
import fairember.app.run.PlannedLoadView;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The oven's days: loads that went in, the one that is in, and those planned for the runs on the bench. */
public record DayView(
        LocalDateTime now,
        LocalTime opens,
        LocalTime closes,
        boolean openToday,
        @Nullable LoggedLoadView inOven,
        List<LoggedLoadView> logged,
        List<PlannedLoadView> planned,
        LocalDate finishOn) {

    /** A load that went in; out is absent while it is in. */
    public record LoggedLoadView(
            long id,
            double tempC,
            double holdMin,
            LocalDateTime inAt,
            LocalDateTime dueOut,
            @Nullable LocalDateTime outAt,
            List<LoggedItemView> items) {}

    /** So many things of a stage bake, in words. */
    public record LoggedItemView(String name, String runName, LoadForm.LoadItemForm item) {}
}
