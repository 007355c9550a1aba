package fairember.core.loadsearch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Makers;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Score;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Small problems, of which every plan is made and timed: every way to part the things into loads, every order of them,
 * every oven for each, every order of the hands. Nothing here is the planner's. Things are as deep as the tray, so that
 * a tray is full when their widths are.
 */
public class EveryPlanTest {
    private static final double TRAY = 100;
    /** Lots of so many plans that all of them take more than three seconds. */
    private static final Set<Integer> LONG = Set.of(0, 2, 4, 19);

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 21)
                .filter(lot -> !LONG.contains(lot))
                .mapToObj(lot -> new Object[] {lot})
                .toArray(Object[][]::new);
    }

    private static LoadProblem problem(int lot) {
        SplittableRandom random = new SplittableRandom(1000 + lot);
        boolean two = lot % 3 == 0;
        List<LoadProblem.OvenUse> ovens = new ArrayList<>();
        for (int o = 0; o <= (two ? 1 : 0); o++) {
            ovens.add(new LoadProblem.OvenUse(
                    new Oven(
                            "oven " + o,
                            new Length(TRAY),
                            new Length(100),
                            List.of(new Length(50)),
                            new Length(0),
                            new Minutes(5 * random.nextInt(4)),
                            new Minutes(random.nextInt(3)),
                            new Energy(0.1 + random.nextInt(3) / 10.0),
                            0.5,
                            random.nextInt(3) == 0,
                            List.of()),
                    List.of()));
        }
        List<Bake> bakes = new ArrayList<>();
        int items = two ? 4 : 5;
        while (items > 0) {
            int count = Math.min(items, 1 + random.nextInt(2));
            items -= count;
            bakes.add(bake(bakes.size(), count, random));
        }
        List<LoadProblem.Apart> apart = bakes.size() > 2 && random.nextInt(4) == 0
                ? List.of(new LoadProblem.Apart(BakeKey.of("b0"), BakeKey.of("b2")))
                : List.of();
        Makers makers = new Makers(random.nextInt(4) == 0 ? 0 : 1, List.of(), false);
        return new LoadProblem(ovens, makers, bakes, apart, List.of(), LoadProblem.USUAL);
    }

    private static Bake bake(int j, int count, SplittableRandom random) {
        double low = 110 + 5 * random.nextInt(3);
        double bakingTime = 10 + 5 * random.nextInt(5);
        return new Bake(
                BakeKey.of("b" + j),
                "bake " + j,
                count,
                1,
                LoadCases.box(20 + 10 * random.nextInt(6), 100, 10),
                false,
                new Temperature(low),
                new Temperature(low + 5 * random.nextInt(4)),
                new Minutes(bakingTime),
                new Minutes(bakingTime + 5 * random.nextInt(6)),
                new Bake.Hands(new Minutes(5 * random.nextInt(6)), new Minutes(5 * random.nextInt(7))),
                waits(j, random),
                random.nextInt(4) > 0 ? OptionalDouble.of(20 + 5 * random.nextInt(30)) : OptionalDouble.empty());
    }

    /** A bake waits for none of those before it, one, or several, as when heads and props are joined to a body. */
    private static List<Bake.Wait> waits(int j, SplittableRandom random) {
        return IntStream.range(0, j)
                .filter(before -> random.nextInt(3) == 0)
                .mapToObj(before -> new Bake.Wait(BakeKey.of("b" + before), new Minutes(5 * random.nextInt(3))))
                .toList();
    }

    @Test(dataProvider = "lots")
    public void noOtherPlanOfAllThereAreIsBetter(int lot) {
        LoadProblem problem = problem(lot);
        LoadPlan plan = LoadPlanning.plan(problem, Effort.PROOF);
        PlanReviewer.review(problem, plan);
        double[] best = new EveryPlan(problem).best();
        double[] found = plan.scores().stream().mapToDouble(Score::value).toArray();
        assertThat(compare(found, best))
                .as("%s found, %s is the best there is", Arrays.toString(found), Arrays.toString(best))
                .isZero();
        for (Score score : plan.scores()) {
            assertThat(score.bound()).isLessThanOrEqualTo(score.value() + 1e-6);
            assertThat(score.proven()).isTrue();
        }
    }

    /** Less of the first that differs. */
    private static int compare(double[] a, double[] b) {
        for (int i = 0; i < a.length; i++) {
            if (Math.abs(a[i] - b[i]) > 1e-6) {
                return a[i] < b[i] ? -1 : 1;
            }
        }
        return 0;
    }

    /** Makes them all. Each thing is one of a bake; a load is a list of things. */
    private static final class EveryPlan {
        private final LoadProblem problem;
        private final List<Integer> bakeOf = new ArrayList<>();
        private final List<List<Integer>> loads = new ArrayList<>();
        private double[] best = {Double.POSITIVE_INFINITY, 0, 0, 0};

        EveryPlan(LoadProblem problem) {
            this.problem = problem;
            for (int j = 0; j < problem.bakes().size(); j++) {
                for (int n = 0; n < problem.bakes().get(j).count(); n++) {
                    bakeOf.add(j);
                }
            }
        }

        double[] best() {
            part(0);
            return best;
        }

        private Bake bake(int item) {
            return problem.bakes().get(bakeOf.get(item));
        }

        /** Thing by thing into a load there is or a new one. */
        private void part(int item) {
            if (item == bakeOf.size()) {
                if (loads.stream().allMatch(this::may)) {
                    order(new ArrayList<>(), new boolean[loads.size()]);
                }
                return;
            }
            for (int l = 0; l <= loads.size(); l++) {
                if (l == loads.size()) {
                    loads.add(new ArrayList<>(List.of(item)));
                    part(item + 1);
                    loads.remove(l);
                    return;
                }
                loads.get(l).add(item);
                part(item + 1);
                loads.get(l).remove(loads.get(l).size() - 1);
            }
        }

        private boolean may(List<Integer> load) {
            double low = load.stream().mapToDouble(i -> bake(i).low().c()).max().orElseThrow();
            double high =
                    load.stream().mapToDouble(i -> bake(i).high().c()).min().orElseThrow();
            double most =
                    load.stream().mapToDouble(i -> bake(i).most().min()).min().orElseThrow();
            double wide =
                    load.stream().mapToDouble(i -> bake(i).unit().width().mm()).sum();
            List<BakeKey> keys = load.stream().map(i -> bake(i).key()).toList();
            boolean apart = problem.apart().stream().noneMatch(p -> keys.contains(p.one()) && keys.contains(p.other()));
            return low <= high && bakingTime(load) <= most && wide <= TRAY && apart;
        }

        private double bakingTime(List<Integer> load) {
            return load.stream()
                    .mapToDouble(i -> bake(i).bakingTime().min())
                    .max()
                    .orElseThrow();
        }

        private void order(List<Integer> order, boolean[] used) {
            if (order.size() == loads.size()) {
                ovens(order, new int[order.size()], 0);
                return;
            }
            for (int l = 0; l < used.length; l++) {
                if (!used[l]) {
                    used[l] = true;
                    order.add(l);
                    order(order, used);
                    order.remove(order.size() - 1);
                    used[l] = false;
                }
            }
        }

        private void ovens(List<Integer> order, int[] oven, int at) {
            if (at == order.size()) {
                hands(order, oven, new ArrayList<>());
                return;
            }
            for (int o = 0; o < problem.ovens().size(); o++) {
                oven[at] = o;
                ovens(order, oven, at + 1);
            }
        }

        private void hands(List<Integer> order, int[] oven, List<Integer> tasks) {
            int many = problem.bakes().size();
            if (tasks.size() == many || problem.makers().atOnce() == 0) {
                time(order, oven, tasks);
                return;
            }
            for (int j = 0; j < many; j++) {
                if (!tasks.contains(j)) {
                    tasks.add(j);
                    hands(order, oven, tasks);
                    tasks.remove(tasks.size() - 1);
                }
            }
        }

        /** The earliest times of these orders, gone over until nothing moves; orders that wait for each other never rest. */
        private void time(List<Integer> order, int[] oven, List<Integer> tasks) {
            int many = problem.bakes().size();
            double[] begin = new double[many];
            double[] done = new double[many];
            double[] end = new double[order.size()];
            for (int round = 0; ; round++) {
                double[] before = Stream.of(begin, done, end)
                        .flatMapToDouble(Arrays::stream)
                        .toArray();
                double free = 0;
                for (int t = 0; t < many; t++) {
                    int j = tasks.isEmpty() ? t : tasks.get(t);
                    Bake bake = problem.bakes().get(j);
                    double ready = bake.hands().from().min();
                    for (Bake.Wait wait : bake.after()) {
                        ready = Math.max(
                                ready, done[number(wait.key())] + wait.cooling().min());
                    }
                    boolean works = bake.hands().work().min() > 0 && !tasks.isEmpty();
                    begin[j] = works ? Math.max(ready, free) : ready;
                    free = works ? begin[j] + bake.hands().work().min() : free;
                }
                bake(order, oven, begin, done, end);
                double[] now = Stream.of(begin, done, end)
                        .flatMapToDouble(Arrays::stream)
                        .toArray();
                if (Arrays.equals(before, now)) {
                    break;
                }
                if (round > 3 * (many + order.size())) {
                    return;
                }
            }
            keep(order, oven, done, end);
        }

        private void bake(List<Integer> order, int[] oven, double[] begin, double[] done, double[] end) {
            double[] free = new double[problem.ovens().size()];
            Arrays.fill(done, 0);
            for (int at = 0; at < order.size(); at++) {
                List<Integer> load = loads.get(order.get(at));
                Oven of = problem.ovens().get(oven[at]).oven();
                double shaped = load.stream()
                        .mapToDouble(i ->
                                begin[bakeOf.get(i)] + bake(i).hands().work().min())
                        .max()
                        .orElseThrow();
                double lead = of.cold() ? 0 : of.preheat().min();
                double heat = Math.max(free[oven[at]], shaped - lead);
                end[at] = heat
                        + of.preheat().min()
                        + bakingTime(load)
                        + of.unload().min();
                free[oven[at]] = end[at];
                for (int i : load) {
                    done[bakeOf.get(i)] = Math.max(done[bakeOf.get(i)], end[at]);
                }
            }
        }

        private int number(BakeKey key) {
            return IntStream.range(0, problem.bakes().size())
                    .filter(j -> problem.bakes().get(j).key().equals(key))
                    .findFirst()
                    .orElseThrow();
        }

        private void keep(List<Integer> order, int[] oven, double[] done, double[] end) {
            double late = 0;
            for (int j = 0; j < done.length; j++) {
                OptionalDouble due = problem.bakes().get(j).due();
                late += due.isPresent() ? Math.max(0, done[j] - due.getAsDouble()) : 0;
            }
            double kwh = 0;
            for (int at = 0; at < oven.length; at++) {
                Oven of = problem.ovens().get(oven[at]).oven();
                kwh += of.preheatEnergy().kwh() + of.keepHotKw() * bakingTime(loads.get(order.get(at))) / 60;
            }
            double[] scores = {late, oven.length, kwh, Arrays.stream(end).max().orElse(0)};
            best = Optional.of(scores).filter(s -> compare(s, best) < 0).orElse(best);
        }
    }
}
