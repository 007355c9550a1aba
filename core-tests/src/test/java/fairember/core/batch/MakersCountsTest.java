package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.testng.annotations.Test;

/** Two makers count at one batch: what one takes back leaves what the other counted, in whatever order it was done. */
public class MakersCountsTest {
    private static BatchProgress counted(BatchProgress before, int step, int done, int lost, int again) {
        return before.with(
                7,
                step,
                t -> new BatchProgress.Tally(
                        t.designId(), t.step(), t.done() + done, t.lost() + lost, t.again() + again));
    }

    private static BatchProgress any(BatchProgress before, RandomGenerator random) {
        if (random.nextInt(4) == 0) {
            return before.with(new BatchProgress.Tick(7, random.nextInt(3), random.nextInt(1, 9)));
        }
        return counted(before, random.nextInt(4), random.nextInt(1, 4), random.nextInt(2), random.nextInt(2));
    }

    @Test
    public void takingBackWhatWasDoneLastIsWhatItWasBefore() {
        RandomGenerator random = new SplittableRandom(3);
        BatchProgress progress = BatchProgress.NONE;
        for (int run = 0; run < 200; run++) {
            BatchProgress next = any(progress, random);
            assertThat(next.changedBy(next, progress)).isEqualTo(progress);
            assertThat(progress.changedBy(progress, next)).isEqualTo(next);
            progress = next;
        }
    }

    /** Counts only add up, so the order in which they are taken back does not matter; done again, all is as it was. */
    @Test
    public void whatTheOtherCountedStays() {
        RandomGenerator random = new SplittableRandom(5);
        for (int run = 0; run < 200; run++) {
            BatchProgress before = counted(counted(BatchProgress.NONE, 0, 9, 1, 1), 1, 6, 1, 0);
            int step = random.nextInt(3);
            int mine = random.nextInt(1, 5);
            int theirs = random.nextInt(1, 5);
            int theirStep = random.nextInt(3);
            BatchProgress one = counted(before, step, mine, 0, 1);
            BatchProgress both = counted(one, theirStep, theirs, 1, 0);
            BatchProgress undone = both.changedBy(one, before);
            assertThat(undone).isEqualTo(counted(before, theirStep, theirs, 1, 0));
            assertThat(undone.changedBy(before, one)).isEqualTo(both);
        }
    }

    /** A tick that the other maker has set anew stays as it is; never is less than nothing counted. */
    @Test
    public void aTickThatWasSetAnewStaysAndNothingGoesBelowNone() {
        BatchProgress before = BatchProgress.NONE;
        BatchProgress mine = before.with(new BatchProgress.Tick(7, 0, 4));
        BatchProgress anew = mine.with(new BatchProgress.Tick(7, 0, 6));
        assertThat(anew.changedBy(mine, before).ticked(7, 0)).isEqualTo(6);
        assertThat(mine.changedBy(mine, before).ticked(7, 0)).isZero();
        BatchProgress counted = counted(before, 0, 3, 0, 0);
        BatchProgress corrected = counted(counted, 0, -2, 0, 0);
        assertThat(corrected.changedBy(counted, before).tally(7, 0).done()).isZero();
        // What was taken from the shelf since is not given back by a count.
        assertThat(counted.shelfTaken().changedBy(counted, before).taken()).isTrue();
        assertThat(counted.shelfTaken().changedBy(counted.shelfTaken(), counted).taken())
                .isFalse();
    }
}
