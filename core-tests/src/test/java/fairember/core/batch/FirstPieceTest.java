package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.daybook.Learned;
import fairember.core.design.Jig;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.RandomTrees;
import fairember.core.design.Step;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.quantity.Minutes;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** The first piece goes through everything alone; the others wait, and nothing is made twice or left out. */
public class FirstPieceTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final LocalDateTime NINE = LocalDateTime.of(2026, 3, 2, 9, 0);
    private static final int STEPS = SEAL.design().steps().size();

    private static List<Job> jobs(int quantity, boolean first, Progress progress) {
        return BatchJobs.of(
                1, Map.of(7L, quantity), first ? Set.of(7L) : Set.of(), id -> SEAL, one -> progress, Learned.NOTHING);
    }

    private static BatchSchedule schedule(List<Job> jobs) {
        Workshop bench = Workshop.of(Samples.OVEN, WorkHours.daily(LocalTime.of(9, 0), LocalTime.of(17, 0)));
        return BatchScheduling.schedule(
                jobs, bench, BatchScheduling.Start.at(NINE), problem -> LoadPlanning.plan(problem, Effort.SEARCH));
    }

    private static Progress done(int steps, int baked) {
        // Two eyes are one unit each in the first bake, the whole is one in the second.
        List<Integer> units = List.of(baked * SEAL.stages().get(0).unitsEach(), baked);
        return new Progress(Collections.nCopies(STEPS, steps), units, List.of(), 0, Samples.ALL_TICKED);
    }

    @Test
    public void theOthersBeginWhenTheFirstHasBeenThroughEveryStepAndBake() {
        BatchSchedule schedule = schedule(jobs(6, true, Progress.NONE));
        LocalDateTime through = schedule.tasks().stream()
                .filter(task -> task.job().key().first())
                .map(BatchSchedule.HandsTask::end)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        assertThat(schedule.tasks())
                .filteredOn(task -> !task.job().key().first())
                .hasSize(STEPS)
                .allSatisfy(task -> {
                    assertThat(task.pieces()).isEqualTo(5);
                    assertThat(task.begin()).isAfterOrEqualTo(through);
                });
        assertThat(schedule.tasks())
                .filteredOn(task -> task.job().key().first())
                .hasSize(STEPS);
        assertThat(schedule.loads()).hasSize(4);
        assertThat(schedule.loads().get(2).heatFrom()).isAfterOrEqualTo(through.minusHours(1));
        assertThat(schedule.loads().get(2).in()).isAfterOrEqualTo(through);
        // Every step is set up twice: it is done at two times.
        double setup = SEAL.design().steps().stream()
                .mapToDouble(step -> step.setup().min())
                .sum();
        assertThat(schedule.hands().min())
                .isCloseTo(schedule(jobs(6, false, Progress.NONE)).hands().min() + setup, within(1e-9));
        assertThat(schedule.of(jobs(6, true, Progress.NONE)).tasks()).isEqualTo(schedule.tasks());
        assertThat(schedule.of(jobs(6, true, Progress.NONE)).loads()).hasSize(4);
    }

    @Test
    public void onceItIsThroughTheOthersAreOneJobThatIsSetUpAnew() {
        BatchSchedule schedule = schedule(jobs(6, true, done(1, 1)));
        assertThat(schedule.tasks()).noneMatch(task -> task.job().key().first());
        assertThat(schedule.tasks()).allMatch(task -> task.pieces() == 5);
        assertThat(schedule.hands().min())
                .isCloseTo(schedule(jobs(5, false, Progress.NONE)).hands().min(), within(1e-9));
    }

    @Test
    public void whatIsBakedOfTheFirstAloneIsNotPlannedAgain() {
        Progress shaped = new Progress(
                List.of(1, 1, 1), List.of(SEAL.stages().get(0).unitsEach()), List.of(), 0, Samples.ALL_TICKED);
        BatchSchedule schedule = schedule(jobs(4, true, shaped));
        assertThat(schedule.loads()).hasSize(3);
        assertThat(schedule.loads().get(0).load().items()).singleElement().satisfies(item -> {
            assertThat(item.count()).isEqualTo(1);
            assertThat(BakeRef.of(item.bake()).first()).isTrue();
            assertThat(BakeRef.of(item.bake()).stage()).isEqualTo(1);
        });
    }

    /** A template is made with the first piece, and never again: not by the others, and not once the first is through. */
    @Test
    public void aJigIsMadeOnce() {
        List<Step> steps = new ArrayList<>(SEAL.design().steps());
        Step first = steps.get(0);
        steps.set(
                0,
                new Step(
                        first.name(),
                        first.station(),
                        first.setup(),
                        first.each(),
                        first.hotAir(),
                        first.kind(),
                        first.waiting(),
                        first.uses(),
                        null,
                        1,
                        new Jig("Template", new Minutes(25), false),
                        "",
                        "",
                        first.at()));
        MeasuredDesign jigged = Samples.measured(SEAL.design().with(steps));
        for (Progress progress : List.of(Progress.NONE, done(1, 1))) {
            List<Job> all = BatchJobs.of(1, Map.of(7L, 6), Set.of(7L), id -> jigged, one -> progress, Learned.NOTHING);
            double more = schedule(all).hands().min()
                    - schedule(jobs(6, true, progress)).hands().min();
            assertThat(more).isCloseTo(progress == Progress.NONE ? 25 : 0, within(1e-9));
        }
    }

    /** Other work never comes between: whatever else is on the bench, the others begin when the first is through. */
    @Test
    public void otherJobsDoNotPushTheFirstBehindTheOthers() {
        for (int more = 1; more <= 4; more++) {
            List<Job> all = new ArrayList<>(jobs(6, true, Progress.NONE));
            for (int i = 0; i < more; i++) {
                all.add(new Job(new JobKey(2 + i, 7), i % 2 == 0 ? SEAL : Samples.airDried(), 3 + i));
            }
            BatchSchedule schedule = schedule(all);
            LocalDateTime through = schedule.tasks().stream()
                    .filter(task -> task.job().key().first())
                    .map(BatchSchedule.HandsTask::end)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            assertThat(schedule.tasks())
                    .filteredOn(task -> task.job().key().equals(new JobKey(1, 7)))
                    .hasSize(STEPS)
                    .allSatisfy(task -> assertThat(task.begin()).isAfterOrEqualTo(through));
            double planned = schedule.hands().min();
            assertThat(planned)
                    .isCloseTo(
                            schedule.tasks().stream()
                                    .mapToDouble(task -> task.minutes().min())
                                    .sum(),
                            within(1e-6));
        }
    }

    /** Trees of assemblies by lot: whatever is baked apart and joined how, no step or load of the others is before the last of the first. */
    @Test
    public void inEveryTreeTheOthersComeAfterTheFirst() {
        SplittableRandom random = new SplittableRandom(21);
        for (int run = 0; run < 15; run++) {
            MeasuredDesign tree = Samples.measured(RandomTrees.design(random));
            int quantity = random.nextInt(2, 7);
            List<Job> all = BatchJobs.of(
                    1, Map.of(7L, quantity), Set.of(7L), id -> tree, one -> Progress.NONE, Learned.NOTHING);
            BatchSchedule schedule = schedule(all);
            LocalDateTime through = NINE;
            int pieces = 0;
            for (BatchSchedule.HandsTask task : schedule.tasks()) {
                pieces += task.pieces();
                if (task.job().key().first() && task.end().isAfter(through)) {
                    through = task.end();
                }
            }
            assertThat(pieces).isEqualTo(quantity * tree.design().steps().size());
            for (BatchSchedule.TimedLoad load : schedule.loads()) {
                boolean first = load.load().items().stream()
                        .anyMatch(item -> BakeRef.of(item.bake()).first());
                boolean others = load.load().items().stream()
                        .anyMatch(item -> !BakeRef.of(item.bake()).first());
                assertThat(first && others).as("run %d: both in one load", run).isFalse();
                if (others) {
                    assertThat(load.in()).as("run %d", run).isAfterOrEqualTo(through);
                }
            }
        }
    }

    /** Of one piece there is nothing to wait for, and a batch of which all but one were lost goes on with that one. */
    @Test
    public void oneAloneIsNoFirst() {
        assertThat(FirstPiece.apart(jobs(1, true, Progress.NONE))).hasSize(1);
        Progress lost = new Progress(List.of(), List.of(), List.of(), 5, List.of());
        assertThat(FirstPiece.apart(jobs(6, true, lost))).hasSize(1);
        assertThat(FirstPiece.apart(jobs(6, true, Progress.NONE))).hasSize(2);
    }
}
