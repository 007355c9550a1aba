package fairember.core.covering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.input.InputError;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Share;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Shapes;
import java.util.List;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Layers over forms against Steiner's formula worked by hand, and what covers a surface against how circles lie in the plane. */
public class CoveringTest {
    private static final Percentage TENTH_PERCENT = Percentage.withPercentage(0.1);
    private static final Density CLAY = new Density(2);

    private static CoveredForm form(ShapeKind kind, Double... mm) {
        return CoveredForm.of(kind.make(List.of(mm)));
    }

    private static Covering layer(CoveredForm form, double percent, double thick) {
        return Covering.of(form, Share.ofPercent(percent), new Length(thick), Share.ofPercent(10), CLAY);
    }

    /** Santaló, Integral Geometry, 13.2: 2πd; πL + π²r; π(L + d); π(a + b + c); πh + πr(π − atan(h/r)); π²r for a flat disc. */
    @DataProvider
    public Object[][] curvatures() {
        double pi = Math.PI;
        return new Object[][] {
            {form(ShapeKind.BALL, 20.0), 40 * pi},
            {form(ShapeKind.ROD, 12.0, 30.0), 30 * pi + 6 * pi * pi},
            {form(ShapeKind.CAPSULE, 12.0, 30.0), 42 * pi},
            {form(ShapeKind.BLOCK, 10.0, 24.0, 8.0), 42 * pi},
            {form(ShapeKind.CONE, 20.0, 15.0), 15 * pi + 10 * pi * (pi - Math.atan(1.5))},
            {form(ShapeKind.DISC, 40.0, 0.2), 0.2 * pi + 20 * pi * pi},
        };
    }

    @Test(dataProvider = "curvatures")
    public void theMeanCurvatureIsThatOfTheTables(CoveredForm form, double curvature) {
        assertThat(form.meanCurvature()).isCloseTo(curvature, TENTH_PERCENT);
    }

    /** A layer of 2 on a ball of 20 is a ball of 24 less it; half of it is half of that; the sheet is the ball of 22's surface. */
    @Test
    public void aLayerOnABallIsTheDifferenceOfTwoBalls() {
        double shell = Math.PI * (24 * 24 * 24 - 20 * 20 * 20) / 6;
        Covering all = layer(form(ShapeKind.BALL, 20.0), 100, 2);
        assertThat(all.volume().mm3()).isCloseTo(shell, TENTH_PERCENT);
        assertThat(all.mass().g()).isCloseTo(shell * 2 / 1000, TENTH_PERCENT);
        assertThat(all.sheet().mm2()).isCloseTo(Math.PI * 22 * 22 * 1.1, TENTH_PERCENT);
        Covering half = layer(form(ShapeKind.BALL, 20.0), 50, 2);
        assertThat(half.volume().mm3()).isCloseTo(shell / 2, TENTH_PERCENT);
        assertThat(half.covered().mm2()).isCloseTo(Math.PI * 200, TENTH_PERCENT);
    }

    @DataProvider
    public Object[][] patterns() {
        double pi = Math.PI;
        double slant = Math.hypot(10, 24);
        return new Object[][] {
            // π(d + t)·L, and a cone's and a cut cone's side at the middle of the layer: all exact.
            {form(ShapeKind.ROD, 10.0, 30.0), 2.0, pi * 12 * 30, true},
            {form(ShapeKind.CONE, 20.0, 24.0), 2.0, pi * slant * Math.pow(10 + slant / 24, 2) / 10, true},
            {form(ShapeKind.FRUSTUM, 30.0, 10.0, 24.0), 2.0, pi * slant * (20 + 2 * slant / 24), true},
            {form(ShapeKind.BALL, 20.0), 2.0, pi * 22 * 22, false},
            {form(ShapeKind.DOME, 20.0), 2.0, pi * 22 * 22 / 2, false},
        };
    }

    /** The pieces of the side together are as large as the side; edges of gores are longer than what they cover, and it is said. */
    @Test(dataProvider = "patterns")
    public void patternPiecesAreAsLargeAsTheSide(CoveredForm form, double thick, double side, boolean exact) {
        PatternPiece piece = PatternCutting.pieces(layer(form, 100, thick), 8).get(0);
        assertThat(piece.count() * Math.abs(Shapes.area(piece.outline())))
                .isCloseTo(side, Percentage.withPercentage(0.5));
        if (exact) {
            assertThat(piece.stretch()).isZero();
        } else {
            assertThat(piece.stretch()).isBetween(0.02, 0.06);
            double finer =
                    PatternCutting.pieces(layer(form, 100, thick), 16).get(0).stretch();
            assertThat(finer).isLessThan(piece.stretch() / 3);
        }
    }

    @DataProvider
    public Object[][] units() {
        double pi = Math.PI;
        return new Object[][] {
            // 2000 mm² of slices of 10 across, a fifth under the next; balls of 4; strands of 2 standing close; cord of
            // 2.5.
            {CoverUnit.Kind.SLICE, 10.0, 20.0, Math.ceil(2000 / (25 * pi * 0.8))},
            {CoverUnit.Kind.BALL, 4.0, 0.0, Math.ceil(0.9069 * 2000 / (4 * pi))},
            {CoverUnit.Kind.STRAND, 2.0, 0.0, Math.ceil(2 * 2000 / (Math.sqrt(3) * 4))},
            {CoverUnit.Kind.CORD, 2.5, 0.0, 800.0},
        };
    }

    @Test(dataProvider = "units")
    public void aSurfaceIsCoveredAndTheSameBackwards(CoverUnit.Kind kind, double size, double overlap, double count) {
        CoverUnit unit = new CoverUnit(kind, new Length(size), new Length(3), Share.ofPercent(overlap));
        Area whole = new Area(5000);
        SurfaceCover cover = SurfaceCover.of(new Area(2000), whole, unit, 30, CLAY);
        assertThat(cover.count()).isEqualTo(count);
        assertThat(cover.percent()).isEqualTo(40);
        assertThat(cover.mass().g()).isCloseTo(unit.mass(CLAY).g() * count, within(1e-9));
        assertThat(cover.minutes().min()).isEqualTo(count / (kind == CoverUnit.Kind.CORD ? 20 : 2));
        SurfaceCover back = SurfaceCover.with(count, whole, unit, 30, CLAY);
        assertThat(back.surface().mm2())
                .isBetween(2000.0 - 1e-6, 2000 + unit.takes().mm2());
        assertThat(Refusals.of(() -> SurfaceCover.with(1e6, whole, unit, 30, CLAY)))
                .extracting(InputError::field)
                .containsExactly("have");
    }

    @Test
    public void whatIsHollowOrNearlyNothingIsRefused() {
        assertThat(Refusals.of(() -> form(ShapeKind.RING, 30.0, 5.0)))
                .extracting(InputError::field)
                .containsExactly("shape");
        assertThat(Refusals.of(() -> layer(form(ShapeKind.BALL, 20.0), 0.5, 2)))
                .extracting(InputError::field)
                .containsExactly("sharePercent");
    }
}
