package fairember.app.bench;

import fairember.app.batch.Planning;
import fairember.app.batch.ProgressStore;
import fairember.app.daybook.DaybookLines;
import fairember.app.daybook.DaybookStore;
import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.sparebox.SpareBoxStore;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.Job;
import fairember.core.batch.JobInHand;
import fairember.core.batch.SpareDraw;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LineKind;
import fairember.core.daybook.LossReason;
import fairember.core.design.SpareBox;
import fairember.core.input.InvalidInputException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is done at the bench: each maker starts a job, times it, counts it and sets it aside. */
@Service
class Bench {
    private static final Duration LONGEST_INTERRUPTION = Duration.ofHours(3);

    private final CurrentJobStore jobs;
    private final DaybookStore daybook;
    private final DaybookLines lines;
    private final Planning planning;
    private final ProgressStore progress;
    private final SpareBoxStore box;
    private final Journal journal;
    private final Clock clock;

    Bench(
            CurrentJobStore jobs,
            DaybookStore daybook,
            DaybookLines lines,
            Planning planning,
            ProgressStore progress,
            SpareBoxStore box,
            Journal journal,
            Clock clock) {
        this.jobs = jobs;
        this.daybook = daybook;
        this.lines = lines;
        this.planning = planning;
        this.progress = progress;
        this.box = box;
        this.journal = journal;
        this.clock = clock;
    }

    /** The current job of a maker; none when there is none, or when its batch or its step has gone. */
    Optional<CurrentJob> currentJob(int maker) {
        return jobs.current(maker).flatMap(this::found);
    }

    private Optional<CurrentJob> found(JobInHand current) {
        Planning.Work work = planning.work(current.batchId());
        return work.jobs().stream()
                .filter(job -> job.design().design().id() == current.designId())
                .filter(job -> current.step() >= 0
                        && current.step() < job.design().design().steps().size())
                .findFirst()
                .map(job -> found(current, work, job));
    }

    private CurrentJob found(JobInHand current, Planning.Work work, Job job) {
        BatchProgress made =
                progress.find(current.batchId()).map(SavedKind.Saved::value).orElse(BatchProgress.NONE);
        return new CurrentJob(
                current,
                work.saved().value().name(),
                job,
                job.design().design().steps().get(current.step()),
                made.tally(current.designId(), current.step()),
                made.againAfter(current.designId(), current.step()),
                daybook.logged(current.batchId(), current.designId(), current.step()));
    }

    /** How many of each part of a job come out of the box of spare parts. */
    List<Integer> fromBox(Job job) {
        SpareBox spares = box.saved().value();
        List<Job> open = spares.parts().isEmpty() ? List.of() : planning.open().jobs();
        return SpareDraw.of(job, job.now(), open, spares);
    }

    /** Takes a current job; what was in current before is set aside, its timer stopped and logged. */
    void take(int maker, long batchId, long designId, int step) {
        JobInHand current = JobInHand.standing(batchId, designId, step);
        journal.together(() -> {
            CurrentJob taken = found(current).orElseThrow(() -> new MissingException("step", step));
            return change(maker, "started " + taken.step().name(), current);
        });
    }

    /** Sets the current job aside; a running timer is stopped and logged. */
    void setAside(int maker) {
        journal.together(() -> {
            currentJob(maker)
                    .ifPresent(in -> change(maker, "set aside " + in.step().name(), null));
            return "";
        });
    }

    /**
     * Starts the timer of the current job; nothing when it runs already.
     *
     * @param rework whether what is timed is done over again, and kept apart from the step's own minutes
     */
    void start(int maker, boolean rework) {
        journal.together(() -> {
            CurrentJob in = needed(maker);
            JobInHand current = in.current();
            if (current.startedAt() != null) {
                return "";
            }
            boolean again = current.interruptedAt() == null ? rework : current.rework();
            return change(
                    maker,
                    "started the timer of " + in.step().name(),
                    current.started(clock.instant(), in.tally().done(), again));
        });
    }

    /** The work is interrupted: the timer is stopped and logged, and what lies between until it goes on is logged as an interruption. */
    void interrupt(int maker) {
        journal.together(() -> {
            CurrentJob in = needed(maker);
            if (in.current().startedAt() == null) {
                return "";
            }
            return change(maker, "interrupted " + in.step().name(), in.current().interrupted(clock.instant()));
        });
    }

    /**
     * Stops the timer of the current job and logs it; nothing when it stands still.
     *
     * @param stopped when the work ended, between its start and now; null when nothing of it is to be logged
     * @param said whether the maker said so, rather than the timer: then it was not forgotten
     */
    void stop(int maker, @Nullable Instant stopped, boolean said) {
        journal.together(() -> {
            CurrentJob in = needed(maker);
            JobInHand current = in.current();
            if (current.startedAt() == null) {
                return "";
            }
            JobInHand standing = JobInHand.standing(current.batchId(), current.designId(), current.step());
            return change(maker, "timer of " + in.step().name(), standing, stopped, said);
        });
    }

    /** Stops the timer and starts this job instead, all of it one step called {@code words}. */
    private String change(int maker, String words, @Nullable JobInHand next) {
        return change(maker, words, next, clock.instant(), false);
    }

    private String change(int maker, String words, @Nullable JobInHand next, @Nullable Instant stopped, boolean said) {
        currentJob(maker).ifPresent(in -> log(maker, in, stopped, said));
        journal.set(jobs, maker, words, next);
        journal.call(words);
        return words;
    }

    private void log(int maker, CurrentJob in, @Nullable Instant stopped, boolean said) {
        Instant interrupted = in.current().interruptedAt();
        if (interrupted != null && stopped != null) {
            interruption(maker, in, interrupted, stopped);
        }
        Instant started = in.current().startedAt();
        if (started == null || stopped == null || !stopped.isAfter(started)) {
            return;
        }
        DaybookLine line = DaybookLine.time(
                in.current().rework() ? LineKind.REWORK : LineKind.TIME,
                in.where(),
                started,
                stopped,
                maker,
                Math.max(0, in.tally().done() - in.current().doneThen()));
        if (!said && in.forgotten(stopped)) {
            throw new InvalidInputException(
                    "timer",
                    "a timer that ran %d hours"
                            .formatted(Duration.between(started, stopped).toHours()),
                    "the time at which the work ended",
                    "Say when you stopped.");
        }
        line.refuseForgotten();
        lines.add(line);
    }

    /** An interruption that lasted longer than anybody waits was the end of the work. */
    private void interruption(int maker, CurrentJob in, Instant from, Instant to) {
        if (to.isAfter(from) && Duration.between(from, to).compareTo(LONGEST_INTERRUPTION) <= 0) {
            lines.add(DaybookLine.time(LineKind.INTERRUPTION, in.where(), from, to, maker, 0));
        }
    }

    /** Counts a number of more pieces done at the current job; fewer when negative. */
    void done(int maker, int more) {
        journal.together(() -> {
            CurrentJob in = needed(maker);
            String words = "%s: %d done".formatted(in.step().name(), more);
            JobInHand current = in.current();
            journal.change(
                    progress,
                    current.batchId(),
                    words,
                    form -> form.with(current.designId(), current.step(), t -> counted(t, in, more)));
            if (current.startedAt() == null) {
                later(in, more);
            }
            journal.call(words);
            return words;
        });
    }

    /** Pieces counted after the timer was stopped belong to the time that was logged last. */
    private void later(CurrentJob in, int more) {
        JobInHand current = in.current();
        daybook.last(LineKind.TIME, current.batchId(), current.designId(), current.step())
                .filter(last -> last.value().pieces() + more >= 0)
                .ifPresent(last -> lines.replace(
                        last.id(),
                        last.edition(),
                        last.value().withPieces(last.value().pieces() + more)));
    }

    /**
     * Counts pieces that were lost at the current job, for good unless they are made again.
     *
     * @return the number of the line in the daybook
     */
    long lost(int maker, int pieces, LossReason reason, boolean again) {
        return journal.together(() -> {
            CurrentJob in = needed(maker);
            long line = lines.add(DaybookLine.loss(in.where(), clock.instant(), maker, pieces, reason, again)
                    .countedByIt());
            journal.call("%s: %d lost".formatted(in.step().name(), pieces));
            return line;
        });
    }

    /** Says why the pieces of a loss were lost, and whether they are made again. */
    void because(long lineId, LossReason reason, boolean again) {
        journal.together(() -> {
            SavedKind.Saved<DaybookLine> saved = daybook.find(lineId)
                    .filter(line -> line.value().kind() == LineKind.LOSS)
                    .orElseThrow(() -> new MissingException("loss", lineId));
            lines.replace(lineId, saved.edition(), saved.value().because(reason, again));
            String words = "%s: lost, %s".formatted(saved.value().stepName(), reason.label());
            journal.call(words);
            return words;
        });
    }

    private static BatchProgress.Tally counted(BatchProgress.Tally tally, CurrentJob in, int more) {
        int done = tally.done() + more - in.doneAgain();
        int quantity = in.job().quantity();
        if (done < 0 || done + tally.lost() > quantity) {
            throw new InvalidInputException(
                    "done",
                    done + " done and " + tally.lost() + " lost",
                    "0 to " + quantity + " in total",
                    "All of them are already counted.");
        }
        return new BatchProgress.Tally(
                tally.designId(), tally.step(), tally.done() + more, tally.lost(), tally.again());
    }

    private CurrentJob needed(int maker) {
        return currentJob(maker)
                .orElseThrow(() ->
                        new InvalidInputException("step", "no current job", "a current job", "Start a job first."));
    }
}
