package fairember.core.mix;

import fairember.core.bake.SharedWindow;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.MixedColour;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import java.util.List;

/** Scales a recipe to grams and predicts what it becomes. */
public final class MixMeasuring {
    /** What may be wanted of a mix at a time. */
    public static final Span WANTED = Span.of("wantedG", "wanted", 0.1, 20_000, "g");

    private MixMeasuring() {}

    /** Kneaded, one even colour; worked, the mean of the colours of its mixes by the room each takes. */
    private static MixedColour colour(Mix mix) {
        MixedColour kneaded = ColourMixing.mix(mix.colours());
        if (mix.worked() == null) {
            return kneaded;
        }
        List<MeasuredMix> inner = mix.ingredients().stream()
                .filter(Mix.OfMix.class::isInstance)
                .map(i -> measure(((Mix.OfMix) i).mix(), new Mass(i.parts())))
                .toList();
        return kneaded.inPlaceOf(
                inner.stream().map(MeasuredMix::colour).toList(),
                inner.stream()
                        .mapToDouble(m -> m.wanted().g() / m.density().gPerCm3())
                        .toArray());
    }

    /**
     * The mix for a wanted mass.
     *
     * <pre>
     * grams of clay = wanted/(1 + Σq)       (q what is added, as a share of the clay)
     * grams of a clay = grams of clay·p/Σp
     * grams added = grams of clay·q
     * density ρ = Σp / Σ(p/ρᵢ)              (volumes add)
     * </pre>
     *
     * Clays of no parts give no grams and set no window.
     *
     * @param wanted more than 0
     */
    public static MeasuredMix measure(Mix mix, Mass wanted) {
        Mass clay = wanted.times(1 / (1 + mix.inclusionShare()));
        double sum = mix.allParts();
        List<Mix.ClayParts> clays = mix.clays();
        double volume = clays.stream()
                .mapToDouble(c -> c.parts() / c.clay().range().density().gPerCm3())
                .sum();
        SharedWindow window = SharedWindow.of(clays.stream()
                .filter(c -> c.parts() > 0)
                .map(c -> c.clay().range().window())
                .toList());
        return new MeasuredMix(
                mix,
                wanted,
                clays.stream()
                        .map(c -> new MeasuredMix.ClayPortion(c.clay(), c.parts(), clay.times(c.parts() / sum)))
                        .toList(),
                mix.ingredients().stream()
                        .map(i -> new MeasuredMix.Line(i, clay.times(i.parts() / sum)))
                        .toList(),
                mix.inclusions().stream().map(i -> clay.times(i.ofClay().of1())).toList(),
                colour(mix),
                new Density(clays.stream().mapToDouble(Mix.ClayParts::parts).sum() / volume),
                window);
    }
}
