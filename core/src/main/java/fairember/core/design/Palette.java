package fairember.core.design;

import fairember.core.input.InvalidInputException;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Mass;
import fairember.core.stock.Finding;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What designs are made of: the mixes at hand, each measured for one gram, and the findings on the shelf. */
public final class Palette {
    private final Map<Long, MeasuredMix> mixes;
    private final Map<Long, Finding> findings;

    /** A palette without findings. */
    public Palette(Collection<Mix> mixes) {
        this(
                mixes.stream()
                        .map(mix -> MixMeasuring.measure(mix, new Mass(1)))
                        .collect(Collectors.toUnmodifiableMap(m -> m.mix().id(), Function.identity())),
                Map.of());
    }

    private Palette(Map<Long, MeasuredMix> mixes, Map<Long, Finding> findings) {
        this.mixes = mixes;
        this.findings = findings;
    }

    /** The same mixes with these findings. */
    public Palette with(Collection<Finding> others) {
        return new Palette(
                mixes, others.stream().collect(Collectors.toUnmodifiableMap(Finding::id, Function.identity())));
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

    /**
     * The finding of this number.
     *
     * @throws InvalidInputException on "findingId" when there is none
     */
    public Finding finding(long id) {
        return findFinding(id)
                .orElseThrow(() -> new InvalidInputException(
                        "findingId", "finding " + id, "a finding on the shelf", "Choose a finding."));
    }

    /** The finding of this number, when there is one. */
    public Optional<Finding> findFinding(long id) {
        return Optional.ofNullable(findings.get(id));
    }

    /** The mix of this number, when there is one. */
    public Optional<MeasuredMix> find(long id) {
        return Optional.ofNullable(mixes.get(id));
    }
}
