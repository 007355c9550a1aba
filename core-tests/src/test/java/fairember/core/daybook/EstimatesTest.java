package fairember.core.daybook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.design.BuildPoint;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.input.InputError;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.testng.annotations.Test;

/** What is learned from logs of made-up studios, whose true minutes are known. */
public class EstimatesTest {
    private static final DaybookLine.AtStep WHERE = new DaybookLine.AtStep(1, 1, 0, step(5, 3));
    private static final double OFF_SD = 0.4;
    private static final double NOISE_SD = 0.2;
    private static final double ABSURD = 0.04;
    private static final int STUDIOS = 3000;

    /** A step as it really is: its own figures are off, every batch differs, and now and then a timer was forgotten. */
    private record True(Step shown, double setup, double each, RandomGenerator random) {
        static True of(RandomGenerator random) {
            double setup = random.nextDouble(0, 20);
            double each = random.nextDouble(0.5, 10);
            return new True(step(setup, each), setup * off(random, OFF_SD), each * off(random, OFF_SD), random);
        }

        StepLog batch() {
            int pieces = random.nextInt(4, 30);
            return new StepLog(pieces, new Minutes((setup + each * pieces) * off(random, NOISE_SD)), 1);
        }

        StepLog logged() {
            StepLog log = batch();
            return random.nextDouble() < ABSURD
                    ? new StepLog(log.pieces(), log.minutes().times(random.nextBoolean() ? 12 : 0.08), 1)
                    : log;
        }
    }

    private static double off(RandomGenerator random, double sd) {
        return Math.exp(sd * random.nextGaussian());
    }

    private static Step step(double setup, double each) {
        return new Step("shape", Station.SHAPE, new Minutes(setup), new Minutes(each), BuildPoint.START);
    }

    private static List<StepLog> logs(True truth, int count) {
        List<StepLog> logs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            logs.add(truth.logged());
        }
        return logs;
    }

    private static double error(StepEstimate estimate, StepLog next) {
        double expected = estimate.of(next.pieces()).expected().min();
        return Math.abs(Math.log(expected / next.minutes().min()));
    }

    @Test
    public void afterThreeBatchesTheNextIsForeseenBetterThanByTheStepsOwnFigures() {
        RandomGenerator random = new SplittableRandom(15);
        double own = 0;
        double learned = 0;
        for (int i = 0; i < STUDIOS; i++) {
            True truth = True.of(random);
            StepLog next = truth.batch();
            own += error(StepEstimate.own(truth.shown()), next);
            learned += error(StepEstimate.learned(truth.shown(), logs(truth, 3)), next);
        }
        assertThat(learned).isLessThan(0.75 * own);
    }

    @Test
    public void fourOfFiveBatchesEndWithinTheRange() {
        RandomGenerator random = new SplittableRandom(80);
        for (int count = 1; count <= 8; count++) {
            int inside = 0;
            for (int i = 0; i < STUDIOS; i++) {
                True truth = True.of(random);
                StepLog next = truth.batch();
                MinutesRange range =
                        StepEstimate.learned(truth.shown(), logs(truth, count)).of(next.pieces());
                double minutes = next.minutes().min();
                inside +=
                        range.low().min() <= minutes && minutes <= range.high().min() ? 1 : 0;
            }
            assertThat((double) inside / STUDIOS).as("after %d batches", count).isBetween(0.75, 0.90);
        }
    }

    @Test
    public void oneAbsurdLineHardlyMatters() {
        Step step = step(10, 4);
        List<StepLog> sane = List.of(log(12, 60), log(8, 44), log(20, 88), log(12, 57));
        double without = StepEstimate.learned(step, sane).of(12).expected().min();
        for (double absurd : new double[] {0.01, 900, 20_000}) {
            List<StepLog> with = new ArrayList<>(sane);
            with.add(log(12, absurd));
            assertThat(StepEstimate.learned(step, with).of(12).expected().min())
                    .isCloseTo(without, within(0.12 * without));
        }
    }

    private static StepLog log(int pieces, double minutes) {
        return new StepLog(pieces, new Minutes(minutes), 1);
    }

    @Test
    public void manyBatchesGiveTheTrueMinutes() {
        List<StepLog> many = new ArrayList<>();
        for (int pieces = 2; pieces < 60; pieces++) {
            many.add(log(pieces, 7 + 2.5 * pieces));
        }
        StepEstimate learned = StepEstimate.learned(step(20, 6), many);
        assertThat(learned.setup().min()).isCloseTo(7, within(0.7));
        assertThat(learned.each().min()).isCloseTo(2.5, within(0.05));
        assertThat(StepEstimate.learned(step(20, 6), List.of())).isEqualTo(StepEstimate.own(step(20, 6)));
    }

    @Test
    public void aSlowerMakersMinutesAreBroughtToTheOthers() {
        RandomGenerator random = new SplittableRandom(2);
        Step step = step(5, 3);
        Learned.StepKey key = Learned.StepKey.of(7, step);
        List<Learned.Logged> logged = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            int maker = i % 3 == 0 ? 2 : 1;
            double minutes = (5 + 3 * 10) * (maker == 2 ? 1.5 : 1) * off(random, 0.1);
            logged.add(new Learned.Logged(key, step, new StepLog(10, new Minutes(minutes), maker)));
        }
        Learned learned = Learned.of(logged, Map.of(), Map.of(), new Share(0));
        assertThat(learned.paces()).extracting(MakerPace::maker).containsExactly(1, 2);
        assertThat(learned.paces().get(1).ratio()).isCloseTo(1.5, within(0.12));
        assertThat(StepEstimate.learned(step, learned.logs(key))
                        .of(10)
                        .expected()
                        .min())
                .isCloseTo(35, within(2.0));
    }

    @Test
    public void lossesAreLearnedAndSparesBegunForThem() {
        LossEstimate none = LossEstimate.of(0, 0, Share.ofPercent(4));
        assertThat(none.expected().percent()).isCloseTo(4, within(1e-9));
        LossEstimate many = LossEstimate.of(3000, 300, Share.ofPercent(4));
        assertThat(many.expected().percent()).isCloseTo(10, within(0.1));
        assertThat(many.low().percent()).isBetween(9.0, 10.0);
        assertThat(many.high().percent()).isBetween(10.0, 11.0);
        for (int wanted = 1; wanted < 60; wanted += 7) {
            int begin = many.toBegin(wanted);
            assertThat(kept(begin, wanted)).isGreaterThan(0.78);
            assertThat(begin == wanted ? 0 : kept(begin - 1, wanted)).isLessThan(0.82);
        }
    }

    /** How often at least so many are left of those begun, when one of ten is lost: counted, not calculated. */
    private static double kept(int begun, int wanted) {
        RandomGenerator random = new SplittableRandom(begun * 100L + wanted);
        int enough = 0;
        for (int i = 0; i < 20_000; i++) {
            int left = 0;
            for (int n = 0; n < begun; n++) {
                left += random.nextDouble() < 0.9 ? 1 : 0;
            }
            enough += left >= wanted ? 1 : 0;
        }
        return enough / 20_000.0;
    }

    @Test
    public void wasteIsLearnedFromWhatWasReallyUsed() {
        List<WasteEstimate.Weighing> weighed = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            weighed.add(new WasteEstimate.Weighing(new Mass(40 + i), new Mass((40 + i) * 1.18)));
        }
        weighed.add(new WasteEstimate.Weighing(new Mass(40), new Mass(400)));
        WasteEstimate waste = WasteEstimate.of(Share.ofPercent(8), weighed);
        assertThat(waste.expected().percent()).isCloseTo(18, within(1.5));
        assertThat(waste.low().percent()).isLessThan(18);
        assertThat(waste.high().percent()).isGreaterThan(18);
        assertThat(WasteEstimate.of(Share.ofPercent(8), List.of()).expected().percent())
                .isCloseTo(8, within(1e-6));
    }

    private static List<String> fields(ThrowingCallable call) {
        return Refusals.of(call).stream().map(InputError::field).toList();
    }

    @Test
    public void aLineTellsAllItsKindHasTo() {
        Instant nine = Instant.parse("2026-11-30T09:00:00Z");
        assertThat(fields(() -> DaybookLine.time(LineKind.TIME, WHERE, nine, nine.minusSeconds(60), 1, 2)))
                .containsExactly("until");
        assertThat(fields(() -> DaybookLine.time(LineKind.TIME, WHERE, nine, nine.plusSeconds(60_000), 3, 2)))
                .containsExactly("maker");
        DaybookLine forgotten = DaybookLine.time(LineKind.TIME, WHERE, nine, nine.plusSeconds(60_000), 2, 2);
        assertThat(fields(forgotten::refuseForgotten)).containsExactly("until");
        assertThat(fields(() -> DaybookLine.loss(WHERE, nine, 1, 0, LossReason.CRACKED, false)))
                .containsExactly("pieces");
        assertThat(DaybookLine.time(LineKind.REWORK, WHERE, nine, nine.plusSeconds(90), 1, 2)
                        .minutes()
                        .min())
                .isCloseTo(1.5, within(1e-9));
    }
}
