package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.design.AssemblyTree;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.RandomTrees;
import fairember.core.design.Step;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Benches made by lot: jobs anywhere on their way, clay that is baked and clay that dries, one oven or two with hours of
 * their own. Every schedule is held against the rules of the bench.
 */
public class RandomBenchesTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final MeasuredDesign AIR = Samples.airDried();
    private static final WorkHours WEEKDAYS =
            new WorkHours(LocalTime.of(9, 0), LocalTime.of(17, 0), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
    private static final LocalDateTime MONDAY_NINE = LocalDateTime.of(2026, 3, 2, 9, 0);

    @DataProvider
    public Object[][] lots() {
        Object[][] lots = new Object[80][];
        for (int i = 0; i < lots.length; i++) {
            lots[i] = new Object[] {i};
        }
        return lots;
    }

    /** Steps and bakes done as far as they can be, never more of a later one than of the one before. */
    private static Job job(JobKey key, SplittableRandom random) {
        int designs = 1 + random.nextInt(30);
        if (random.nextInt(3) == 0) {
            return new Job(key, Samples.measured(RandomTrees.design(random)), designs);
        }
        boolean seal = random.nextInt(4) > 0;
        if (random.nextBoolean()) {
            return new Job(key, seal ? SEAL : AIR, designs);
        }
        int lost = random.nextInt(designs);
        int first = random.nextInt(designs - lost + 1);
        int second = random.nextInt(first + 1);
        if (!seal) {
            return new Job(key, AIR, designs, new Progress(List.of(first, 0), List.of(), List.of(), lost, List.of()));
        }
        int eyesOut = random.nextInt(first + 1);
        int eyesIn = random.nextInt(first - eyesOut + 1);
        int built = Math.min(second, eyesOut);
        return new Job(
                key,
                SEAL,
                designs,
                new Progress(
                        List.of(first, built, built, 0),
                        List.of(2 * eyesOut, random.nextInt(built + 1)),
                        List.of(2 * eyesIn),
                        lost,
                        random.nextBoolean() ? Samples.ALL_TICKED : List.of()));
    }

    private static Workshop bench(SplittableRandom random, List<Job> jobs) {
        List<Workshop.Use> ovens = new ArrayList<>();
        for (int o = 0; o <= random.nextInt(2); o++) {
            int from = 9 + random.nextInt(4);
            Optional<WorkHours> own = random.nextBoolean()
                    ? Optional.empty()
                    : Optional.of(
                            WorkHours.daily(LocalTime.of(from, 0), LocalTime.of(from + 2 + random.nextInt(6), 30)));
            ovens.add(new Workshop.Use(Samples.OVEN, own));
        }
        Map<JobKey, LocalDateTime> begins = new HashMap<>();
        Map<JobKey, LocalDateTime> due = new HashMap<>();
        for (Job job : jobs) {
            if (random.nextInt(3) == 0) {
                begins.put(job.key(), MONDAY_NINE.plusDays(random.nextInt(4)));
            }
            due.put(job.key(), MONDAY_NINE.plusDays(1 + random.nextInt(9)).withHour(17));
        }
        return new Workshop(ovens, WEEKDAYS, 1 + random.nextInt(2), begins, due, List.of(), List.of());
    }

    @Test(dataProvider = "lots")
    public void everyScheduleKeepsTheRulesOfItsBench(int lot) {
        SplittableRandom random = new SplittableRandom(lot);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(4); i++) {
            jobs.add(job(new JobKey(1, i), random));
        }
        Workshop bench = bench(random, jobs);
        LocalDateTime now = MONDAY_NINE.plusMinutes(random.nextInt(3000));
        Map<Integer, LocalDateTime> busy = random.nextBoolean() ? Map.of() : Map.of(0, now.plusMinutes(25));
        BatchScheduling.Start start = new BatchScheduling.Start(now, busy, Map.of());
        BatchSchedule schedule = BatchScheduling.schedule(
                jobs, bench, start, problem -> LoadPlanning.plan(problem, lot % 4 == 0 ? Effort.SEARCH : Effort.RULES));
        List<WorkHours.Slot> hands =
                schedule.tasks().stream().flatMap(t -> t.slots().stream()).toList();
        lane(hands.stream(), WEEKDAYS, now, bench.makers());
        for (int o = 0; o < bench.ovens().size(); o++) {
            int oven = o;
            WorkHours hours = bench.ovens().get(o).within(WEEKDAYS).orElseThrow();
            LocalDateTime free = busy.getOrDefault(o, now);
            lane(
                    schedule.loads().stream()
                            .filter(l -> l.load().oven() == oven)
                            .map(l -> new WorkHours.Slot(l.heatFrom(), l.out())),
                    hours,
                    free,
                    1);
        }
        jobs.forEach(job -> counts(job, schedule));
        jobs.forEach(job -> order(job, schedule, bench));
        LocalDateTime last = Stream.of(
                        schedule.loads().stream().map(BatchSchedule.TimedLoad::cooled),
                        schedule.tasks().stream().map(BatchSchedule.HandsTask::end),
                        schedule.dryings().stream().map(BatchSchedule.Drying::to))
                .flatMap(ends -> ends)
                .max(Comparator.naturalOrder())
                .orElse(now);
        assertThat(schedule.finish()).isEqualTo(last);
        // What keeps it from ending earlier ends when it does.
        CriticalChain chain = CriticalChain.of(schedule, WEEKDAYS);
        assertThat(chain.tasks().size() + chain.loads().size() + chain.dryings().size() > 0)
                .isEqualTo(!last.equals(now));
    }

    /** A number of things at a time, in these hours, not before a moment. */
    private static void lane(Stream<WorkHours.Slot> slots, WorkHours hours, LocalDateTime from, int many) {
        List<WorkHours.Slot> all = slots.toList();
        for (WorkHours.Slot slot : all) {
            assertThat(slot.from()).isAfterOrEqualTo(from);
            assertThat(all)
                    .filteredOn(s -> !s.from().isAfter(slot.from()) && s.to().isAfter(slot.from()))
                    .hasSizeLessThanOrEqualTo(many);
            assertThat(slot.to()).isAfterOrEqualTo(slot.from());
            assertThat(slot.from().toLocalTime()).isAfterOrEqualTo(hours.from());
            assertThat(slot.to().toLocalTime()).isBeforeOrEqualTo(hours.to());
            assertThat(slot.to().toLocalDate()).isEqualTo(slot.from().toLocalDate());
            assertThat(hours.days()).contains(slot.from().getDayOfWeek());
        }
    }

    private static List<BatchSchedule.HandsTask> tasks(Job job, BatchSchedule schedule) {
        return schedule.tasks().stream().filter(t -> t.job() == job).toList();
    }

    /** Every step is set in time for as many designs as are alive and have not had it, and takes as long as they do. */
    private static void counts(Job job, BatchSchedule schedule) {
        List<Step> steps = job.design().design().steps();
        for (int i = 0; i < steps.size(); i++) {
            int index = i;
            int wanted = Math.max(0, job.alive() - job.progress().stepDone(i));
            List<BatchSchedule.HandsTask> own = tasks(job, schedule).stream()
                    .filter(t -> t.index() == index)
                    .toList();
            assertThat(own.stream().mapToInt(BatchSchedule.HandsTask::pieces).sum())
                    .isEqualTo(wanted);
            for (BatchSchedule.HandsTask task : own) {
                double slots = task.slots().stream()
                        .mapToDouble(s -> Duration.between(s.from(), s.to()).toMillis() / 60_000.0)
                        .sum();
                assertThat(slots)
                        .isBetween(task.minutes().min() - 0.05, task.minutes().min() + 0.05);
            }
        }
        for (int stage = 0; stage < job.design().stages().size(); stage++) {
            if (BatchBakes.dries(job, stage)) {
                continue;
            }
            BakeRef key = job.bake(stage);
            int units = job.design().stages().get(stage).unitsEach();
            int wanted = Math.max(0, job.alive() * units - job.progress().bakedOrIn(stage));
            int planned = schedule.loads().stream()
                    .flatMap(l -> l.load().items().stream())
                    .filter(i -> i.bake().key().equals(key))
                    .mapToInt(i -> i.count())
                    .sum();
            assertThat(planned).isEqualTo(wanted);
        }
    }

    /** Nothing before the batch begins; steps before the load they feed; a stage after the one it is built on is cooled. */
    private static void order(Job job, BatchSchedule schedule, Workshop bench) {
        LocalDateTime begins = bench.begins().getOrDefault(job.key(), LocalDateTime.MIN);
        List<BatchSchedule.HandsTask> own = tasks(job, schedule);
        AssemblyTree tree = job.design().design().tree();
        own.forEach(t -> assertThat(t.begin()).isAfterOrEqualTo(begins));
        for (int stage = 0; stage < job.design().stages().size(); stage++) {
            int at = stage;
            BakeRef key = job.bake(stage);
            List<BatchSchedule.TimedLoad> loads = schedule.loads().stream()
                    .filter(l -> l.load().items().stream()
                            .anyMatch(i -> i.bake().key().equals(key)))
                    .toList();
            for (BatchSchedule.TimedLoad load : loads) {
                assertThat(load.in()).isAfterOrEqualTo(begins);
                own.stream()
                        .filter(t -> tree.feeding(at).contains(t.step().at()))
                        .forEach(t -> assertThat(t.end()).isBeforeOrEqualTo(load.in()));
                own.stream()
                        .filter(t -> tree.follows(t.step().at(), at))
                        .forEach(t -> assertThat(t.begin())
                                .isAfterOrEqualTo(load.out()
                                        .minusSeconds(1) // Times are rounded to seconds.
                                        .plusSeconds(Math.round(60
                                                * job.design()
                                                        .stages()
                                                        .get(at)
                                                        .stage()
                                                        .cooling()
                                                        .min()))));
            }
        }
        for (BatchSchedule.Drying drying : schedule.dryings()) {
            Integer dries = drying.stage();
            if (drying.job() == job && dries != null) {
                own.stream()
                        .filter(t -> tree.feeding(dries).contains(t.step().at()))
                        .forEach(t -> assertThat(t.end()).isBeforeOrEqualTo(drying.from()));
                own.stream()
                        .filter(t -> tree.follows(t.step().at(), dries))
                        .forEach(t -> assertThat(t.begin()).isAfterOrEqualTo(drying.to()));
            }
        }
    }
}
