package fairember.app.bench;

import fairember.app.batch.Planning;
import fairember.app.batch.TaskView;
import fairember.core.design.Station;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: the current job with its timer and counts, and what comes next. */
@RestController
@RequestMapping("/api/bench")
class BenchController {
    private final Bench bench;
    private final Planning planning;

    BenchController(Bench bench, Planning planning) {
        this.bench = bench;
        this.planning = planning;
    }

    /** The current job; a running timer adds the time since it was started to what is logged. */
    record CurrentJobView(
            long batchId,
            String batchName,
            long designId,
            String designName,
            int step,
            String name,
            Station station,
            @Nullable Instant startedAt,
            boolean hotAir,
            long loggedSec,
            double plannedMin,
            int done,
            int lost,
            int wanted) {
        static CurrentJobView of(Bench.CurrentJob in) {
            var step = in.step();
            return new CurrentJobView(
                    in.current().batchId(),
                    in.batchName(),
                    in.current().designId(),
                    in.job().design().design().name(),
                    in.current().step(),
                    step.name(),
                    step.station(),
                    in.current().startedAt(),
                    step.hotAir(),
                    in.logged().toSeconds(),
                    step.setup().min()
                            + in.job().making(in.current().step()).min()
                            + step.each().min() * in.job().alive(),
                    in.tally().done(),
                    in.tally().lost(),
                    in.job().alive());
        }
    }

    /** The bench: current job, and the steps still to be done in the order of the plan. */
    record BenchView(Instant now, @Nullable CurrentJobView job, List<TaskView> next) {}

    /** A step to start, counted from 0 in the steps of its design. */
    record TakeForm(long batchId, long designId, int step) {}

    /** How many more are done and lost; a negative number takes some back. */
    record CountForm(int done, int lost) {}

    @GetMapping
    BenchView bench() {
        Set<Long> onBench =
                planning.onBench().stream().map(work -> work.saved().id()).collect(Collectors.toSet());
        List<TaskView> next = planning.scheduleAll().tasks().stream()
                .map(TaskView::of)
                .filter(task -> onBench.contains(task.batchId()))
                .toList();
        return new BenchView(
                planning.instant(), bench.currentJob().map(CurrentJobView::of).orElse(null), next);
    }

    @PutMapping("/job")
    BenchView take(@RequestBody TakeForm form) {
        bench.take(form.batchId(), form.designId(), form.step());
        return bench();
    }

    @DeleteMapping("/job")
    BenchView setAside() {
        bench.setAside();
        return bench();
    }

    /** Whether the timer of the current job is to run. */
    record TimerForm(boolean running) {}

    /** Starts the timer of the current job, or stops and logs it; asked twice, it is done once. */
    @PutMapping("/timer")
    BenchView timer(@RequestBody TimerForm form) {
        bench.timer(form.running());
        return bench();
    }

    /** Counts pieces done and lost at the current job. */
    @PostMapping("/count")
    BenchView count(@RequestBody CountForm count) {
        bench.count(count.done(), count.lost());
        return bench();
    }
}
