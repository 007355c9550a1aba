package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Station;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.LoadProblem;
import fairember.core.quantity.Minutes;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

public class BatchSchedulingTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final WorkHours WEEKDAYS =
            new WorkHours(LocalTime.of(9, 0), LocalTime.of(17, 0), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
    /** A Monday. */
    private static final LocalDateTime MONDAY_NINE = LocalDateTime.of(2026, 3, 2, 9, 0);

    private static BatchSchedule schedule(List<Job> jobs, LocalDateTime from) {
        return BatchScheduling.schedule(
                jobs, Workshop.of(Samples.OVEN, WEEKDAYS), BatchScheduling.Start.at(from), BatchSchedulingTest::plan);
    }

    private static LoadPlan plan(LoadProblem problem) {
        return LoadPlanning.plan(problem, Effort.SEARCH);
    }

    /**
     * Six seals, by hand. Eyes 2 + 6·1 = 8 min to 9:08, the oven heats from 9:00: in 9:10, out 9:20, cooled 9:35. Cores
     * 5 + 6·2 = 17 and building 5 + 6·10 = 65 belong to stage 2 and wait for cooled eyes: 9:35 to 9:52 to 10:57. The oven
     * heats in the meantime: in 10:57, out 11:12 (15 min), cooled 11:42. Fitting 1 + 6·0.5 = 4 to 11:46.
     */
    @Test
    public void sixSealsAreDoneAtFourteenMinutesToNoon() {
        BatchSchedule schedule = schedule(List.of(new Job(new JobKey(1, 97), SEAL, 6)), MONDAY_NINE);
        assertThat(schedule.hands().min()).isEqualTo(94);
        assertThat(schedule.loads())
                .extracting(BatchSchedule.TimedLoad::in)
                .containsExactly(MONDAY_NINE.plusMinutes(10), MONDAY_NINE.plusMinutes(117));
        assertThat(schedule.loads().get(1).out()).isEqualTo(MONDAY_NINE.plusMinutes(132));
        assertThat(schedule.finish()).isEqualTo(MONDAY_NINE.plusMinutes(166));
        // Two preheats, 10 and 15 minutes at 0.6 kW.
        assertThat(schedule.energy().kwh()).isCloseTo(0.4 + 0.25, within(1e-9));
    }

    @Test
    public void workGoesOnTheNextWorkingDayAndNoLoadBatchesPastClosing() {
        LocalDateTime fridayFour = LocalDateTime.of(2026, 3, 6, 16, 0);
        BatchSchedule schedule = schedule(List.of(new Job(new JobKey(1, 97), SEAL, 6)), fridayFour);
        // Eyes come out 16:20, cooled 16:35, cores to 16:52; building is broken off after 8 minutes, 57 are for Monday.
        assertThat(schedule.tasks().get(2).slots()).hasSize(2);
        assertThat(schedule.tasks().get(2).slots().get(1).to()).isEqualTo(LocalDateTime.of(2026, 3, 9, 9, 57));
        BatchSchedule late = schedule(List.of(new Job(new JobKey(1, 97), SEAL, 6)), fridayFour.plusMinutes(41));
        // In at 16:50, 10 minutes of hold would end at 17:00, a minute later is too late.
        assertThat(late.loads().get(0).heatFrom()).isEqualTo(LocalDateTime.of(2026, 3, 9, 9, 0));
    }

    /** Eyes are shaped at 9:08 and wait for noon; what is built on them is not ready by one, and waits for the next noon. */
    @Test
    public void anOvenWithHoursOfItsOwnBatchesOnlyInThem() {
        BatchSchedule schedule = at(WorkHours.daily(LocalTime.NOON, LocalTime.of(13, 0)));
        assertThat(schedule.loads())
                .extracting(BatchSchedule.TimedLoad::heatFrom)
                .containsExactly(
                        MONDAY_NINE.withHour(12), MONDAY_NINE.plusDays(1).withHour(12));
        assertThat(schedule.advice()).isEmpty();
        BatchSchedule never = at(WorkHours.daily(LocalTime.of(16, 45), LocalTime.of(22, 0)));
        assertThat(never.loads()).isEmpty();
        assertThat(never.advice()).extracting(Advice::rule).contains("oven-closed");
    }

    private static BatchSchedule at(WorkHours own) {
        Workshop.Use use = new Workshop.Use(Samples.OVEN, Optional.of(own));
        Workshop bench = new Workshop(List.of(use), WEEKDAYS, 1, Map.of(), Map.of(), List.of(), List.of());
        return BatchScheduling.schedule(
                List.of(new Job(new JobKey(1, 97), SEAL, 6)),
                bench,
                BatchScheduling.Start.at(MONDAY_NINE),
                BatchSchedulingTest::plan);
    }

    /** Eyes of both are shaped side by side, 8 minutes each; bodies too, 82 minutes each: both are done as soon as one. */
    @Test
    public void twoMakersDoTwoJobsInTheTimeOfOne() {
        List<Job> two = List.of(new Job(new JobKey(1, 97), SEAL, 6), new Job(new JobKey(1, 98), SEAL, 6));
        Workshop.Use use = new Workshop.Use(Samples.OVEN, Optional.empty());
        Workshop both = new Workshop(List.of(use), WEEKDAYS, 2, Map.of(), Map.of(), List.of(), List.of());
        BatchSchedule schedule =
                BatchScheduling.schedule(two, both, BatchScheduling.Start.at(MONDAY_NINE), BatchSchedulingTest::plan);
        assertThat(schedule.finish()).isEqualTo(MONDAY_NINE.plusMinutes(166));
        assertThat(schedule.loads()).hasSize(2);
        assertThat(schedule(two, MONDAY_NINE).finish()).isAfter(MONDAY_NINE.plusMinutes(230));
    }

    @Test
    public void whatIsDoneIsNotDoneAgain() {
        Progress progress = new Progress(List.of(6, 6, 2), List.of(12), List.of(), 0, List.of());
        BatchSchedule schedule = schedule(List.of(new Job(new JobKey(1, 97), SEAL, 6, progress)), MONDAY_NINE);
        assertThat(schedule.loads()).hasSize(1);
        // Four more to build with no new set-up, then the fitting.
        assertThat(schedule.hands().min()).isEqualTo(40 + 4);
        Progress all = new Progress(List.of(6, 6, 6, 6), List.of(12, 6), List.of(), 0, Samples.ALL_TICKED);
        assertThat(schedule(List.of(new Job(new JobKey(1, 97), SEAL, 6, all)), MONDAY_NINE)
                        .finish())
                .isEqualTo(MONDAY_NINE);
    }

    @Test
    public void stepsWaitForWhatIsStillInTheOven() {
        LocalDateTime cooled = MONDAY_NINE.plusHours(2);
        Progress progress = new Progress(List.of(6), List.of(), List.of(12), 0, List.of());
        BatchSchedule schedule = BatchScheduling.schedule(
                List.of(new Job(new JobKey(1, 97), SEAL, 6, progress)),
                Workshop.of(Samples.OVEN, WEEKDAYS),
                new BatchScheduling.Start(
                        MONDAY_NINE, Map.of(0, MONDAY_NINE.plusHours(1)), Map.of(new BakeRef(1, 97, 0), cooled)),
                BatchSchedulingTest::plan);
        assertThat(schedule.tasks().get(0).slots().get(0).from()).isEqualTo(cooled);
    }

    @Test
    public void aLoadLongerThanTheDayIsLeftOutAndSaid() {
        WorkHours nineToTen = new WorkHours(LocalTime.of(9, 0), LocalTime.of(10, 0), EnumSet.allOf(DayOfWeek.class));
        BakeRules anHour = new BakeRules(BakingMethod.LONG_AND_LOW, new Minutes(60), new Minutes(10));
        MeasuredDesign seal = DesignMeasuring.measure(Samples.seal(), Samples.PALETTE, Samples.ROLL, anHour);
        BatchSchedule schedule = BatchScheduling.schedule(
                List.of(new Job(new JobKey(1, 97), seal, 1)),
                Workshop.of(Samples.OVEN, nineToTen),
                BatchScheduling.Start.at(MONDAY_NINE),
                BatchSchedulingTest::plan);
        assertThat(schedule.advice()).extracting(Advice::rule).containsExactly("hours-short");
        assertThat(schedule.loads()).hasSize(1);
    }

    /**
     * A ball of 12 mm of clay that dries a day for 6 mm: two days in the air, no load. Shaped from 9 in 2 + 3·5 = 17 min on
     * Monday, dry on Wednesday at 9:17, varnished in 6 min to 9:23.
     */
    @Test
    public void whatDriesInTheAirWaitsItsHoursAndWantsNoOven() {
        Job job = new Job(new JobKey(1, 97), Samples.airDried(), 3);
        BatchSchedule schedule = schedule(List.of(job), MONDAY_NINE);
        assertThat(schedule.loads()).isEmpty();
        assertThat(schedule.dryings()).hasSize(1);
        assertThat(schedule.dryings().get(0).from()).isEqualTo(MONDAY_NINE.plusMinutes(17));
        assertThat(schedule.dryings().get(0).to())
                .isEqualTo(MONDAY_NINE.plusDays(2).plusMinutes(17));
        assertThat(schedule.finish()).isEqualTo(MONDAY_NINE.plusDays(2).plusMinutes(23));
        assertThat(job.design().advice()).isEmpty();
        Progress varnishing = new Progress(List.of(3, 1), List.of(), List.of(), 0, Samples.ALL_TICKED);
        BatchSchedule later =
                schedule(List.of(new Job(new JobKey(1, 97), Samples.airDried(), 3, varnishing)), MONDAY_NINE);
        assertThat(later.dryings()).isEmpty();
        assertThat(BatchThread.of(List.of(job)).standing().get(Station.OVEN)).isZero();
    }

    @Test
    public void hoursOfLessThanHalfAnHourOrOnNoDayAreRefused() {
        assertThat(Refusals.of(
                        () -> new WorkHours(LocalTime.NOON, LocalTime.of(12, 10), EnumSet.allOf(DayOfWeek.class))))
                .hasSize(1);
        assertThat(Refusals.of(() -> new WorkHours(LocalTime.NOON, LocalTime.MAX, EnumSet.noneOf(DayOfWeek.class))))
                .hasSize(1);
    }
}
