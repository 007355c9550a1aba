package fairember.app.trialtile;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.colour.Lab;
import fairember.core.colour.MixPart;
import fairember.core.colour.Srgb;
import fairember.core.colourcalibration.TrialTile;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A trial tile: what went in, and what colour it was before and after the oven.
 *
 * @param confirmed whether the maker said that it is right, though it lies far from what was expected; not when not said
 */
public record TileForm(
        String name,
        LocalDate madeOn,
        List<TilePartForm> parts,
        @Nullable String rawHex,
        @Nullable String curedHex,
        boolean measured,
        String note,
        @Nullable Boolean confirmed) {
    private static final int MOST_PARTS = 12;
    private static final int MOST_NOTE = 400;

    /** A number of parts of a clay. */
    public record TilePartForm(long clayId, double parts) {
        private TrialTile.ClayParts parse(Set<Long> clays) {
            if (!clays.contains(clayId)) {
                throw new InvalidInputException("clayId", "clay " + clayId, "a clay on the shelf", "Choose a clay.");
            }
            MixPart.PARTS.check(parts);
            return new TrialTile.ClayParts(clayId, parts);
        }
    }

    /**
     * The tile as the core takes it, nothing while no colour of it was seen: it waits for the oven and teaches nothing yet.
     * Refused with everything that is wrong.
     */
    public Optional<TrialTile> parse(Set<Long> clays) {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", () -> given("madeOn", madeOn));
        g.at("", () -> noteOrRefuse(given("note", note)));
        var raw = g.at("", () -> lab("rawHex", rawHex));
        var cured = g.at("", () -> lab("curedHex", curedHex));
        var given = g.at("", () -> few(all("parts", parts)));
        List<Supplier<TrialTile.ClayParts>> suppliers = given.orElse(List.of()).stream()
                .<Supplier<TrialTile.ClayParts>>map(part -> () -> part.parse(clays))
                .toList();
        List<TrialTile.ClayParts> made = g.all("parts", suppliers);
        g.orRefuse();
        if (made.stream().noneMatch(part -> part.parts() > 0)) {
            throw new InvalidInputException(
                    "parts", "no clay", "at least one clay with parts", "Choose the clays of the tile.");
        }
        return rawHex == null && curedHex == null
                ? Optional.empty()
                : Optional.of(
                        new TrialTile(made, raw.orElseThrow(), cured.orElseThrow(), measured, or(confirmed, false)));
    }

    private static Optional<Lab> lab(String field, @Nullable String hex) {
        return Optional.ofNullable(hex).map(given -> Lab.of(Srgb.parse(field, given)));
    }

    private static String noteOrRefuse(String note) {
        if (note.length() > MOST_NOTE) {
            throw new InvalidInputException(
                    "note", note.length() + " letters", "at most " + MOST_NOTE, "Shorten the note, or use two tiles.");
        }
        return note;
    }

    private static List<TilePartForm> few(List<TilePartForm> parts) {
        Set<Long> different = new HashSet<>();
        parts.forEach(part -> different.add(part.clayId()));
        if (parts.size() > MOST_PARTS || different.size() < parts.size()) {
            throw new InvalidInputException(
                    "parts",
                    parts.size() + " clays, " + different.size() + " different",
                    "at most " + MOST_PARTS + ", each once",
                    "Put all parts of a clay on one line.");
        }
        return parts;
    }
}
