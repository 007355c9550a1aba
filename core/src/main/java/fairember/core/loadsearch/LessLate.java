package fairember.core.loadsearch;

import fairember.core.ovenload.Objective;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * For problems that are too large for the solver whole: what the solver makes of them when something is left out. It raises the
 * bound on lateness, and gives drafts from which a search finds less late plans than from the rules.
 */
final class LessLate {
    /** The solver's own seconds: for the hands alone, for loads in turn at first, and for what that leaves open. */
    private static final double HANDS_STEPS = 0.4;

    private static final double FIRST_STEPS = 0.15;
    private static final double PLAN_STEPS = 0.45;
    private static final double BOUND_STEPS = 1.2;

    /** Bakes of which any two are looked at. */
    private static final int MOST_PAIRED = 60;

    private final Table table;
    private final Slots slots;
    private final List<Slot> pinned;
    private final Bounds relaxed;
    private final Map<Objective, Double> bounds;
    private final BooleanSupplier stop;
    /** Whether nothing more is to be found from below. */
    private final AtomicBoolean met = new AtomicBoolean();
    /** The least lateness with loads in turn, once it is known; none before. */
    private final AtomicReference<@Nullable Double> inTurn = new AtomicReference<>();

    private CompletableFuture<Double> below = CompletableFuture.completedFuture(0.0);

    LessLate(Table table, Slots slots, List<Slot> pinned, Map<Objective, Double> bounds, BooleanSupplier stop) {
        this.table = table;
        this.slots = slots;
        this.pinned = pinned;
        this.relaxed = new Bounds(table);
        this.bounds = new EnumMap<>(bounds);
        this.stop = stop;
    }

    /** The bounds as far as it has raised them. */
    Map<Objective, Double> bounds() {
        return bounds;
    }

    /** Begins to raise the bound beside whatever is done until {@link #settle}: the longest of its questions. */
    void begin(Draft first) {
        Outcome outcome = outcome(first);
        if (outcome.left() == 0 && outcome.late() > bound()) {
            long low = bound();
            below = CompletableFuture.supplyAsync(() -> fromBelow(first, low, outcome.late()));
        }
    }

    private boolean isEnough() {
        return met.get() || stop.getAsBoolean();
    }

    private double fromBelow(Draft first, long low, long late) {
        double byPrices = Math.max((double) low, new HandPrices(table, relaxed, late).bound(this::isEnough));
        if (!isPaired() || isEnough()) {
            return byPrices;
        }
        Relaxation.Found found =
                below(first, Relaxation.Loads.IN_TURN, byPrices, late, () -> inTurn.get() != null || isEnough());
        Double fromAbove = inTurn.get();
        double least = Math.max(byPrices, Math.max(found.lateness(), fromAbove == null ? 0 : fromAbove));
        // More is asked only where that is answered, and leaves something open.
        if (least >= late || isEnough() || (!found.least() && fromAbove == null)) {
            return least;
        }
        return Math.max(
                least,
                below(first, Relaxation.Loads.WITH_EARLIER, least, late, this::isEnough)
                        .lateness());
    }

    private Relaxation.Found below(
            Draft first, Relaxation.Loads loads, double least, long late, BooleanSupplier enough) {
        return relaxation(first, loads)
                .solve((long) Math.ceil(least), late, null, Relaxation.Way.FROM_BELOW, BOUND_STEPS, enough);
    }

    /** Waits for what {@link #begin} finds, unless the bound is met already. */
    void settle(Draft best) {
        if (outcome(best).late() <= bound()) {
            met.set(true);
        }
        raise(below.join());
    }

    private boolean isPaired() {
        return table.ovens == 1 && table.bakes <= MOST_PAIRED && pinned.isEmpty();
    }

    /**
     * A draft in the best order of the hands, when nothing but they took time.
     *
     * @param first a draft there is
     */
    Optional<Draft> byHands(Draft first) {
        Relaxation.Found found = relaxation(first, Relaxation.Loads.FREE)
                .solve(0, Table.NEVER, null, Relaxation.Way.FROM_ABOVE, HANDS_STEPS, stop);
        raise(found.lateness());
        FirstPlans rules = new FirstPlans(table, slots, new Timetable(table));
        return found.begin().isEmpty() ? Optional.empty() : Optional.ofNullable(rules.inOrder(found.begin(), pinned));
    }

    /** Whether {@link #byLoads} may give drafts that are less late than this one, when lateness comes first. */
    boolean mayLessen(Draft best) {
        Outcome outcome = outcome(best);
        return table.order.get(0) == Objective.LATENESS
                && isPaired()
                && outcome.left() == 0
                && outcome.late() > bound();
    }

    /**
     * Drafts that follow from loads in turn, to search from; none when the bound is met or the problem is no case for it.
     *
     * @param best the best draft so far, whole and in time for its hours
     */
    List<Draft> byLoads(Draft best) {
        List<Draft> drafts = new ArrayList<>();
        Timetable from = timed(best);
        long late = outcome(best).late();
        if (late <= bound() || !isPaired()) {
            return drafts;
        }
        Relaxation.Found found = relaxation(best, Relaxation.Loads.IN_TURN)
                .solve(bound(), late, from, Relaxation.Way.FROM_ABOVE, FIRST_STEPS, stop);
        raise(found.lateness());
        if (found.least()) {
            // Of the same question there is no better answer from below.
            inTurn.set(found.lateness());
        }
        draft(found).ifPresent(drafts::add);
        double reached =
                drafts.isEmpty() ? late : Math.min(late, outcome(drafts.get(0)).late());
        if (reached > bound()) {
            Relaxation.Found undivided = relaxation(best, Relaxation.Loads.UNDIVIDED)
                    .solve(bound(), late, from, Relaxation.Way.FROM_ABOVE, PLAN_STEPS, stop);
            draft(undivided).ifPresent(drafts::add);
        }
        return drafts;
    }

    private Timetable timed(Draft draft) {
        Timetable times = new Timetable(table);
        times.time(draft);
        return times;
    }

    private Outcome outcome(Draft draft) {
        return Objects.requireNonNull(new Timetable(table).time(draft));
    }

    private Relaxation relaxation(Draft first, Relaxation.Loads loads) {
        // What has a due is done by the last of them and the lateness there is, the rest within the time of a plan
        // after that.
        Outcome outcome = outcome(first);
        int lastDue =
                Arrays.stream(table.due).filter(due -> due < Table.NEVER).max().orElse(0);
        long horizon = lastDue + outcome.late() + 2L * outcome.finish();
        return new Relaxation(table, relaxed, (int) Math.min(horizon, Table.NEVER), loads);
    }

    private long bound() {
        return (long) Math.ceil(bounds.getOrDefault(Objective.LATENESS, 0.0) - 1e-6);
    }

    private void raise(double lateness) {
        bounds.merge(Objective.LATENESS, lateness, Math::max);
    }

    /** The loads of a relaxed plan, the largest of each first; what its trays do not hold goes in right after. */
    private Optional<Draft> draft(Relaxation.Found found) {
        TreeMap<Integer, List<Integer>> groups = new TreeMap<>();
        for (int j = 0; j < found.heat().size(); j++) {
            groups.computeIfAbsent(found.heat().get(j), h -> new ArrayList<>()).add(j);
        }
        groups.values()
                .forEach(group ->
                        group.sort(Comparator.comparingDouble((Integer j) -> -table.count[j] * table.area[0][j])));
        if (groups.isEmpty()) {
            return Optional.empty();
        }
        Timetable times = new Timetable(table);
        Draft draft = new FirstPlans(table, slots, times).together(List.copyOf(groups.values()), found.begin());
        return times.time(draft) == null ? Optional.empty() : Optional.of(draft);
    }
}
