package fairember.app.loadstart;

import fairember.app.batch.Planning;
import fairember.app.batch.ProgressStore;
import fairember.app.daybook.DaybookLines;
import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.oven.LoadStore;
import fairember.app.probe.LoadRecords;
import fairember.core.batch.BatchBakes;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.Job;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LossReason;
import fairember.core.design.Step;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.loadstart.LoadCandidate;
import fairember.core.loadstart.LoadOutcome;
import fairember.core.loadstart.TakingOut;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Takes loads out of ovens; one that is early or late is asked about. Counts of loads can be corrected later. */
@Service
class LoadRemoval {
    private final LoadStore loads;
    private final LoadRecords records;
    private final ProgressStore progress;
    private final Planning planning;
    private final LoadReview review;
    private final ReadySteps ready;
    private final DaybookLines lines;
    private final Journal journal;

    LoadRemoval(
            LoadStore loads,
            LoadRecords records,
            ProgressStore progress,
            Planning planning,
            LoadReview review,
            ReadySteps ready,
            DaybookLines lines,
            Journal journal) {
        this.lines = lines;
        this.loads = loads;
        this.records = records;
        this.progress = progress;
        this.planning = planning;
        this.review = review;
        this.ready = ready;
        this.journal = journal;
    }

    /** How it stands with a load that is taken out now. */
    TakingOut now(long id) {
        return TakingOut.of(records.had(id));
    }

    /**
     * Takes a load out, now.
     *
     * @param outcome what is done with it; nothing only when its minutes are done
     * @throws InvalidInputException when it is early or late and nothing is said of it
     */
    void takeOut(long id, @Nullable LoadOutcome outcome) {
        journal.together(() -> {
            LoggedLoad load = existing(id).value();
            if (load.outAt() != null) {
                throw new InvalidInputException(
                        "id", "a load that is out", "the load in the oven", "Nothing needs to be done.");
            }
            TakingOut how = now(id);
            boolean inTime = how.timing() == TakingOut.Timing.IN_TIME;
            if (outcome == null && !inTime) {
                throw new InvalidInputException(
                        "outcome",
                        how.message(),
                        "what to do with it: BAKED, BAKE_AGAIN, MAKE_AGAIN or LOST",
                        how.advice());
            }
            LoadOutcome as = outcome == null ? LoadOutcome.BAKED : outcome;
            Instant now = planning.instant();
            Instant out = now.isBefore(load.inAt()) ? load.inAt() : now;
            String words = "took out the " + loads.nameOf(load);
            if (as == LoadOutcome.LOST || as == LoadOutcome.MAKE_AGAIN) {
                load.items().forEach(item -> spoil(item, as, words));
            }
            String note = inTime ? "" : "%s %s".formatted(how.message(), words(as));
            journal.change(loads, id, words, in -> in.out(out, as, note));
            journal.call(words);
            return words;
        });
    }

    private static String words(LoadOutcome outcome) {
        return switch (outcome) {
            case BAKED -> "Counted as baked.";
            case BAKE_AGAIN -> "To be baked again.";
            case MAKE_AGAIN -> "To be made again.";
            case LOST -> "Counted as lost.";
        };
    }

    /** Takes back the steps of what is made again; counts what is lost at the last step before the oven. */
    private void spoil(LoadItem item, LoadOutcome as, String words) {
        Optional<Job> job = job(item.batchId(), item.designId());
        if (job.isEmpty() || item.stage() >= job.get().design().stages().size()) {
            return;
        }
        List<Integer> steps = BatchBakes.feeding(job.get(), item.stage());
        int each = job.get().design().stages().get(item.stage()).unitsEach();
        int pieces = (item.count() + each - 1) / each;
        write(item, job.get(), steps, pieces, as);
        if (as == LoadOutcome.MAKE_AGAIN) {
            steps.forEach(step -> count(item, step, -pieces, 0, words));
        } else if (job.get().design().design().steps().isEmpty()) {
            throw new InvalidInputException(
                    "outcome",
                    "lost pieces of a design without steps",
                    "a step to log them at",
                    "Add a step to the design, or make the batch smaller.");
        } else {
            count(item, steps.isEmpty() ? 0 : steps.get(steps.size() - 1), -pieces, pieces, words);
        }
    }

    /** The daybook tells of it, at the last step before the oven; the counts are taken back here. */
    private void write(LoadItem item, Job job, List<Integer> steps, int pieces, LoadOutcome as) {
        List<Step> all = job.design().design().steps();
        if (!all.isEmpty() && (as == LoadOutcome.LOST || as == LoadOutcome.MAKE_AGAIN)) {
            int step = steps.isEmpty() ? 0 : steps.get(steps.size() - 1);
            lines.add(DaybookLine.loss(
                    new DaybookLine.AtStep(item.batchId(), item.designId(), step, all.get(step)),
                    planning.instant(),
                    1,
                    pieces,
                    LossReason.OVEN,
                    as == LoadOutcome.MAKE_AGAIN));
        }
    }

    private void count(LoadItem item, int step, int done, int lost, String words) {
        journal.change(
                progress,
                item.batchId(),
                words,
                form -> form.with(
                        item.designId(),
                        step,
                        tally -> new BatchProgress.Tally(
                                item.designId(),
                                step,
                                Math.max(0, tally.done() + done),
                                tally.lost() + lost,
                                tally.again())));
    }

    /**
     * Corrects how many of each were in a load, and adds what was forgotten.
     *
     * @throws InvalidInputException when there are more than the batch has, or fewer than a later bake already took
     */
    void correct(long id, int edition, List<CorrectedCount> counts) {
        journal.together(() -> {
            LoggedLoad load = existing(id).value();
            Gathering gathering = new Gathering();
            List<LoadItem> items = new ArrayList<>(load.items().stream()
                    .map(item -> LoadItem.of(item.bake(), count(item, counts)))
                    .filter(item -> item.count() > 0)
                    .toList());
            List<LoadCandidate> forgotten = forgotten(load, counts, gathering);
            gathering.orRefuse();
            String words = "corrected the counts of the " + loads.nameOf(load);
            forgotten.forEach(item -> items.add(LoadItem.of(item.job().bake(item.stage()), item.count())));
            if (!items.equals(load.items())) {
                journal.replace(loads, id, edition, load.of(items, note(forgotten)));
                for (int i = 0; i < counts.size(); i++) {
                    CorrectedCount corrected = counts.get(i);
                    int was = load.items().stream()
                            .filter(corrected::isOf)
                            .mapToInt(LoadItem::count)
                            .sum();
                    gathering.at("items[" + i + "]", () -> possible(was, corrected));
                }
                gathering.orRefuse();
                forgotten.forEach(item -> ready.log(item, words));
                journal.call(words);
            }
            return "";
        });
    }

    /** What was in the load although it is not in its list: it is let in as at the start. */
    private List<LoadCandidate> forgotten(LoggedLoad load, List<CorrectedCount> counts, Gathering gathering) {
        List<LoadCandidate> forgotten = new ArrayList<>();
        for (int i = 0; i < counts.size(); i++) {
            CorrectedCount count = counts.get(i);
            if (count.count() > 0 && load.items().stream().noneMatch(count::isOf)) {
                gathering
                        .at("items[" + i + "]", () -> review.candidate(load, count.item()))
                        .ifPresent(forgotten::add);
            }
        }
        return forgotten;
    }

    private static String note(List<LoadCandidate> forgotten) {
        String added =
                forgotten.stream().map(item -> item.count() + " " + item.name()).collect(Collectors.joining(", "));
        return added.isEmpty() ? "Counts were corrected." : "Added later: " + added + ".";
    }

    private static int count(LoadItem item, List<CorrectedCount> counts) {
        return counts.stream()
                .filter(count -> count.isOf(item))
                .mapToInt(CorrectedCount::count)
                .findFirst()
                .orElse(item.count());
    }

    /** Whether the counts are possible now that an item has another. */
    private boolean possible(int was, CorrectedCount now) {
        Optional<Job> found = job(now.batchId(), now.designId());
        if (found.isEmpty() || now.stage() >= found.get().design().stages().size()) {
            return true;
        }
        Job job = found.get();
        int each = job.design().stages().get(now.stage()).unitsEach();
        int over = job.progress().bakedOrIn(now.stage()) - job.alive() * each;
        if (now.count() > was && over > 0) {
            throw new InvalidInputException(
                    "count", String.valueOf(now.count()), (now.count() - over) + " at most", "The batch has no more.");
        }
        for (int later = 0; now.count() < was && later < job.design().stages().size(); later++) {
            int needed = job.progress().bakedOrIn(later)
                    - job.through(now.stage())
                            * job.design().stages().get(later).unitsEach();
            if (job.design().design().tree().waitsFor(later).contains(now.stage()) && needed > 0) {
                throw new InvalidInputException(
                        "count",
                        String.valueOf(now.count()),
                        "enough for those that had their next bake",
                        "Correct the load with %s first."
                                .formatted(job.design().design().stageName(later)));
            }
        }
        return true;
    }

    private Optional<Job> job(long batchId, long designId) {
        return planning.work(batchId).jobs().stream()
                .filter(one -> one.design().design().id() == designId)
                .findFirst();
    }

    private SavedKind.Saved<LoggedLoad> existing(long id) {
        return loads.find(id).orElseThrow(() -> new MissingException("load", id));
    }
}
