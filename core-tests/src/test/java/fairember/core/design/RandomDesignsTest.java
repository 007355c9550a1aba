package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.foilcore.SizedCore;
import fairember.core.shape.Box;
import fairember.core.shape.Outline;
import fairember.core.shape.Point3;
import fairember.core.shape.Strand;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds of every design, tried on designs made by lot. */
public class RandomDesignsTest {
    private static final Percentage EXACTLY = Percentage.withPercentage(1e-7);

    @DataProvider
    public Object[][] designs() {
        SplittableRandom random = new SplittableRandom(31);
        return IntStream.range(0, 6)
                .mapToObj(i -> new Object[] {RandomDesigns.of(random)})
                .toArray(Object[][]::new);
    }

    /** Clay and core fill the part: ρ·(V − V_core) of every copy, foil as dense as it is pressed. */
    @Test(dataProvider = "designs")
    public void clayAndCoresFillTheParts(Design design) {
        MeasuredDesign measured = Samples.measured(design);
        double clay = 0;
        double foil = 0;
        double saved = 0;
        for (MeasuredPart part : measured.parts()) {
            SizedCore core = part.core();
            double inner = core == null ? 0 : core.inset().volume().mm3();
            double outer = part.part().shape().volume().mm3();
            double density = part.mix().density().gPerCm3();
            int count = part.part().count();
            assertThat(part.portion().clay().mm3()).isCloseTo(outer - inner, EXACTLY);
            assertThat(part.portion().mass().g()).isCloseTo(density * (outer - inner) / 1000, EXACTLY);
            // The ball that is portioned holds the same clay: V = πd³/6.
            double ball = part.portion().ball().mm();
            assertThat(Math.PI * ball * ball * ball / 6).isCloseTo(outer - inner, EXACTLY);
            clay += count * density * (outer - inner) / 1000;
            foil += core == null ? 0 : count * core.density().gPerCm3() * inner / 1000;
            saved += count * density * inner / 1000;
        }
        assertThat(measured.clay().g()).isCloseTo(clay, EXACTLY);
        assertThat(measured.foil().g()).isCloseTo(foil, within(1e-7 * clay));
        assertThat(measured.claySaved().g()).isCloseTo(saved, within(1e-7 * clay));
        assertThat(measured.weight().g()).isCloseTo(clay + foil, EXACTLY);
    }

    /** Foil torn off the roll weighs what the cores do: length × width × thickness × 2.7 g/cm³. */
    @Test(dataProvider = "designs")
    public void theFoilThatIsTornOffIsTheFoilInTheCores(Design design) {
        MeasuredDesign measured = Samples.measured(design);
        double sum = measured.parts().stream()
                .mapToDouble(p -> p.torn().mm() * p.part().count())
                .sum();
        assertThat(measured.torn().mm()).isCloseTo(sum, within(1e-9));
        // The roll is 300 mm wide and 16 µm thick.
        double weighs = measured.torn().mm() * 300 * 0.016 * 2.7 / 1000;
        assertThat(weighs)
                .isCloseTo(
                        measured.foil().g(),
                        within(1e-9 + 1e-6 * measured.foil().g()));
        assertThat(measured.foil().g() > 0).isEqualTo(measured.torn().mm() > 0);
    }

    /** The hold follows the thickest clay there is, and cores never make it longer. */
    @Test(dataProvider = "designs")
    public void theHoldFollowsTheThickestClayAndCoresNeverMakeItLonger(Design design) {
        MeasuredStage stage = Samples.measured(design).stages().get(0);
        double thickest = Samples.measured(design).parts().stream()
                .mapToDouble(p -> p.thickest().diameter().mm())
                .max()
                .orElseThrow();
        OneLump lump = stage.lump();
        double together = lump == null ? thickest : lump.thickest().mm();
        assertThat(together).isGreaterThanOrEqualTo(thickest);
        assertThat(stage.need().thickest().mm()).isCloseTo(together, EXACTLY);
        assertThat(stage.solidBakingTime()).isGreaterThanOrEqualTo(stage.need().bakingTime());
        // Packet: 15 min for each 6 mm, at least 15.
        assertThat(stage.need().bakingTime().min()).isCloseTo(Math.max(15, 15 * together / 6), within(1e-6));
    }

    /** The box holds every point of every copy, and something reaches each of its sides. */
    @Test(dataProvider = "designs")
    public void theBoxIsAroundAllCopiesAndNoLarger(Design design) {
        Box box = Samples.measured(design).box();
        List<Point3> all = design.parts().stream()
                .flatMap(part -> part.placement().spots(part.count()).stream()
                        .flatMap(spot -> part.posed().hull().stream().map(spot::of)))
                .toList();
        double cord = design.parts().stream()
                .filter(part -> part.shape() instanceof Strand)
                .mapToDouble(part -> part.shape().thickestSection().mm())
                .max()
                .orElse(0);
        double slack = 6 * Outline.FLATNESS_MM + cord;
        assertThat(spread(all, Point3::upMm)).isCloseTo(box.height().mm(), within(slack));
        assertThat(spread(all, Point3::acrossMm)).isCloseTo(box.width().mm(), within(slack));
        assertThat(spread(all, Point3::frontMm)).isCloseTo(box.depth().mm(), within(slack));
    }

    private static double spread(List<Point3> points, ToDoubleFunction<Point3> of) {
        DoubleSummaryStatistics all = points.stream().mapToDouble(of).summaryStatistics();
        return all.getMax() - all.getMin();
    }

    /** Twice as large: eight times the clay, twice the box; what cannot scale says so. */
    @Test(dataProvider = "designs")
    public void aScaledDesignHasTheCubeOfItsClay(Design design) {
        for (double factor : new double[] {0.5, 1.5}) {
            Design solid = RandomDesigns.each(design, part -> part.with(part.shape(), null, part.placement()));
            Design scaled = DesignScaling.whole(solid, factor).design();
            double before = Samples.measured(solid).clay().g();
            double after = Samples.measured(scaled).clay().g();
            assertThat(after).isCloseTo(before * factor * factor * factor, Percentage.withPercentage(0.5));
            assertThat(Samples.measured(scaled).box().height().mm())
                    .isCloseTo(factor * Samples.measured(solid).box().height().mm(), Percentage.withPercentage(1));
        }
    }
}
