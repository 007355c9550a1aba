package fairember.core.design;

import fairember.core.input.InvalidInputException;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Mass;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The mixes at hand, each measured for one gram. */
public final class Palette {
    private final Map<Long, MeasuredMix> mixes;

    public Palette(Collection<Mix> mixes) {
        this.mixes = mixes.stream()
                .map(mix -> MixMeasuring.measure(mix, new Mass(1)))
                .collect(Collectors.toUnmodifiableMap(m -> m.mix().id(), Function.identity()));
    }

    /**
     * The mix of this number.
     *
     * @throws InvalidInputException on "mixId" when there is none
     */
    public MeasuredMix mix(long id) {
        return find(id).orElseThrow(() ->
                new InvalidInputException("mixId", "mix " + id, "a mix of the studio", "Choose a mix for this part."));
    }

    /** The mix of this number, when there is one. */
    public Optional<MeasuredMix> find(long id) {
        return Optional.ofNullable(mixes.get(id));
    }
}
