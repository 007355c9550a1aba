package fairember.app.bench;

import fairember.app.run.Planning;
import fairember.app.run.TaskView;
import fairember.core.piece.Station;
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

/** The bench: the step in hand with its timer and counts, and what comes next. */
@RestController
@RequestMapping("/api/bench")
class BenchController {
    private final Bench bench;
    private final Planning planning;

    BenchController(Bench bench, Planning planning) {
        this.bench = bench;
        this.planning = planning;
    }

    /** The step in hand; a running timer adds the time since it was started to what is logged. */
    record HandView(
            long runId,
            String runName,
            long pieceId,
            String pieceName,
            int step,
            String name,
            Station station,
            @Nullable Instant startedAt,
            long loggedSec,
            double plannedMin,
            int done,
            int lost,
            int wanted) {
        static HandView of(Bench.InHand in) {
            var step = in.step();
            return new HandView(
                    in.hand().runId(),
                    in.runName(),
                    in.hand().pieceId(),
                    in.job().piece().piece().name(),
                    in.hand().step(),
                    step.name(),
                    step.station(),
                    in.hand().startedAt(),
                    in.logged().toSeconds(),
                    step.setup().min() + step.each().min() * in.job().alive(),
                    in.tally().done(),
                    in.tally().lost(),
                    in.job().alive());
        }
    }

    /** The bench: step in hand, and the steps still to be done in the order of the plan. */
    record BenchView(Instant now, @Nullable HandView hand, List<TaskView> next) {}

    /** A step to take in hand, counted from 0 in the route of its piece. */
    record TakeForm(long runId, long pieceId, int step) {}

    /** How many more are done and lost; a negative number takes some back. */
    record CountForm(int done, int lost) {}

    @GetMapping
    BenchView bench() {
        Set<Long> onBench =
                planning.onBench().stream().map(work -> work.held().id()).collect(Collectors.toSet());
        List<TaskView> next = planning.scheduleAll().tasks().stream()
                .map(TaskView::of)
                .filter(task -> onBench.contains(task.runId()))
                .toList();
        return new BenchView(
                planning.instant(), bench.inHand().map(HandView::of).orElse(null), next);
    }

    @PutMapping("/hand")
    BenchView take(@RequestBody TakeForm form) {
        bench.take(form.runId(), form.pieceId(), form.step());
        return bench();
    }

    @DeleteMapping("/hand")
    BenchView setAside() {
        bench.setAside();
        return bench();
    }

    /** Whether the timer of the step in hand is to run. */
    record TimerForm(boolean running) {}

    /** Starts the timer of the step in hand, or stops and logs it; asked twice, it is done once. */
    @PutMapping("/timer")
    BenchView timer(@RequestBody TimerForm form) {
        bench.timer(form.running());
        return bench();
    }

    /** Counts pieces done and lost at the step in hand. */
    @PostMapping("/count")
    BenchView count(@RequestBody CountForm count) {
        bench.count(count.done(), count.lost());
        return bench();
    }
}
