package fairember.app.mix;

import fairember.app.web.WorkingsView;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.MeasuredMixWorkings;
import java.util.List;

/** A mix for a wanted mass, with its predicted colour. */
public record MeasuredMixView(
        double wantedG,
        List<ClayShareView> clays,
        String rawHex,
        String curedHex,
        boolean beyondScreen,
        double densityGPerCm3,
        double lowC,
        double highC,
        boolean windowsMeet,
        List<WorkingsView> workings) {
    /** Grams of one clay in it. */
    public record ClayShareView(long clayId, String name, String rawHex, String curedHex, double parts, double massG) {}

    static MeasuredMixView of(MeasuredMix mix) {
        return new MeasuredMixView(
                mix.wanted().g(),
                shares(mix),
                mix.colour().raw().srgb().hex(),
                mix.colour().cured().srgb().hex(),
                mix.colour().raw().beyondScreen() || mix.colour().cured().beyondScreen(),
                mix.density().gPerCm3(),
                mix.window().low().c(),
                mix.window().high().c(),
                mix.window().meets(),
                List.of(
                        WorkingsView.of(MeasuredMixWorkings.of(mix)),
                        WorkingsView.of(MixedColourWorkings.of(mix.colour()))));
    }

    /** Grams of each clay. */
    public static List<ClayShareView> shares(MeasuredMix mix) {
        return mix.portions().stream()
                .map(p -> new ClayShareView(
                        p.clay().id(),
                        p.clay().name(),
                        p.clay().pigment().raw().hex(),
                        p.clay().pigment().cured().hex(),
                        p.parts(),
                        p.mass().g()))
                .toList();
    }
}
