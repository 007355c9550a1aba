package fairember.core.mix;

import fairember.core.colour.PartsOfClay;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The box of leftovers.
 *
 * @param lumps up to {@value #MOST}
 */
public record Leftovers(List<LeftoverLump> lumps) {
    public static final Leftovers NONE = new Leftovers(List.of());
    private static final int MOST = 60;

    public Leftovers {
        lumps = List.copyOf(lumps);
        if (lumps.size() > MOST) {
            throw new InvalidInputException(
                    "lumps", lumps.size() + " lumps", "up to " + MOST, "Knead some of them together.");
        }
    }

    /**
     * A lump as it is written down.
     *
     * @param mixId the mix it is left of, if it is of one
     * @param parts what it is made of, in clays; it stays so when the mix changes
     */
    public record LeftoverLump(
            @Name String name,
            LocalDate madeOn,
            Mass mass,
            @RefersTo("mix") @Nullable Long mixId,
            List<PartsOfClay> parts) {
        public static final Span MASS = Lump.MASS;

        public LeftoverLump {
            parts = List.copyOf(parts);
        }

        /**
         * The lump with its clays.
         *
         * @throws InvalidInputException when one of them is not among {@code clays}, or it is made of nothing
         */
        public Lump of(Map<Long, StockClay> clays) {
            Gathering g = new Gathering();
            List<Mix.Ingredient> ingredients = g.all(
                    "parts",
                    parts.stream()
                            .<Supplier<Mix.Ingredient>>map(part -> () -> ingredient(part, clays))
                            .toList());
            g.orRefuse();
            return new Lump(name, mass, new Mix(0, name, ingredients));
        }

        private static Mix.Ingredient ingredient(PartsOfClay part, Map<Long, StockClay> clays) {
            return Mix.Ingredient.of(RecipeBook.clay(clays, part.clayId()), part.parts());
        }
    }

    /**
     * The lumps with their clays.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    public List<Lump> of(Map<Long, StockClay> clays) {
        Gathering g = new Gathering();
        List<Lump> known = g.all(
                "lumps",
                lumps.stream().<Supplier<Lump>>map(lump -> () -> lump.of(clays)).toList());
        g.orRefuse();
        return known;
    }
}
