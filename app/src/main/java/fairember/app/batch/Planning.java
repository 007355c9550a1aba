package fairember.app.batch;

import fairember.app.clock.StudioClock;
import fairember.app.daybook.DaybookLearning;
import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.journal.MissingException;
import fairember.app.oven.ConstraintsStore;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.app.settings.SettingsStore;
import fairember.core.batch.BakeRef;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchBakes;
import fairember.core.batch.BatchOutlook;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.BatchScheduling;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.batch.ScheduleChange;
import fairember.core.batch.WorkHours;
import fairember.core.batch.Workshop;
import fairember.core.daybook.Learned;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import fairember.core.studio.PlanConstraints;
import fairember.core.studio.Settings;
import fairember.core.studio.StudioOven;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Makes the core's jobs out of batches as they are kept, and schedules them from now on. */
@Service
public class Planning {
    /** Longer than anything takes to cool. */
    private static final int STILL_WARM_HOURS = 5;

    private final BatchStore batches;
    private final ProgressStore progress;
    private final LoadStore loads;
    private final OvenStore ovens;
    private final ConstraintsStore constraints;
    private final LoadPlans plans;
    private final DesignStore designs;
    private final SettingsStore settings;
    private final DaybookLearning learning;
    private final StudioClock clock;
    private final PlanHistory history = new PlanHistory();
    private volatile @Nullable Scheduled scheduled;

    Planning(
            BatchStore batches,
            ProgressStore progress,
            LoadStore loads,
            OvenStore ovens,
            ConstraintsStore constraints,
            DesignStore designs,
            SettingsStore settings,
            LoadPlans plans,
            DaybookLearning learning,
            StudioClock clock) {
        this.learning = learning;
        this.batches = batches;
        this.progress = progress;
        this.loads = loads;
        this.ovens = ovens;
        this.constraints = constraints;
        this.designs = designs;
        this.settings = settings;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * A batch at work.
     *
     * @param saved as it is kept
     * @param jobs one for each of its lines, and before these one for each design that only their small parts are made of
     */
    public record Work(SavedKind.Saved<Batch> saved, List<Job> jobs) {}

    /** What the clock on the wall shows now, to the second. */
    public LocalDateTime now() {
        return clock.local(instant());
    }

    /** Now, to the second. */
    public Instant instant() {
        return clock.instant().truncatedTo(ChronoUnit.SECONDS);
    }

    /** A batch with what is done of it. */
    public Work work(long batchId) {
        return work(batchId, learning.learned());
    }

    /** A batch with what is done of it, and the minutes that some of the daybook gives its steps. */
    Work work(long batchId, Learned learned) {
        return new BatchReading(designs.measuring(), batches, progress, loads, learned)
                .work(batches.find(batchId).orElseThrow(() -> new MissingException("batch", batchId)));
    }

    /** All batches, the earliest due first. */
    public List<Work> all() {
        return works(batch -> true);
    }

    /** All batches on the bench, the earliest due first. */
    public List<Work> onBench() {
        return works(batch -> batch.state() == BatchState.ON_BENCH);
    }

    private List<Work> works(Predicate<Batch> wanted) {
        BatchReading reading = reading(designs.measuring().ofMany());
        return batches.all().stream()
                .filter(saved -> wanted.test(saved.value()))
                .map(reading::work)
                .toList();
    }

    private BatchReading reading(DesignStore.Measuring measuring) {
        return new BatchReading(measuring, batches, progress, loads, learning.learned());
    }

    /** The jobs of a batch that is only being typed, with what is done of batch {@code batchId} so far; 0 for a new one. */
    List<Job> typed(long batchId, Batch form) {
        return reading(designs.measuring())
                .work(new SavedKind.Saved<>(batchId, 0, form))
                .jobs();
    }

    /** What is left of these jobs, from now or from the opening of the day the batch begins, whichever is later. */
    BatchSchedule schedule(long batchId, Batch form, List<Job> jobs) {
        LocalDateTime opening = form.beginsOn().atTime(hours().from());
        boolean waits = form.state() == BatchState.PLANNED && opening.isAfter(now());
        BatchScheduling.Start start = waits ? BatchScheduling.Start.at(opening) : fromNow();
        SavedKind.Saved<Batch> saved = new SavedKind.Saved<>(batchId, 0, form);
        Workshop bench = bench(List.of(new Work(saved, jobs)), PlanConstraints.NONE);
        return BatchScheduling.schedule(jobs, bench, start, problem -> plans.plan("run " + batchId, problem));
    }

    /** What is left of all batches that are not finished, from now. */
    public BatchSchedule scheduleAll() {
        return schedule(open());
    }

    /** Whether a better plan of all batches is being looked for. */
    public boolean renewing() {
        return plans.renewing();
    }

    /** Sets what has to be planned now in time; what was asked last is remembered until it or the plan changes. */
    public BatchSchedule schedule(Open open) {
        Scheduled last = scheduled;
        // The state before: when a better plan comes in the meantime, the schedule is made again.
        int state = plans.state();
        boolean renewing = plans.renewing();
        if (last != null && last.state() == state && last.open().equals(open)) {
            return last.schedule();
        }
        BatchSchedule schedule = BatchScheduling.schedule(
                open.jobs(), open.bench(), open.start(), problem -> plans.plan(LoadPlans.ALL, problem));
        scheduled = new Scheduled(open, state, schedule);
        history.add(open, schedule, renewing || plans.renewing());
        return schedule;
    }

    /** What of a schedule moved since the one before the last thing that happened. */
    public List<ScheduleChange> changes(BatchSchedule schedule) {
        return history.changes(schedule, hours());
    }

    /** What moved until now has been seen. */
    public void changesSeen() {
        history.forget();
    }

    /** Whether each batch that is not finished will be in time, the earliest due first. */
    public Map<Long, BatchOutlook> outlooks(Open open, BatchSchedule schedule) {
        Map<Long, List<Job>> byBatch = new LinkedHashMap<>();
        open.jobs()
                .forEach(job -> byBatch.computeIfAbsent(job.key().batchId(), id -> new ArrayList<>())
                        .add(job));
        Map<Long, BatchOutlook> outlooks = new LinkedHashMap<>();
        for (Map.Entry<Long, List<Job>> batch : byBatch.entrySet()) {
            LocalDateTime due = open.bench().due().get(batch.getValue().get(0).key());
            if (due != null) {
                outlooks.put(batch.getKey(), BatchOutlook.of(schedule, batch.getValue(), due, hours()));
            }
        }
        return outlooks;
    }

    /** What was scheduled last, and in which state the plans were then. */
    private record Scheduled(Open open, int state, BatchSchedule schedule) {}

    /**
     * What has to be planned now.
     *
     * @param jobs of all batches that are not finished
     * @param bench to do them with
     * @param start where they stand
     * @param constraints of the plan, as far as they can still come true
     */
    public record Open(List<Job> jobs, Workshop bench, BatchScheduling.Start start, PlanConstraints constraints) {
        public LoadProblem problem() {
            return BatchScheduling.problem(jobs, bench, start);
        }
    }

    /** All that has to be planned now, with the saved constraints. */
    public Open open() {
        return open(constraints.saved().value());
    }

    /** The same with other constraints. */
    public Open open(PlanConstraints wanted) {
        List<Work> works = works(batch -> batch.state() != BatchState.FINISHED);
        List<Job> jobs = works.stream().flatMap(w -> w.jobs().stream()).toList();
        Map<BakeRef, Integer> left = new HashMap<>();
        BatchBakes.of(jobs).forEach(bake -> left.put(BakeRef.of(bake), bake.count()));
        PlanConstraints still = wanted.left(left);
        return new Open(jobs, bench(works, still), fromNow(), still);
    }

    private WorkHours hours() {
        return settings.settings().hours();
    }

    private Workshop bench(List<Work> works, PlanConstraints wanted) {
        Settings known = settings.settings();
        WorkHours hours = known.hours();
        List<SavedKind.Saved<StudioOven>> saved = ovens.all();
        List<Long> ids = saved.stream().map(SavedKind.Saved::id).toList();
        Map<JobKey, LocalDateTime> begins = new HashMap<>();
        Map<JobKey, LocalDateTime> due = new HashMap<>();
        for (Work work : works) {
            Batch batch = work.saved().value();
            for (Job job : work.jobs()) {
                due.put(job.key(), batch.dueOn().atTime(hours.to()));
                if (batch.state() == BatchState.PLANNED) {
                    begins.put(job.key(), batch.beginsOn().atTime(hours.from()));
                }
            }
        }
        return new Workshop(
                saved.stream()
                        .map(h -> new Workshop.Use(h.value().oven(), h.value().hours()))
                        .toList(),
                hours,
                known.makers(),
                begins,
                due,
                wanted.apart().stream()
                        .map(a -> new LoadProblem.Apart(a.one(), a.other()))
                        .toList(),
                wanted.pins().stream()
                        .map(p -> new Workshop.Pin(
                                ids.indexOf(p.ovenId()),
                                p.items().stream().map(LoadItem::pinned).toList(),
                                p.inAt()))
                        .toList());
    }

    /** The names of all batches, by number. */
    public Map<Long, String> batchNames() {
        Map<Long, String> names = new HashMap<>();
        batches.all().forEach(saved -> names.put(saved.id(), saved.value().name()));
        return names;
    }

    /** The oven that costs are calculated with. */
    public Oven oven() {
        return ovens.first();
    }

    /** The number by which an oven of the plan is kept. */
    public long ovenId(int oven) {
        return ovens.all().get(oven).id();
    }

    /** Where things stand now, to the minute: within one, nothing has to be planned again. */
    private BatchScheduling.Start fromNow() {
        LocalDateTime now = now().truncatedTo(ChronoUnit.MINUTES);
        List<Long> ids = ovens.all().stream().map(SavedKind.Saved::id).toList();
        Map<BakeKey, LocalDateTime> cooledAt = new HashMap<>();
        Map<Integer, LocalDateTime> ovenFree = new HashMap<>();
        for (SavedKind.Saved<LoggedLoad> load : loads.all()) {
            LoggedLoad form = load.value();
            LocalDateTime out = clock.local(form.outAt() == null ? form.dueOut() : form.outAt());
            if (out.isBefore(now.minusHours(STILL_WARM_HOURS))) {
                continue;
            }
            if (form.outAt() == null && out.isAfter(now)) {
                ovenFree.put(ids.indexOf(form.ovenId()), out);
            }
            for (LoadItem item : form.items()) {
                LocalDateTime cooled = out.plusSeconds(coolingSeconds(item));
                if (cooled.isAfter(now)) {
                    cooledAt.merge(item.bake(), cooled, (a, b) -> a.isAfter(b) ? a : b);
                }
            }
        }
        return new BatchScheduling.Start(now, ovenFree, cooledAt);
    }

    private long coolingSeconds(LoadItem item) {
        return designs.find(item.designId())
                .map(saved -> saved.value().stages())
                .filter(stages -> item.stage() < stages.size())
                .map(stages -> Math.round(stages.get(item.stage()).cooling().min() * 60))
                .orElse(0L);
    }
}
