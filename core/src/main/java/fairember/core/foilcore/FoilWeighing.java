package fairember.core.foilcore;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import fairember.core.shape.Solid;
import java.util.Arrays;

/** Learns how hard a maker presses foil from one core on the scale. */
public final class FoilWeighing {
    public static final Span MASS = Span.of("massG", "weight of the core", 0.05, 2000, "g");

    private FoilWeighing() {}

    /**
     * What a weighed core says.
     *
     * @param density its bulk density
     * @param packing the grade it belongs to
     */
    public record Weighed(Density density, Packing packing) {}

    /**
     * The bulk density of a core: δ = 1000·m/V.
     *
     * @throws InvalidInputException on "massG" when no hand presses foil so loose or so hard
     */
    public static Weighed weigh(Solid core, Mass mass) {
        double density = 1000 * MASS.check(mass.g()) / core.volume().mm3();
        double least = Packing.LOOSE.span().low();
        double most = Packing.HARD.span().high();
        if (density < least || density > most) {
            throw new InvalidInputException(
                    "massG",
                    "%s, %s".formatted(Figures.show(mass.g(), "g"), Figures.show(density, "g/cm³")),
                    "%s to %s for this size"
                            .formatted(
                                    Figures.show(least * core.volume().mm3() / 1000),
                                    Figures.show(most * core.volume().mm3() / 1000, "g")),
                    "Measure the bare core again, and weigh it without clay.");
        }
        Packing packing = Arrays.stream(Packing.values())
                .filter(p -> density <= p.span().high())
                .findFirst()
                .orElseThrow();
        return new Weighed(new Density(density), packing);
    }
}
