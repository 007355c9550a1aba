package fairember.app.batch;

import fairember.app.daybook.DaybookLearning;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.CoilStore;
import fairember.app.sparebox.SpareBoxStore;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchCutting;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.batch.Reserved;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Batches: what they need, when they are done, how far they are. */
@RestController
@RequestMapping("/api/batches")
class BatchController {
    private final BatchStore store;
    private final ProgressStore progress;
    private final Planning planning;
    private final SettingsStore settings;
    private final CoilStore coils;
    private final Journal journal;
    private final PlannedLoads planned;
    private final DaybookLearning learning;
    private final ShelfTaking taking;
    private final SpareBoxStore box;

    BatchController(
            BatchStore store,
            ProgressStore progress,
            Planning planning,
            SettingsStore settings,
            CoilStore coils,
            Journal journal,
            PlannedLoads planned,
            DaybookLearning learning,
            ShelfTaking taking,
            SpareBoxStore box) {
        this.box = box;
        this.taking = taking;
        this.learning = learning;
        this.planned = planned;
        this.store = store;
        this.progress = progress;
        this.planning = planning;
        this.settings = settings;
        this.coils = coils;
        this.journal = journal;
    }

    /** A batch in the list. */
    record BatchRowView(long id, int edition, Batch batch, List<String> designNames, ThreadView thread) {}

    /** A batch with its plan. */
    record BatchView(long id, int edition, Batch batch, BatchPlanView plan) {}

    /** The number of a new batch. */
    record AddedBatchView(long id) {}

    @GetMapping
    List<BatchRowView> batches() {
        return planning.all().stream()
                .map(work -> new BatchRowView(
                        work.saved().id(),
                        work.saved().edition(),
                        work.saved().value(),
                        names(work),
                        ThreadView.of(work.jobs())))
                .toList();
    }

    /** Names of the designs of its lines. */
    private static List<String> names(Planning.Work work) {
        Map<Long, String> names = new HashMap<>();
        work.jobs()
                .forEach(job ->
                        names.put(job.key().designId(), job.design().design().name()));
        return work.saved().value().designIds().stream().map(names::get).toList();
    }

    @GetMapping("/{id}")
    BatchView run(@PathVariable long id) {
        Planning.Work work = planning.work(id);
        return new BatchView(id, work.saved().edition(), work.saved().value(), joint(work));
    }

    /** Plans a batch that is being typed; nothing is saved. With a number, what is done of that batch is kept in mind. */
    @PostMapping("/plan")
    BatchPlanView plan(@RequestParam(required = false) Long id, @RequestBody Batch form) {
        long known = id == null ? 0 : id;
        List<Job> jobs = planning.typed(known, form);
        BatchJobs.check(form.designIds(), jobs);
        return plan(known, form, jobs);
    }

    private BatchPlanView plan(long id, Batch form, List<Job> jobs) {
        BatchSchedule own = planning.schedule(id, form, jobs);
        List<Job> open = form.state() == BatchState.FINISHED
                ? List.of()
                : planning.open().jobs();
        return view(id, form, jobs, own, own, jobs, open, false);
    }

    /** A batch as it stands in the plan of all batches: the same loads and times as the oven has. */
    private BatchPlanView joint(Planning.Work work) {
        Batch form = work.saved().value();
        if (form.state() == BatchState.FINISHED) {
            return plan(work.saved().id(), form, work.jobs());
        }
        Planning.Open open = planning.open();
        BatchSchedule whole = planning.schedule(open);
        return view(work.saved().id(), form, work.jobs(), whole.of(work.jobs()), whole, open.jobs(), open.jobs(), true);
    }

    private BatchPlanView view(
            long id,
            Batch form,
            List<Job> jobs,
            BatchSchedule own,
            BatchSchedule whole,
            List<Job> all,
            List<Job> open,
            boolean joint) {
        BatchCosting costing = costing();
        Map<Long, String> names = planning.batchNames();
        List<PlannedLoadView> loads = planned.views(own.loads(), whole, all, names);
        return BatchPlanView.of(form, jobs, own, loads, costing, costing.before(id, open), joint);
    }

    private BatchCosting costing() {
        return new BatchCosting(
                settings.settings(),
                planning.oven(),
                learning.learned(),
                box.saved().value());
    }

    /** How the portions of a batch are cut from blocks and lumps, and its wires from coils. */
    @GetMapping("/{id}/cutting")
    CuttingView cutting(@PathVariable long id) {
        List<Job> jobs = planning.work(id).jobs();
        BatchCosting costing = costing();
        BatchNeeds needs =
                costing.needs(jobs, costing.before(id, planning.open().jobs()));
        return new CuttingView(
                BatchCutting.portions(needs).stream()
                        .map(CuttingView.MixCutView::of)
                        .toList(),
                BatchCutting.wires(jobs, coils.coils()).stream()
                        .map(CuttingView.WireCutView::of)
                        .toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedBatchView add(@RequestBody Batch form) {
        return new AddedBatchView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    BatchView replace(@PathVariable long id, @RequestParam int edition, @RequestBody Batch form) {
        journal.together(() -> {
            BatchState before =
                    store.find(id).map(saved -> saved.value().state()).orElse(form.state());
            boolean finishes = before == BatchState.ON_BENCH && form.state() == BatchState.FINISHED;
            Reserved kept = finishes ? costing().before(id, planning.open().jobs()) : Reserved.NOTHING;
            journal.replace(store, id, edition, form);
            if (finishes) {
                taking.take(planning.work(id), kept);
            }
            return "";
        });
        return run(id);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }

    /** Ticks or unticks a line of a design's checks, for all pieces that are made now unless it is said for how many. */
    @PostMapping("/{id}/checks")
    void tick(@PathVariable long id, @RequestBody CheckTickForm tick) {
        journal.together(() -> {
            Planning.Work work = planning.work(id);
            Job job = work.jobs().stream()
                    .filter(one -> one.design().design().id() == tick.designId())
                    .findFirst()
                    .orElseThrow(() -> new MissingException("design in this batch", tick.designId()));
            int lines = job.design().design().checkLines().size();
            if (tick.check() < 0 || tick.check() >= lines) {
                throw new InvalidInputException(
                        "check", "check " + tick.check(), "0 to " + (lines - 1), "Tick a check of this design.");
            }
            Integer pieces = tick.pieces();
            int ticked = !tick.ticked() ? 0 : pieces == null ? Math.max(1, job.now()) : pieces;
            String words = work.saved().value().name() + ": check " + (tick.ticked() ? "ticked" : "unticked");
            BatchProgress.Tick to = new BatchProgress.Tick(tick.designId(), tick.check(), ticked);
            journal.change(progress, id, words, form -> form.with(to));
            return words;
        });
    }

    /** A check of a design, counted from 0, whether it is ticked, and for how many pieces. */
    record CheckTickForm(
            long designId,
            int check,
            boolean ticked,
            @Nullable Integer pieces) {
        static final Span PIECES = BatchProgress.Tick.PIECES;
    }
}
