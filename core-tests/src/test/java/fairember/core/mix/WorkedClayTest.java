package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.Job;
import fairember.core.batch.JobKey;
import fairember.core.claysheet.BlendRecipe;
import fairember.core.claysheet.CaneRecipe;
import fairember.core.claysheet.CordRecipe;
import fairember.core.claysheet.Die;
import fairember.core.claysheet.SheetRecipe;
import fairember.core.claysheet.WorkedClay;
import fairember.core.claysheet.WorkedRecipe;
import fairember.core.colour.Srgb;
import fairember.core.daybook.Learned;
import fairember.core.design.Armature;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.design.Station;
import fairember.core.price.DesignCost;
import fairember.core.price.DesignCosting;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.shape.Rod;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Clay that is worked into a cane, a blend, a sheet or cords, kept as a mix: no gram of it is lost or found. */
public class WorkedClayTest {
    private static final Minutes MAKING = new Minutes(25);
    private static final long WORKED = 40;
    private static final long OUTER = 41;

    private static MixRecipe kneaded(Mix mix) {
        List<MixRecipe.RecipeLine> lines = mix.ingredients().stream()
                .map(i -> new MixRecipe.RecipeLine(((Mix.OfClay) i).clay().id(), null, i.parts()))
                .toList();
        return new MixRecipe(mix.id(), mix.name(), lines, MixUnit.PARTS, List.of(), false);
    }

    private static MixRecipe worked(long id, WorkedRecipe recipe) {
        return new MixRecipe(id, "Worked " + id, List.of(), MixUnit.PARTS, List.of(), false, recipe);
    }

    private static RecipeBook book(MixRecipe... others) {
        Map<Long, MixRecipe> recipes = new HashMap<>();
        for (Mix mix : List.of(Samples.CHALK, Samples.ROSE)) {
            recipes.put(mix.id(), kneaded(mix));
        }
        for (MixRecipe other : others) {
            recipes.put(other.id(), other);
        }
        return new RecipeBook(Map.of(Samples.WHITE.id(), Samples.WHITE, Samples.RED.id(), Samples.RED), recipes);
    }

    private static WorkedRecipe cane(long inside, double endWaste) {
        return cane(inside, endWaste, 60);
    }

    private static WorkedRecipe cane(long inside, double endWaste, double length) {
        return new WorkedRecipe(
                new CaneRecipe(
                        List.of(
                                new CaneRecipe.RodsOfMix(inside, 1, new Length(16)),
                                new CaneRecipe.RodsOfMix(Samples.ROSE.id(), 6, new Length(5))),
                        List.of(new CaneRecipe.WrapOfMix(Samples.CHALK.id(), new Length(1.2))),
                        new Length(length),
                        false,
                        new Length(10),
                        new Length(endWaste),
                        new Length(2)),
                null,
                null,
                null,
                MAKING);
    }

    private static WorkedRecipe blend() {
        Length width = new Length(80);
        return new WorkedRecipe(
                null,
                new BlendRecipe(
                        width,
                        90,
                        new Length(1.5),
                        new Length(3),
                        new Length(10),
                        new Length(20),
                        Samples.CHALK.id(),
                        Samples.ROSE.id()),
                null,
                null,
                MAKING);
    }

    private static WorkedRecipe sheet() {
        SheetRecipe sheet = new SheetRecipe(new Length(100), 60, new Length(2), new Length(5), Samples.ROSE.id());
        return new WorkedRecipe(null, null, sheet, null, MAKING);
    }

    private static WorkedRecipe cord() {
        CordRecipe cord = new CordRecipe(20, 100, 8, Die.Kind.ROUND, 2, null, 1, 1.05, Samples.ROSE.id());
        return new WorkedRecipe(null, null, null, cord, MAKING);
    }

    private static Mix mix(WorkedRecipe recipe) {
        MixRecipe worked = worked(WORKED, recipe);
        return book(worked).mix(worked);
    }

    private static WorkedClay one(WorkedRecipe recipe) {
        return Objects.requireNonNull(mix(recipe).worked());
    }

    /** What of one is lost by its geometry: both ends of the reduced log, the trimmed edges, what stays in the barrel. */
    @DataProvider
    public Object[][] recipes() {
        double before = Math.sqrt(16 * 16 + 6 * 25) + 2.4;
        double reduced = 60 * before * before / 100;
        return new Object[][] {
            {cane(Samples.CHALK.id(), 12), 24 / reduced, 0.0},
            {blend(), 0.0, 0.0},
            {sheet(), 1 - 100 * 60 / (110.0 * 70), 0.0},
            {cord(), 0.0, 8 / 92.0},
        };
    }

    @Test(dataProvider = "recipes")
    public void whatGoesInIsWhatIsUsedAndWhatIsCutOff(WorkedRecipe recipe, double wastedShare, double onceShare) {
        WorkedClay one = one(recipe);
        assertThat(one.wasted().g()).isCloseTo(wastedShare * one.one().g(), within(1e-9));
        assertThat(one.wastedOnce().g()).isCloseTo(onceShare * one.one().g(), within(1e-9));
        double usable = one.one().g() - one.wasted().g();
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 50; i++) {
            Mass used = new Mass(random.nextDouble(0.1, 6) * usable);
            WorkedClay.Made made = one.made(used);
            assertThat(made.times()).isEqualTo((int) Math.ceil(used.g() / usable));
            assertThat(made.all().g())
                    .isCloseTo(
                            used.g()
                                    + made.times() * one.wasted().g()
                                    + one.wastedOnce().g(),
                            within(1e-9));
            assertThat(made.minutes().min()).isEqualTo(made.times() * MAKING.min());
        }
        Mix mix = mix(recipe);
        MeasuredMix measured = MixMeasuring.measure(mix, new Mass(50));
        for (MeasuredMix.Line line : measured.lines()) {
            Mass of = Objects.requireNonNull(
                    one.of().get(((Mix.OfMix) line.ingredient()).mix().id()));
            assertThat(line.mass().g()).isCloseTo(50 * of.g() / one.one().g(), within(1e-9));
        }
    }

    /** In a batch: the clay that is used and the clay that is cut off are the clay that is taken, with a blend in the middle of the cane too. */
    @Test
    public void aBatchTakesWhatIsUsedAndWhatIsCutOffAndTheMinutesOfItsLogs() {
        MixRecipe inner = worked(WORKED, blend());
        MixRecipe outer = worked(OUTER, cane(WORKED, 12));
        RecipeBook book = book(inner, outer);
        List<Mix> mixes = new ArrayList<>();
        book.recipes().values().forEach(recipe -> mixes.add(book.mix(recipe)));
        Part slice = Samples.part("Slice", new Rod(new Length(10), new Length(2)), 9, book.mix(outer), 0, null);
        Design design = new Design(
                1,
                "Sliced",
                "",
                DesignKind.CHARM,
                Pose.LIES,
                List.of(slice),
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(20))),
                List.of(Samples.step("slice", Station.SHAPE, 5, 1, 0, 0), Samples.step("mix", Station.MIX, 9, 0, 0, 0)),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        MeasuredDesign measured = DesignMeasuring.measure(design, new Palette(mixes), Samples.ROLL, Samples.PACKET);
        Job job = new Job(new JobKey(1, 1), measured, 7);
        MixWaste none = new MixWaste(new Share(0), Mass.ZERO, new Mass(0.1));
        BatchNeeds needs = BatchNeeding.needs(List.of(job), none);
        double used = measured.clay().g() * 7;
        WorkedClay log = Objects.requireNonNull(book.mix(outer).worked());
        WorkedClay.Made made = log.made(new Mass(used));
        double taken = needs.clays().stream().mapToDouble(c -> c.needed().g()).sum();
        assertThat(taken).isCloseTo(used + made.wasted().g(), withinPercentage(1e-9));
        double blended = made.all().g()
                * Objects.requireNonNull(log.of().get(WORKED)).g()
                / log.one().g();
        WorkedClay.Made sheets =
                Objects.requireNonNull(book.mix(inner).worked()).made(new Mass(blended));
        assertThat(job.making(1).min())
                .isCloseTo(made.minutes().min() + sheets.minutes().min(), within(1e-9));
        assertThat(job.making(0).min()).isZero();
        // Of its price each piece bears its share of the clay that is cut off, not the ends of a log of its own.
        DesignCost cost = DesignCosting.cost(measured, 7, Samples.RATES, Samples.ROLL, Samples.OVEN, Learned.NOTHING);
        double hands = 1 + Samples.RATES.waste().of1();
        WorkedClay.Made dearer = log.made(new Mass(used * hands));
        assertThat(cost.in().clays().stream()
                        .mapToDouble(clay -> clay.mass().g())
                        .sum())
                .isCloseTo(dearer.all().g() / 7, withinPercentage(1e-9));
    }

    /** From afar a picture has the mean of its colours, by the room each takes; kneading the same clay gives another. */
    @Test
    public void aPictureLooksLikeTheMeanOfItsColours() {
        Srgb light =
                MixMeasuring.measure(Samples.CHALK, new Mass(1)).colour().raw().srgb();
        Srgb dark =
                MixMeasuring.measure(Samples.ROSE, new Mass(1)).colour().raw().srgb();
        assertThat(MixMeasuring.measure(mix(sheet()), new Mass(1))
                        .colour()
                        .raw()
                        .srgb())
                .isEqualTo(dark);
        double mean = MixMeasuring.measure(mix(blend()), new Mass(1))
                .colour()
                .raw()
                .spectrum()
                .luminance()
                .of1();
        double kneaded = MixMeasuring.measure(new Mix(9, "Kneaded", mix(blend()).ingredients()), new Mass(1))
                .colour()
                .raw()
                .spectrum()
                .luminance()
                .of1();
        assertThat(mean).isNotCloseTo(kneaded, within(0.005));
        assertThat(light).isNotEqualTo(dark);
    }

    @Test
    public void whatCannotBeWorkedIsRefusedAtItsPlace() {
        assertThat(Refusals.of(() -> mix(cane(WORKED, 12))).get(0).found()).contains("contain itself");
        assertThat(Refusals.of(() -> mix(cane(99, 12)))).singleElement().satisfies(error -> {
            assertThat(error.field()).isEqualTo("worked.cane.rods[0].mixId");
            assertThat(error.fix()).isEqualTo("Choose a mix.");
        });
        assertThat(Refusals.of(() -> mix(cane(Samples.CHALK.id(), 100, 30)))
                        .get(0)
                        .field())
                .isEqualTo("worked.cane.endWasteMm");
        assertThat(Refusals.of(() -> new WorkedRecipe(null, null, null, null, MAKING))
                        .get(0)
                        .allowed())
                .startsWith("one:");
    }
}
