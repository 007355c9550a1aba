package fairember.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ColourDifferenceTest {
    /** The 34 pairs that G. Sharma, W. Wu and E. N. Dalal published with their notes on the formula, 2005, table 1. */
    @DataProvider
    public Object[][] published() {
        return new Object[][] {
            {50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425},
            {50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615},
            {50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412},
            {50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000},
            {50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0000},
            {50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0000},
            {50, 0, 0, 50, -1, 2, 2.3669},
            {50, -1, 2, 50, 0, 0, 2.3669},
            {50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792},
            {50, 2.4900, -0.0010, 50, -2.4900, 0.0010, 7.1792},
            {50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195},
            {50, 2.4900, -0.0010, 50, -2.4900, 0.0012, 7.2195},
            {50, -0.0010, 2.4900, 50, 0.0009, -2.4900, 4.8045},
            {50, -0.0010, 2.4900, 50, 0.0010, -2.4900, 4.8045},
            {50, -0.0010, 2.4900, 50, 0.0011, -2.4900, 4.7461},
            {50, 2.5, 0, 50, 0, -2.5, 4.3065},
            {50, 2.5, 0, 73, 25, -18, 27.1492},
            {50, 2.5, 0, 61, -5, 29, 22.8977},
            {50, 2.5, 0, 56, -27, -3, 31.9030},
            {50, 2.5, 0, 58, 24, 15, 19.4535},
            {50, 2.5, 0, 50, 3.1736, 0.5854, 1.0000},
            {50, 2.5, 0, 50, 3.2972, 0, 1.0000},
            {50, 2.5, 0, 50, 1.8634, 0.5757, 1.0000},
            {50, 2.5, 0, 50, 3.2592, 0.3350, 1.0000},
            {60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644},
            {63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630},
            {61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731},
            {35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645},
            {22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373},
            {36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146},
            {90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441},
            {90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381},
            {6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377},
            {2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082},
        };
    }

    @Test(dataProvider = "published")
    public void differencesAreThoseOfThePublishedPairs(Number... row) {
        Lab from = new Lab(row[0].doubleValue(), row[1].doubleValue(), row[2].doubleValue());
        Lab to = new Lab(row[3].doubleValue(), row[4].doubleValue(), row[5].doubleValue());
        assertThat(ColourDifference.of(from, to).total()).isCloseTo(row[6].doubleValue(), within(0.00005));
        assertThat(ColourDifference.of(to, from).total()).isCloseTo(row[6].doubleValue(), within(0.00005));
    }

    @Test
    public void labOfPrimariesIsThatOfTheStandard() {
        // Worked from the matrix of IEC 61966-2-1 and white D65: red 53.24, 80.09, 67.20; blue 32.30, 79.19, −107.86.
        Lab red = Lab.of(new Srgb(255, 0, 0));
        assertThat(red.l()).isCloseTo(53.24, within(0.01));
        assertThat(red.a()).isCloseTo(80.09, within(0.01));
        assertThat(red.b()).isCloseTo(67.20, within(0.01));
        Lab blue = Lab.of(new Srgb(0, 0, 255));
        assertThat(blue.l()).isCloseTo(32.30, within(0.01));
        assertThat(blue.a()).isCloseTo(79.19, within(0.01));
        assertThat(blue.b()).isCloseTo(-107.86, within(0.01));
        for (int grey = 0; grey < 256; grey += 15) {
            assertThat(Lab.of(new Srgb(grey, grey, grey)).chroma()).isLessThan(0.001);
        }
    }

    @Test
    public void aSpectrumHasTheColourOfItsSwatch() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 200; i++) {
            Srgb swatch = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
            Lab ofSpectrum = Lab.of(ReflectanceReconstruction.of(swatch));
            assertThat(ColourDifference.of(Lab.of(swatch), ofSpectrum).total())
                    .as(swatch.hex())
                    .isLessThan(1e-4);
            double y = ReflectanceReconstruction.of(swatch).luminance().of1();
            assertThat(Lab.luminance(ofSpectrum.l())).isCloseTo(y, within(1e-9));
        }
    }

    @Test
    public void theQuickBoundIsNeverMoreThanTheDifferenceAndMostlyCloseToIt() {
        SplittableRandom random = new SplittableRandom(8);
        double share = 0;
        int given = 0;
        for (int i = 0; i < 300_000; i++) {
            Lab from = Lab.of(new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
            double near = i % 3 == 0 ? 100 : i % 3 == 1 ? 8 : 1;
            Lab to = new Lab(
                    Math.max(0, Math.min(100, from.l() + near * (random.nextDouble() - 0.5))),
                    from.a() + near * (random.nextDouble() - 0.5),
                    from.b() + near * (random.nextDouble() - 0.5));
            double off = ColourDifference.of(from, to).total();
            double least = ColourDifference.atLeast(from, to);
            assertThat(least).as("%s %s", from, to).isLessThanOrEqualTo(off + 1e-9);
            if (off > 0.1) {
                share += least / off;
                given++;
            }
        }
        // A bound that given little would be of no use.
        assertThat(share / given).isGreaterThan(0.6);
    }

    @Test
    public void noColourWithinADifferenceIsPastTheReachOfItsLightness() {
        // The finder leaves out by lightness alone what the reach rules out: it has to hold for any two colours.
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 100_000; i++) {
            Lab from = Lab.of(new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
            Lab to = i % 2 == 0
                    ? Lab.of(new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)))
                    : new Lab(random.nextDouble(100), from.a(), from.b());
            double off = ColourDifference.of(from, to).total();
            assertThat(to.l())
                    .isBetween(
                            ColourDifference.reach(from.l(), off, -1) - 1e-9,
                            ColourDifference.reach(from.l(), off, 1) + 1e-9);
        }
        // In the middle of the scale S_L is near 1: the reach is hardly wider than the difference.
        assertThat(ColourDifference.reach(50, 2, 1)).isBetween(52.0, 52.2);
    }

    @Test
    public void aTableOfRatiosIsAsNearAsItSays() {
        SplittableRandom random = new SplittableRandom(6);
        double[][] parts = {{1, 11, 1, 5}, {1, 1, 7, 3}, {1, 1, 1, 2}};
        for (int i = 0; i < 300; i++) {
            List<Colorant> clays = IntStream.range(0, 3)
                    .mapToObj(c -> {
                        int dark = random.nextInt(2) == 0 ? 256 : 40;
                        Srgb hex = new Srgb(random.nextInt(dark), random.nextInt(dark), random.nextInt(256));
                        Opacity opacity = Opacity.values()[random.nextInt(3)];
                        return new Pigment(hex, hex, opacity, Strength.STRONG).colorant(Face.RAW);
                    })
                    .toList();
            ColorantTable table = new ColorantTable(clays, parts, 4);
            int[] all = {0, 1, 2};
            table.mix(all);
            for (int r = 0; r < 4; r++) {
                Lab exact = Lab.of(table.colorant(all, r).thick());
                Lab near = table.lab(r);
                assertThat(near.l()).isCloseTo(exact.l(), within(ColorantTable.ERROR));
                assertThat(near.a()).isCloseTo(exact.a(), within(ColorantTable.ERROR));
                assertThat(near.b()).isCloseTo(exact.b(), within(ColorantTable.ERROR));
            }
        }
    }

    @Test
    public void theDifferenceIsSaidInWords() {
        Lab grey = new Lab(50, 0, 0);
        assertThat(ColourDifference.of(grey, new Lab(50.5, 0, 0)).words()).isEqualTo("the same to the eye");
        assertThat(ColourDifference.of(grey, new Lab(60, 1, 0)).words()).isEqualTo("lighter");
        assertThat(ColourDifference.of(grey, new Lab(42, -6, 1)).words()).isEqualTo("darker, greener");
        assertThat(ColourDifference.of(grey, new Lab(50, 9, -9)).words()).isEqualTo("redder, bluer");
        assertThat(ColourDifference.of(grey, new Lab(51, 1, 9)).words()).isEqualTo("yellower");
    }
}
