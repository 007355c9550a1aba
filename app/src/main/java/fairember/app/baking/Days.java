package fairember.app.baking;

import fairember.app.batch.BatchStore;
import fairember.app.batch.PlannedLoads;
import fairember.app.batch.Planning;
import fairember.app.batch.TaskView;
import fairember.app.clock.StudioClock;
import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.oven.ConstraintsStore;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.app.settings.SettingsStore;
import fairember.app.web.AdviceView;
import fairember.core.batch.BatchOutlook;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.BatchState;
import fairember.core.batch.CriticalChain;
import fairember.core.batch.WorkHours;
import fairember.core.design.Design;
import fairember.core.ovenload.Oven;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import fairember.core.studio.StudioOven;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Puts the oven's days together. */
@Service
class Days {
    private final LoadStore loads;
    private final Planning planning;
    private final DesignStore designs;
    private final BatchStore batches;
    private final SettingsStore settings;
    private final OvenStore ovens;
    private final ConstraintsStore constraints;
    private final StudioClock clock;
    private final PlannedLoads planned;

    Days(
            LoadStore loads,
            Planning planning,
            DesignStore designs,
            BatchStore batches,
            SettingsStore settings,
            OvenStore ovens,
            ConstraintsStore constraints,
            StudioClock clock,
            PlannedLoads planned) {
        this.planned = planned;
        this.loads = loads;
        this.planning = planning;
        this.designs = designs;
        this.batches = batches;
        this.settings = settings;
        this.ovens = ovens;
        this.constraints = constraints;
        this.clock = clock;
    }

    DayView day() {
        LocalDateTime now = planning.now();
        WorkHours hours = settings.settings().hours();
        Planning.Open open = planning.open();
        BatchSchedule plan = planning.schedule(open);
        CriticalChain chain = CriticalChain.of(plan, hours);
        Map<Long, String> names = planning.batchNames();
        Map<Long, BatchOutlook> outlooks = planning.outlooks(open, plan);
        Logged logged = new Logged(names);
        return new DayView(
                planning.instant(),
                hours.from(),
                hours.to(),
                hours.days().contains(now.getDayOfWeek()),
                ovens.all().stream().map(Days::name).toList(),
                loads.inOvens().stream().map(logged::view).toList(),
                loads.all().stream()
                        .filter(load -> load.value().outAt() != null)
                        .sorted(Comparator.comparing((SavedKind.Saved<LoggedLoad> l) ->
                                        l.value().inAt())
                                .reversed())
                        .map(logged::view)
                        .toList(),
                planned.views(plan.loads(), plan, open.jobs(), names),
                plan.tasks().stream().map(TaskView::of).toList(),
                IntStream.range(0, plan.dryings().size())
                        .mapToObj(i ->
                                drying(plan.dryings().get(i), chain.dryings().contains(i)))
                        .toList(),
                chain.loads().stream().sorted().toList(),
                chain.tasks().stream().sorted().toList(),
                DayView.ScoreView.all(plan.scores()),
                planning.renewing(),
                planning.changes(plan),
                IntStream.range(0, plan.loads().size())
                        .boxed()
                        .flatMap(i ->
                                BatchOutlook.latest(plan.loads().get(i), List.copyOf(outlooks.values()), hours).stream()
                                        .map(at -> new DayView.StartByView(i + 1, at)))
                        .toList(),
                outlooks.entrySet().stream()
                        .map(entry -> outlook(entry.getKey(), names, entry.getValue()))
                        .toList(),
                AdviceView.all(plan.advice()),
                new DayView.ConstraintsView(constraints.saved().edition(), open.constraints()),
                plan.finish().toLocalDate(),
                (int) batches.all().stream()
                        .filter(batch -> batch.value().state() == BatchState.ON_BENCH)
                        .count(),
                clock.speed());
    }

    private static DayView.OutlookView outlook(long id, Map<Long, String> names, BatchOutlook outlook) {
        return new DayView.OutlookView(
                id,
                names.getOrDefault(id, ""),
                outlook.finish(),
                outlook.due(),
                outlook.isLate(),
                outlook.spare().toMinutes());
    }

    private static DayView.DryingView drying(BatchSchedule.Drying drying, boolean critical) {
        return new DayView.DryingView(drying.name(), drying.from(), drying.to(), critical);
    }

    private static DayView.OvenNameView name(SavedKind.Saved<StudioOven> saved) {
        Oven oven = saved.value().oven();
        return new DayView.OvenNameView(
                saved.id(),
                oven.name(),
                oven.trayWidth().mm(),
                oven.trayDepth().mm(),
                oven.shelves().size(),
                saved.value().spots());
    }

    /** Loads that went in, in words; designs and batches are read once for all of them. */
    private final class Logged {
        private final Map<Long, Design> known = new HashMap<>();
        private final Map<Long, String> batchNames;

        Logged(Map<Long, String> batchNames) {
            this.batchNames = batchNames;
            designs.all().forEach(saved -> known.put(saved.id(), saved.value()));
        }

        DayView.LoggedLoadView view(SavedKind.Saved<LoggedLoad> saved) {
            LoggedLoad load = saved.value();
            List<DayView.LoggedItemView> items = load.items().stream()
                    .map(item -> new DayView.LoggedItemView(
                            nameOf(item), batchNames.getOrDefault(item.batchId(), ""), item, unitsEach(item)))
                    .toList();
            return new DayView.LoggedLoadView(
                    saved.id(),
                    saved.edition(),
                    load.temp().c(),
                    load.baking().min(),
                    load.inAt(),
                    load.dueOut(),
                    load.outAt(),
                    load.ovenId(),
                    items,
                    load.outcome(),
                    load.notes());
        }

        private int unitsEach(LoadItem item) {
            Design design = known.get(item.designId());
            return design == null || item.stage() >= design.stages().size() ? 1 : design.unitsEach(item.stage());
        }

        private String nameOf(LoadItem item) {
            Design design = known.get(item.designId());
            if (design == null) {
                return "a piece that was removed";
            }
            return item.stage() < design.stages().size() ? design.stageName(item.stage()) : design.name();
        }
    }
}
