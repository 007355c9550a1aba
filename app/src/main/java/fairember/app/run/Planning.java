package fairember.app.run;

import fairember.app.clock.StudioClock;
import fairember.app.keeping.Kept;
import fairember.app.keeping.MissingException;
import fairember.app.oven.LoadForm;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenForm;
import fairember.app.oven.OvenStore;
import fairember.app.oven.WishesForm;
import fairember.app.oven.WishesStore;
import fairember.app.piece.PieceStore;
import fairember.app.ways.Ways;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Oven;
import fairember.core.piece.MeasuredPiece;
import fairember.core.run.Bench;
import fairember.core.run.Job;
import fairember.core.run.Progress;
import fairember.core.run.RunBakes;
import fairember.core.run.RunSchedule;
import fairember.core.run.RunScheduling;
import fairember.core.run.WorkHours;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Makes the core's jobs out of runs as they are kept, and schedules them from now on. */
@Service
public class Planning {
    /** Longer than anything takes to cool. */
    private static final int STILL_WARM_HOURS = 5;

    private final RunStore runs;
    private final ProgressStore progress;
    private final LoadStore loads;
    private final OvenStore ovens;
    private final WishesStore wishes;
    private final LoadPlans plans;
    private final PieceStore pieces;
    private final StudioClock clock;

    Planning(
            RunStore runs,
            ProgressStore progress,
            LoadStore loads,
            OvenStore ovens,
            WishesStore wishes,
            PieceStore pieces,
            LoadPlans plans,
            StudioClock clock) {
        this.runs = runs;
        this.progress = progress;
        this.loads = loads;
        this.ovens = ovens;
        this.wishes = wishes;
        this.pieces = pieces;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * A run at work.
     *
     * @param held as it is kept
     * @param jobs one for each of its lines, in order
     */
    public record Work(Kept.Held<RunForm> held, List<Job> jobs) {}

    /** What the clock on the wall shows now, to the second. */
    public LocalDateTime now() {
        return clock.local(instant());
    }

    /** Now, to the second. */
    public Instant instant() {
        return clock.instant().truncatedTo(ChronoUnit.SECONDS);
    }

    /** A run with what is done of it. */
    public Work work(long runId) {
        Kept.Held<RunForm> held = runs.find(runId).orElseThrow(() -> new MissingException("run", runId));
        return work(held, pieces.measuring());
    }

    /** All runs, the earliest due first. */
    public List<Work> all() {
        PieceStore.Measuring measuring = pieces.measuring();
        return runs.all().stream().map(held -> work(held, measuring)).toList();
    }

    /** All runs on the bench, the earliest due first. */
    public List<Work> onBench() {
        PieceStore.Measuring measuring = pieces.measuring();
        return runs.all().stream()
                .filter(held -> held.form().state() == RunState.ON_BENCH)
                .map(held -> work(held, measuring))
                .toList();
    }

    private Work work(Kept.Held<RunForm> held, PieceStore.Measuring measuring) {
        ProgressForm done =
                progress.find(held.id()).map(Kept.Held::form).orElse(new ProgressForm(List.of(), List.of()));
        Map<String, Integer> baked = new HashMap<>();
        Map<String, Integer> in = new HashMap<>();
        for (Kept.Held<LoadForm> load : loads.all()) {
            for (LoadForm.LoadItemForm item : load.form().items()) {
                if (item.runId() == held.id()) {
                    Map<String, Integer> counts = load.form().outAt() == null ? in : baked;
                    counts.merge(item.pieceId() + "/" + item.stage(), item.count(), Integer::sum);
                }
            }
        }
        Map<Long, Integer> editions = held.form().state() == RunState.PLANNED ? Map.of() : runs.editions(held.id());
        List<Job> jobs = held.form().lines().stream()
                .map(line -> job(
                        held.id(), line, measuring.of(line.pieceId(), editions.get(line.pieceId())), done, baked, in))
                .toList();
        return new Work(held, jobs);
    }

    private static Job job(
            long runId,
            RunForm.RunLineForm line,
            MeasuredPiece piece,
            ProgressForm done,
            Map<String, Integer> baked,
            Map<String, Integer> in) {
        List<Integer> steps = new ArrayList<>();
        int lost = 0;
        for (int i = 0; i < piece.piece().steps().size(); i++) {
            ProgressForm.TallyForm tally = done.tally(line.pieceId(), i);
            steps.add(tally.done());
            lost += tally.lost();
        }
        List<Integer> units = new ArrayList<>();
        List<Integer> unitsIn = new ArrayList<>();
        for (int i = 0; i < piece.stages().size(); i++) {
            units.add(baked.getOrDefault(line.pieceId() + "/" + i, 0));
            unitsIn.add(in.getOrDefault(line.pieceId() + "/" + i, 0));
        }
        int gate = piece.piece().gateLines().size();
        long ticked = done.ticks().stream()
                .filter(t -> t.pieceId() == line.pieceId() && t.line() < gate)
                .count();
        boolean passed = ticked == gate;
        return new Job(
                BakeKeys.job(runId, line.pieceId()),
                piece,
                line.quantity(),
                new Progress(steps, units, unitsIn, lost, passed));
    }

    /** The jobs of a run that is only being typed, with what is done of run {@code runId} so far; 0 for a new one. */
    List<Job> typed(long runId, RunForm form) {
        form.check();
        return work(new Kept.Held<>(runId, 0, form), pieces.measuring()).jobs();
    }

    /** What is left of these jobs, from now or from the opening of the day the run begins, whichever is later. */
    RunSchedule schedule(long runId, RunForm form, List<Job> jobs) {
        LocalDateTime opening = form.beginsOn().atTime(hours().from());
        boolean waits = form.state() == RunState.PLANNED && opening.isAfter(now());
        RunScheduling.Start start = waits ? RunScheduling.Start.at(opening) : fromNow();
        Kept.Held<RunForm> held = new Kept.Held<>(runId, 0, form);
        Bench bench = bench(List.of(new Work(held, jobs)), WishesForm.NONE);
        return RunScheduling.schedule(jobs, bench, start, problem -> plans.plan("run " + runId, problem));
    }

    /** What is left of all runs that are not finished, from now. */
    public RunSchedule scheduleAll() {
        return schedule(open());
    }

    /** Sets what has to be planned now in time. */
    public RunSchedule schedule(Open open) {
        return RunScheduling.schedule(
                open.jobs(), open.bench(), open.start(), problem -> plans.plan(LoadPlans.ALL, problem));
    }

    /**
     * What has to be planned now.
     *
     * @param jobs of all runs that are not finished
     * @param bench to do them with
     * @param start where they stand
     * @param wishes of the plan, as far as they can still come true
     */
    public record Open(List<Job> jobs, Bench bench, RunScheduling.Start start, WishesForm wishes) {
        public LoadProblem problem() {
            return RunScheduling.problem(jobs, bench, start);
        }
    }

    /** All that has to be planned now, by the wishes that are kept. */
    public Open open() {
        return open(wishes.held().form());
    }

    /** The same by other wishes. */
    public Open open(WishesForm wanted) {
        List<Work> works = all().stream()
                .filter(w -> w.held().form().state() != RunState.FINISHED)
                .toList();
        List<Job> jobs = works.stream().flatMap(w -> w.jobs().stream()).toList();
        Map<WishesForm.BakeRef, Integer> left = new HashMap<>();
        RunBakes.of(jobs).forEach(bake -> left.put(BakeKeys.ref(bake.key()), bake.count()));
        WishesForm still = wanted.left(left);
        return new Open(jobs, bench(works, still), fromNow(), still);
    }

    private WorkHours hours() {
        return pieces.measuring().ways().hours();
    }

    private Bench bench(List<Work> works, WishesForm wanted) {
        Ways ways = pieces.measuring().ways();
        WorkHours hours = ways.hours();
        List<Kept.Held<OvenForm>> held = ovens.all();
        List<Long> ids = held.stream().map(Kept.Held::id).toList();
        Map<String, LocalDateTime> begins = new HashMap<>();
        Map<String, LocalDateTime> due = new HashMap<>();
        for (Work work : works) {
            RunForm run = work.held().form();
            for (Job job : work.jobs()) {
                due.put(job.key(), run.dueOn().atTime(hours.to()));
                if (run.state() == RunState.PLANNED) {
                    begins.put(job.key(), run.beginsOn().atTime(hours.from()));
                }
            }
        }
        return new Bench(
                held.stream()
                        .map(h -> new Bench.Use(h.form().parse(), h.form().hours()))
                        .toList(),
                hours,
                ways.makers(),
                begins,
                due,
                wanted.apart().stream()
                        .map(a -> new LoadProblem.Apart(BakeKeys.bake(a.one()), BakeKeys.bake(a.other())))
                        .toList(),
                wanted.pins().stream()
                        .map(p -> new Bench.Pin(ids.indexOf(p.ovenId()), BakeKeys.held(p.items()), p.inAt()))
                        .toList());
    }

    /** The names of all runs, by number. */
    public Map<Long, String> runNames() {
        Map<Long, String> names = new HashMap<>();
        runs.all().forEach(held -> names.put(held.id(), held.form().name()));
        return names;
    }

    /** The oven that costs are reckoned with. */
    public Oven oven() {
        return ovens.first();
    }

    /** The number by which an oven of the plan is kept. */
    public long ovenId(int oven) {
        return ovens.all().get(oven).id();
    }

    private RunScheduling.Start fromNow() {
        LocalDateTime now = now();
        List<Long> ids = ovens.all().stream().map(Kept.Held::id).toList();
        Map<String, LocalDateTime> cooledAt = new HashMap<>();
        Map<Integer, LocalDateTime> ovenFree = new HashMap<>();
        for (Kept.Held<LoadForm> load : loads.all()) {
            LoadForm form = load.form();
            LocalDateTime out = clock.local(form.outAt() == null ? form.dueOut() : form.outAt());
            if (out.isBefore(now.minusHours(STILL_WARM_HOURS))) {
                continue;
            }
            if (form.outAt() == null && out.isAfter(now)) {
                ovenFree.put(ids.indexOf(form.oven()), out);
            }
            for (LoadForm.LoadItemForm item : form.items()) {
                LocalDateTime cooled = out.plusSeconds(coolingSeconds(item));
                if (cooled.isAfter(now)) {
                    cooledAt.merge(BakeKeys.bake(item), cooled, (a, b) -> a.isAfter(b) ? a : b);
                }
            }
        }
        return new RunScheduling.Start(now, ovenFree, cooledAt);
    }

    private long coolingSeconds(LoadForm.LoadItemForm item) {
        return pieces.find(item.pieceId())
                .map(held -> held.form().stages())
                .filter(stages -> item.stage() < stages.size())
                .map(stages -> Math.round(stages.get(item.stage()).coolingMin() * 60))
                .orElse(0L);
    }
}
