package fairember.core.loadsearch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Score;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.BiFunction;

/**
 * Measures the planner on made-up cases and prints the tables of docs/measures.md. Arguments: how many cases of each
 * kind, then the parts to do, of "small", "large", "branching", "branching-" with a number of bakes, and "machine".
 */
public final class LoadMeasures {
    private static final int SIMULATIONS = 20_000;

    private final int cases;

    private LoadMeasures(int cases) {
        this.cases = cases;
    }

    public static void main(String[] arguments) {
        LoadMeasures measures = new LoadMeasures(Integer.parseInt(arguments[0]));
        List<String> parts = Arrays.asList(arguments).subList(1, arguments.length);
        if (parts.contains("small")) {
            measures.proofs(10);
            measures.proofs(20);
        }
        if (parts.contains("large")) {
            measures.large(40, LoadCases::bench);
            measures.large(80, LoadCases::bench);
        }
        if (parts.contains("branching")) {
            measures.large(40, LoadCases::branching);
            measures.large(80, LoadCases::branching);
        }
        parts.stream()
                .filter(part -> part.startsWith("branching-"))
                .mapToInt(part -> Integer.parseInt(part.substring("branching-".length())))
                .forEach(bakes -> measures.large(bakes, LoadCases::branching));
        if (parts.contains("machine")) {
            for (int jobs : new int[] {10, 20, 50, 100}) {
                measures.machine(jobs, 10);
                measures.machine(jobs, 100);
            }
        }
    }

    private static double seconds(Runnable work) {
        long begun = System.nanoTime();
        work.run();
        return (System.nanoTime() - begun) / 1e9;
    }

    private void proofs(int bakes) {
        int allProven = 0;
        int lateProven = 0;
        int within2 = 0;
        int worse = 0;
        double late = 0;
        double searched = 0;
        double time = 0;
        double most = 0;
        for (int seed = 0; seed < cases; seed++) {
            LoadProblem problem = LoadCases.bench(bakes, seed);
            LoadPlan search = LoadPlanning.plan(problem, Effort.SEARCH);
            LoadPlan[] proof = new LoadPlan[1];
            double took = seconds(() -> proof[0] = LoadPlanning.plan(problem, Effort.PROOF));
            allProven += proof[0].scores().stream().allMatch(Score::proven) ? 1 : 0;
            lateProven += proof[0].scores().get(0).proven() ? 1 : 0;
            within2 += took < 2 ? 1 : 0;
            worse += compare(proof[0], search) > 0 ? 1 : 0;
            late += proof[0].value(Objective.LATENESS);
            searched += search.value(Objective.LATENESS);
            time += took;
            most = Math.max(most, took);
        }
        System.out.printf(
                "%d bakes, %d cases: lateness proven best %d, all objectives %d, under 2 s %d, worse than search %d, "
                        + "sum of lateness %.0f (search alone %.0f), mean %.2f s, most %.2f s%n",
                bakes, cases, lateProven, allProven, within2, worse, late, searched, time / cases, most);
    }

    private static int compare(LoadPlan a, LoadPlan b) {
        for (Score score : a.scores()) {
            int by = Double.compare(score.value(), b.value(score.objective()) + 1e-6);
            if (by > 0) {
                return 1;
            }
            if (score.value() < b.value(score.objective()) - 1e-6) {
                return -1;
            }
        }
        return 0;
    }

    private void large(int bakes, BiFunction<Integer, Long, LoadProblem> made) {
        int worse = 0;
        double late = 0;
        double simulated = 0;
        double loads = 0;
        double simulatedLoads = 0;
        double bound = 0;
        double time = 0;
        double first = 0;
        for (int seed = 0; seed < cases; seed++) {
            LoadProblem problem = made.apply(bakes, (long) seed);
            first = Math.max(first, seconds(() -> LoadPlanning.plan(problem, Effort.RULES)));
            LoadPlan[] plan = new LoadPlan[1];
            time += seconds(() -> plan[0] = LoadPlanning.plan(problem, Effort.PROOF));
            Outcome keys = simulations(problem);
            late += plan[0].value(Objective.LATENESS);
            loads += plan[0].value(Objective.LOADS);
            bound += plan[0].scores().get(0).bound();
            simulated += keys.late();
            simulatedLoads += keys.loads();
            worse += plan[0].value(Objective.LATENESS) > keys.late() ? 1 : 0;
        }
        System.out.printf(
                "%d bakes, %d cases: lateness %.0f (bound %.0f), %d simulations %.0f, loads %.0f against %.0f, worse in %d, "
                        + "mean %.1f s, first plan at most %.2f s%n",
                bakes, cases, late, bound, SIMULATIONS, simulated, loads, simulatedLoads, worse, time / cases, first);
    }

    /** The best of a number of plans by random keys: each bake has one, the best so far are changed a little. */
    private static Outcome simulations(LoadProblem problem) {
        List<Bake> bakes = BakeFilter.filter(problem).bakes();
        Table table = new Table(problem, bakes);
        Timetable times = new Timetable(table);
        FirstPlans rules = new FirstPlans(table, new Slots(table), times);
        SplittableRandom random = new SplittableRandom(1);
        double[] best = random.doubles(table.bakes).toArray();
        Outcome least = null;
        for (int n = 0; n < SIMULATIONS; n++) {
            double[] keys = n < SIMULATIONS / 20 ? random.doubles(table.bakes).toArray() : best.clone();
            for (int i = 0; i < 3; i++) {
                keys[random.nextInt(keys.length)] = random.nextDouble();
            }
            Comparator<Integer> rule = Comparator.comparingDouble(j -> keys[j]);
            Draft draft = rules.draft(rule, 1 + random.nextInt(4), true, List.of());
            Outcome outcome = draft == null ? null : times.time(draft);
            if (outcome != null && (least == null || outcome.compareTo(least) <= 0)) {
                least = outcome;
                best = keys;
            }
        }
        return least;
    }

    private void machine(int jobs, int longest) {
        int proven = 0;
        double value = 0;
        double bound = 0;
        double rule = 0;
        double most = 0;
        double worstGap = 0;
        int worse = 0;
        for (int seed = 0; seed < cases; seed++) {
            LoadProblem problem = LoadCases.batchMachine(jobs, longest, seed);
            LoadPlan[] plan = new LoadPlan[1];
            most = Math.max(most, seconds(() -> plan[0] = LoadPlanning.plan(problem, Effort.PROOF)));
            Score score = plan[0].scores().get(0);
            proven += score.proven() ? 1 : 0;
            value += score.value();
            bound += score.bound();
            worstGap = Math.max(worstGap, score.gap());
            double fit = firstFitLongest(problem.bakes());
            rule += fit;
            worse += score.value() > fit ? 1 : 0;
        }
        System.out.printf(
                "machine, %d jobs of 1 to %d, %d cases: proven %d, sum %.0f (bound %.0f, first fit longest %.0f), worst gap "
                        + "%.3f %%, worse than first fit %d, most %.2f s%n",
                jobs, longest, cases, proven, value, bound, rule, 100 * worstGap, worse, most);
    }

    static double firstFitLongest(List<Bake> jobs) {
        List<Bake> longest = new ArrayList<>(jobs);
        longest.sort(Comparator.comparingDouble((Bake b) -> -b.bakingTime().min()));
        List<double[]> loads = new ArrayList<>();
        for (Bake job : longest) {
            double width = job.unit().width().mm();
            double[] fits =
                    loads.stream().filter(l -> l[0] + width <= 100).findFirst().orElse(null);
            if (fits == null) {
                loads.add(new double[] {width, job.bakingTime().min()});
            } else {
                fits[0] += width;
            }
        }
        return loads.stream().mapToDouble(l -> l[1]).sum();
    }
}
