package fairember.app.loadstart;

import fairember.app.batch.BatchStore;
import fairember.app.batch.Planning;
import fairember.app.batch.ProgressStore;
import fairember.app.journal.Journal;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.app.probe.ProbeStore;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.BatchState;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.loadstart.LoadCandidate;
import fairember.core.loadstart.StartAnswer;
import fairember.core.loadstart.StartQuestion;
import fairember.core.loadstart.StartReview;
import fairember.core.quantity.Temperature;
import fairember.core.studio.LoggedLoad;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Puts loads into ovens: what the log does not say is asked, and what is answered is logged and done. */
@Service
class LoadStarting {
    /** A reading older than this says nothing of the oven now. */
    private static final Duration FRESH = Duration.ofMinutes(5);

    private final LoadStore loads;
    private final OvenStore ovens;
    private final LoadReview review;
    private final ProbeStore probes;
    private final ProgressStore progress;
    private final BatchStore batches;
    private final Planning planning;
    private final ReadySteps ready;
    private final Journal journal;

    LoadStarting(
            LoadStore loads,
            OvenStore ovens,
            LoadReview review,
            ProbeStore probes,
            ProgressStore progress,
            BatchStore batches,
            Planning planning,
            ReadySteps ready,
            Journal journal) {
        this.loads = loads;
        this.ovens = ovens;
        this.review = review;
        this.probes = probes;
        this.progress = progress;
        this.batches = batches;
        this.planning = planning;
        this.ready = ready;
        this.journal = journal;
    }

    /** What is asked before a load goes in. */
    List<StartQuestion> questions(StartLoadForm form) {
        Instant now = planning.instant();
        return questions(form, candidates(form.from(now, List.of())), now);
    }

    private List<LoadCandidate> candidates(LoggedLoad load) {
        if (ovens.find(load.ovenId()).isEmpty()) {
            throw new InvalidInputException("ovenId", "oven " + load.ovenId(), "an oven of the studio", "Choose one.");
        }
        if (loads.inOvens().stream().anyMatch(in -> in.value().ovenId() == load.ovenId())) {
            throw new InvalidInputException("items", "a load in the oven", "an empty oven", "Take that one out first.");
        }
        return review.candidates(load);
    }

    private List<StartQuestion> questions(StartLoadForm form, List<LoadCandidate> candidates, Instant now) {
        Optional<Temperature> probe = probes.last(form.ovenId())
                .filter(row -> !Instant.ofEpochMilli(row.atMs()).isBefore(now.minus(FRESH)))
                .map(row -> new Temperature(row.tempC()));
        return StartReview.of(candidates, form.temp(), probe);
    }

    /**
     * Starts a load, and does what was answered: its batches are put on the bench, its steps logged as done, its checks ticked.
     *
     * @return its number
     * @throws InvalidInputException with everything that keeps it out, and each question that was not answered
     */
    long start(StartLoadForm form) {
        return journal.together(() -> {
            Instant now = planning.instant();
            List<LoadCandidate> candidates = candidates(form.from(now, List.of()));
            List<String> notes = new ArrayList<>();
            List<InputError> unanswered = new ArrayList<>();
            for (StartQuestion question : questions(form, candidates, now)) {
                Optional<StartAnswer> answer =
                        form.answers().stream().filter(question::answeredBy).findFirst();
                if (answer.isEmpty()) {
                    unanswered.add(unanswered(question));
                } else {
                    notes.add(question.note(answer.get()));
                    if (answer.get().reason().isEmpty() && question.item() >= 0) {
                        answered(question, candidates.get(question.item()));
                    }
                }
            }
            if (!unanswered.isEmpty()) {
                throw new InvalidInputException(unanswered);
            }
            LoggedLoad load = form.from(now, notes);
            long id = journal.add(loads, load);
            journal.call("started the " + loads.nameOf(load));
            return id;
        });
    }

    private static InputError unanswered(StartQuestion question) {
        String allowed = "'%s'%s".formatted(question.yes(), question.skippable() ? ", or a reason to skip it" : "");
        return new InputError(
                "answers",
                question.asked(),
                allowed,
                "Answer this question.",
                "%s Answer %s.".formatted(question.asked(), allowed));
    }

    private void answered(StartQuestion question, LoadCandidate item) {
        long batchId = item.job().key().batchId();
        long designId = item.job().key().designId();
        int pieces = item.piecesThen();
        String words = question.yes();
        switch (question.doubt()) {
            case NOT_ON_BENCH ->
                journal.change(
                        batches,
                        batchId,
                        words,
                        batch -> new Batch(
                                batch.id(),
                                batch.name(),
                                BatchState.ON_BENCH,
                                batch.beginsOn(),
                                batch.dueOn(),
                                batch.lines()));
            case NOT_SHAPED -> ready.log(item, words);
            case NOT_CHECKED ->
                journal.change(
                        progress,
                        batchId,
                        words,
                        done -> done.with(new BatchProgress.Tick(designId, question.line(), pieces)));
            case OVEN_COLD, SMALL_PARTS_MISSING -> {
                // Nothing follows from it but the note.
            }
        }
    }
}
