package fairember.core.loadstart;

import fairember.core.batch.BatchBakes;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.design.AssemblyTree;
import fairember.core.design.CheckLine;
import fairember.core.design.Step;
import fairember.core.input.Figures;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds what has to be asked before a load goes in: what the log does not say, or says otherwise. */
public final class StartReview {
    /** An oven this far under the load's temperature has only had its door open, in K. */
    private static final double COLD_BY = 15;

    private static final String OTHER_STEPS = " and %d more";
    private static final int NAMED_STEPS = 2;

    private StartReview() {}

    /**
     * The questions of a load, those about its items first.
     *
     * @param temp it is to have
     * @param probe what the oven's probe read just now; empty when nothing was read
     */
    public static List<StartQuestion> of(List<LoadCandidate> items, Temperature temp, Optional<Temperature> probe) {
        List<StartQuestion> questions = new ArrayList<>();
        Set<Long> batches = new HashSet<>();
        for (int i = 0; i < items.size(); i++) {
            LoadCandidate item = items.get(i);
            if (item.state() == BatchState.PLANNED
                    && batches.add(item.job().key().batchId())) {
                questions.add(notOnBench(item, i));
            }
            shaped(item, i).ifPresent(questions::add);
            questions.addAll(smallParts(item, i));
            questions.addAll(checks(item, i));
        }
        heated(temp, probe).ifPresent(questions::add);
        return questions;
    }

    private static StartQuestion notOnBench(LoadCandidate item, int i) {
        return new StartQuestion(
                Doubt.NOT_ON_BENCH,
                i,
                -1,
                "The batch %s is planned, but not on the bench yet.".formatted(item.batchName()),
                "Put it on the bench",
                false);
    }

    /** Steps that are to be done before these go in, and are not logged for all of them. */
    public static List<Integer> openSteps(LoadCandidate item) {
        return BatchBakes.feeding(item.job(), item.stage()).stream()
                .filter(step -> item.job().progress().stepDone(step) < item.piecesThen())
                .toList();
    }

    private static Optional<StartQuestion> shaped(LoadCandidate item, int i) {
        List<Integer> open = openSteps(item);
        if (open.isEmpty()) {
            return Optional.empty();
        }
        List<Step> steps = item.job().design().design().steps();
        String names = open.stream()
                .limit(NAMED_STEPS)
                .map(step -> "'" + steps.get(step).name() + "'")
                .collect(Collectors.joining(", "));
        String more = open.size() > NAMED_STEPS ? OTHER_STEPS.formatted(open.size() - NAMED_STEPS) : "";
        int through = item.piecesThen() - item.pieces();
        int ready = open.stream()
                .mapToInt(step -> item.job().progress().stepDone(step) - through)
                .min()
                .orElse(0);
        return Optional.of(new StartQuestion(
                Doubt.NOT_SHAPED,
                i,
                -1,
                "%s: %d of %d logged as ready for the oven; not logged for the others: %s%s."
                        .formatted(item.name(), Math.max(0, ready), item.pieces(), names, more),
                "All of them are ready: log these steps as done",
                false));
    }

    private static List<StartQuestion> smallParts(LoadCandidate item, int i) {
        List<StartQuestion> questions = new ArrayList<>();
        List<Job.Supply> supplies = item.job().suppliesOf(item.stage());
        for (int n = 0; n < supplies.size(); n++) {
            Job.Supply supply = supplies.get(n);
            int wanted = supply.each() * item.piecesThen();
            int baked = supply.job().throughAll();
            if (baked < wanted) {
                questions.add(new StartQuestion(
                        Doubt.SMALL_PARTS_MISSING,
                        i,
                        n,
                        "%s: %d of %d × %s are baked and out of the oven."
                                .formatted(
                                        item.name(),
                                        baked,
                                        wanted,
                                        supply.job().design().design().name()),
                        "They are in these pieces",
                        true));
            }
        }
        return questions;
    }

    private static List<StartQuestion> checks(LoadCandidate item, int i) {
        AssemblyTree tree = item.job().design().design().tree();
        List<StartQuestion> questions = new ArrayList<>();
        List<CheckLine> lines = item.job().design().design().checkLines();
        for (int line = 0; line < lines.size(); line++) {
            if (lines.get(line).isBefore(item.stage(), tree)
                    && item.job().progress().checked(line) < item.piecesThen()) {
                questions.add(new StartQuestion(
                        Doubt.NOT_CHECKED,
                        i,
                        line,
                        "%s: %s"
                                .formatted(
                                        item.job().design().design().name(),
                                        lines.get(line).words()),
                        item.pieces() == 1 ? "Checked on this piece" : "Checked on all %d".formatted(item.pieces()),
                        true));
            }
        }
        return questions;
    }

    private static Optional<StartQuestion> heated(Temperature temp, Optional<Temperature> probe) {
        String wanted = Figures.show(temp.c(), "°C");
        if (probe.isEmpty()) {
            return Optional.of(new StartQuestion(
                    Doubt.OVEN_COLD,
                    -1,
                    -1,
                    "No probe reads this oven. Does its own thermometer show %s?".formatted(wanted),
                    "Yes, it shows %s".formatted(wanted),
                    true));
        }
        double read = probe.get().c();
        if (read >= temp.c() - COLD_BY) {
            return Optional.empty();
        }
        return Optional.of(new StartQuestion(
                Doubt.OVEN_COLD,
                -1,
                -1,
                "The probe reads %s; this load needs %s. Its minutes count only once the oven is hot."
                        .formatted(Figures.show(Math.rint(read), "°C"), wanted),
                "Start in the cold oven",
                true));
    }
}
