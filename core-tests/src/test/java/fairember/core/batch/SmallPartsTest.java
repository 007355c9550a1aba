package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.daybook.Learned;
import fairember.core.design.Armature;
import fairember.core.design.BuildPoint;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.NonClay;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.design.Step;
import fairember.core.input.InputError;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.loadstart.Doubt;
import fairember.core.loadstart.LoadCandidate;
import fairember.core.loadstart.StartQuestion;
import fairember.core.loadstart.StartReview;
import fairember.core.mix.MixWaste;
import fairember.core.price.CostInputs;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Ball;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

/** Small parts of several designs that are made together, before the pieces they are put on. */
public class SmallPartsTest {
    private static final MeasuredDesign EYE = Samples.measured(design(
            2,
            2,
            List.of(),
            List.of(
                    Samples.step("roll", Station.SHAPE, 4, 1, 0, 0),
                    Samples.step("gloss", Station.FINISH, 0, 2, 0, 1))));
    private static final MeasuredDesign CRAB = user(3, 2, NonClay.Oven.IN);
    private static final MeasuredDesign GULL = user(4, 3, NonClay.Oven.AFTER);
    private static final Map<Long, MeasuredDesign> DESIGNS = Map.of(2L, EYE, 3L, CRAB, 4L, GULL);
    private static final LocalDateTime MONDAY_NINE = LocalDateTime.of(2026, 3, 2, 9, 0);

    private static Design design(long id, double diameter, List<NonClay> nonClay, List<Step> steps) {
        Part ball = Samples.part("Ball", new Ball(new Length(diameter)), 1, Samples.CHALK, 0, null);
        return new Design(
                id,
                "Design " + id,
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(ball),
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(20))),
                steps,
                List.of(),
                List.of(),
                new Armature(List.of(), List.of(), null, nonClay),
                null);
    }

    private static MeasuredDesign user(long id, int eyes, NonClay.Oven oven) {
        NonClay thing = new NonClay(
                "Eye",
                new Ball(new Length(2)),
                eyes,
                Mass.ZERO,
                BuildPoint.START,
                oven,
                false,
                null,
                2L,
                null,
                Placement.MIDDLE);
        Design design = design(
                id,
                12,
                List.of(thing),
                List.of(
                        Samples.step("build", Station.SHAPE, 5, 3, 0, 0),
                        Samples.step("pack", Station.FIT, 0, 1, 0, 1)));
        return DesignMeasuring.measure(
                design, Samples.PALETTE.withSmallParts(Map.of(2L, EYE)), Samples.ROLL, Samples.PACKET);
    }

    private static List<Job> jobs(Map<Long, Integer> wanted) {
        return BatchJobs.of(
                1,
                wanted,
                Set.of(),
                id -> Objects.requireNonNull(DESIGNS.get(id)),
                one -> Progress.NONE,
                Learned.NOTHING);
    }

    private static Map<Long, Integer> wanted(int crabs, int gulls, int eyes) {
        Map<Long, Integer> wanted = new LinkedHashMap<>(Map.of(3L, crabs));
        wanted.put(4L, gulls);
        wanted.put(2L, eyes);
        return wanted;
    }

    /** 5 crabs of 2 eyes, 2 gulls of 3 and one eye by itself: one job of 17 eyes, before the others; weights and grams agree. */
    @Test
    public void theSmallPartsOfSeveralDesignsAreOneSet() {
        List<Job> jobs = jobs(wanted(5, 2, 1));
        assertThat(jobs)
                .extracting(job -> job.key().designId(), Job::quantity, Job::own)
                .containsExactly(tuple(2L, 17, 1), tuple(3L, 5, 5), tuple(4L, 2, 2));
        assertThat(CRAB.weight().g())
                .isCloseTo(CRAB.clay().g() + 2 * EYE.weight().g(), within(1e-12));
        double net = BatchNeeding.needs(jobs, MixWaste.ofHands(new Share(0)))
                .mixes()
                .get(0)
                .net()
                .g();
        assertThat(net)
                .isCloseTo(
                        5 * CRAB.weight().g()
                                + 2 * GULL.weight().g()
                                + EYE.weight().g(),
                        within(1e-9));
        assertThat(BatchThread.of(jobs(wanted(5, 2, 0))).standing().get(Station.SHAPE))
                .isEqualTo(7);
    }

    /** What is baked with its eyes waits until these are baked, cool and glossed; what gets them last waits at the end. */
    @Test
    public void thePiecesWaitForTheirSmallParts() {
        WorkHours hours = new WorkHours(LocalTime.of(9, 0), LocalTime.of(21, 0), EnumSet.allOf(DayOfWeek.class));
        BatchSchedule schedule = BatchScheduling.schedule(
                jobs(wanted(5, 2, 0)),
                Workshop.of(Samples.OVEN, hours),
                BatchScheduling.Start.at(MONDAY_NINE),
                problem -> LoadPlanning.plan(problem, Effort.SEARCH));
        LocalDateTime glossed = end(schedule, 2, "gloss");
        BatchSchedule.HandsTask crabs = task(schedule, 3, "build");
        LocalDateTime eyesOut = schedule.loads().get(0).out();
        assertThat(crabs.begin()).isAfterOrEqualTo(eyesOut.plus(Duration.ofMinutes(20 + 2 * 16)));
        assertThat(task(schedule, 4, "build").begin()).isBefore(eyesOut);
        assertThat(task(schedule, 4, "pack").begin()).isAfterOrEqualTo(glossed);
    }

    private static BatchSchedule.HandsTask task(BatchSchedule schedule, long design, String step) {
        return schedule.tasks().stream()
                .filter(task -> task.job().key().designId() == design
                        && task.step().name().equals(step))
                .findFirst()
                .orElseThrow();
    }

    private static LocalDateTime end(BatchSchedule schedule, long design, String step) {
        return task(schedule, design, step).end();
    }

    /** The price of a piece holds the clay and the minutes of its small parts: set-ups shared by the batch, the rest each. */
    @Test
    public void aPieceCostsItsSmallPartsToo() {
        CostInputs in = DesignCosting.cost(CRAB, 10, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING)
                .in();
        assertThat(in.setup().min()).isCloseTo(4 + 5, within(1e-9));
        assertThat(in.each().min()).isCloseTo(2 * (1 + 2) + 3 + 1, within(1e-9));
        double used = in.clays().stream().mapToDouble(clay -> clay.mass().g()).sum();
        double waste = 1 + Samples.RATES.waste().of1();
        assertThat(used).isCloseTo((CRAB.clay().g() + 2 * EYE.clay().g()) * waste, within(1e-9));
    }

    /** Whoever starts a load whose small parts have not been through the oven is asked. */
    @Test
    public void aLoadAsksForSmallPartsThatAreNotBaked() {
        Job crabs = jobs(Map.of(3L, 5)).get(1);
        List<StartQuestion> asked = StartReview.of(
                List.of(new LoadCandidate(crabs, BatchState.ON_BENCH, "Fair", 0, 5)),
                new Temperature(130),
                Optional.of(new Temperature(130)));
        assertThat(asked)
                .filteredOn(question -> question.doubt() == Doubt.SMALL_PARTS_MISSING)
                .singleElement()
                .extracting(StartQuestion::asked)
                .isEqualTo("Design 3, whole: 0 of 10 × Design 2 are baked and out of the oven.");
    }

    @Test
    public void moreSmallPartsThanABakeCanHaveAreRefusedAtTheLineThatWantsThem() {
        Map<Long, Integer> many = wanted(1, 2000, 1);
        List<InputError> errors = Refusals.of(() -> BatchJobs.check(List.of(3L, 4L, 2L), jobs(many)));
        assertThat(errors).extracting(InputError::field).containsExactly("lines[2].quantity");
        many.remove(2L);
        assertThat(Refusals.of(() -> BatchJobs.check(List.of(3L, 4L), jobs(many))))
                .extracting(InputError::field, InputError::found)
                .containsExactly(tuple("lines[1].quantity", "6002 things in one bake, of Design 2"));
    }
}
