package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The closed forms against hand-worked values and against sums over the section outline, which share no code. */
public class SolidTest {
    private static final Percentage TENTH_PERCENT = Percentage.withPercentage(0.1);

    @DataProvider
    public Object[][] workedByHand() {
        double pi = Math.PI;
        return new Object[][] {
            // kind, dimensions, volume, surface, T, centroid
            {ShapeKind.BALL, List.of(12.0), 288 * pi, 144 * pi, 12.0, 6.0},
            {ShapeKind.ROD, List.of(8.0, 20.0), 320 * pi, 192 * pi, 8.0, 10.0},
            {ShapeKind.DISC, List.of(20.0, 3.0), 300 * pi, 260 * pi, 3.0, 1.5},
            {ShapeKind.BLOCK, List.of(10.0, 4.0, 6.0), 240.0, 248.0, 4.0, 3.0},
            // r 3, h 4, S 5: T = 2·3·4/8
            {ShapeKind.CONE, List.of(6.0, 4.0), 12 * pi, 24 * pi, 3.0, 1.0},
            // R 7, r 4, h 4, S 5: T = min(4, 2·7·4/(5+3)) = 4; centroid 4·(49+56+48)/(4·(49+28+16)) = 153/93
            {ShapeKind.FRUSTUM, List.of(14.0, 8.0, 4.0), 124 * pi, 120 * pi, 4.0, 153.0 / 93},
            {ShapeKind.FRUSTUM, List.of(8.0, 14.0, 4.0), 124 * pi, 120 * pi, 4.0, 4 - 153.0 / 93},
            {ShapeKind.DOME, List.of(18.0), 486 * pi, 243 * pi, 9.0, 27.0 / 8},
            // a 4, h 2, ball radius 5: centroid 3·8²/(4·13) − 3
            {ShapeKind.CAP, List.of(8.0, 2.0), 2 * pi * 52 / 6, 36 * pi, 2.0, 192.0 / 52 - 3},
            {ShapeKind.BAND, List.of(26.0, 2.0, 9.0), 504 * pi, 616 * pi, 2.0, 4.5},
        };
    }

    @Test(dataProvider = "workedByHand")
    public void measuresAreThoseWorkedByHand(
            ShapeKind kind, List<Double> mm, double volume, double surface, double thickest, double centroid) {
        Solid solid = kind.make(mm);
        assertThat(solid.volume().mm3()).isCloseTo(volume, within(1e-9 * volume));
        assertThat(solid.surface().mm2()).isCloseTo(surface, within(1e-9 * surface));
        assertThat(solid.thickestSection().mm()).isCloseTo(thickest, within(1e-9));
        assertThat(solid.centroidHeight().mm()).isCloseTo(centroid, within(1e-9));
        assertThat(solid.dimensions()).extracting(Length::mm).isEqualTo(mm);
        assertThat(solid.kind().make(mm)).isEqualTo(solid);
    }

    /** Two hundred random solids that take a core, with a wall that leaves one. */
    @DataProvider
    public Object[][] cored() {
        SplittableRandom random = new SplittableRandom(20);
        List<Object[]> rows = new ArrayList<>();
        while (rows.size() < 200) {
            ShapeKind kind = ShapeKind.values()[random.nextInt(ShapeKind.values().length)];
            List<Double> mm = new ArrayList<>();
            kind.dimensions().forEach(d -> mm.add(random.nextDouble(20, 60)));
            if (kind == ShapeKind.CAP) {
                mm.set(1, mm.get(0) / 2 * random.nextDouble(0.5, 1));
            }
            if (!kind.sheet()) {
                Solid solid = kind.make(mm);
                double most = solid.thickestSection().mm() / 2;
                rows.add(new Object[] {solid, new Length(most * random.nextDouble(0.25, 0.9))});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "cored")
    public void volumeAndSurfaceAgreeWithTheSectionTurnedRoundTheAxis(Solid solid, Length wall) {
        if (solid.kind() == ShapeKind.BLOCK) {
            return;
        }
        Meridian section = new Meridian(solid);
        assertThat(section.volume()).isCloseTo(solid.volume().mm3(), Percentage.withPercentage(0.5));
        assertThat(section.surface()).isCloseTo(solid.surface().mm2(), Percentage.withPercentage(0.5));
        assertThat(section.centroid()).isCloseTo(solid.centroidHeight().mm(), Percentage.withPercentage(0.5));
    }

    @Test(dataProvider = "cored")
    public void everyFaceOfTheInsetLiesOneWallInside(Solid solid, Length wall) {
        Solid inner = solid.inset(wall).orElseThrow();
        Meridian outline = new Meridian(solid);
        for (Outline.Point corner : inner.section().get(0).points()) {
            double distance = outline.distance(corner.acrossMm(), corner.upMm() + wall.mm());
            assertThat(distance).isCloseTo(wall.mm(), within(2 * Outline.FLATNESS_MM));
        }
    }

    @Test(dataProvider = "cored")
    public void theThickestWallIsTheLargestBallThatFitsInTheClay(Solid solid, Length wall) {
        InnerBall ball = solid.thickestInWall(wall);
        double said = ball.diameter().mm();
        Solid inner = solid.inset(wall).orElseThrow();
        Meridian outline = new Meridian(solid);
        assertThat(outline.distance(ball.acrossMm(), ball.upMm())).isCloseTo(said / 2, within(2 * Outline.FLATNESS_MM));
        InnerBall whole = solid.thickest();
        assertThat(outline.distance(whole.acrossMm(), whole.upMm()))
                .isGreaterThan(whole.diameter().mm() / 2 - 2 * Outline.FLATNESS_MM);
        double found = solid.kind() == ShapeKind.BLOCK
                ? cornerBall(wall.mm())
                : outline.largestBall(new Meridian(inner), wall.mm());
        assertThat(said).isCloseTo(found, Percentage.withPercentage(2));
    }

    /** Steps a ball's centre along the diagonal of a square corner of three walls. */
    private static double cornerBall(double wall) {
        double best = 0;
        for (double r = wall / 2; r < wall; r += wall / 5000) {
            if (Math.sqrt(3) * (wall - r) >= r) {
                best = r;
            }
        }
        return 2 * best;
    }

    @Test
    public void aWallOfHalfTheThickestSectionLeavesNoCoreAndSheetsNeverTakeOne() {
        for (Object[] row : cored()) {
            Solid solid = (Solid) row[0];
            Length half = solid.thickestSection().times(0.5);
            assertThat(solid.inset(half.times(1.0001))).isEmpty();
            assertThat(solid.inset(half.times(0.999))).isPresent();
        }
        assertThat(new Disc(new Length(30), new Length(3)).inset(new Length(1))).isEqualTo(Optional.empty());
        assertThat(new Band(new Length(30), new Length(3), new Length(9)).inset(new Length(1)))
                .isEmpty();
    }

    @Test
    public void scalingBothDimensionsByThreeScalesVolumeBy27AndSurfaceBy9() {
        for (Object[] row : cored()) {
            Solid solid = (Solid) row[0];
            Solid large = solid.kind()
                    .make(solid.dimensions().stream().map(d -> d.mm() * 3).toList());
            assertThat(large.volume().mm3()).isCloseTo(27 * solid.volume().mm3(), TENTH_PERCENT);
            assertThat(large.surface().mm2()).isCloseTo(9 * solid.surface().mm2(), TENTH_PERCENT);
            assertThat(large.thickestSection().mm())
                    .isCloseTo(3 * solid.thickestSection().mm(), TENTH_PERCENT);
        }
    }
}
