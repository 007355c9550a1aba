package fairember.core.colour;

/**
 * The colour side of a stock clay.
 *
 * @param raw swatch before baking
 * @param cured swatch after baking
 * @param opacity how much it scatters
 * @param strength how much a little does
 * @param effect what its swatch cannot show
 * @param habit what tiles have taught about it
 */
public record Pigment(Srgb raw, Srgb cured, Opacity opacity, Strength strength, Effect effect, Habit habit) {

    /** A plain clay nothing has been learned of. */
    public Pigment(Srgb raw, Srgb cured, Opacity opacity, Strength strength) {
        this(raw, cured, opacity, strength, Effect.PLAIN, Habit.NONE);
    }

    public Pigment with(Habit learned) {
        return new Pigment(raw, cured, opacity, strength, effect, learned);
    }

    /** A lot of the same clay with swatches of its own. */
    public Pigment ofLot(Srgb lotRaw, Srgb lotCured) {
        return new Pigment(lotRaw, lotCured, opacity, strength, effect, habit);
    }

    /**
     * Scattering weight in a mix before anything was learned.
     *
     * <pre>t₀ = class·(0.4 + 0.6·Y)·2^k   (Y luminance of the raw swatch, k strength −1 to 2)</pre>
     */
    double classScattering() {
        double y = ReflectanceReconstruction.of(raw).luminance().of1();
        return opacity.scatter() * (0.4 + 0.6 * y) * strength.factor();
    }

    /** Scattering weight in a raw mix, t = t₀·e^s. */
    public double scattering() {
        return classScattering() * Math.exp(habit.strength());
    }

    /** The spectrum of one of its faces. */
    public Reflectance spectrum(Face face) {
        return habit.bend(ReflectanceReconstruction.of(face == Face.RAW ? raw : cured), face);
    }

    /** What it does to light, raw or cured. */
    public Colorant colorant(Face face) {
        double t = face == Face.RAW ? scattering() : scattering() * Math.exp(habit.curedStrength());
        return Colorant.of(spectrum(face), t);
    }
}
