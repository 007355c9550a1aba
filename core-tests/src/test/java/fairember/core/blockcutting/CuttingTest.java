package fairember.core.blockcutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CuttingTest {
    private static List<Stick> sticks(SplittableRandom random, int most, double low, double high) {
        return IntStream.rangeClosed(0, random.nextInt(most))
                .mapToObj(i -> new Stick("block " + i, Math.round(random.nextDouble(low, high))))
                .toList();
    }

    private static List<Want> wants(SplittableRandom random, int kinds, int count, double low, double high) {
        return IntStream.rangeClosed(0, random.nextInt(kinds))
                .mapToObj(
                        i -> new Want("part " + i, Math.round(random.nextDouble(low, high)), 1 + random.nextInt(count)))
                .toList();
    }

    /** 15 cases of many pieces, where not every way can be tried. */
    @DataProvider
    public Object[][] large() {
        SplittableRandom random = new SplittableRandom(5);
        return IntStream.range(0, 15)
                .mapToObj(i -> new Object[] {sticks(random, 12, 20, 250), wants(random, 12, 9, 1, 40)})
                .toArray(Object[][]::new);
    }

    @DataProvider
    public Object[][] small() {
        SplittableRandom random = new SplittableRandom(6);
        return IntStream.range(0, 300)
                .mapToObj(i -> new Object[] {sticks(random, 3, 5, 30), wants(random, 3, 2, 2, 16)})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "large")
    public void noStickIsCutBeyondItsSizeAndNothingIsForgotten(List<Stick> sticks, List<Want> wants) {
        CuttingPlan plan = Cutting.plan(sticks, wants);
        double cut = 0;
        for (CuttingPlan.Opened opened : plan.opened()) {
            double used = opened.groups().stream()
                    .mapToDouble(g -> g.size() * g.count())
                    .sum();
            assertThat(used + opened.left()).isCloseTo(opened.stick().size(), within(1e-6));
            cut += used;
        }
        double wanted = wants.stream().mapToDouble(w -> w.size() * w.count()).sum();
        assertThat(cut + plan.missing()).isCloseTo(wanted, within(1e-6));
        assertThat(plan.opened().stream().map(o -> o.stick().name())).doesNotHaveDuplicates();
        assertThat(plan).isEqualTo(Cutting.plan(sticks, wants));
        double whole = sticks.stream().mapToDouble(Stick::size).sum();
        if (plan.missing() > 0) {
            double smallest =
                    plan.unplaced().stream().mapToDouble(Want::size).min().orElse(0);
            List<String> names =
                    plan.opened().stream().map(o -> o.stick().name()).toList();
            sticks.stream()
                    .filter(s -> !names.contains(s.name()))
                    .forEach(s -> assertThat(s.size()).isLessThan(smallest));
            assertThat(wanted).isGreaterThan(whole - wanted);
        }
    }

    /** The plain rule, written again: the longest piece first, each into the first block with room. */
    private static double[] firstFit(List<Stick> sticks, List<Want> wants) {
        List<Double> pieces = new ArrayList<>();
        wants.forEach(w -> IntStream.range(0, w.count()).forEach(i -> pieces.add(w.size())));
        pieces.sort((a, b) -> Double.compare(b, a));
        double[] room = sticks.stream().mapToDouble(Stick::size).toArray();
        int[] count = new int[room.length];
        double missing = 0;
        for (double piece : pieces) {
            int at = 0;
            while (at < room.length && room[at] < piece - 1e-9) {
                at++;
            }
            if (at == room.length) {
                missing += piece;
            } else {
                room[at] -= piece;
                count[at]++;
            }
        }
        double left = 0;
        int cuts = 0;
        for (int i = 0; i < room.length; i++) {
            left += count[i] > 0 ? room[i] : 0;
            cuts += count[i] == 0 ? 0 : count[i] - (room[i] < 1e-6 ? 1 : 0);
        }
        return new double[] {missing, left, cuts};
    }

    @Test(dataProvider = "large")
    public void itIsNeverWorseThanFirstFitByLongest(List<Stick> sticks, List<Want> wants) {
        CuttingPlan plan = Cutting.plan(sticks, wants);
        double[] plain = firstFit(sticks, wants);
        assertThat(score(plan.missing(), plan.leftOver(), plan.cuts()))
                .isLessThanOrEqualTo(score(plain[0], plain[1], plain[2]) + 1e-6);
    }

    private static double score(double missing, double left, double cuts) {
        return missing * 1e9 + left * 1e4 + cuts;
    }

    /** Every assignment of every piece to every block or none, counted out plainly. */
    @Test(dataProvider = "small")
    public void onSmallCasesItIsTheBestOfAllSettings(List<Stick> sticks, List<Want> wants) {
        List<Double> pieces = new ArrayList<>();
        wants.forEach(w -> IntStream.range(0, w.count()).forEach(i -> pieces.add(w.size())));
        if (pieces.size() > 6) {
            return;
        }
        int settings = (int) Math.round(Math.pow(sticks.size() + 1, pieces.size()));
        double best = Double.POSITIVE_INFINITY;
        for (int way = 0; way < settings; way++) {
            double[] room = sticks.stream().mapToDouble(Stick::size).toArray();
            int[] count = new int[room.length];
            double missing = 0;
            int rest = way;
            boolean fits = true;
            for (double piece : pieces) {
                int at = rest % (room.length + 1);
                rest /= room.length + 1;
                if (at == room.length) {
                    missing += piece;
                } else {
                    room[at] -= piece;
                    count[at]++;
                    fits &= room[at] > -1e-9;
                }
            }
            double left = 0;
            int cuts = 0;
            for (int i = 0; i < room.length; i++) {
                left += count[i] > 0 ? room[i] : 0;
                cuts += count[i] == 0 ? 0 : count[i] - (room[i] < 1e-6 ? 1 : 0);
            }
            best = fits ? Math.min(best, score(missing, left, cuts)) : best;
        }
        CuttingPlan plan = Cutting.plan(sticks, wants);
        assertThat(score(plan.missing(), plan.leftOver(), plan.cuts())).isCloseTo(best, within(1e-3));
    }

    @Test
    public void aBlockThatComesOutEvenTakesOneCutLess() {
        CuttingPlan plan = Cutting.plan(List.of(new Stick("a", 60)), List.of(new Want("x", 20, 3)));
        assertThat(plan.cuts()).isEqualTo(2);
        assertThat(plan.leftOver()).isZero();
        assertThat(Halving.steps(12)).containsExactly(2, 2, 3);
        assertThat(Halving.steps(10)).containsExactly(2, 5);
        assertThat(Halving.steps(1)).isEmpty();
    }

    @Test
    public void whatCannotBeCutIsRefused() {
        for (double bad : new double[] {0, -1, Double.NaN, 1e9}) {
            assertThat(Refusals.of(() -> new Stick("a", bad)).get(0).field()).isEqualTo("size");
            assertThat(Refusals.of(() -> new Want("a", bad, 1)).get(0).field()).isEqualTo("size");
        }
        assertThat(Refusals.of(() -> new Want("a", 1, 0)).get(0).field()).isEqualTo("count");
        assertThat(Cutting.plan(List.of(), List.of(new Want("a", 3, 2))).missing())
                .isEqualTo(6);
    }
}
