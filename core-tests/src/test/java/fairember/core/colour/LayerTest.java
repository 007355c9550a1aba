package fairember.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.quantity.Length;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** Sheets of a clay over something else. */
public class LayerTest {
    private static final Reflectance BLACK = ReflectanceReconstruction.of(new Srgb(0, 0, 0));
    private static final Reflectance WHITE = ReflectanceReconstruction.of(new Srgb(255, 255, 255));

    private static Colorant clay(String hex, Opacity opacity) {
        Srgb swatch = Srgb.parse("hex", hex);
        return new Pigment(swatch, swatch, opacity, Strength.NORMAL).colorant(Face.RAW);
    }

    @Test
    public void sevenTranslucentToOneOpaquePaleToneHidesAsWasTried() {
        Colorant mix = Colorant.mix(
                List.of(clay("#e9e4d8", Opacity.TRANSLUCENT), clay("#e8c9b0", Opacity.OPAQUE)), new double[] {7, 1});
        // Tried: luminance over black is 0.67 of that over white at 1 mm, 0.86 at 2 mm.
        assertThat(mix.cover(new Length(1))).isCloseTo(0.67, within(0.03));
        assertThat(mix.cover(new Length(2))).isCloseTo(0.86, within(0.03));
    }

    @Test
    public void noClayShowsWhatLiesBelowAndMuchClayOnlyItself() {
        for (String hex : List.of("#b3342b", "#f4f2ea", "#2a2e33", "#2f5d62")) {
            Colorant clay = clay(hex, Opacity.HALF);
            assertThat(clay.over(BLACK, new Length(0))).isEqualTo(BLACK);
            for (Reflectance backing : List.of(BLACK, WHITE)) {
                Lab deep = Lab.of(clay.over(backing, new Length(200)));
                assertThat(ColourDifference.of(deep, Lab.of(clay.thick())).total())
                        .as(hex)
                        .isLessThan(0.01);
            }
        }
    }

    @Test
    public void aThickerSheetHidesMoreAndAnOpaqueOneMoreThanATranslucentOne() {
        for (Opacity opacity : Opacity.values()) {
            double before = 0;
            for (double mm : new double[] {0.1, 0.3, 0.6, 1, 2, 4, 8}) {
                double hides = clay("#d9c9b0", opacity).cover(new Length(mm));
                assertThat(hides).isBetween(before, 1.0);
                before = hides;
            }
        }
        Length thin = new Length(0.5);
        assertThat(clay("#d9c9b0", Opacity.OPAQUE).cover(thin))
                .isGreaterThan(clay("#d9c9b0", Opacity.HALF).cover(thin));
        assertThat(clay("#d9c9b0", Opacity.HALF).cover(thin))
                .isGreaterThan(clay("#d9c9b0", Opacity.TRANSLUCENT).cover(thin));
    }

    @Test
    public void twoSheetsOnEachOtherAreOneSheetOfBoth() {
        // Kubelka and Munk: a layer over a layer is the layer of the two thicknesses, at every band.
        Colorant clay = clay("#7fa3a1", Opacity.HALF);
        Reflectance once = clay.over(BLACK, new Length(0.9));
        Reflectance twice = clay.over(clay.over(BLACK, new Length(0.5)), new Length(0.4));
        for (int i = 0; i < Spectra.BANDS; i++) {
            assertThat(twice.band(i)).isCloseTo(once.band(i), within(1e-9));
        }
    }

    @Test
    public void aMixIsNeverLighterThanItsLightestPartAtAnyBand() {
        // What the finder leaves out by: R is a convex falling function of Q, and Q of a mix is a weighted mean.
        SplittableRandom random = new SplittableRandom(21);
        for (int i = 0; i < 400; i++) {
            List<Colorant> clays = IntStream.range(0, 4)
                    .mapToObj(c -> {
                        Srgb hex = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
                        Opacity opacity = Opacity.values()[random.nextInt(3)];
                        Strength strength = Strength.values()[random.nextInt(4)];
                        return new Pigment(hex, hex, opacity, strength).colorant(Face.RAW);
                    })
                    .toList();
            double[] parts = random.doubles(4, 0.05, 9).toArray();
            Reflectance mixed = Colorant.mix(clays, parts).thick();
            double lightest = 0;
            for (int band = 0; band < Spectra.BANDS; band++) {
                double most = 0;
                double least = 1;
                for (Colorant clay : clays) {
                    most = Math.max(most, clay.thick().band(band));
                    least = Math.min(least, clay.thick().band(band));
                }
                assertThat(mixed.band(band)).isBetween(least - 1e-12, most + 1e-12);
            }
            for (Colorant clay : clays) {
                lightest = Math.max(lightest, clay.thick().luminance().of1());
            }
            assertThat(mixed.luminance().of1()).isLessThanOrEqualTo(lightest + 1e-12);
        }
    }

    @Test
    public void itHidesFromTheThicknessThatIsSaidAndNotFromOneALittleThinner() {
        for (Opacity opacity : List.of(Opacity.OPAQUE, Opacity.HALF)) {
            for (String hex : List.of("#b3342b", "#f4f2ea", "#2a2e33", "#2f5d62", "#e0b090")) {
                Colorant clay = clay(hex, opacity);
                double mm = clay.opaqueFrom().mm();
                assertThat(clay.cover(new Length(mm))).as(hex).isGreaterThanOrEqualTo(Colorant.HIDDEN);
                if (mm > 0.03) {
                    assertThat(clay.cover(new Length(mm - 0.02))).as(hex).isLessThan(Colorant.HIDDEN);
                }
            }
        }
    }

    @Test
    public void aMixOfMixesIsTheMixOfTheirClays() {
        SplittableRandom random = new SplittableRandom(9);
        List<Colorant> clays = List.of(
                clay("#b3342b", Opacity.OPAQUE), clay("#f2d21b", Opacity.HALF), clay("#e9e4d8", Opacity.TRANSLUCENT));
        for (int i = 0; i < 50; i++) {
            double a = random.nextDouble(0.1, 5);
            double b = random.nextDouble(0.1, 5);
            double c = random.nextDouble(0.1, 5);
            double share = random.nextDouble(0.1, 3);
            Colorant inner = Colorant.mix(clays.subList(0, 2), new double[] {a, b});
            Colorant outer = Colorant.mix(List.of(inner, clays.get(2)), new double[] {share, c});
            Colorant flat = Colorant.mix(clays, new double[] {share * a / (a + b), share * b / (a + b), c});
            assertThat(outer.scatters()).isCloseTo(flat.scatters(), within(1e-12));
            for (int band = 0; band < Spectra.BANDS; band++) {
                assertThat(outer.absorbs(band)).isCloseTo(flat.absorbs(band), within(1e-9));
            }
        }
    }

    @Test
    public void whatWasLearnedBendsTheSpectrumAndNothingLearnedLeavesIt() {
        Srgb red = Srgb.parse("hex", "#b3342b");
        Pigment plain = new Pigment(red, red, Opacity.OPAQUE, Strength.NORMAL);
        assertThat(plain.spectrum(Face.CURED)).isEqualTo(ReflectanceReconstruction.of(red));
        double[] numbers = new double[Habit.NUMBERS];
        numbers[0] = Math.log(2);
        numbers[1 + 6] = 0.4;
        numbers[Habit.NUMBERS - 1] = Math.log(3);
        Pigment learned = plain.with(Habit.of(numbers));
        assertThat(learned.scattering()).isCloseTo(2 * plain.scattering(), within(1e-12));
        assertThat(learned.colorant(Face.CURED).scatters()).isCloseTo(6 * plain.scattering(), within(1e-12));
        // The seventh bump stands at 660 nm, band 28: z there grows by 0.4, and far off at 420 nm by nothing.
        double z = Math.log(plain.spectrum(Face.RAW).band(28)
                                / (1 - plain.spectrum(Face.RAW).band(28)))
                        / 2
                + 0.4;
        assertThat(learned.spectrum(Face.RAW).band(28)).isCloseTo((Math.tanh(z) + 1) / 2, within(1e-9));
        assertThat(learned.spectrum(Face.RAW).band(4))
                .isCloseTo(plain.spectrum(Face.RAW).band(4), within(1e-9));
    }
}
