package fairember.core.mix;

import fairember.core.bake.SharedWindow;
import fairember.core.colour.ColourMixing;
import fairember.core.measure.Density;
import fairember.core.measure.Mass;
import java.util.List;

/** Scales a recipe to grams and predicts what it becomes. */
public final class MixMeasuring {
    private MixMeasuring() {}

    /**
     * The mix for a wanted mass.
     *
     * <pre>
     * grams of a clay = wanted·p/Σp
     * density ρ = Σp / Σ(p/ρᵢ)      (volumes add)
     * </pre>
     *
     * Clays of no parts give no grams and set no window.
     */
    public static MeasuredMix measure(Mix mix, Mass wanted) {
        double sum =
                mix.ingredients().stream().mapToDouble(Mix.Ingredient::parts).sum();
        double volume = mix.ingredients().stream()
                .mapToDouble(i -> i.parts() / i.clay().line().density().gPerCm3())
                .sum();
        List<MeasuredMix.ClayPortion> portions = mix.ingredients().stream()
                .map(i -> new MeasuredMix.ClayPortion(i.clay(), i.parts(), wanted.times(i.parts() / sum)))
                .toList();
        SharedWindow window = SharedWindow.of(mix.ingredients().stream()
                .filter(i -> i.parts() > 0)
                .map(i -> i.clay().line().window())
                .toList());
        return new MeasuredMix(
                mix, wanted, portions, ColourMixing.mix(mix.colours()), new Density(sum / volume), window);
    }
}
