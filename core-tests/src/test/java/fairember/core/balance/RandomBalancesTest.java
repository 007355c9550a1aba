package fairember.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.design.Arrangement;
import fairember.core.design.BuildPoint;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.design.RandomDesigns;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds of the balance of every design, tried on designs made by lot. */
public class RandomBalancesTest {
    private static final Percentage EXACTLY = Percentage.withPercentage(1e-7);

    @DataProvider
    public Object[][] designs() {
        SplittableRandom random = new SplittableRandom(77);
        return IntStream.range(0, 4)
                .mapToObj(i -> new Object[] {RandomDesigns.of(random)})
                .toArray(Object[][]::new);
    }

    private static Balance of(Design design) {
        return Balancing.balance(Samples.measured(design));
    }

    private static Design placed(Design design, double across, double up, double front, Arrangement arrangement) {
        return RandomDesigns.each(design, part -> {
            Placement p = part.placement();
            Placement moved = new Placement(
                    p.acrossMm() + across,
                    p.upMm() + up,
                    p.frontMm() + front,
                    p.tiltDeg(),
                    arrangement == null ? p.arrangement() : arrangement,
                    p.facing());
            return RandomDesigns.elsewhere(part, moved);
        });
    }

    @Test(dataProvider = "designs")
    public void allThatIsWeighedIsTheWeightOfTheDesign(Design design) {
        MeasuredDesign measured = Samples.measured(design);
        Balance balance = Balancing.balance(measured);
        double sum = balance.weights().stream().mapToDouble(w -> w.mass().g()).sum();
        assertThat(balance.mass().g()).isCloseTo(sum, EXACTLY);
        assertThat(balance.mass().g()).isCloseTo(measured.weight().g(), EXACTLY);
        // Clay is denser than pressed foil: as if solid it weighs no less.
        assertThat(balance.solidMass().g())
                .isGreaterThanOrEqualTo(balance.mass().g() * (1 - 1e-9));
    }

    /** x_c = Σ m·x / Σ m, summed here with other code. */
    @Test(dataProvider = "designs")
    public void theCentreOfMassIsTheWeightedMiddleOfAllCopies(Design design) {
        Balance balance = of(design);
        double mass = 0;
        double[] moment = new double[3];
        for (Weight weight : balance.weights()) {
            mass += weight.mass().g();
            moment[0] += weight.mass().g() * weight.at().acrossMm();
            moment[1] += weight.mass().g() * weight.at().frontMm();
            moment[2] += weight.mass().g() * weight.at().upMm();
        }
        assertThat(balance.centre().acrossMm()).isCloseTo(moment[0] / mass, within(1e-9));
        assertThat(balance.centre().frontMm()).isCloseTo(moment[1] / mass, within(1e-9));
        assertThat(balance.centre().upMm()).isCloseTo(moment[2] / mass, within(1e-9));
    }

    /** Taken out, a core leaves its clay: mass and moment of clay and core together are those of the solid part. */
    @Test(dataProvider = "designs")
    public void aSolidPartHasItsCentreWhereItsShapeSays(Design design) {
        Design solid = RandomDesigns.each(
                design,
                part -> new Part(
                        part.name(),
                        part.shape(),
                        part.count(),
                        part.mixId(),
                        BuildPoint.START,
                        0,
                        null,
                        null,
                        part.placement()));
        Balance balance = of(solid);
        List<Point3> middles = new ArrayList<>();
        for (Part part : solid.parts()) {
            for (Placement.Spot spot : part.placement().spots(part.count())) {
                middles.add(spot.of(part.posed().centroid()));
            }
        }
        assertThat(balance.weights()).hasSameSizeAs(middles);
        for (int i = 0; i < middles.size(); i++) {
            assertThat(balance.weights().get(i).at().acrossMm())
                    .isCloseTo(middles.get(i).acrossMm(), within(1e-9));
            assertThat(balance.weights().get(i).at().upMm())
                    .isCloseTo(middles.get(i).upMm(), within(1e-9));
        }
        assertThat(balance.centre()).isEqualTo(balance.solidCentre());
    }

    /** Moved forward and up as a whole, it leans as far as before. */
    @Test(dataProvider = "designs")
    public void wherePutAllOfItStandsTheSame(Design design) {
        Design still = placed(design, 0, 0, 0, Arrangement.MIRRORED);
        Balance before = of(still);
        Balance after = of(placed(still, 0, 7, 11, null));
        assertThat(after.centre().upMm()).isCloseTo(before.centre().upMm() + 7, within(1e-6));
        assertThat(after.centre().frontMm()).isCloseTo(before.centre().frontMm() + 11, within(1e-6));
        assertThat(after.standing().tipDeg()).isCloseTo(before.standing().tipDeg(), within(1e-3));
        assertThat(after.standing().insideMm()).isCloseTo(before.standing().insideMm(), within(1e-3));
    }

    /** A ring has its middle on the axis when its parts do not lean; two that mirror each other have theirs between them. */
    @Test(dataProvider = "designs")
    public void ringsAndPairsBalanceOnTheAxis(Design design) {
        for (Part part : design.parts().subList(0, Math.min(2, design.parts().size()))) {
            Placement p = part.placement();
            Placement ringed = new Placement(p.acrossMm(), p.upMm(), p.frontMm(), 0, Arrangement.RING, p.facing());
            double own = part.posed().centroid().acrossMm();
            Part ring = new Part("Ring", part.shape(), 5, 1, BuildPoint.START, 0, null, null, ringed);
            assertThat(of(RandomDesigns.made(List.of(ring))).centre().acrossMm())
                    .isCloseTo(own, within(1e-6));
            Placement mirrored =
                    new Placement(p.acrossMm(), p.upMm(), p.frontMm(), p.tiltDeg(), Arrangement.MIRRORED, p.facing());
            Part pair = new Part("Pair", part.shape(), 2, 1, BuildPoint.START, 0, null, null, mirrored);
            assertThat(of(RandomDesigns.made(List.of(pair))).centre().acrossMm())
                    .isCloseTo(0, within(1e-6));
        }
    }

    private static double edgeDistance(List<Double> corners, double x, double y) {
        double nearest = Double.POSITIVE_INFINITY;
        int n = corners.size() / 2;
        for (int i = 0; i < n; i++) {
            double ax = corners.get(2 * i);
            double ay = corners.get(2 * i + 1);
            double bx = corners.get(2 * ((i + 1) % n));
            double by = corners.get(2 * ((i + 1) % n) + 1);
            double length = Math.pow(bx - ax, 2) + Math.pow(by - ay, 2);
            double t =
                    length == 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length));
            nearest = Math.min(nearest, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
        }
        return nearest;
    }

    private static boolean covers(List<Double> corners, double x, double y) {
        double sign = 0;
        int n = corners.size() / 2;
        for (int i = 0; i < n; i++) {
            double ax = corners.get(2 * i);
            double ay = corners.get(2 * i + 1);
            double cross = (corners.get(2 * ((i + 1) % n)) - ax) * (y - ay)
                    - (corners.get(2 * ((i + 1) % n) + 1) - ay) * (x - ax);
            if (Math.abs(cross) > 1e-3 && sign * cross < 0) {
                return false;
            }
            sign = Math.abs(cross) > 1e-3 ? Math.signum(cross) : sign;
        }
        return true;
    }

    /** The lean is given by the nearest edge of the foot: atan(inside/above), negative outside. */
    @Test(dataProvider = "designs")
    public void itTipsOverTheNearestEdgeOfItsFoot(Design design) {
        Balance balance = of(design);
        Standing standing = balance.standing();
        double x = balance.centre().acrossMm();
        double y = balance.centre().frontMm();
        double edge = edgeDistance(standing.footprint(), x, y);
        double inside = covers(standing.footprint(), x, y) ? edge : -edge;
        // The foot is given by its corners, 180 where it is round.
        assertThat(standing.insideMm()).isCloseTo(inside, within(0.2));
        assertThat(standing.tipDeg())
                .isCloseTo(Math.toDegrees(Math.atan2(standing.insideMm(), standing.aboveMm())), within(1e-9));
    }

    /** A fix that is given does what it says: it stands well with it, and hardly with a little less. */
    @Test(dataProvider = "designs")
    public void aHeavierBaseIsAsHeavyAsItHasToBe(Design design) {
        Balance balance = of(design);
        for (Ballast ballast : balance.ballast()) {
            assertThat(balance.standing().tipDeg()).isLessThan(Standing.WELL_DEG);
            assertThat(ballast.tipDeg()).isGreaterThan(balance.standing().tipDeg());
            if (ballast.way() == Ballast.Way.HEAVY_BASE) {
                assertThat(ballast.tipDeg()).isCloseTo(Standing.WELL_DEG, within(1e-3));
                assertThat(ballast.added().g())
                        .isBetween(0.0, 3 * balance.mass().g() + 1e-6);
            }
            if (ballast.way() == Ballast.Way.WIDE_BASE) {
                double inside = balance.standing().insideMm() + ballast.wider().mm();
                assertThat(Math.toDegrees(Math.atan(inside / balance.standing().aboveMm())))
                        .isCloseTo(Standing.WELL_DEG, within(1e-6));
            }
        }
        if (balance.standing().tipDeg() >= Standing.WELL_DEG) {
            assertThat(balance.ballast()).isEmpty();
        }
    }
}
