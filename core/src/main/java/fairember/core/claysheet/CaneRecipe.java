package fairember.core.claysheet;

import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import java.util.List;
import java.util.function.LongFunction;
import java.util.function.Supplier;

/**
 * A cane as it is written down, its mixes by number.
 *
 * @param rods packed side by side
 * @param wraps sheets round them, from the inside out
 * @param length of the log as it is packed
 * @param square whether it is pressed square
 * @param size it is reduced to
 * @param endWaste cut off at each end
 * @param slice thickness of a slice
 */
public record CaneRecipe(
        List<RodsOfMix> rods,
        @Default("[]") List<WrapOfMix> wraps,
        Length length,
        @Default("false") boolean square,
        Length size,
        Length endWaste,
        Length slice) {
    public static final Span LENGTH = Cane.LENGTH;
    public static final Span SIZE = Cane.SIZE;
    public static final Span END_WASTE = Cane.END;
    public static final Span SLICE = Cane.SLICE;

    /** Rods of one mix. */
    public record RodsOfMix(@RefersTo("mix") long mixId, int count, Length diameter) {
        public static final Span COUNT = Cane.COUNT;
        public static final Span DIAMETER = Cane.DIAMETER;
    }

    /** A sheet of one mix. */
    public record WrapOfMix(@RefersTo("mix") long mixId, Length thick) {
        public static final Span THICK = Cane.WRAP;
    }

    public CaneRecipe {
        rods = List.copyOf(rods);
        wraps = List.copyOf(wraps);
    }

    /**
     * The cane of these mixes.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public Cane cane(LongFunction<NamedClay> mixes) {
        Gathering g = new Gathering();
        List<Cane.Rods> packed = g.all(
                "rods",
                rods.stream()
                        .<Supplier<Cane.Rods>>map(r -> () -> {
                            NamedClay clay = mixes.apply(r.mixId());
                            return new Cane.Rods(clay.name(), r.count(), r.diameter(), clay.density());
                        })
                        .toList());
        List<Cane.Wrap> wrapped = g.all(
                "wraps",
                wraps.stream()
                        .<Supplier<Cane.Wrap>>map(w -> () -> {
                            NamedClay clay = mixes.apply(w.mixId());
                            return new Cane.Wrap(clay.name(), w.thick(), clay.density());
                        })
                        .toList());
        g.orRefuse();
        return new Cane(packed, wrapped, length, square, size, endWaste, slice);
    }
}
