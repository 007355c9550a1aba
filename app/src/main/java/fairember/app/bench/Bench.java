package fairember.app.bench;

import fairember.app.batch.Planning;
import fairember.app.batch.ProgressStore;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.Job;
import fairember.core.batch.JobInHand;
import fairember.core.design.Step;
import fairember.core.input.InvalidInputException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is done at the bench: a job is started, timed, counted and set aside. */
@Service
class Bench {
    private final CurrentJobStore jobs;
    private final TimeStore times;
    private final Planning planning;
    private final ProgressStore progress;
    private final Journal journal;
    private final Clock clock;

    Bench(
            CurrentJobStore jobs,
            TimeStore times,
            Planning planning,
            ProgressStore progress,
            Journal journal,
            Clock clock) {
        this.jobs = jobs;
        this.times = times;
        this.planning = planning;
        this.progress = progress;
        this.journal = journal;
        this.clock = clock;
    }

    /** The current job with its job, its counts and its time. */
    record CurrentJob(
            JobInHand current, String batchName, Job job, Step step, BatchProgress.Tally tally, Duration logged) {}

    /** The current job; none when there is none, or when its batch or its step has gone. */
    Optional<CurrentJob> currentJob() {
        return jobs.current().flatMap(this::found);
    }

    private Optional<CurrentJob> found(JobInHand current) {
        Planning.Work work = planning.work(current.batchId());
        return work.jobs().stream()
                .filter(job -> job.design().design().id() == current.designId())
                .filter(job -> current.step() >= 0
                        && current.step() < job.design().design().steps().size())
                .findFirst()
                .map(job -> new CurrentJob(
                        current,
                        work.saved().value().name(),
                        job,
                        job.design().design().steps().get(current.step()),
                        tally(current),
                        times.logged(current.batchId(), current.designId(), current.step())));
    }

    private BatchProgress.Tally tally(JobInHand current) {
        return progress.find(current.batchId())
                .map(saved -> saved.value().tally(current.designId(), current.step()))
                .orElse(new BatchProgress.Tally(current.designId(), current.step(), 0, 0));
    }

    /** Takes a current job; what was in current before is set aside, its timer stopped and logged. */
    public void take(long batchId, long designId, int step) {
        JobInHand current = new JobInHand(batchId, designId, step, null);
        journal.together(() -> {
            CurrentJob taken = found(current).orElseThrow(() -> new MissingException("step", step));
            return change("started " + taken.step().name(), current);
        });
    }

    /** Sets the current job aside; a running timer is stopped and logged. */
    public void setAside() {
        journal.together(() -> {
            currentJob().ifPresent(in -> change("set aside " + in.step().name(), null));
            return "";
        });
    }

    /** Starts the timer of the current job, or stops and logs it; nothing when that is so already. */
    public void timer(boolean running) {
        journal.together(() -> {
            CurrentJob in = needed();
            JobInHand current = in.current();
            if (running == (current.startedAt() != null)) {
                return "";
            }
            Instant started = running ? clock.instant() : null;
            return change(
                    (running ? "started the timer of " : "timer of ")
                            + in.step().name(),
                    new JobInHand(current.batchId(), current.designId(), current.step(), started));
        });
    }

    /** Stops the timer and starts this job instead, all of it one step called {@code words}. */
    private String change(String words, @Nullable JobInHand next) {
        stop();
        journal.set(jobs, CurrentJobStore.ID, words, next);
        journal.call(words);
        return words;
    }

    private void stop() {
        jobs.current().ifPresent(current -> {
            Instant started = current.startedAt();
            if (started != null && clock.instant().isAfter(started)) {
                journal.add(
                        times,
                        new TimeForm(current.batchId(), current.designId(), current.step(), started, clock.instant()));
            }
        });
    }

    /** Counts a number of more done and lost at the current job; fewer when negative. */
    public void count(int done, int lost) {
        journal.together(() -> {
            CurrentJob in = needed();
            JobInHand current = in.current();
            String words = "%s: %s".formatted(in.step().name(), words(done, lost));
            journal.change(
                    progress,
                    current.batchId(),
                    words,
                    form -> form.with(
                            current.designId(),
                            current.step(),
                            t -> counted(t, done, lost, in.job().quantity())));
            return words;
        });
    }

    private static BatchProgress.Tally counted(BatchProgress.Tally tally, int done, int lost, int quantity) {
        int nowDone = tally.done() + done;
        int nowLost = tally.lost() + lost;
        if (nowDone < 0 || nowLost < 0 || nowDone + nowLost > quantity) {
            throw new InvalidInputException(
                    "done",
                    nowDone + " done and " + nowLost + " lost",
                    "0 to " + quantity + " in total",
                    "All of them are already counted.");
        }
        return new BatchProgress.Tally(tally.designId(), tally.step(), nowDone, nowLost);
    }

    private static String words(int done, int lost) {
        return (done != 0 ? done + " done" : "")
                + (done != 0 && lost != 0 ? ", " : "")
                + (lost != 0 ? lost + " lost" : "");
    }

    private CurrentJob needed() {
        return currentJob()
                .orElseThrow(() ->
                        new InvalidInputException("step", "no current job", "a current job", "Start a job first."));
    }
}
