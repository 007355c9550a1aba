package fairember.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.design.Rest;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a piece lies on takes up heat too: a cold tile slows its underside, a thin tray hardly, and all of them end as hot as the oven. */
public class SeatTest {
    private static final Material CLAY = Material.of(new Density(1.75));
    private static final Minutes LONG = new Minutes(600);
    private static final double FACE = 0.46;

    private static HeatBody body(double thickMm, double narrowing) {
        return new HeatBody(new Length(thickMm / 2), narrowing, Length.ZERO, Mass.ZERO, 1000);
    }

    private static double near(HeatBody body, @Nullable Seat seat) {
        return Heating.near(body.on(seat), CLAY, Air.STILL.gives(), 130, 20, LONG)
                .min();
    }

    private static Seat tile(double thick, boolean hot, double share) {
        return new Rest(Rest.On.TILE, new Length(thick), hot).under(share);
    }

    /** A sheet on a cold, thick tile needs two to four times the minutes of one on a rack. */
    @DataProvider
    public Object[][] sheets() {
        return new Object[][] {{3.0, 8.0}, {3.0, 10.0}, {5.0, 10.0}, {6.0, 12.0}};
    }

    @Test(dataProvider = "sheets")
    public void aSheetOnAColdThickTileNeedsTwoToFourTimesTheMinutesAndLessOnAHotOne(double sheet, double thick) {
        double rack = near(body(sheet, 0), null);
        double cold = near(body(sheet, 0), tile(thick, false, FACE));
        double hot = near(body(sheet, 0), tile(thick, true, FACE));
        assertThat(cold / rack).isBetween(2.0, 4.5);
        assertThat(hot).isLessThan(0.7 * cold);
        assertThat(near(body(sheet, 0), tile(thick * 1.5, false, FACE))).isGreaterThan(cold);
    }

    /**
     * Thin clay on a thin plate is one lump of both: it goes as exp(−t/τ) with τ the heat of both over what the air gives to two
     * faces.
     */
    @Test
    public void thinClayOnAThinTrayGoesAsOneLumpOfBoth() {
        double sheet = 0.0005;
        Seat tray = new Rest(Rest.On.TRAY, new Length(1), false).under(FACE);
        double tau = (CLAY.perVolume() * sheet + tray.holds()) / (2 * Air.STILL.gives());
        double expected = tau * Math.log(110 / Heating.NEAR_C) / 60;
        assertThat(near(body(sheet * 1000, 0), tray)).isCloseTo(expected, within(0.05 * expected));
    }

    @Test
    public void aBallTouchesSoLittleThatATileHardlySlowsIt() {
        double free = near(body(20, 2), null);
        assertThat(near(body(20, 2), tile(10, false, 0.03))).isBetween(free, 1.12 * free);
        assertThat(near(body(20, 2), tile(10, false, 0.4))).isGreaterThan(1.3 * free);
    }

    @Test
    public void ofASeatThatTouchesNextToNothingThePieceIsAsInTheAir() {
        for (double narrowing : new double[] {0.2, 1, 2}) {
            double free = near(body(12, narrowing), null);
            assertThat(near(body(12, narrowing), tile(10, false, 0.0001))).isCloseTo(free, within(0.002 * free));
        }
    }
}
