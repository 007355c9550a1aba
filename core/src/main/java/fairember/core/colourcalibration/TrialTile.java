package fairember.core.colourcalibration;

import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import fairember.core.input.InvalidInputException;
import java.util.List;
import java.util.Optional;

/**
 * A small thick design of a known mix whose colour was seen.
 *
 * @param parts parts of clays, one to twelve
 * @param raw its colour before baking, when it was looked at
 * @param cured its colour after baking, when it was looked at
 * @param measured whether the colours were measured, not read off a photo or typed by eye
 * @param confirmed whether the maker said that what is written is right, though it lies far from what was expected
 */
public record TrialTile(
        List<PartsOfClay> parts, Optional<Lab> raw, Optional<Lab> cured, boolean measured, boolean confirmed) {
    /** A tile nobody has asked about. */
    public TrialTile(List<PartsOfClay> parts, Optional<Lab> raw, Optional<Lab> cured, boolean measured) {
        this(parts, raw, cured, measured, false);
    }

    /**
     * A tile that can teach.
     *
     * @throws InvalidInputException on "parts" when nothing is in it, on "cured" when no colour of it was seen
     */
    public TrialTile {
        parts = List.copyOf(parts);
        if (!(parts.stream().mapToDouble(PartsOfClay::parts).sum() > 0)) {
            throw new InvalidInputException(
                    "parts", "no clay", "at least one clay with parts", "Choose the clays of the tile.");
        }
        if (raw.isEmpty() && cured.isEmpty()) {
            throw new InvalidInputException(
                    "cured", "no colour", "a raw or a cured colour", "Type or take the colour of the tile.");
        }
    }

    Optional<Lab> seen(Face face) {
        return face == Face.RAW ? raw : cured;
    }
}
