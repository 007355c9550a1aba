package fairember.app.baking;

import fairember.app.batch.PlannedLoadView;
import fairember.app.batch.PlannedLoads;
import fairember.app.batch.Planning;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.WorkHours;
import fairember.core.input.Figures;
import fairember.core.ovenload.PlannedLoad;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The plan as a calendar file (RFC 5545): each load until it is out, with an alarm, and each stretch of work. */
@RestController
class CalendarController {
    private final Planning planning;
    private final PlannedLoads planned;

    CalendarController(Planning planning, PlannedLoads planned) {
        this.planning = planning;
        this.planned = planned;
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
        Map<String, Integer> uids = new HashMap<>();
        List<PlannedLoadView> views = planned.views(plan.loads(), plan, open.jobs(), names);
        for (int i = 0; i < views.size(); i++) {
            calendar.add(load(plan.loads().get(i), views.get(i), uids));
        }
        for (BatchSchedule.HandsTask task : plan.tasks()) {
            for (WorkHours.Slot slot : task.slots()) {
                String what = "%s, %d of %s"
                        .formatted(
                                task.step().name(),
                                task.pieces(),
                                task.job().design().design().name());
                calendar.add(event(
                        uid("hands-" + task.job().key().words() + "-" + task.index(), uids),
                        slot.from(),
                        slot.to(),
                        what,
                        ""));
            }
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=loads.ics")
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(folded(calendar));
    }

    /** Written with lines of at most 75 octets, as the format asks. */
    private static String folded(Calendar calendar) {
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return text.toString();
    }

    /** A name that stays when the plan shifts: what the entry is for, and its number among those for the same. */
    private static String uid(String of, Map<String, Integer> uids) {
        return of + "-" + uids.merge(of, 1, Integer::sum);
    }

    private static VAlarm takeOut(PlannedLoadView view) {
        VAlarm alarm = new VAlarm();
        alarm.add(new Trigger(new ParameterList(List.of(Related.END)), Duration.ZERO));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description("Take out load " + view.number()));
        return alarm;
    }

    private VEvent load(BatchSchedule.TimedLoad timed, PlannedLoadView view, Map<String, Integer> uids) {
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
        String first = view.items().stream()
                .map(item -> "%d.%d.%d".formatted(item.batchId(), item.designId(), item.stage()))
                .sorted()
                .findFirst()
                .orElse("empty");
        VEvent event = event(
                uid("load-" + first, uids),
                timed.heatFrom(),
                timed.out(),
                what,
                "Preheat from the start of this entry; put the load in at %s. %s".formatted(in, items));
        event.add(takeOut(view));
        return event;
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
