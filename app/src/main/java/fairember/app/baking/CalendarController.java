package fairember.app.baking;

import fairember.app.batch.PlannedLoadView;
import fairember.app.batch.Planning;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.WorkHours;
import fairember.core.measure.Figures;
import fairember.core.ovenload.PlannedLoad;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The plan as a calendar file (RFC 5545): each load from heating to out, and each stretch of the hands. */
@RestController
class CalendarController {
    private final Planning planning;

    CalendarController(Planning planning) {
        this.planning = planning;
    }

    @GetMapping(path = "/api/baking/calendar.ics", produces = "text/calendar")
    ResponseEntity<String> calendar() {
        Planning.Open open = planning.open();
        BatchSchedule plan = planning.schedule(open);
        Map<Long, String> names = planning.batchNames();
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Fair Ember//Loads//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (BatchSchedule.TimedLoad load : plan.loads()) {
            calendar.add(load(load, PlannedLoadView.of(load, plan, open.jobs(), names)));
        }
        for (BatchSchedule.HandsTask task : plan.tasks()) {
            for (WorkHours.Slot slot : task.slots()) {
                String what = "%s, %d of %s"
                        .formatted(
                                task.step().name(),
                                task.pieces(),
                                task.job().design().design().name());
                calendar.add(event(
                        "hands-" + task.job().key() + "-" + task.index() + "-" + slot.from(),
                        slot.from(),
                        slot.to(),
                        what,
                        ""));
            }
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=loads.ics")
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(calendar.toString());
    }

    private VEvent load(BatchSchedule.TimedLoad timed, PlannedLoadView view) {
        PlannedLoad load = timed.load();
        String what = "Load %d: %s, %s"
                .formatted(
                        view.number(),
                        Figures.show(load.temperature().c(), "°C"),
                        Figures.show(Math.round(load.bakingTime().min() * 10) / 10.0, "min"));
        String items = view.items().stream()
                .map(PlannedLoadView.PlannedItemView::words)
                .collect(Collectors.joining("; "));
        String in = timed.in().toLocalTime().withSecond(0).toString();
        return event(
                "load-" + view.number() + "-" + timed.heatFrom(),
                timed.heatFrom(),
                timed.out(),
                what,
                "Preheat from the start of this entry; put the load in at %s. %s".formatted(in, items));
    }

    private VEvent event(String id, LocalDateTime from, LocalDateTime to, String what, String more) {
        VEvent event = new VEvent(from, to, what);
        event.add(new Uid(id + "@fair-ember"));
        if (!more.isEmpty()) {
            event.add(new Description(more));
        }
        return event;
    }
}
