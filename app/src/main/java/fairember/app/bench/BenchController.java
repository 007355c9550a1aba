package fairember.app.bench;

import fairember.app.batch.Planning;
import fairember.app.batch.TaskView;
import fairember.app.settings.SettingsStore;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LossReason;
import fairember.core.daybook.MinutesRange;
import fairember.core.design.CheckLine;
import fairember.core.design.MeasuredPart;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.document.Default;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: the current job of each maker with its timer and counts, and what comes next. */
@RestController
@RequestMapping("/api/bench")
class BenchController {
    private final Bench bench;
    private final Planning planning;
    private final SettingsStore settings;
    private final Clock clock;

    BenchController(Bench bench, Planning planning, SettingsStore settings, Clock clock) {
        this.bench = bench;
        this.planning = planning;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * The current job; a running timer adds the time since it was started to what is logged.
     *
     * @param plannedLowMin under which one batch of ten ends, as far as the daybook tells
     * @param learnedFrom batches that the planned minutes are learned from; 0 when they are the step's own
     * @param forgotten whether the timer has run so long that it has to be asked when the work ended
     */
    record CurrentJobView(
            long batchId,
            String batchName,
            long designId,
            String designName,
            int step,
            String name,
            Station station,
            @Nullable Instant startedAt,
            @Nullable Instant interruptedAt,
            boolean rework,
            boolean forgotten,
            boolean hotAir,
            long loggedSec,
            double plannedMin,
            double plannedLowMin,
            double plannedHighMin,
            int learnedFrom,
            int done,
            int lost,
            int again,
            int wanted,
            boolean first,
            List<LumpRowView> lumps,
            String tools,
            String caution,
            @Nullable String jig,
            List<DueCheckView> checks) {
        static CurrentJobView of(CurrentJob in, List<Integer> fromBox, Instant now) {
            var step = in.step();
            int pieces = in.job().now();
            double making = in.job().making(in.current().step()).min();
            MinutesRange planned = in.estimate().of(pieces);
            return new CurrentJobView(
                    in.current().batchId(),
                    in.batchName(),
                    in.current().designId(),
                    in.job().design().design().name(),
                    in.current().step(),
                    step.name(),
                    step.station(),
                    in.current().startedAt(),
                    in.current().interruptedAt(),
                    in.current().rework(),
                    in.forgotten(now),
                    step.hotAir(),
                    Math.round(in.logged().min() * 60),
                    planned.expected().min() + making,
                    planned.low().min() + making,
                    planned.high().min() + making,
                    in.estimate().batches(),
                    in.done(),
                    in.tally().lost(),
                    in.tally().again(),
                    pieces,
                    in.job().makesFirst(),
                    LumpRowView.all(in, fromBox),
                    step.tools(),
                    step.caution(),
                    step.jig() == null || step.jig().made() ? null : step.jig().name(),
                    DueCheckView.all(in));
        }
    }

    /**
     * A lump to roll for the step: one of its part, or of each part where it is for none alone.
     *
     * @param count to roll, without those that come out of the box of spare parts
     * @param fromBox that come out of it
     * @param blanks that the lumps are cut from, when several come of one
     */
    record LumpRowView(
            String name,
            int count,
            int fromBox,
            int blanks,
            double massG,
            double ballMm,
            String mixName,
            String rawHex,
            String curedHex) {
        static List<LumpRowView> all(CurrentJob in, List<Integer> fromBox) {
            Step step = in.step();
            Integer part = step.part();
            boolean shows = part != null || step.station() == Station.WEIGH_OUT || step.station() == Station.SHAPE;
            List<MeasuredPart> parts = in.job().design().parts();
            return IntStream.range(0, shows ? parts.size() : 0)
                    .filter(i -> part == null || part == i)
                    .mapToObj(
                            i -> of(step, parts.get(i), in.job().now(), in.job().makesFirst(), fromBox.get(i)))
                    .toList();
        }

        private static LumpRowView of(Step step, MeasuredPart part, int pieces, boolean first, int fromBox) {
            int count = part.part().count() * pieces
                    - fromBox
                    + (first ? 0 : part.part().spares());
            var colour = part.mix().colour();
            return new LumpRowView(
                    part.part().name(),
                    count,
                    fromBox,
                    step.blanks(count),
                    part.portion().mass().g() * step.perBlank(),
                    part.portion().ball().mm(),
                    part.mix().mix().name(),
                    colour.raw().srgb().hex(),
                    colour.cured().srgb().hex());
        }
    }

    /**
     * A line of the checks that is ticked before what is done now.
     *
     * @param check counted from 0 among the lines of the design
     * @param slipped day on which it was last forgotten; null when it never was
     */
    record DueCheckView(int check, String words, @Nullable LocalDate slipped, int ticked) {
        static List<DueCheckView> all(CurrentJob in) {
            List<CheckLine> lines = in.job().design().design().checkLines();
            return IntStream.range(0, lines.size())
                    .filter(i -> in.isDue(lines.get(i)))
                    .mapToObj(i -> new DueCheckView(
                            i,
                            lines.get(i).words(),
                            lines.get(i).slipped(),
                            Math.min(in.job().alive(), in.job().progress().checked(i))))
                    .toList();
        }
    }

    /** The bench: the current job of a maker, that of the other one, and the steps still to be done in the order of the plan. */
    record BenchView(
            Instant now,
            int makers,
            @Nullable CurrentJobView job,
            @Nullable CurrentJobView othersJob,
            List<TaskView> next) {}

    /** A step to start, counted from 0 in the steps of its design. */
    record TakeForm(long batchId, long designId, int step) {}

    @GetMapping
    BenchView bench(@RequestParam(defaultValue = "1") int maker) {
        Set<Long> onBench =
                planning.onBench().stream().map(work -> work.saved().id()).collect(Collectors.toSet());
        List<TaskView> next = planning.scheduleAll().tasks().stream()
                .map(TaskView::of)
                .filter(task -> onBench.contains(task.batchId()))
                .toList();
        int makers = settings.settings().makers();
        return new BenchView(
                planning.instant(), makers, job(who(maker)), makers == 1 ? null : job(maker == 1 ? 2 : 1), next);
    }

    private @Nullable CurrentJobView job(int maker) {
        return bench.currentJob(maker)
                .map(in -> CurrentJobView.of(in, bench.fromBox(in.job()), planning.instant()))
                .orElse(null);
    }

    private static int who(int maker) {
        return DaybookLine.MAKER.check(maker);
    }

    @PutMapping("/job")
    BenchView take(@RequestParam(defaultValue = "1") int maker, @RequestBody TakeForm form) {
        bench.take(who(maker), form.batchId(), form.designId(), form.step());
        return bench(maker);
    }

    @DeleteMapping("/job")
    BenchView setAside(@RequestParam(defaultValue = "1") int maker) {
        bench.setAside(who(maker));
        return bench(maker);
    }

    /**
     * Whether the timer of the current job is to run.
     *
     * @param rework whether the work is done over again
     * @param stoppedAt when it really ended, for a timer that was forgotten
     * @param discard whether nothing of it is logged
     */
    record TimerForm(
            boolean running,
            @Default("false") boolean rework,
            @Nullable Instant stoppedAt,
            @Default("false") boolean discard) {}

    /** Starts the timer of the current job, or stops and logs it; asked twice, it is done once. */
    @PutMapping("/timer")
    BenchView timer(@RequestParam(defaultValue = "1") int maker, @RequestBody TimerForm form) {
        if (form.running()) {
            bench.start(who(maker), form.rework());
        } else {
            bench.stop(who(maker), form.discard() ? null : ended(form), form.stoppedAt() != null);
        }
        return bench(maker);
    }

    /** The work is interrupted; it goes on when the timer is started again. */
    @PostMapping("/interruption")
    BenchView interrupt(@RequestParam(defaultValue = "1") int maker) {
        bench.interrupt(who(maker));
        return bench(maker);
    }

    private Instant ended(TimerForm form) {
        Instant now = clock.instant();
        Instant ended = form.stoppedAt() == null ? now : form.stoppedAt();
        if (ended.isAfter(now)) {
            throw new InvalidInputException(
                    "stoppedAt", "a time that is still to come", "a time before now", "Enter when the work ended.");
        }
        return ended;
    }

    /** How many more are done; a negative number takes some back. */
    record CountForm(int done) {}

    /** Counts pieces done at the current job. */
    @PostMapping("/count")
    BenchView count(@RequestParam(defaultValue = "1") int maker, @RequestBody CountForm count) {
        bench.done(who(maker), count.done());
        return bench(maker);
    }

    /** Pieces lost at the current job, why, and whether they are made again rather than there being so many fewer. */
    record LossForm(
            @Default("1") int pieces,
            @Default("OTHER") LossReason reason,
            @Default("false") boolean again) {
        static final Span PIECES = DaybookLine.PIECES;
    }

    /** The number of a loss in the daybook. */
    record LossView(long lineId) {}

    /** Counts a loss; what is not known of it yet can be said afterwards. */
    @PostMapping("/losses")
    LossView lose(@RequestParam(defaultValue = "1") int maker, @RequestBody LossForm form) {
        return new LossView(bench.lost(who(maker), form.pieces(), form.reason(), form.again()));
    }

    /** Why the pieces of a loss were lost, and whether they are made again. */
    record BecauseForm(LossReason reason, boolean again) {}

    @PutMapping("/losses/{lineId}")
    LossView because(@PathVariable long lineId, @RequestBody BecauseForm form) {
        bench.because(lineId, form.reason(), form.again());
        return new LossView(lineId);
    }
}
