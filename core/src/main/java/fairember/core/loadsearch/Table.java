package fairember.core.loadsearch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Stretch;
import fairember.core.ovenload.TrayPacking;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A problem as the search reads it: bakes and ovens by number, times in whole ticks. A tick is the longest part of a
 * minute in which all times are whole, or a hundredth with durations rounded up.
 */
final class Table {
    /** Later than anything. */
    static final int NEVER = Integer.MAX_VALUE / 4;

    private static final int[] SCALES = {1, 2, 4, 5, 10, 20, 60};

    final LoadProblem problem;
    final List<Bake> planned;
    final int scale;
    final int bakes;
    final int ovens;
    final int[] count;
    final int[] least;
    final int[] need;
    final int[] most;
    final double[] low;
    final double[] high;
    final int[] from;
    final int[] work;
    final int[] due;
    final int[][] before;
    final int[][] cooling;
    final boolean[][] ancestor;
    final boolean[][] clash;
    final boolean[][] fitsOven;
    final int[] preheat;
    final int[] unload;
    final Hours[] ovenHours;
    final Hours hands;
    final int makers;
    final TrayPacking[] packing;
    final double[] ovenArea;
    final double[][] area;
    final List<Objective> order;

    Table(LoadProblem problem, List<Bake> planned) {
        this.problem = problem;
        this.planned = List.copyOf(planned);
        this.bakes = planned.size();
        this.ovens = problem.ovens().size();
        this.scale = scaleOf(problem, planned);
        count = planned.stream().mapToInt(Bake::count).toArray();
        least = planned.stream().mapToInt(b -> Math.min(b.least(), b.count())).toArray();
        need = planned.stream().mapToInt(b -> up(b.bakingTime().min())).toArray();
        most = planned.stream()
                .mapToInt(b -> Math.max(up(b.bakingTime().min()), down(b.most().min())))
                .toArray();
        low = planned.stream().mapToDouble(b -> b.low().c()).toArray();
        high = planned.stream().mapToDouble(b -> b.high().c()).toArray();
        from = planned.stream().mapToInt(b -> up(b.hands().from().min())).toArray();
        work = planned.stream().mapToInt(b -> up(b.hands().work().min())).toArray();
        due = planned.stream()
                .mapToInt(b -> b.due().isPresent() ? down(b.due().getAsDouble()) : NEVER)
                .toArray();
        before = new int[bakes][];
        cooling = new int[bakes][];
        waits(planned);
        ancestor = ancestors();
        packing = new TrayPacking[ovens];
        preheat = new int[ovens];
        unload = new int[ovens];
        ovenHours = new Hours[ovens];
        ovenArea = new double[ovens];
        area = new double[ovens][bakes];
        fitsOven = new boolean[ovens][bakes];
        for (int o = 0; o < ovens; o++) {
            oven(o, planned);
        }
        clash = clashes(planned);
        makers = problem.makers().atOnce();
        hands = new Hours(stretches(problem.makers().hours()), problem.makers().breaks());
        List<Objective> all = new ArrayList<>(problem.order());
        LoadProblem.USUAL.stream().filter(o -> !all.contains(o)).forEach(all::add);
        order = List.copyOf(all);
    }

    /** Ticks from switching an oven on until things go in. */
    int lead(int oven) {
        return problem.ovens().get(oven).oven().cold() ? 0 : preheat[oven];
    }

    private static int scaleOf(LoadProblem problem, List<Bake> planned) {
        List<Double> times = new ArrayList<>();
        for (Bake b : planned) {
            times.addAll(List.of(
                    b.bakingTime().min(),
                    b.hands().from().min(),
                    b.hands().work().min()));
            b.after().forEach(w -> times.add(w.cooling().min()));
            b.due().ifPresent(times::add);
        }
        for (LoadProblem.OvenUse use : problem.ovens()) {
            times.add(use.oven().preheat().min());
            times.add(use.oven().unload().min());
        }
        for (int scale : SCALES) {
            if (times.stream().allMatch(t -> Math.abs(t * scale - Math.rint(t * scale)) < 1e-6)) {
                return scale;
            }
        }
        return 100;
    }

    private int up(double min) {
        return (int) Math.min(NEVER, Math.ceil(min * scale - 1e-6));
    }

    private int down(double min) {
        return (int) Math.min(NEVER, Math.floor(min * scale + 1e-6));
    }

    double minutes(int ticks) {
        return (double) ticks / scale;
    }

    private void waits(List<Bake> planned) {
        Map<BakeKey, Integer> byKey = new HashMap<>();
        for (int j = 0; j < bakes; j++) {
            byKey.put(planned.get(j).key(), j);
        }
        for (int j = 0; j < bakes; j++) {
            List<Bake.Wait> waits = planned.get(j).after().stream()
                    .filter(w -> byKey.containsKey(w.key()))
                    .toList();
            before[j] =
                    waits.stream().mapToInt(w -> byKey.getOrDefault(w.key(), 0)).toArray();
            cooling[j] = waits.stream().mapToInt(w -> up(w.cooling().min())).toArray();
        }
    }

    private boolean[][] ancestors() {
        boolean[][] above = new boolean[bakes][bakes];
        for (int round = 0; round < bakes; round++) {
            boolean changed = false;
            for (int j = 0; j < bakes; j++) {
                for (int b : before[j]) {
                    for (int a = 0; a < bakes; a++) {
                        boolean reached = a == b || above[j][a] || above[b][a];
                        changed |= reached != above[j][a];
                        above[j][a] = reached;
                    }
                }
            }
            if (!changed) {
                break;
            }
        }
        return above;
    }

    private void oven(int o, List<Bake> planned) {
        LoadProblem.OvenUse use = problem.ovens().get(o);
        Oven oven = use.oven();
        packing[o] = new TrayPacking(oven);
        preheat[o] = up(oven.preheat().min());
        unload[o] = up(oven.unload().min());
        ovenHours[o] = new Hours(stretches(use.hours()), false);
        double gap = oven.gap().mm();
        ovenArea[o] = oven.shelves().size()
                * (oven.trayWidth().mm() + gap)
                * (oven.trayDepth().mm() + gap);
        for (int j = 0; j < bakes; j++) {
            Bake b = planned.get(j);
            boolean time = ovenHours[o].longest() >= preheat[o] + need[j] + unload[o];
            area[o][j] = (b.unit().width().mm() + gap) * (b.unit().depth().mm() + gap);
            fitsOven[o][j] = time && packing[o].takes(b.unit(), b.turns());
        }
    }

    private boolean[][] clashes(List<Bake> planned) {
        boolean[][] never = new boolean[bakes][bakes];
        Map<BakeKey, Integer> byKey = new HashMap<>();
        for (int i = 0; i < bakes; i++) {
            byKey.put(planned.get(i).key(), i);
            for (int j = 0; j < bakes; j++) {
                never[i][j] = ancestor[i][j]
                        || ancestor[j][i]
                        || Math.max(low[i], low[j]) > Math.min(high[i], high[j])
                        || Math.max(need[i], need[j]) > Math.min(most[i], most[j]);
            }
        }
        for (LoadProblem.Apart pair : problem.apart()) {
            Integer one = byKey.get(pair.one());
            Integer other = byKey.get(pair.other());
            if (one != null && other != null) {
                never[one][other] = true;
                never[other][one] = true;
            }
        }
        return never;
    }

    private int[][] stretches(List<Stretch> hours) {
        return hours.stream()
                .sorted((a, b) -> a.from().compareTo(b.from()))
                .map(s -> new int[] {up(s.from().min()), down(s.to().min())})
                .toArray(int[][]::new);
    }
}
