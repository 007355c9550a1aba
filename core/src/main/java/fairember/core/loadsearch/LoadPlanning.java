package fairember.core.loadsearch;

import fairember.core.advice.Advice;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Score;
import fairember.core.solver.Solver;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Plans the loads of a problem: by rule at once, then by search, then with the solver where the problem is small enough
 * for it. The plan depends on nothing but the problem and the effort, unless it is stopped; not on the order in which the bakes are
 * given either.
 */
public final class LoadPlanning {
    /** Up to a number of bakes the solver looks at the whole problem. */
    private static final int MOST_EXACT = 24;

    private static final int MOST_EXACT_CELLS = 700;

    /** The same where lateness is still open when bakes were looked at two by two: the whole is harder. */
    private static final int MOST_OPEN = 16;

    /** Searches of a problem that is too large for the solver. */
    private static final int STARTS = 3;

    /** Drafts looked at after the pattern model. */
    private static final int POLISHING = 15_000;

    private final LoadProblem problem;
    private final Effort effort;
    private final Optional<LoadPlan> earlier;
    private final BooleanSupplier stop;
    private final Consumer<LoadPlan> better;
    private final List<Advice> advice = new ArrayList<>();

    private LoadPlanning(
            LoadProblem problem,
            Effort effort,
            Optional<LoadPlan> earlier,
            BooleanSupplier stop,
            Consumer<LoadPlan> better) {
        this.problem = problem;
        this.effort = effort;
        this.earlier = earlier;
        this.stop = stop;
        this.better = better;
    }

    /**
     * The best plan that this effort finds. Bakes that no plan can hold are left out with advice, and so are those
     * that wait for them.
     *
     * @throws InvalidInputException when two bakes share a key, or one waits for a key that is not there
     */
    public static LoadPlan plan(LoadProblem problem, Effort effort) {
        return plan(problem, effort, Optional.empty(), () -> false, plan -> {});
    }

    /**
     * Refuses at once what {@link #plan} would refuse.
     *
     * @throws InvalidInputException when keys are given twice or not there
     */
    public static void check(LoadProblem problem) {
        BakeFilter.filter(problem);
    }

    /**
     * The same, given while it is found.
     *
     * @param earlier a plan of much the same bakes: it stays as far as it can, unless another is better by as much as is worth a
     *     change; for a proof it is only where the search begins
     * @param stop asked again and again; once it says so, the best plan so far is given
     * @param better is given each plan that is the best so far, the first by rule
     */
    public static LoadPlan plan(
            LoadProblem problem,
            Effort effort,
            Optional<LoadPlan> earlier,
            BooleanSupplier stop,
            Consumer<LoadPlan> better) {
        LoadProblem ordered = Canonical.of(problem);
        BakeFilter.FilteredBakes filtered = BakeFilter.filter(ordered);
        LoadPlanning planning = new LoadPlanning(ordered, effort, earlier, stop, better);
        planning.advice.addAll(filtered.advice());
        return planning.plan(filtered.bakes());
    }

    private LoadPlan plan(List<Bake> bakes) {
        Table table = new Table(problem, bakes);
        Slots slots = new Slots(table);
        PinChecks pins = new PinChecks(table, slots);
        List<Slot> pinned = pins.pinned();
        List<Advice> said = new ArrayList<>(advice);
        said.addAll(pins.advice());
        FirstPlans rules = new FirstPlans(table, slots, new Timetable(table));
        Draft draft = rules.best(pinned);
        if (draft == null) {
            pinned = List.of();
            said.add(Advice.stop(
                    "pin-broken",
                    "The pinned loads cannot stay: one contains pieces that need another first.",
                    "Remove one of the pins."));
            draft = rules.best(pinned);
        }
        if (draft == null) {
            throw new IllegalStateException("Bakes in order found no plan by rule");
        }
        Draft seeded = seeded(table, slots, pinned);
        boolean stays = false;
        if (seeded != null && !isWorthAChange(table, draft, seeded)) {
            draft = seeded;
            stays = true;
        }
        Map<Objective, Double> bounds = bounds(table);
        tell(table, slots, draft, bounds, said);
        Solved solved = search(table, slots, pinned, draft, bounds, said);
        if (stays && effort != Effort.PROOF && !isWorthAChange(table, solved.draft(), draft)) {
            solved = new Solved(draft, solved.bounds());
        }
        Outcome outcome = outcome(table, solved.draft());
        if (outcome.left() > 0) {
            return withoutLate(table, solved.draft());
        }
        if (outcome.slip() > 0) {
            said.add(Advice.caution(
                    "pin-slips",
                    "A pinned load goes in later than its pin: its pieces or its oven are not ready.",
                    "Pin it later, or remove the pin."));
        }
        return new Writing(table, slots, solved.draft()).plan(solved.bounds(), said);
    }

    /** The earlier plan as a draft of this problem; null when there is none that is still possible. */
    private @Nullable Draft seeded(Table table, Slots slots, List<Slot> pinned) {
        Draft seeded =
                earlier.map(plan -> new Seeding(table, slots).of(plan, pinned)).orElse(null);
        return seeded != null && new Timetable(table).time(seeded) != null ? seeded : null;
    }

    private static boolean isWorthAChange(Table table, Draft next, Draft from) {
        return outcome(table, next).isWorthAChange(outcome(table, from), table.scale);
    }

    static Outcome outcome(Table table, Draft draft) {
        Outcome outcome = new Timetable(table).time(draft);
        if (outcome == null) {
            throw new IllegalStateException("A draft came back out of order");
        }
        return outcome;
    }

    private static Map<Objective, Double> bounds(Table table) {
        Map<Objective, Double> bounds = new EnumMap<>(Objective.class);
        if (table.bakes > 0) {
            Bounds relaxed = new Bounds(table);
            for (Objective objective : Objective.values()) {
                bounds.put(objective, relaxed.of(objective));
            }
        }
        return bounds;
    }

    private void tell(Table table, Slots slots, Draft draft, Map<Objective, Double> bounds, List<Advice> said) {
        if (outcome(table, draft).left() == 0) {
            better.accept(new Writing(table, slots, draft).plan(bounds, said));
        }
    }

    private Solved search(
            Table table,
            Slots slots,
            List<Slot> pinned,
            Draft first,
            Map<Objective, Double> bounds,
            List<Advice> said) {
        Solved found = new Solved(first, bounds);
        Consumer<Draft> given = draft -> tell(table, slots, draft, bounds, said);
        if (effort == Effort.RULES || table.bakes == 0) {
            return found;
        }
        if (effort == Effort.PROOF && Solver.here()) {
            Optional<Solved> split =
                    PatternLoads.of(table, slots, !pinned.isEmpty()).flatMap(patterns -> patterns.solve(0.6, stop));
            if (split.isPresent()) {
                return polished(table, slots, betterOf(table, found, split.get()), given);
            }
        }
        boolean large = table.bakes > MOST_EXACT;
        LessLate lessLate = new LessLate(table, slots, pinned, bounds, stop);
        List<Draft> firsts = new ArrayList<>(List.of(first));
        boolean solved = effort == Effort.PROOF && Solver.here();
        if (solved) {
            lessLate.begin(first);
        }
        if (solved && large) {
            lessLate.byHands(first).ifPresent(firsts::add);
        }
        Searches searches = searches(table, slots, first, firsts, large ? STARTS : 1, given);
        Draft annealed = searches.forTheFirst();
        // What is to be searched again from less late drafts does not need the other objectives yet.
        boolean again = solved && large && lessLate.mayLessen(annealed);
        annealed = again ? annealed : searches.forTheOthers();
        if (solved && outcome(table, annealed).left() == 0) {
            List<Draft> more = lessLate.byLoads(annealed);
            Draft lessened =
                    searches(table, slots, annealed, more, more.size(), given).run();
            annealed = again && lessened == annealed ? searches.forTheOthers() : lessened;
        }
        lessLate.settle(annealed);
        found = new Solved(annealed, lessLate.bounds());
        double bound = lessLate.bounds().getOrDefault(Objective.LATENESS, 0.0);
        boolean open = outcome(table, annealed).late() > bound + 1e-6 && table.bakes > MOST_OPEN;
        boolean small = !large && !open && table.bakes * annealed.loads.length <= MOST_EXACT_CELLS;
        if (solved && small && outcome(table, annealed).left() == 0) {
            Outcome outcome = outcome(table, annealed);
            ExactLoads exact = new ExactLoads(table, slots, pinned, annealed, outcome, stop, given);
            found = betterOf(table, found, exact.solve(table.bakes <= 12 ? 6 : 2.5));
        }
        return found;
    }

    private Searches searches(
            Table table, Slots slots, Draft before, List<Draft> firsts, int many, Consumer<Draft> given) {
        return new Searches(table, slots, before, firsts, many, drafts(table), stop, given);
    }

    /** The pattern model knows one objective: a search looks for less of the others, and where it ran out of steps. */
    private Solved polished(Table table, Slots slots, Solved solved, Consumer<Draft> given) {
        LoadPlan plan = new Writing(table, slots, solved.draft()).plan(solved.bounds(), List.of());
        if (plan.scores().stream().allMatch(Score::proven)) {
            return solved;
        }
        Draft draft = new Annealing(table, slots, solved.draft(), stop, given).run(Math.min(POLISHING, drafts(table)));
        return betterOf(table, solved, new Solved(draft, Map.of()));
    }

    /** The better of two drafts with the higher of their bounds. */
    private static Solved betterOf(Table table, Solved one, Solved other) {
        Map<Objective, Double> bounds = new EnumMap<>(Objective.class);
        for (Objective objective : Objective.values()) {
            bounds.put(
                    objective,
                    Math.max(
                            one.bounds().getOrDefault(objective, 0.0),
                            other.bounds().getOrDefault(objective, 0.0)));
        }
        Outcome second = new Timetable(table).time(other.draft());
        boolean better = second != null && second.compareTo(outcome(table, one.draft())) <= 0;
        return new Solved(better ? other.draft() : one.draft(), bounds);
    }

    private static int drafts(Table table) {
        double many = Math.max(1, table.bakes / 80.0);
        return (int) ((20_000 + 2_500 * Math.min(table.bakes, 60)) / (many * Math.sqrt(many)));
    }

    /** The plan of what finds hours, when some bakes find none: as many of each as are in time, and none built on the rest. */
    private LoadPlan withoutLate(Table table, Draft draft) {
        int[] inTime = inTime(table, draft);
        Set<BakeKey> without = new HashSet<>();
        List<Bake> rest = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            Bake bake = table.planned.get(j);
            boolean waits = bake.after().stream().anyMatch(w -> without.contains(w.key()));
            int most = waits || inTime[j] < table.least[j] ? 0 : inTime[j];
            if (most == bake.count()) {
                rest.add(bake);
                continue;
            }
            without.add(bake.key());
            String many =
                    most == 0 ? bake.name() : "%d of %d %s".formatted(bake.count() - most, bake.count(), bake.name());
            advice.add(Advice.stop(
                    "no-hours",
                    many + " cannot be baked within the hours of the plan.",
                    "Work longer hours, or plan fewer.",
                    bake.name()));
            if (most > 0) {
                rest.add(bake.counting(most));
            }
        }
        return plan(rest);
    }

    /** How many of each bake lie in loads that find hours, as far as all before them do too. */
    private static int[] inTime(Table table, Draft draft) {
        Timetable times = new Timetable(table);
        times.time(draft);
        int[] inTime = new int[table.bakes];
        for (int p = 0; p < draft.loads.length; p++) {
            if (times.heat[p] < Table.NEVER) {
                Slot slot = draft.loads[p];
                for (int i = 0; i < slot.bakes.length; i++) {
                    inTime[slot.bakes[i]] += slot.counts[i];
                }
            }
        }
        return inTime;
    }
}
