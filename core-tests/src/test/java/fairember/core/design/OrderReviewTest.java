package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Steps out of order, with the move that mends each. */
public class OrderReviewTest {
    private static final BuildPoint RAW = BuildPoint.START;
    private static final BuildPoint BAKED = new BuildPoint(0, 1);
    private static final BuildPoint HEAD_RAW = new BuildPoint(1, 0);
    private static final BuildPoint HEAD_BAKED = new BuildPoint(1, 1);

    private static Step step(StepKind kind, BuildPoint at) {
        return new Step(kind.label(), Station.FINISH, Minutes.ZERO, new Minutes(1), kind, at);
    }

    /** A body, a head that is baked apart and glued on after the body's bake, and a stand that is laid by for packing. */
    private static Design design(List<Step> steps) {
        return new Design(
                1,
                "Figure",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                Stream.of(RAW, HEAD_RAW, new BuildPoint(2, 0))
                        .map(at -> Samples.part("Ball", new Ball(new Length(9)), 1, Samples.CHALK, at, null))
                        .toList(),
                List.of(
                        Assembly.WHOLE,
                        new Assembly("Head", BAKED, Joint.COLD, false),
                        new Assembly("Stand", BAKED, Joint.PACKED, false)),
                IntStream.range(0, 3)
                        .mapToObj(
                                assembly -> new Stage("bake", StageKind.FULL_BAKE, assembly, Minutes.ZERO, false, null))
                        .toList(),
                steps,
                List.of(),
                List.of(),
                Armature.NONE,
                null,
                null,
                null);
    }

    private static List<String> rules(Step... steps) {
        return OrderReview.breaks(design(List.of(steps))).stream()
                .map(OrderBreak::rule)
                .toList();
    }

    @DataProvider
    public Object[][] pairs() {
        return new Object[][] {
            {StepKind.BLUSH, StepKind.WASH, "wash-first"},
            {StepKind.BASE_COAT, StepKind.SAND, "sand-first"},
            {StepKind.BASE_COAT, StepKind.PRIME, "prime-first"},
            {StepKind.DETAIL, StepKind.GLUE, "glue-first"},
            {StepKind.CLOSE_UP, StepKind.BASE_COAT, "paint-inside-first"},
            {StepKind.SOFT_TRIM, StepKind.BASE_COAT, "trim-after-paint"},
            {StepKind.VARNISH, StepKind.DETAIL, "varnish-last"},
            {StepKind.BUFF, StepKind.SAND, "sand-before-buff"},
            {StepKind.BASE_COAT, StepKind.DRILL, "drill-first"},
            {StepKind.BASE_COAT, StepKind.PULL, "pull-first"},
        };
    }

    /** One after the other on one piece is out of order; the other way round, or on a stand beside it, is not. */
    @Test(dataProvider = "pairs")
    public void whatComesTooLateIsNamedWithItsReason(StepKind early, StepKind late, String rule) {
        OrderBreak broken = OrderReview.breaks(design(List.of(step(early, BAKED), step(late, BAKED))))
                .get(0);
        assertThat(broken.rule()).isEqualTo(rule);
        assertThat(broken.step()).isEqualTo(1);
        assertThat(broken.beside()).isEqualTo(0);
        assertThat(broken.fix()).isEqualTo("Move '%s' before '%s'.".formatted(late.label(), early.label()));
        assertThat(rules(step(late, BAKED), step(early, BAKED))).isEmpty();
        assertThat(rules(step(early, BAKED), step(late, new BuildPoint(2, 1)))).isEmpty();
        // The head is done before it is glued on: what comes too soon on it is done to the whole instead.
        OrderBreak onHead = OrderReview.breaks(design(List.of(step(late, BAKED), step(early, HEAD_BAKED))))
                .get(0);
        assertThat(onHead.rule()).isEqualTo(rule);
        assertThat(onHead.step()).isEqualTo(1);
        assertThat(onHead.to()).isEqualTo(BAKED);
        assertThat(onHead.after()).isTrue();
        assertThat(rules(step(early, BAKED), step(late, HEAD_BAKED))).isEmpty();
    }

    @Test
    public void marksAndHolesAreMadeInRawClayAndHeatSpoilsWhatCannotTakeIt() {
        assertThat(rules(step(StepKind.SIGN, RAW), step(StepKind.PIERCE, RAW), step(StepKind.HEAT_SHY, BAKED)))
                .isEmpty();
        assertThat(rules(step(StepKind.VENT, HEAD_BAKED), step(StepKind.POWDER, BAKED)))
                .containsOnly("raw-clay-first");
        assertThat(rules(step(StepKind.DRILL, RAW), step(StepKind.PULL, HEAD_RAW)))
                .containsOnly("cured-clay-first");
        assertThat(rules(step(StepKind.RELIEF, RAW), step(StepKind.PIERCE, RAW)))
                .containsExactly("hole-zone");
        assertThat(OrderReview.breaks(design(List.of(
                        step(StepKind.SIGN, BAKED),
                        step(StepKind.PIERCE, HEAD_BAKED),
                        step(StepKind.HEAT_SHY, HEAD_RAW)))))
                .extracting(OrderBreak::step, OrderBreak::to)
                .containsExactlyInAnyOrder(tuple(0, RAW), tuple(1, HEAD_RAW), tuple(2, BAKED));
        MeasuredDesign measured = Samples.measured(design(List.of(step(StepKind.SIGN, BAKED))));
        assertThat(measured.advice()).anyMatch(advice -> advice.rule().equals("order-raw-clay-first"));
    }

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 60).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Whatever the order, doing what is advised, one after the other, comes to an end with everything in order and nothing lost. */
    @Test(dataProvider = "lots")
    public void movingWhatIsAdvisedPutsEverythingInOrder(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<BuildPoint> points = List.of(RAW, BAKED, HEAD_RAW, HEAD_BAKED);
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(14); i++) {
            StepKind kind = StepKind.values()[random.nextInt(StepKind.values().length)];
            steps.add(step(kind, points.get(random.nextInt(points.size()))));
        }
        int count = steps.size();
        int moves = 0;
        List<OrderBreak> breaks = OrderReview.breaks(design(steps));
        while (!breaks.isEmpty() && moves++ < 500) {
            steps = moved(steps, breaks.get(0));
            breaks = OrderReview.breaks(design(steps));
        }
        assertThat(breaks).isEmpty();
        assertThat(steps).hasSize(count);
    }

    private static List<Step> moved(List<Step> steps, OrderBreak broken) {
        List<Step> moved = new ArrayList<>(steps);
        Step step = moved.remove(broken.step());
        Integer beside = broken.beside();
        int to = beside == null
                ? broken.step()
                : (beside > broken.step() ? beside - 1 : beside) + (broken.after() ? 1 : 0);
        moved.add(to, step(step.kind(), broken.to()));
        return moved;
    }
}
