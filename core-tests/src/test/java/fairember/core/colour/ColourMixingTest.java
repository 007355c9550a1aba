package fairember.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import java.util.List;
import org.testng.annotations.Test;

public class ColourMixingTest {
    private static Pigment pigment(String hex, Opacity opacity, Strength strength) {
        Srgb swatch = Srgb.parse("hex", hex);
        return new Pigment(swatch, swatch, opacity, strength);
    }

    private static MixPart part(String hex, double parts) {
        return new MixPart(hex, pigment(hex, Opacity.OPAQUE, Strength.NORMAL), parts);
    }

    private static Srgb raw(MixPart... parts) {
        return ColourMixing.mix(List.of(parts)).raw().srgb();
    }

    @Test
    public void aSwatchGivesASpectrumThatLooksLikeItOnAGridOf729Colours() {
        for (int code = 0; code < 729; code++) {
            Srgb swatch = new Srgb(code / 81 * 31, code / 9 % 9 * 31, code % 9 * 31);
            Reflectance spectrum = ReflectanceReconstruction.of(swatch);
            double[] linear = swatch.linear();
            double[] seen = spectrum.linearRgb();
            for (int c = 0; c < 3; c++) {
                assertThat(seen[c]).as(swatch.hex()).isCloseTo(linear[c], within(1e-7));
            }
            for (double band : spectrum.bands()) {
                assertThat(band).as(swatch.hex()).isBetween(0.0, 1.0);
            }
        }
    }

    @Test
    public void theCornersOfTheCubeHaveSpectraToo() {
        for (int corner = 0; corner < 8; corner++) {
            Srgb swatch = new Srgb(corner / 4 * 255, corner / 2 % 2 * 255, corner % 2 * 255);
            assertThat(Srgb.ofLinear(ReflectanceReconstruction.of(swatch).linearRgb()))
                    .isEqualTo(swatch);
        }
    }

    @Test
    public void greyIsFlatAndWhiteReflectsAll() {
        for (double band : ReflectanceReconstruction.of(new Srgb(188, 188, 188)).bands()) {
            assertThat(band).isCloseTo(0.5029, within(1e-3));
        }
        assertThat(ReflectanceReconstruction.of(new Srgb(255, 255, 255))
                        .luminance()
                        .of1())
                .isCloseTo(1, within(1e-6));
    }

    @Test
    public void aClayAloneOrWithItselfKeepsItsColour() {
        for (String hex : List.of("#b3342b", "#2f5d62", "#f4f2ea", "#3a4148")) {
            assertThat(raw(part(hex, 3)).hex()).isEqualTo(hex);
            assertThat(raw(part(hex, 3), part(hex, 4)).hex()).isEqualTo(hex);
        }
    }

    @Test
    public void yellowAndBlueMakeGreenAsPaintDoesAndNotGreyAsLightDoes() {
        Srgb mixed = raw(part("#f2d21b", 3), part("#1f4fa3", 1));
        assertThat(mixed.green()).isGreaterThan(mixed.red() + 20).isGreaterThan(mixed.blue() + 20);
    }

    @Test
    public void orderAndScaleOfThePartsDoNotMatter() {
        assertThat(raw(part("#b3342b", 1), part("#f4f2ea", 3))).isEqualTo(raw(part("#f4f2ea", 6), part("#b3342b", 2)));
    }

    @Test
    public void moreOfADarkClayNeverMakesAMixLighter() {
        double before = 1;
        for (int parts = 0; parts <= 12; parts++) {
            MixedColour mixed = ColourMixing.mix(List.of(part("#f4f2ea", 12), part("#2a2e33", parts)));
            double y = mixed.raw().spectrum().luminance().of1();
            assertThat(y).isLessThanOrEqualTo(before + 1e-12);
            before = y;
        }
    }

    @Test
    public void aTranslucentClayTakesLittleOfTheColourAndAStrongOneMuch() {
        MixPart red = part("#b3342b", 1);
        MixPart clear = new MixPart("clear", pigment("#e9e4d8", Opacity.TRANSLUCENT, Strength.NORMAL), 7);
        MixPart white = new MixPart("white", pigment("#e9e4d8", Opacity.OPAQUE, Strength.NORMAL), 7);
        assertThat(raw(red, clear).green()).isLessThan(raw(red, white).green() - 20);
        MixPart strong = new MixPart("strong", pigment("#b3342b", Opacity.OPAQUE, Strength.VERY_STRONG), 1);
        assertThat(raw(strong, white).green()).isLessThan(raw(red, white).green() - 20);
        // t = class·(0.4 + 0.6·Y)·2^k: four times for two steps of strength.
        assertThat(strong.pigment().scattering()).isCloseTo(4 * red.pigment().scattering(), within(1e-12));
    }

    @Test
    public void nothingToMixAndColoursThatAreNoneAreRefused() {
        assertThat(Refusals.of(() -> ColourMixing.mix(List.of(part("#b3342b", 0)))))
                .hasSize(1);
        for (String error : List.of("", "red", "#12345", "#12345g", "b3342b")) {
            assertThat(Refusals.of(() -> Srgb.parse("rawHex", error)).get(0).field())
                    .isEqualTo("rawHex");
        }
    }
}
