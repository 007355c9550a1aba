package fairember.core.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import fairember.core.quantity.Volume;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FiguresTest {
    @DataProvider
    public Object[][] figures() {
        return new Object[][] {
            {0.0, "0"},
            {12.0, "12"},
            {-3.0, "-3"},
            {2.5, "2.5"},
            {1.0 / 3, "0.3333"},
            {1234.56, "1235"},
            {99999.5, "100000"},
            {0.00012345, "0.0001234"},
            {1e9, "1000000000"},
            {Double.NaN, "not a number"},
            {Double.NEGATIVE_INFINITY, "an infinite number"},
        };
    }

    @Test(dataProvider = "figures")
    public void aNumberIsShownWithFourFiguresAndNoExponent(double value, String shown) {
        assertThat(Figures.show(value)).isEqualTo(shown);
        assertThat(Figures.show(value, "mm")).isEqualTo(shown + " mm");
    }

    @Test
    public void massAndVolumeOfAClayGoBackAndForth() {
        Density marl = new Density(1.75);
        assertThat(marl.of(new Volume(1000)).g()).isEqualTo(1.75);
        for (double g = 0.01; g < 1000; g *= 3) {
            assertThat(marl.of(marl.volumeOf(new Mass(g))).g()).isCloseTo(g, within(1e-9 * g));
        }
        assertThat(Refusals.of(() -> new Density(12)).get(0).field()).isEqualTo("densityGPerCm3");
    }

    @Test
    public void noMeasureIsNegativeOrInfinite() {
        assertThat(Refusals.of(() -> new Length(-0.1)).get(0).allowed()).isEqualTo("0 mm or more");
        assertThat(Refusals.of(() -> new Mass(Double.NaN)).get(0).found()).isEqualTo("not a number g");
        assertThat(Refusals.of(() -> new Volume(Double.POSITIVE_INFINITY))).hasSize(1);
        assertThat(Refusals.of(() -> new Minutes(-1))).hasSize(1);
        assertThat(Refusals.of(() -> new Energy(-1))).hasSize(1);
        assertThat(Refusals.of(() -> new Area(-1))).hasSize(1);
        assertThat(Refusals.of(() -> Share.ofPercent(101)).get(0).found()).isEqualTo("101 %");
        assertThat(Refusals.of(() -> new Temperature(-300))).hasSize(1);
        assertThat(new Length(2).plus(new Length(3)).times(2)).isEqualTo(new Length(10));
    }

    @Test
    public void moneyAddsExactlyAndNeverOverflows() {
        assertThat(new Money(10).plus(new Money(20)).minus(new Money(45))).isEqualTo(new Money(-15));
        assertThat(new Money(999_999_999_999L).times(1e12).minor()).isEqualTo(1_000_000_000_000L);
        assertThat(Refusals.of(() -> new Money(2_000_000_000_000L)).get(0).field())
                .isEqualTo("priceMinor");
        // A third of a euro three times over: rounding is once for each sum, half to even.
        assertThat(new Money(100).times(1.0 / 3)).isEqualTo(new Money(33));
        assertThat(new Money(-5).times(0.5)).isEqualTo(new Money(-2));
        assertThat(new Money(1).roundedUpTo(new Money(0))).isEqualTo(new Money(1));
    }
}
