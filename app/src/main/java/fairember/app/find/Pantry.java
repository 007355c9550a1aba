package fairember.app.find;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.MixedColour;
import fairember.core.colour.PartsOfClay;
import fairember.core.mix.Lump;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Mass;
import fairember.core.recipe.Choice;
import fairember.core.stock.StockClay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What may go into a recipe: the clays of the shelf under their numbers, the lumps of the box of leftovers under −1, −2 and so on.
 */
record Pantry(Map<Long, Pick> picks) {
    /**
     * A clay or a lump.
     *
     * @param lump its place in the box, when it is one
     * @param liquid whether it is counted in drops
     * @param clays what it is made of
     * @param effects what it does that no even colour can show
     * @param minorPerGram what a gram costs; nothing of what is left over
     */
    record Pick(
            long id,
            @Nullable Integer lump,
            String name,
            boolean liquid,
            MixedColour colour,
            double onHandG,
            double minorPerGram,
            List<PartsOfClay> clays,
            Set<Effect> effects) {
        Choice choice(Face face) {
            Colorant colorant = colour.of(face).colorant();
            return new Choice(id, name, colorant, onHandG, minorPerGram, effects);
        }
    }

    static Pantry of(Map<Long, StockClay> clays, List<Lump> lumps) {
        Map<Long, Pick> picks = new LinkedHashMap<>();
        clays.forEach((id, clay) -> picks.put(id, pick(clay)));
        for (int i = 0; i < lumps.size(); i++) {
            Pick pick = pick(i, lumps.get(i));
            picks.put(pick.id(), pick);
        }
        return new Pantry(picks);
    }

    private static Pick pick(StockClay clay) {
        Mix alone = new Mix(0, clay.name(), List.of(Mix.Ingredient.of(clay, 1)));
        return new Pick(
                clay.id(),
                null,
                clay.name(),
                clay.liquid(),
                measured(alone).colour(),
                clay.onShelf().g(),
                clay.bestValue().minorPerGram(),
                List.of(new PartsOfClay(clay.id(), 1)),
                Set.copyOf(measured(alone).effects()));
    }

    private static Pick pick(int place, Lump lump) {
        double all = lump.mix().allParts();
        return new Pick(
                -1 - place,
                place,
                lump.name(),
                false,
                measured(lump.mix()).colour(),
                lump.mass().g(),
                0,
                lump.mix().clays().stream()
                        .map(c -> new PartsOfClay(c.clay().id(), c.parts() / all))
                        .toList(),
                Set.copyOf(measured(lump.mix()).effects()));
    }

    private static MeasuredMix measured(Mix mix) {
        return MixMeasuring.measure(mix, new Mass(1));
    }

    Stream<Pick> clays() {
        return picks.values().stream().filter(pick -> pick.lump() == null);
    }

    Stream<Pick> lumps() {
        return picks.values().stream().filter(pick -> pick.lump() != null);
    }

    Pick pick(Choice choice) {
        return pick(choice.id());
    }

    Pick pick(long id) {
        Pick pick = picks.get(id);
        if (pick == null) {
            throw new IllegalStateException("There is nothing with number " + id);
        }
        return pick;
    }
}
