package fairember.core.loadstart;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.batch.Progress;
import fairember.core.design.CheckLine;
import fairember.core.design.CheckTime;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class StartReviewTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final Temperature T130 = new Temperature(130);
    private static final int EYES = 0;
    private static final int WHOLE = 1;

    private static LoadCandidate seals(BatchState state, int stage, int count, Progress progress) {
        return new LoadCandidate(new Job(new JobKey(1, 7), SEAL, 12, progress), state, "Fair", stage, count);
    }

    private static List<StartQuestion> asked(LoadCandidate item, double probeC) {
        return StartReview.of(List.of(item), T130, Optional.of(new Temperature(probeC)));
    }

    @Test
    public void nothingIsAskedOfWhatIsLoggedAndOfAHotOven() {
        Progress ready = new Progress(List.of(12, 6, 6, 0), List.of(24, 0), List.of(), 0, List.of(6));
        assertThat(asked(seals(BatchState.ON_BENCH, WHOLE, 6, ready), 116)).isEmpty();
        assertThat(asked(
                        seals(
                                BatchState.ON_BENCH,
                                EYES,
                                24,
                                new Progress(List.of(12), List.of(), List.of(), 0, List.of())),
                        130))
                .isEmpty();
    }

    @Test
    public void eachDoubtIsAskedOnceWithItsCounts() {
        Progress four = new Progress(List.of(12, 6, 4, 0), List.of(24, 2), List.of(), 0, List.of(2));
        List<StartQuestion> asked = asked(seals(BatchState.PLANNED, WHOLE, 4, four), 24);
        assertThat(asked)
                .extracting(StartQuestion::doubt)
                .containsExactly(Doubt.NOT_ON_BENCH, Doubt.NOT_SHAPED, Doubt.NOT_CHECKED, Doubt.OVEN_COLD);
        assertThat(asked.get(1).asked())
                .isEqualTo("Seal, whole: 2 of 4 logged as ready for the oven; not logged for the others: 'build'.");
        assertThat(asked.get(2).asked()).isEqualTo("Seal: Whiskers pricked");
        assertThat(asked.get(2).yes()).isEqualTo("Checked on all 4");
        assertThat(asked.get(3).asked()).contains("24 °C").contains("130 °C");
        StartAnswer skipped = new StartAnswer(Doubt.NOT_CHECKED, 0, 0, "no whiskers on these");
        assertThat(asked.get(2).answeredBy(skipped)).isTrue();
        assertThat(asked.get(2).note(skipped))
                .isEqualTo("Seal: Whiskers pricked Skipped, because: no whiskers on these");
        assertThat(asked.get(1).answeredBy(new StartAnswer(Doubt.NOT_SHAPED, 0, -1, "because")))
                .isFalse();
        assertThat(StartReview.of(List.of(), T130, Optional.empty()).get(0).asked())
                .contains("thermometer");
    }

    /** Each bake asks for the lines before it; varnish and packing are no matter of the oven. */
    @Test
    public void aBakeAsksForItsOwnLinesOnly() {
        Design lines = Samples.seal()
                .checking(new CheckLine("Eyes round", CheckTime.BAKE, EYES, null))
                .checking(new CheckLine("Paint dry", CheckTime.VARNISH, null, null))
                .checking(new CheckLine("Pin tight", CheckTime.PACKING, null, null));
        MeasuredDesign seal = Samples.measured(lines);
        for (int stage : new int[] {EYES, WHOLE}) {
            Progress done =
                    new Progress(List.of(12, 12, 12, 0), List.of(stage == EYES ? 0 : 24, 0), List.of(), 0, List.of());
            Job job = new Job(new JobKey(1, 7), seal, 12, done);
            assertThat(asked(new LoadCandidate(job, BatchState.ON_BENCH, "Fair", stage, 1), 130))
                    .extracting(StartQuestion::asked)
                    .containsExactly(stage == EYES ? "Seal: Eyes round" : "Seal: Whiskers pricked");
        }
        Progress ticked = new Progress(List.of(), List.of(), List.of(), 0, List.of(7, 5));
        assertThat(new Job(new JobKey(1, 7), seal, 12, ticked).checked()).isEqualTo(5);
        assertThat(Refusals.of(() -> new CheckLine("Which", CheckTime.BAKE, null, null))
                        .get(0)
                        .field())
                .isEqualTo("stage");
        assertThat(Refusals.of(() -> Samples.seal().checking(new CheckLine("Which", CheckTime.BAKE, 9, null)))
                        .get(0)
                        .allowed())
                .isEqualTo("1 to 2");
    }

    /** An odd eye belongs to a begun pair: whatever goes in, exactly the steps short of its pieces are open. */
    @Test
    public void openStepsAreThoseShortOfThePiecesThatGoIn() {
        SplittableRandom random = new SplittableRandom(31);
        for (int run = 0; run < 300; run++) {
            int rolled = random.nextInt(13);
            int baked = random.nextInt(25);
            int count = 1 + random.nextInt(24);
            Progress progress = new Progress(List.of(rolled), List.of(baked), List.of(), 0, List.of());
            LoadCandidate eyes = seals(BatchState.ON_BENCH, EYES, count, progress);
            assertThat(StartReview.openSteps(eyes).isEmpty()).isEqualTo(2 * rolled >= baked + count);
        }
    }

    private static TakingOut out(double inside, Optional<Double> warm, Optional<Double> middle) {
        return TakingOut.of(new TakingOut.Had(
                new Minutes(30),
                new Minutes(60),
                new Minutes(inside),
                warm.map(Minutes::new),
                middle.map(Minutes::new)));
    }

    @Test
    public void aLoadTakenOutEarlyOrLateIsAskedAboutByItsHeat() {
        assertThat(out(30, Optional.of(24.0), Optional.of(12.0)).timing()).isEqualTo(TakingOut.Timing.IN_TIME);
        assertThat(out(29.5, Optional.empty(), Optional.empty()).timing()).isEqualTo(TakingOut.Timing.IN_TIME);
        TakingOut raw = out(12, Optional.of(8.0), Optional.of(0.0));
        assertThat(raw.timing()).isEqualTo(TakingOut.Timing.EARLY);
        assertThat(raw.message())
                .isEqualTo("8 min of 30 min at temperature. The slowest middle was hot enough for 0 min.");
        assertThat(raw.advice()).contains("not cured");
        assertThat(raw.suggested()).isEqualTo(LoadOutcome.BAKE_AGAIN);
        assertThat(out(20, Optional.of(17.0), Optional.of(4.0)).advice()).contains("test one piece");
        assertThat(out(30, Optional.of(20.0), Optional.of(4.0)).timing()).isEqualTo(TakingOut.Timing.EARLY);
        assertThat(out(10, Optional.empty(), Optional.empty()).message()).contains("by the clock");
        TakingOut late = out(70, Optional.empty(), Optional.empty());
        assertThat(late.timing()).isEqualTo(TakingOut.Timing.LATE);
        assertThat(late.suggested()).isEqualTo(LoadOutcome.BAKED);
        assertThat(out(70, Optional.of(55.0), Optional.empty()).timing()).isEqualTo(TakingOut.Timing.IN_TIME);
    }
}
