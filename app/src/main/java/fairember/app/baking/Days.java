package fairember.app.baking;

import static fairember.app.web.Given.or;

import fairember.app.clock.StudioClock;
import fairember.app.keeping.Kept;
import fairember.app.oven.LoadForm;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenForm;
import fairember.app.oven.OvenStore;
import fairember.app.oven.WishesStore;
import fairember.app.piece.PartForm;
import fairember.app.piece.PieceForm;
import fairember.app.piece.PieceStore;
import fairember.app.run.PlannedLoadView;
import fairember.app.run.Planning;
import fairember.app.run.RunState;
import fairember.app.run.RunStore;
import fairember.app.run.TaskView;
import fairember.app.ways.WaysStore;
import fairember.app.web.FindingView;
import fairember.core.ovenload.Oven;
import fairember.core.run.CriticalChain;
import fairember.core.run.RunSchedule;
import fairember.core.run.WorkHours;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Puts the oven's days together. */
@Service
class Days {
    private final LoadStore loads;
    private final Planning planning;
    private final PieceStore pieces;
    private final RunStore runs;
    private final WaysStore ways;
    private final OvenStore ovens;
    private final WishesStore wishes;
    private final StudioClock clock;

    Days(
            LoadStore loads,
            Planning planning,
            PieceStore pieces,
            RunStore runs,
            WaysStore ways,
            OvenStore ovens,
            WishesStore wishes,
            StudioClock clock) {
        this.loads = loads;
        this.planning = planning;
        this.pieces = pieces;
        this.runs = runs;
        this.ways = ways;
        this.ovens = ovens;
        this.wishes = wishes;
        this.clock = clock;
    }

    DayView day() {
        LocalDateTime now = planning.now();
        WorkHours hours = ways.ways().hours();
        Planning.Open open = planning.open();
        RunSchedule plan = planning.schedule(open);
        CriticalChain chain = CriticalChain.of(plan, hours);
        Map<Long, String> names = planning.runNames();
        return new DayView(
                planning.instant(),
                hours.from(),
                hours.to(),
                hours.days().contains(now.getDayOfWeek()),
                ovens.all().stream().map(Days::name).toList(),
                loads.inOvens().stream().map(this::logged).toList(),
                loads.all().stream()
                        .filter(load -> load.form().outAt() != null)
                        .sorted(Comparator.comparing(
                                        (Kept.Held<LoadForm> l) -> l.form().inAt())
                                .reversed())
                        .map(this::logged)
                        .toList(),
                plan.loads().stream()
                        .map(load -> PlannedLoadView.of(load, plan, open.jobs(), names))
                        .toList(),
                plan.tasks().stream().map(TaskView::of).toList(),
                IntStream.range(0, plan.dryings().size())
                        .mapToObj(i ->
                                drying(plan.dryings().get(i), chain.dryings().contains(i)))
                        .toList(),
                chain.loads().stream().sorted().toList(),
                chain.tasks().stream().sorted().toList(),
                DayView.ScoreView.all(plan.scores()),
                FindingView.all(plan.findings()),
                new DayView.WishesView(wishes.held().edition(), open.wishes()),
                plan.finish().toLocalDate(),
                (int) runs.all().stream()
                        .filter(run -> run.form().state() == RunState.ON_BENCH)
                        .count(),
                clock.speed());
    }

    private static DayView.DryingView drying(RunSchedule.Drying drying, boolean critical) {
        return new DayView.DryingView(drying.job().piece().piece().name(), drying.from(), drying.to(), critical);
    }

    private static DayView.OvenNameView name(Kept.Held<OvenForm> held) {
        Oven oven = held.form().parse();
        return new DayView.OvenNameView(
                held.id(),
                oven.name(),
                oven.trayWidth().mm(),
                oven.trayDepth().mm(),
                oven.shelves().size(),
                or(held.form().spots(), List.of()));
    }

    private DayView.LoggedLoadView logged(Kept.Held<LoadForm> held) {
        LoadForm load = held.form();
        List<DayView.LoggedItemView> items = load.items().stream()
                .map(item -> new DayView.LoggedItemView(nameOf(item), runName(item.runId()), item, unitsEach(item)))
                .toList();
        return new DayView.LoggedLoadView(
                held.id(), load.tempC(), load.holdMin(), load.inAt(), load.dueOut(), load.outAt(), load.oven(), items);
    }

    /** Things on the tray for one piece: its loose parts of that bake, else 1. */
    private int unitsEach(LoadForm.LoadItemForm item) {
        return pieces.find(item.pieceId())
                .map(Kept.Held::form)
                .filter(piece -> item.stage() < piece.stages().size()
                        && piece.stages().get(item.stage()).loose())
                .map(piece -> piece.parts().stream()
                        .filter(part -> or(part.stage(), 0) == item.stage())
                        .mapToInt(PartForm::count)
                        .sum())
                .orElse(1);
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
