package fairember.core.design;

import fairember.core.input.InvalidInputException;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.Mix;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Mass;
import fairember.core.stock.Finding;
import fairember.core.stock.Paint;
import fairember.core.stock.Supply;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What designs are made of: the mixes at hand, each measured for one gram, the findings on the shelf, and the designs that small
 * parts are made of, and the supplies that steps use.
 */
public final class Palette {
    private final Map<Long, MeasuredMix> mixes;
    private final Map<Long, Finding> findings;
    private final Map<Long, MeasuredDesign> smallParts;
    private final Map<Long, Supply> supplies;
    private final Room room;

    /** A palette without findings. */
    public Palette(Collection<Mix> mixes) {
        this(
                mixes.stream()
                        .map(mix -> MixMeasuring.measure(mix, new Mass(1)))
                        .collect(Collectors.toUnmodifiableMap(m -> m.mix().id(), Function.identity())),
                Map.of(),
                Map.of(),
                Map.of(),
                Room.USUAL);
    }

    private Palette(
            Map<Long, MeasuredMix> mixes,
            Map<Long, Finding> findings,
            Map<Long, MeasuredDesign> smallParts,
            Map<Long, Supply> supplies,
            Room room) {
        this.mixes = mixes;
        this.findings = findings;
        this.smallParts = smallParts;
        this.supplies = supplies;
        this.room = room;
    }

    /** The same mixes with these findings. */
    public Palette with(Collection<Finding> others) {
        return new Palette(
                mixes,
                others.stream().collect(Collectors.toUnmodifiableMap(Finding::id, Function.identity())),
                smallParts,
                supplies,
                room);
    }

    /** The same with these supplies, used in this room. */
    public Palette with(Collection<Supply> others, Room where) {
        return new Palette(
                mixes,
                findings,
                smallParts,
                others.stream().collect(Collectors.toUnmodifiableMap(Supply::id, Function.identity())),
                where);
    }

    /** Where its supplies dry. */
    public Room room() {
        return room;
    }

    /** The supply of this number, when there is one. */
    public Optional<Supply> findSupply(long id) {
        return Optional.ofNullable(supplies.get(id));
    }

    /**
     * The supply of this number, with what it is mixed of.
     *
     * @throws InvalidInputException on "supplyId" when there is none
     */
    Paint paint(long id) {
        Supply supply = findSupply(id)
                .orElseThrow(() -> new InvalidInputException(
                        "supplyId", "supply " + id, "a supply on the shelf", "Choose a supply."));
        return Paint.of(supply, supplies::get);
    }

    /** The same with designs that small parts are made of, by their numbers. */
    public Palette withSmallParts(Map<Long, MeasuredDesign> designs) {
        return new Palette(mixes, findings, Map.copyOf(designs), supplies, room);
    }

    /**
     * The design of this number that a small part is made of.
     *
     * @throws InvalidInputException on "designId" when there is none
     */
    MeasuredDesign smallPart(long id) {
        return findSmallPart(id)
                .orElseThrow(() -> new InvalidInputException(
                        "designId", "design " + id, "a design of the studio", "Choose the design it is made of."));
    }

    /** The design of this number that a small part is made of, when there is one. */
    public Optional<MeasuredDesign> findSmallPart(long id) {
        return Optional.ofNullable(smallParts.get(id));
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
