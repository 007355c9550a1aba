package fairember.core.colourcalibration;

import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Srgb;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.Text;
import fairember.core.input.InvalidInputException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A trial tile as it is written down: what went in, and what colour it was before and after the oven.
 *
 * @param parts of clays, each once, up to {@value #MOST_PARTS}
 * @param raw its colour before baking, when it was looked at
 * @param cured its colour after baking, when it was looked at
 * @param measured whether the colours were measured
 * @param confirmed whether the maker said that it is right, though it lies far from what was expected
 */
public record LoggedTile(
        @Name String name,
        LocalDate madeOn,
        List<PartsOfClay> parts,
        @Nullable Srgb raw,
        @Nullable Srgb cured,
        boolean measured,
        @Text(most = 400) String note,
        @Default("false") boolean confirmed) {
    private static final int MOST_PARTS = 12;

    public LoggedTile {
        parts = List.copyOf(parts);
        long different = parts.stream().map(PartsOfClay::clayId).distinct().count();
        if (parts.size() > MOST_PARTS || different < parts.size()) {
            throw new InvalidInputException(
                    "parts",
                    parts.size() + " clays, " + different + " different",
                    "at most " + MOST_PARTS + ", each once",
                    "Put all parts of a clay on one line.");
        }
        if (parts.stream().noneMatch(part -> part.parts() > 0)) {
            throw new InvalidInputException(
                    "parts", "no clay", "at least one clay with parts", "Choose the clays of the tile.");
        }
    }

    /** What it teaches; nothing while no colour of it was seen. */
    public Optional<TrialTile> seen() {
        return raw == null && cured == null
                ? Optional.empty()
                : Optional.of(new TrialTile(parts, lab(raw), lab(cured), measured, confirmed));
    }

    private static Optional<Lab> lab(@Nullable Srgb colour) {
        return Optional.ofNullable(colour).map(Lab::of);
    }
}
