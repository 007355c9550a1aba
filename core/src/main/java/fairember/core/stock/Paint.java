package fairember.core.stock;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.LongFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A supply as it is used: what it is mixed of, and what its coats do to light. The model is that of clay in a thin sheet ({@link
 * Colorant}); a wet film of paint scatters as a sheet of clay {@value #LIKE_CLAY} times as thick, a starting value that was not
 * measured (2 to 8 may be met). Water in a mix thins it.
 *
 * @param supply as it is written down
 * @param madeOf the paints in it; none of what is bought as it is
 * @param colorant what it does to light without water; null when it has no colour
 */
public record Paint(
        Supply supply, List<Share> madeOf, @Nullable Colorant colorant) {
    public static final double LIKE_CLAY = 4;
    /** From here on a colour below is not seen. */
    private static final double HIDDEN = 2;

    /** Most coats that are tried. */
    public static final int MOST_COATS = 12;

    /**
     * A paint in a mixed one.
     *
     * @param of1 share of the volume
     */
    public record Share(Supply supply, double of1) {}

    public Paint {
        madeOf = List.copyOf(madeOf);
    }

    /**
     * A supply with what it is mixed of.
     *
     * @param others gives a supply by its number, or null
     * @throws InvalidInputException on "parts[i].supplyId" when there is none, or it is mixed or no paint itself
     */
    public static Paint of(Supply supply, LongFunction<@Nullable Supply> others) {
        List<Supply> inner = new ArrayList<>();
        for (int i = 0; i < supply.parts().size(); i++) {
            inner.add(plain(i, others.apply(supply.parts().get(i).supplyId())));
        }
        double all = supply.water()
                + supply.parts().stream().mapToDouble(Supply.PaintPart::parts).sum();
        List<Share> shares = IntStream.range(0, inner.size())
                .mapToObj(i -> new Share(inner.get(i), supply.parts().get(i).parts() / all))
                .toList();
        return new Paint(supply, shares, shares.isEmpty() ? own(supply) : mixed(shares));
    }

    private static Supply plain(int part, @Nullable Supply supply) {
        if (supply == null || !supply.kind().coats() || !supply.parts().isEmpty()) {
            throw new InvalidInputException(
                    "parts[" + part + "].supplyId",
                    supply == null ? "no supply" : supply.name(),
                    "a paint that is bought as it is",
                    "Choose a paint from the shelf that is not itself a mix.");
        }
        return supply;
    }

    private static @Nullable Colorant own(Supply supply) {
        Srgb colour = supply.colour();
        return colour == null
                ? null
                : new Pigment(colour, colour, supply.opacity(), Strength.NORMAL, Effect.PLAIN, Habit.NONE)
                        .colorant(Face.CURED);
    }

    /** What has no colour of its own, such as a varnish, thins the others: it is taken for clear. */
    private static @Nullable Colorant mixed(List<Share> shares) {
        List<Colorant> colorants = new ArrayList<>();
        double[] parts = new double[shares.size()];
        boolean coloured = false;
        for (int i = 0; i < parts.length; i++) {
            Colorant own = own(shares.get(i).supply());
            coloured |= own != null;
            colorants.add(own == null ? Colorant.CLEAR : own);
            parts[i] = shares.get(i).of1();
        }
        return coloured ? Colorant.mix(colorants, parts) : null;
    }

    /** Share of it that is water. */
    public double waterShare() {
        return madeOf.isEmpty()
                ? 0
                : 1 - madeOf.stream().mapToDouble(Share::of1).sum();
    }

    /** A wet film of so many coats, as a sheet of clay that scatters as much. */
    public Length likeClay(int coats) {
        return new Length(LIKE_CLAY * coats / supply.squareMetres() * (1 - waterShare()));
    }

    /** What coats of it look like over a colour; that colour when it has none of its own. */
    public Srgb over(Srgb below, int coats) {
        return colorant == null ? below : colorant.over(below, likeClay(coats));
    }

    /** What it looks like when nothing shows through. */
    public Optional<Srgb> thick() {
        return Optional.ofNullable(colorant).map(c -> c.thick().srgb());
    }

    /** How different from a thick coat so many coats of it look over a colour, ΔE00; 0 when it has no colour. */
    public double showsThrough(Srgb below, int coats) {
        return thick().map(thick -> ColourDifference.of(Lab.of(over(below, coats)), Lab.of(thick))
                        .total())
                .orElse(0.0);
    }

    /** How many coats hide a colour below, up to {@value #MOST_COATS}; nothing when more are needed, or it has no colour. */
    public OptionalInt hides(Srgb below) {
        return colorant == null
                ? OptionalInt.empty()
                : IntStream.rangeClosed(1, MOST_COATS)
                        .filter(coats -> showsThrough(below, coats) < HIDDEN)
                        .findFirst();
    }

    /** What so many of its unit cost, in minor units, not yet rounded: of what is mixed, that of its paints. */
    public double minor(double amount) {
        return madeOf.isEmpty()
                ? supply.minor(amount)
                : madeOf.stream()
                        .mapToDouble(share -> share.supply().minor(of(share, amount)))
                        .sum();
    }

    /** How many of its own unit of a paint are in so many of the mixed one's. */
    public double of(Share share, double amount) {
        return amount / supply.perMl() * share.of1() * share.supply().perMl();
    }
}
