package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.app.web.WorkingsView;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.MixPart;
import fairember.core.colour.MixedColour;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.measure.Gathering;
import fairember.core.measure.Span;
import fairember.core.measure.Words;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The colour and the grams of a mix. */
@RestController
class MixSums {
    private static final Span WANTED = Span.of("wantedG", "wanted", 0.1, 20_000, "g");

    /** Parts of clays and the grams wanted of them together. */
    record MixSumForm(double wantedG, List<MixSumPartForm> parts) {}

    /** A clay by its two swatches. */
    record MixSumPartForm(
            String name, String rawHex, String curedHex, Opacity opacity, Strength strength, double parts) {
        private MixPart parse() {
            Pigment pigment = new Pigment(
                    Srgb.parse("rawHex", given("rawHex", rawHex)),
                    Srgb.parse("curedHex", given("curedHex", curedHex)),
                    given("opacity", opacity),
                    given("strength", strength));
            return new MixPart(Words.name("name", given("name", name)), pigment, parts);
        }
    }

    /** Grams of each part, and the colour they make. */
    record MixSumView(
            List<Double> gramsG, String rawHex, String curedHex, boolean beyondScreen, WorkingsView workings) {}

    @PostMapping("/api/sums/mix")
    MixSumView mix(@RequestBody MixSumForm form) {
        Gathering g = new Gathering();
        g.at("", () -> WANTED.check(form.wantedG()));
        List<MixSumPartForm> told = g.at("", () -> all("parts", form.parts())).orElse(List.of());
        List<Supplier<MixPart>> suppliers =
                told.stream().<Supplier<MixPart>>map(p -> p::parse).toList();
        List<MixPart> parts = g.all("parts", suppliers);
        g.orRefuse();
        MixedColour mixed = ColourMixing.mix(parts);
        return new MixSumView(
                mixed.shares().stream().map(share -> share * form.wantedG()).toList(),
                mixed.raw().srgb().hex(),
                mixed.cured().srgb().hex(),
                mixed.raw().beyondScreen() || mixed.cured().beyondScreen(),
                WorkingsView.of(MixedColourWorkings.of(mixed)));
    }
}
