package fairember.core.blockcutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Plans how pieces are cut from sticks. */
public final class Cutting {
    /** Sizes nearer than this are alike: far below what any scale or rule shows. */
    static final double NOTHING = 1e-6;

    /** Up to a number of pieces every way is tried. */
    static final int FEW_PIECES = 9;

    private static final int FEW_STICKS = 5;
    private static final int MOST_SETS = 4096;
    private static final int STEPS_A_SET = 4000;
    private static final int STEPS = 2_000_000;
    /** With more counts than these the solver has no time to be of use. */
    private static final int MOST_COUNTS = 2000;

    private final List<Stick> sticks;
    private final List<Want> wants;
    private final double[] pieces;
    private final int[] wantOf;

    private Cutting(List<Stick> sticks, List<Want> wants) {
        this.sticks = sticks;
        this.wants = wants;
        List<Integer> order = IntStream.range(0, wants.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -wants.get(i).size()))
                .flatMap(i -> Collections.nCopies(wants.get(i).count(), i).stream())
                .toList();
        this.wantOf = order.stream().mapToInt(i -> i).toArray();
        this.pieces = order.stream().mapToDouble(i -> wants.get(i).size()).toArray();
    }

    /**
     * Cuts as many of the wanted pieces as the sticks give, with the least left over in the sticks that are opened, then the
     * fewest cuts. With up to {@value #FEW_PIECES} pieces and 5 sticks that is the best there is; beyond that the constraint solver
     * improves what is found by fitting, which is never worse than first fit by longest. The same input gives the same plan.
     */
    public static CuttingPlan plan(List<Stick> sticks, List<Want> wants) {
        Cutting cutting = new Cutting(sticks, wants);
        if (cutting.pieces.length <= FEW_PIECES && sticks.size() <= FEW_STICKS) {
            return cutting.plan(new ExhaustiveCutting(cutting.sizes(), cutting.pieces).best());
        }
        return cutting.solved(cutting.search());
    }

    /** What the solver finds when that is better; it is asked only where something is missing or left over. */
    private CuttingPlan solved(CuttingPlan best) {
        if (best.missing() + best.leftOver() < NOTHING
                || sticks.isEmpty()
                || sticks.size() * wants.size() > MOST_COUNTS) {
            return best;
        }
        return new SolvedCutting(sticks, wants)
                .counts(counts(best))
                .map(this::places)
                .map(places -> better(best, places))
                .orElse(best);
    }

    /** How many of each want a plan cuts from each stick. */
    private int[][] counts(CuttingPlan plan) {
        int[][] counts = new int[sticks.size()][wants.size()];
        for (CuttingPlan.Opened opened : plan.opened()) {
            int stick = sticks.indexOf(opened.stick());
            for (Want group : opened.groups()) {
                for (int w = 0; w < wants.size(); w++) {
                    if (wants.get(w).name().equals(group.name()) && wants.get(w).size() == group.size()) {
                        counts[stick][w] = Math.min(group.count(), wants.get(w).count());
                    }
                }
            }
        }
        return counts;
    }

    /** The stick of each piece, of counts by stick and want. */
    private int[] places(int[][] counts) {
        int[] places = new int[pieces.length];
        Arrays.fill(places, -1);
        for (int i = 0; i < places.length; i++) {
            for (int stick = 0; stick < counts.length && places[i] < 0; stick++) {
                if (counts[stick][wantOf[i]] > 0) {
                    counts[stick][wantOf[i]]--;
                    places[i] = stick;
                }
            }
        }
        return places;
    }

    private double[] sizes() {
        return sticks.stream().mapToDouble(Stick::size).toArray();
    }

    private CuttingPlan search() {
        double[] sizes = sizes();
        int[] given = IntStream.range(0, sizes.length).toArray();
        int[] longestFirst = IntStream.range(0, sizes.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -sizes[i]))
                .mapToInt(i -> i)
                .toArray();
        CuttingPlan best = plan(BlockFitting.first(sizes, given, pieces));
        best = better(best, BlockFitting.first(sizes, longestFirst, pieces));
        best = better(best, BlockFitting.tightest(sizes, longestFirst, pieces));
        if (best.missing() > NOTHING) {
            return best;
        }
        double total = Arrays.stream(pieces).sum();
        int steps = STEPS;
        for (StickSets.Set set : StickSets.ofAtLeast(sizes, total, MOST_SETS)) {
            if (set.size() - total >= best.leftOver() - NOTHING || steps <= 0) {
                break;
            }
            BlockFitting fitting = new BlockFitting(
                    sizes, set.sticks().stream().mapToInt(i -> i).toArray(), pieces);
            int[] places = fitting.within(Math.min(steps, STEPS_A_SET));
            steps -= fitting.steps();
            if (places.length > 0) {
                best = better(best, places);
            }
        }
        return best;
    }

    private CuttingPlan better(CuttingPlan best, int[] places) {
        CuttingPlan plan = plan(places);
        return plan.beats(best) ? plan : best;
    }

    /** A plan from the stick of each piece; −1 for none. */
    private CuttingPlan plan(int[] places) {
        List<CuttingPlan.Opened> opened = new ArrayList<>();
        for (int stick = 0; stick < sticks.size(); stick++) {
            List<Want> groups = groups(places, stick);
            if (!groups.isEmpty()) {
                double used =
                        groups.stream().mapToDouble(g -> g.size() * g.count()).sum();
                double left = Math.max(0, sticks.get(stick).size() - used);
                opened.add(new CuttingPlan.Opened(sticks.get(stick), groups, left < NOTHING ? 0 : left));
            }
        }
        return new CuttingPlan(opened, groups(places, -1));
    }

    private List<Want> groups(int[] places, int stick) {
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        for (int i = 0; i < places.length; i++) {
            if (places[i] == stick) {
                counts.merge(wantOf[i], 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .map(e -> new Want(
                        wants.get(e.getKey()).name(), wants.get(e.getKey()).size(), e.getValue()))
                .toList();
    }
}
