package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** Every piece of a batch is somewhere, and just once. */
public class BatchThreadTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());

    private static int standing(BatchThread thread) {
        return thread.standing().values().stream().mapToInt(Integer::intValue).sum();
    }

    @Test
    public void designsAreNeitherLostNorDoubledWhateverWasCounted() {
        SplittableRandom random = new SplittableRandom(12);
        for (int round = 0; round < 300; round++) {
            int quantity = random.nextInt(1, 40);
            List<Integer> steps = new ArrayList<>();
            for (int i = 0; i < random.nextInt(6); i++) {
                steps.add(random.nextInt(quantity + 3));
            }
            Progress progress = new Progress(
                    steps,
                    List.of(random.nextInt(2 * quantity + 1), random.nextInt(quantity + 1)),
                    List.of(0, random.nextInt(3)),
                    random.nextInt(quantity + 1),
                    random.nextBoolean() ? Samples.ALL_TICKED : List.of(random.nextInt(quantity + 1)));
            BatchThread thread = BatchThread.of(List.of(new Job(new JobKey(1, 97), SEAL, quantity, progress)));
            assertThat(standing(thread) + thread.finished() + thread.lost()).isEqualTo(quantity);
            assertThat(thread.standing().values()).allMatch(n -> n >= 0);
        }
    }

    @Test
    public void workDoneNeverMovesADesignBack() {
        int before = -1;
        for (int done = 0; done <= 10; done++) {
            Progress progress = new Progress(
                    List.of(done, done, done, done), List.of(2 * done, done), List.of(), 0, Samples.ALL_TICKED);
            BatchThread thread = BatchThread.of(List.of(new Job(new JobKey(1, 97), SEAL, 10, progress)));
            assertThat(thread.finished()).isGreaterThan(before);
            before = thread.finished();
        }
        assertThat(before).isEqualTo(10);
    }

    @Test
    public void anOpenChecksHoldsWhatIsShapedAndTheOvenWhatIsInIt() {
        List<Integer> shaped = List.of(6, 6, 6, 0);
        Progress waiting = new Progress(shaped, List.of(12, 0), List.of(), 0, List.of());
        assertThat(BatchThread.of(List.of(new Job(new JobKey(1, 97), SEAL, 6, waiting)))
                        .standing()
                        .get(Station.CHECKS))
                .isEqualTo(6);
        Progress baking = new Progress(shaped, List.of(12, 2), List.of(0, 4), 0, Samples.ALL_TICKED);
        BatchThread thread = BatchThread.of(List.of(new Job(new JobKey(1, 97), SEAL, 6, baking)));
        assertThat(thread.standing().get(Station.OVEN)).isEqualTo(4);
        assertThat(thread.standing().get(Station.FIT)).isEqualTo(2);
    }
}
