package fairember.core.claysheet;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * Cords as they are written down.
 *
 * @param slotMm width of a slot; nothing of other holes
 */
public record CordRecipe(
        double barrelMm,
        double strokeMm,
        double residueMm,
        Die.Kind die,
        double dieMm,
        @Nullable Double slotMm,
        int holes,
        double swell,
        @RefersTo("mix") long mixId) {
    public static final Span BARREL = Barrel.ACROSS;
    public static final Span STROKE = Barrel.STROKE;
    public static final Span RESIDUE = Barrel.RESIDUE;
    public static final Span DIE = Die.SIZE;
    public static final Span SLOT = Die.WIDE;
    public static final Span HOLES = Die.HOLES;
    public static final Span SWELL = Die.SWELL;

    /** The barrel. */
    public Barrel barrel() {
        return new Barrel(new Length(barrelMm), new Length(strokeMm), new Length(residueMm));
    }

    /** The plate. */
    public Die plate() {
        Double wide = slotMm;
        return new Die(die, new Length(dieMm), new Length(wide == null ? dieMm : wide), holes, swell);
    }
}
