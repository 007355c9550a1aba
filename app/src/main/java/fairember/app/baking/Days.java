package fairember.app.baking;

import fairember.app.keeping.Kept;
import fairember.app.oven.LoadForm;
import fairember.app.oven.LoadStore;
import fairember.app.piece.PieceForm;
import fairember.app.piece.PieceStore;
import fairember.app.run.PlannedLoadView;
import fairember.app.run.Planning;
import fairember.app.run.RunStore;
import fairember.app.ways.WaysStore;
import fairember.core.run.RunSchedule;
import fairember.core.run.WorkHours;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;

/** Puts the oven's days together. */
@Service
class Days {
    private final LoadStore loads;
    private final Planning planning;
    private final PieceStore pieces;
    private final RunStore runs;
    private final WaysStore ways;

    Days(LoadStore loads, Planning planning, PieceStore pieces, RunStore runs, WaysStore ways) {
        this.loads = loads;
        this.planning = planning;
        this.pieces = pieces;
        this.runs = runs;
        this.ways = ways;
    }

    DayView day() {
        LocalDateTime now = planning.now();
        WorkHours hours = ways.ways().hours();
        RunSchedule plan = planning.scheduleBench(planning.onBench());
        return new DayView(
                now,
                hours.from(),
                hours.to(),
                hours.days().contains(now.getDayOfWeek()),
                loads.inOven().map(this::logged).orElse(null),
                loads.all().stream()
                        .filter(load -> load.form().outAt() != null)
                        .sorted(Comparator.comparing(
                                        (Kept.Held<LoadForm> l) -> l.form().inAt())
                                .reversed())
                        .map(this::logged)
                        .toList(),
                plan.loads().stream().map(PlannedLoadView::of).toList(),
                plan.finish().toLocalDate());
    }

    private DayView.LoggedLoadView logged(Kept.Held<LoadForm> held) {
        LoadForm load = held.form();
        List<DayView.LoggedItemView> items = load.items().stream()
                .map(item -> new DayView.LoggedItemView(nameOf(item), runName(item.runId()), item))
                .toList();
        return new DayView.LoggedLoadView(
                held.id(), load.tempC(), load.holdMin(), load.inAt(), load.dueOut(), load.outAt(), items);
    }

    private String nameOf(LoadForm.LoadItemForm item) {
        return pieces.find(item.pieceId())
                .map(piece -> piece.form().name() + stage(piece.form(), item.stage()))
                .orElse("a piece that was removed");
    }

    private static String stage(PieceForm piece, int stage) {
        return stage < piece.stages().size() ? ", " + piece.stages().get(stage).name() : "";
    }

    private String runName(long id) {
        return runs.find(id).map(run -> run.form().name()).orElse("");
    }
}
