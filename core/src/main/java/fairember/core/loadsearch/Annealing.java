package fairember.core.loadsearch;

import fairember.core.ovenload.Objective;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Betters a draft by simulated annealing (Kirkpatrick, Gelatt and Vecchi, 1983), one objective after the other: while
 * one is lessened those before it weigh more and those after it less. What is kept is the best in the true order. The
 * number of drafts looked at is fixed, so the same problem gives the same plan.
 */
final class Annealing {
    private static final long SEED = 20_261_125;
    private static final double BEFORE = 12;
    private static final double AFTER = 0.08;
    private static final double LEFT_OUT = 1e7;
    private static final double COLDEST = 0.003;

    private final Table table;
    private final Timetable timetable;
    private final Moves moves;
    private final SplittableRandom random;
    private final BooleanSupplier stop;
    private final Consumer<Draft> better;
    private final double unit;
    private Draft best;
    private Outcome least;

    /** @param better given of each draft that is the best so far */
    Annealing(Table table, Slots slots, Draft start, BooleanSupplier stop, Consumer<Draft> better) {
        this(table, slots, start, stop, better, 0);
    }

    /** @param number of the search: each goes another way */
    Annealing(Table table, Slots slots, Draft start, BooleanSupplier stop, Consumer<Draft> better, int number) {
        this.random = new SplittableRandom(SEED + number);
        this.table = table;
        this.timetable = new Timetable(table);
        this.moves = new Moves(table, slots, random);
        this.stop = stop;
        this.better = better;
        this.best = start;
        Outcome outcome = timetable.time(start);
        if (outcome == null) {
            throw new IllegalArgumentException("The draft to begin with is out of order");
        }
        this.least = outcome;
        this.unit = meanLoad();
    }

    private double meanLoad() {
        double sum = 0;
        for (int j = 0; j < table.bakes; j++) {
            sum += table.need[j] + table.preheat[0] + table.unload[0];
        }
        return Math.max(1, sum / Math.max(1, table.bakes));
    }

    /** The best draft after so many. */
    Draft run(int drafts) {
        return run(drafts, 0, table.order.size());
    }

    /** The best draft for the first objective alone, after as many as {@link #run(int)} has for it. */
    Draft runForTheFirst(int drafts) {
        return run(drafts, 0, 1);
    }

    /** The best draft for all objectives but the first, which gets no worse. */
    Draft runForTheOthers(int drafts) {
        return run(drafts, 1, table.order.size());
    }

    private Draft run(int drafts, int from, int to) {
        int rounds = table.order.size();
        for (int round = from; round < to && !stop.getAsBoolean(); round++) {
            boolean first = round == 0;
            anneal(round, first ? drafts / 2 : drafts / (2 * (rounds - 1)), first ? 1 : 0.4);
        }
        return best;
    }

    private void anneal(int focus, int drafts, double hot) {
        Draft now = best;
        double cost = cost(least, focus);
        moves.from(now);
        double cooling = Math.pow(COLDEST / hot, 1.0 / Math.max(1, drafts));
        double heat = hot * unit;
        for (int n = 0; n < drafts; n++, heat *= cooling) {
            if ((n & 255) == 0 && stop.getAsBoolean()) {
                return;
            }
            Draft next = moves.draw();
            Outcome outcome = next == null ? null : timetable.time(next);
            if (next == null || outcome == null) {
                continue;
            }
            double other = cost(outcome, focus);
            if (other <= cost || random.nextDouble() < Math.exp((cost - other) / heat)) {
                now = next;
                cost = other;
                moves.from(now);
                keep(now, outcome);
            }
        }
    }

    private void keep(Draft draft, Outcome outcome) {
        if (outcome.compareTo(least) < 0) {
            least = outcome;
            best = draft;
            better.accept(draft);
        }
    }

    /** Everything in ticks of one kind, weighed by its place in the order. */
    private double cost(Outcome outcome, int focus) {
        double sum = LEFT_OUT * outcome.left() + BEFORE * outcome.slip();
        for (int i = 0; i < table.order.size(); i++) {
            double weight = i < focus ? BEFORE : i == focus ? 1 : Math.pow(AFTER, i - focus);
            sum += weight * ticks(outcome, table.order.get(i));
        }
        return sum;
    }

    private double ticks(Outcome outcome, Objective objective) {
        return switch (objective) {
            case LATENESS -> outcome.late();
            case LOADS -> outcome.loads() * unit;
            case KWH -> outcome.kwh() * table.scale * 60;
            case FINISH -> outcome.finish();
        };
    }
}
