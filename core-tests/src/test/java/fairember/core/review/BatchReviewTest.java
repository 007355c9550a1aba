package fairember.core.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.daybook.Learned;
import fairember.core.daybook.StepLog;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.MeasuredDesign;
import fairember.core.mix.MixWaste;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Ten seals by hand: an hour of work costs 12.00, white clay and red 6.00 for 200 g. */
public class BatchReviewTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final Learned NOTHING_LOST = Learned.of(List.of(), Map.of(), Map.of(), Share.ofPercent(10));

    private static BatchReview review(int lost, Map<Learned.StepKey, StepLog> times, double usedG) {
        List<Job> jobs = List.of(new Job(new JobKey(1, 7), SEAL, 10));
        BatchNeeds needs = BatchNeeding.needs(jobs, MixWaste.ofHands(Share.ofPercent(10)));
        BatchReview.Logged logged = new BatchReview.Logged(
                times,
                Map.of(key(2), new StepLog(0, new Minutes(15), 1)),
                Map.of(Samples.ROSE.id(), new WasteEstimate.Weighing(new Mass(100), new Mass(usedG))),
                Map.of(7L, lost));
        return BatchReview.of(
                jobs,
                needs,
                logged,
                NOTHING_LOST,
                Samples.RATES,
                job -> DesignCosting.cost(
                        job.design(), job.own(), Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING));
    }

    private static Learned.StepKey key(int step) {
        return Learned.StepKey.of(7, SEAL.design().steps().get(step));
    }

    @Test
    public void whatTookLongerWasHeavierOrLostIsPaidFor() {
        // Building ten takes 5 + 10·10 = 105 min; it took 165: an hour more. Cores 25 min, and they took 5 less.
        BatchReview review = review(
                3,
                Map.of(key(2), new StepLog(10, new Minutes(165), 1), key(1), new StepLog(10, new Minutes(20), 1)),
                130);
        assertThat(review.minutes())
                .extracting(BatchReview.Line::what)
                .containsExactly("press cores, Seal", "build, Seal");
        assertThat(review.minutes().get(1).planned()).isEqualTo(105);
        assertThat(review.minutes().get(1).dearer().minor()).isEqualTo(1200);
        assertThat(review.minutes().get(0).dearer().minor()).isEqualTo(-100);
        assertThat(review.rework().get(0).dearer().minor()).isEqualTo(300);
        // 20 g more than 100 g and their 10 %.
        assertThat(review.grams().get(0).planned()).isCloseTo(110, within(1e-9));
        assertThat(review.grams().get(0).dearer().minor()).isEqualTo(60);
        // One of ten was expected to be lost, and three were.
        assertThat(review.lost().get(0).planned()).isCloseTo(1, within(1e-9));
        long seal = review.lost().get(0).dearer().minor() / 2;
        assertThat(seal).isBetween(450L, 520L);
        assertThat(review.causes())
                .extracting(BatchReview.Line::of)
                .containsExactly(BatchReview.What.MINUTES, BatchReview.What.LOST, BatchReview.What.REWORK);
        assertThat(review.dearer().minor()).isEqualTo(1200 - 100 + 300 + 60 + 2 * seal);
    }

    @Test
    public void whatWasNotLoggedIsNotCompared() {
        BatchReview review = review(1, Map.of(key(2), new StepLog(0, new Minutes(40), 1)), 110);
        assertThat(review.minutes()).isEmpty();
        assertThat(review.causes()).extracting(BatchReview.Line::of).containsExactly(BatchReview.What.REWORK);
    }
}
