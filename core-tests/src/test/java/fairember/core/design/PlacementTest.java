package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.input.InputError;
import fairember.core.shape.Facing;
import java.util.List;
import org.testng.annotations.Test;

public class PlacementTest {
    @Test
    public void aMirroredPairStandsLeftAndRightAndLeansApart() {
        List<Placement.Spot> spots = new Placement(12, 5, 3, 20, Arrangement.MIRRORED, Facing.UP).spots(2);
        assertThat(spots)
                .containsExactly(new Placement.Spot(12, 5, 3, 20, false), new Placement.Spot(-12, 5, 3, -20, true));
    }

    @Test
    public void aRingIsEvenAndHasTheAxisInItsMiddle() {
        for (int count = 2; count <= 9; count++) {
            List<Placement.Spot> spots = new Placement(15, 2, 0, 10, Arrangement.RING, Facing.UP).spots(count);
            assertThat(spots).hasSize(count);
            double across = 0;
            double front = 0;
            for (int i = 0; i < count; i++) {
                Placement.Spot spot = spots.get(i);
                Placement.Spot next = spots.get((i + 1) % count);
                across += spot.acrossMm();
                front += spot.frontMm();
                assertThat(Math.hypot(spot.acrossMm(), spot.frontMm())).isCloseTo(15, within(1e-9));
                // Neighbours on a circle of radius 15 are 30·sin(180°/n) apart.
                double apart = Math.hypot(spot.acrossMm() - next.acrossMm(), spot.frontMm() - next.frontMm());
                assertThat(apart).isCloseTo(30 * Math.sin(Math.PI / count), within(1e-9));
                assertThat(spot.upMm()).isEqualTo(2);
            }
            assertThat(across).isCloseTo(0, within(1e-9));
            assertThat(front).isCloseTo(0, within(1e-9));
        }
    }

    /** Five in a row 8 apart reach 16 to each side of their middle; a column begins at its place. */
    @Test
    public void aRowAndAColumnAreEvenlySpaced() {
        assertThat(new Placement(3, 2, 0, 0, Arrangement.ROW, Facing.UP, 8).spots(5))
                .extracting(Placement.Spot::acrossMm)
                .containsExactly(-13.0, -5.0, 3.0, 11.0, 19.0);
        assertThat(new Placement(3, 2, 0, 0, Arrangement.COLUMN, Facing.UP, 8).spots(3))
                .extracting(Placement.Spot::upMm)
                .containsExactly(2.0, 10.0, 18.0);
    }

    @Test
    public void aPlaceOutOfReachIsRefusedForEachOfItsMeasures() {
        assertThat(Refusals.of(() -> new Placement(500, -60, Double.NaN, 181, Arrangement.RING, Facing.UP)))
                .extracting(InputError::field)
                .containsExactly("acrossMm", "upMm", "frontMm", "tiltDeg");
    }

    /** Over a dome of 40 mm each lies on its ball, as high as the mean of half a ball, no two nearer than 0.7 of the even distance. */
    @Test
    public void copiesAreScatteredEvenlyOverADome() {
        for (int count : new int[] {7, 30, 120}) {
            Placement dome = new Placement(3, 2, -1, 0, Arrangement.DOME, Facing.UP, 40);
            List<Placement.Spot> spots = dome.spots(count);
            double even = Math.sqrt(2 * 2 * Math.PI * 20 * 20 / (Math.sqrt(3) * count));
            assertThat(dome.apartOnDome(count)).isCloseTo(even, within(1e-9));
            double high = 0;
            for (Placement.Spot spot : spots) {
                double right = spot.acrossMm() - 3;
                double up = spot.upMm() - 2;
                double front = spot.frontMm() + 1;
                high += up / count;
                assertThat(Math.sqrt(right * right + up * up + front * front)).isCloseTo(20, within(1e-9));
                assertThat(Math.signum(spot.tiltDeg())).isEqualTo(Math.signum(right));
                for (Placement.Spot other : spots) {
                    double apart = Math.hypot(
                            Math.hypot(spot.acrossMm() - other.acrossMm(), spot.upMm() - other.upMm()),
                            spot.frontMm() - other.frontMm());
                    assertThat(apart == 0 || apart > 0.7 * even)
                            .as("%s of %s", apart, even)
                            .isTrue();
                }
            }
            assertThat(high).isCloseTo(10, within(1e-9));
        }
    }
}
