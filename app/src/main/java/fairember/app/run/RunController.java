package fairember.app.run;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import fairember.app.keeping.MissingException;
import fairember.app.shelf.CoilStore;
import fairember.app.ways.WaysStore;
import fairember.core.measure.Refused;
import fairember.core.run.Job;
import fairember.core.run.RunCutting;
import fairember.core.run.RunNeeding;
import fairember.core.run.RunNeeds;
import fairember.core.run.RunSchedule;
import java.util.List;
import java.util.Map;
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

/** Runs: what they need, when they are done, how far they are. */
@RestController
@RequestMapping("/api/runs")
class RunController {
    private final RunStore store;
    private final ProgressStore progress;
    private final Planning planning;
    private final WaysStore ways;
    private final CoilStore coils;
    private final Keeping keeping;

    RunController(
            RunStore store,
            ProgressStore progress,
            Planning planning,
            WaysStore ways,
            CoilStore coils,
            Keeping keeping) {
        this.store = store;
        this.progress = progress;
        this.planning = planning;
        this.ways = ways;
        this.coils = coils;
        this.keeping = keeping;
    }

    /** A run in the list. */
    record RunRowView(long id, int edition, RunForm run, List<String> pieceNames, ThreadView thread) {}

    /** A run with its plan. */
    record RunView(long id, int edition, RunForm run, RunPlanView plan) {}

    /** The number of a new run. */
    record AddedRunView(long id) {}

    @GetMapping
    List<RunRowView> runs() {
        return planning.all().stream()
                .map(work -> new RunRowView(
                        work.held().id(),
                        work.held().edition(),
                        work.held().form(),
                        work.jobs().stream().map(j -> j.piece().piece().name()).toList(),
                        ThreadView.of(work.jobs())))
                .toList();
    }

    @GetMapping("/{id}")
    RunView run(@PathVariable long id) {
        Planning.Work work = planning.work(id);
        return new RunView(id, work.held().edition(), work.held().form(), joint(work));
    }

    /** Plans a run that is being typed; nothing is saved. With a number, what is done of that run is kept in mind. */
    @PostMapping("/plan")
    RunPlanView plan(@RequestParam(required = false) Long id, @RequestBody RunForm form) {
        return id == null
                ? plan(0, form, planning.typed(0, form), new ProgressForm(List.of(), List.of()))
                : plan(id, form, planning.typed(id, form), done(id));
    }

    private RunPlanView plan(long id, RunForm form, List<Job> jobs, ProgressForm done) {
        RunSchedule own = planning.schedule(id, form, jobs);
        return view(form, jobs, own, own, jobs, done, false);
    }

    /** A run as it stands in the plan of all runs: the same loads and times as the oven has. */
    private RunPlanView joint(Planning.Work work) {
        RunForm form = work.held().form();
        if (form.state() == RunState.FINISHED) {
            return plan(work.held().id(), form, work.jobs(), done(work.held().id()));
        }
        Planning.Open open = planning.open();
        RunSchedule whole = planning.schedule(open);
        return view(
                form,
                work.jobs(),
                whole.of(work.jobs()),
                whole,
                open.jobs(),
                done(work.held().id()),
                true);
    }

    private RunPlanView view(
            RunForm form,
            List<Job> jobs,
            RunSchedule own,
            RunSchedule whole,
            List<Job> all,
            ProgressForm done,
            boolean joint) {
        RunCosting costing = new RunCosting(ways.ways(), planning.oven());
        Map<Long, String> names = planning.runNames();
        List<PlannedLoadView> loads = own.loads().stream()
                .map(load -> PlannedLoadView.of(load, whole, all, names))
                .toList();
        return RunPlanView.of(form, jobs, own, loads, costing, done, joint);
    }

    private ProgressForm done(long id) {
        return progress.find(id).map(Kept.Held::form).orElse(new ProgressForm(List.of(), List.of()));
    }

    /** How the portions of a run are cut from blocks and lumps, and its wires from coils. */
    @GetMapping("/{id}/cutting")
    CuttingView cutting(@PathVariable long id) {
        List<Job> jobs = planning.work(id).jobs();
        RunNeeds needs = RunNeeding.needs(jobs, ways.ways().waste());
        return new CuttingView(
                RunCutting.portions(needs).stream()
                        .map(CuttingView.MixCutView::of)
                        .toList(),
                RunCutting.wires(jobs, coils.coils()).stream()
                        .map(CuttingView.WireCutView::of)
                        .toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedRunView add(@RequestBody RunForm form) {
        return new AddedRunView(keeping.add(store, form));
    }

    @PutMapping("/{id}")
    RunView replace(@PathVariable long id, @RequestParam int edition, @RequestBody RunForm form) {
        keeping.replace(store, id, edition, form);
        return run(id);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        keeping.remove(store, id, edition);
    }

    /** Ticks or unticks a line of a piece's gate. */
    @PostMapping("/{id}/gate")
    void tick(@PathVariable long id, @RequestBody GateTickForm tick) {
        keeping.together(() -> {
            Planning.Work work = planning.work(id);
            int lines = work.jobs().stream()
                    .filter(job -> job.piece().piece().id() == tick.pieceId())
                    .findFirst()
                    .orElseThrow(() -> new MissingException("piece in this run", tick.pieceId()))
                    .piece()
                    .piece()
                    .gateLines()
                    .size();
            if (tick.line() < 0 || tick.line() >= lines) {
                throw new Refused("line", "line " + tick.line(), "0 to " + (lines - 1), "Tick a line the gate has.");
            }
            String words = work.held().form().name() + ": gate line " + (tick.ticked() ? "ticked" : "unticked");
            keeping.change(
                    progress,
                    id,
                    words,
                    form -> form.with(new ProgressForm.TickForm(tick.pieceId(), tick.line()), tick.ticked()));
            return words;
        });
    }

    /** A line of a gate, counted from 0, and whether it is ticked. */
    record GateTickForm(long pieceId, int line, boolean ticked) {}
}
