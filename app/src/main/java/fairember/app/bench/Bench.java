package fairember.app.bench;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.MissingException;
import fairember.app.run.Planning;
import fairember.app.run.ProgressForm;
import fairember.app.run.ProgressStore;
import fairember.core.measure.Refused;
import fairember.core.piece.Step;
import fairember.core.run.Job;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is done at the bench: a step is taken in hand, timed, counted and put down. */
@Service
class Bench {
    private final HandStore hands;
    private final TimeStore times;
    private final Planning planning;
    private final ProgressStore progress;
    private final Keeping keeping;
    private final Clock clock;

    Bench(HandStore hands, TimeStore times, Planning planning, ProgressStore progress, Keeping keeping, Clock clock) {
        this.hands = hands;
        this.times = times;
        this.planning = planning;
        this.progress = progress;
        this.keeping = keeping;
        this.clock = clock;
    }

    /** The step in hand with its job, its counts and its time. */
    record InHand(HandForm hand, String runName, Job job, Step step, ProgressForm.TallyForm tally, Duration logged) {}

    /** The step in hand; none when there is none, or when its run or its step has gone. */
    Optional<InHand> inHand() {
        return hands.hand().flatMap(this::found);
    }

    private Optional<InHand> found(HandForm hand) {
        Planning.Work work = planning.work(hand.runId());
        return work.jobs().stream()
                .filter(job -> job.piece().piece().id() == hand.pieceId())
                .filter(job -> hand.step() >= 0
                        && hand.step() < job.piece().piece().steps().size())
                .findFirst()
                .map(job -> new InHand(
                        hand,
                        work.held().form().name(),
                        job,
                        job.piece().piece().steps().get(hand.step()),
                        tally(hand),
                        times.logged(hand.runId(), hand.pieceId(), hand.step())));
    }

    private ProgressForm.TallyForm tally(HandForm hand) {
        return progress.find(hand.runId())
                .map(held -> held.form().tally(hand.pieceId(), hand.step()))
                .orElse(new ProgressForm.TallyForm(hand.pieceId(), hand.step(), 0, 0));
    }

    /** Takes a step in hand; what was in hand before is set aside, its timer stopped and logged. */
    public void take(long runId, long pieceId, int step) {
        HandForm hand = new HandForm(runId, pieceId, step, null);
        keeping.together(() -> {
            InHand taken = found(hand).orElseThrow(() -> new MissingException("step", step));
            return hand("started " + taken.step().name(), hand);
        });
    }

    /** Sets aside what is in hand; a running timer is stopped and logged. */
    public void setAside() {
        keeping.together(() -> {
            inHand().ifPresent(in -> hand("set aside " + in.step().name(), null));
            return "";
        });
    }

    /** Starts the timer of the step in hand, or stops and logs it; nothing when that is so already. */
    public void timer(boolean running) {
        keeping.together(() -> {
            InHand in = needed();
            HandForm hand = in.hand();
            if (running == (hand.startedAt() != null)) {
                return "";
            }
            Instant started = running ? clock.instant() : null;
            return hand(
                    (running ? "started the timer of " : "timer of ")
                            + in.step().name(),
                    new HandForm(hand.runId(), hand.pieceId(), hand.step(), started));
        });
    }

    /** Stops what runs and takes this in hand instead, all of it one step called {@code words}. */
    private String hand(String words, @Nullable HandForm next) {
        stop();
        keeping.set(hands, HandStore.ID, words, next);
        keeping.call(words);
        return words;
    }

    private void stop() {
        hands.hand().ifPresent(hand -> {
            Instant started = hand.startedAt();
            if (started != null && clock.instant().isAfter(started)) {
                keeping.add(times, new TimeForm(hand.runId(), hand.pieceId(), hand.step(), started, clock.instant()));
            }
        });
    }

    /** Counts so many more done and lost at the step in hand; fewer when negative. */
    public void count(int done, int lost) {
        keeping.together(() -> {
            InHand in = needed();
            HandForm hand = in.hand();
            String words = "%s: %s".formatted(in.step().name(), words(done, lost));
            keeping.change(
                    progress,
                    hand.runId(),
                    words,
                    form -> form.with(
                            hand.pieceId(),
                            hand.step(),
                            t -> counted(t, done, lost, in.job().quantity())));
            return words;
        });
    }

    private static ProgressForm.TallyForm counted(ProgressForm.TallyForm tally, int done, int lost, int quantity) {
        int nowDone = tally.done() + done;
        int nowLost = tally.lost() + lost;
        if (nowDone < 0 || nowLost < 0 || nowDone + nowLost > quantity) {
            throw new Refused(
                    "done",
                    nowDone + " done and " + nowLost + " lost",
                    "0 to " + quantity + " together",
                    "All of them are counted.");
        }
        return new ProgressForm.TallyForm(tally.pieceId(), tally.step(), nowDone, nowLost);
    }

    private static String words(int done, int lost) {
        return (done != 0 ? done + " done" : "")
                + (done != 0 && lost != 0 ? ", " : "")
                + (lost != 0 ? lost + " lost" : "");
    }

    private InHand needed() {
        return inHand().orElseThrow(
                        () -> new Refused("step", "no step in hand", "a step in hand", "Take a step in hand first."));
    }
}
