package fairember.app.mix;

import fairember.app.web.WorkingsView;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.MeasuredMixWorkings;
import fairember.core.tile.LearnedClays;
import fairember.core.tile.TrialTile;
import java.util.List;

/**
 * A mix for a wanted mass, with its predicted colour.
 *
 * @param effects what some of its clays do that an even colour cannot show
 * @param hidesFromMm how thick a sheet has to be for nothing to show through
 * @param tiles how many trial tiles have one of its clays in them
 * @param unsureRaw how far off the raw colour may be, one standard error in ΔE00
 * @param unsureCured how far off the cured colour may be
 */
public record MeasuredMixView(
        double wantedG,
        List<ClayShareView> clays,
        String rawHex,
        String curedHex,
        boolean beyondScreen,
        List<Effect> effects,
        double hidesFromMm,
        int tiles,
        double unsureRaw,
        double unsureCured,
        double densityGPerCm3,
        double lowC,
        double highC,
        boolean windowsMeet,
        List<WorkingsView> workings) {
    /** Grams of one clay in it. */
    public record ClayShareView(long clayId, String name, String rawHex, String curedHex, double parts, double massG) {}

    static MeasuredMixView of(MeasuredMix mix, LearnedClays learned) {
        List<TrialTile.ClayParts> parts = mix.portions().stream()
                .filter(p -> p.parts() > 0)
                .map(p -> new TrialTile.ClayParts(p.clay().id(), p.parts()))
                .toList();
        return new MeasuredMixView(
                mix.wanted().g(),
                shares(mix),
                mix.colour().raw().srgb().hex(),
                mix.colour().cured().srgb().hex(),
                mix.colour().raw().beyondScreen() || mix.colour().cured().beyondScreen(),
                mix.colour().effects(),
                mix.colour().cured().colorant().hidesFrom().mm(),
                learned.tilesBehind(parts),
                learned.unsure(parts, Face.RAW),
                learned.unsure(parts, Face.CURED),
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
