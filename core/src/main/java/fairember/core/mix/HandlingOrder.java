package fairember.core.mix;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * In which order mixes pass through hands and machine: the light before the dark, because a trace of a dark clay shows in a light
 * one and hardly the other way round; but a mix that goes into another comes before it. Where a trace of the mix before would be seen, hands and machine are wiped.
 */
public final class HandlingOrder {
    /** What clings to hands and rollers and goes into the next mix, as a share of it. An estimate. */
    static final double CLINGS = 0.01;

    private static final Comparator<MeasuredMix> LIGHT_FIRST = Comparator.<MeasuredMix>comparingDouble(
                    mix -> -mix.colour().raw().lab().l())
            .thenComparing(mix -> mix.mix().name())
            .thenComparingLong(mix -> mix.mix().id());

    private HandlingOrder() {}

    /**
     * A mix in its turn.
     *
     * @param mix the mix
     * @param tintedBy ΔE00 by which what clings of the mix before would change its raw colour; 0 for the first
     */
    public record Turn(MeasuredMix mix, double tintedBy) {
        /** Whether that would be seen, so that hands and machine are wiped before it. */
        public boolean wipeBefore() {
            return tintedBy >= ColourDifference.SEEN;
        }
    }

    /** The mixes in their turns, each once. */
    public static List<Turn> of(List<MeasuredMix> mixes) {
        List<Turn> turns = new ArrayList<>();
        List<MeasuredMix> waiting =
                new ArrayList<>(mixes.stream().sorted(LIGHT_FIRST).toList());
        while (!waiting.isEmpty()) {
            MeasuredMix next = waiting.stream()
                    .filter(mix -> waiting.stream().noneMatch(other -> holds(mix.mix(), other.mix())))
                    .findFirst()
                    .orElseThrow();
            waiting.remove(next);
            turns.add(new Turn(
                    next, turns.isEmpty() ? 0 : tint(turns.get(turns.size() - 1).mix(), next)));
        }
        return turns;
    }

    private static boolean holds(Mix mix, Mix other) {
        return mix.ingredients().stream()
                .anyMatch(i -> i instanceof Mix.OfMix of
                        && of.parts() > 0
                        && (of.mix().equals(other) || holds(of.mix(), other)));
    }

    /** ΔE00 by which what clings of a mix changes the raw colour of the one that is handled next. */
    public static double tint(MeasuredMix before, MeasuredMix mix) {
        Colorant clean = mix.colour().raw().colorant();
        Colorant tinted =
                Colorant.mix(List.of(clean, before.colour().raw().colorant()), new double[] {1 - CLINGS, CLINGS});
        return ColourDifference.of(Lab.of(clean.thick()), Lab.of(tinted.thick()))
                .total();
    }
}
