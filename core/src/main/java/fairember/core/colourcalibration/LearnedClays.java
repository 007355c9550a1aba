package fairember.core.colourcalibration;

import fairember.core.colour.ColourDifference;
import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Srgb;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is known of the clays of a studio after its trial tiles. */
public final class LearnedClays {
    private static final double[][] TRIED = {{1, 1}, {3, 1}, {1, 3}};

    private final Fit fit;
    private final List<TrialTile> known;

    /** Once it was asked for: every pair of clays is looked at for it. */
    private volatile @Nullable Optional<NextTile> next;

    LearnedClays(Fit fit, List<TrialTile> known) {
        this.fit = fit;
        this.known = List.copyOf(known);
    }

    private Landscape landscape() {
        return fit.landscape();
    }

    /** What was learned of a clay; {@link Habit#NONE} of one that is not known. */
    public Habit habit(long clayId) {
        int place = landscape().place(clayId);
        return place < 0 ? Habit.NONE : landscape().habit(place);
    }

    /** How many tiles have this clay in them. */
    public int tilesOf(long clayId) {
        return tilesBehind(List.of(new PartsOfClay(clayId, 1)));
    }

    /** How many tiles have at least one of these clays in them. */
    public int tilesBehind(List<PartsOfClay> parts) {
        Set<Long> of = parts.stream()
                .filter(part -> part.parts() > 0)
                .map(PartsOfClay::clayId)
                .collect(Collectors.toSet());
        return (int) fit.learned().stream()
                .filter(tile -> tile.parts().stream().anyMatch(part -> part.parts() > 0 && of.contains(part.clayId())))
                .count();
    }

    /** The colour to expect of parts of clays. */
    public Lab colour(List<PartsOfClay> parts, Face face) {
        return landscape().colour(parts, face);
    }

    /**
     * How far off the colour of parts of clays may be, one standard error in ΔE00.
     *
     * <pre>√(trace J·(JᵀWJ + prior)⁻¹·Jᵀ)</pre>
     */
    public double uncertainty(List<PartsOfClay> parts, Face face) {
        double[][] slopes = landscape().slopes(parts, face, new SeenAt(colour(parts, face), 1));
        int[] columns = landscape().columns(parts);
        double[][] unsure = fit.covariances(columns);
        double sum = 0;
        for (double[] row : slopes) {
            for (int i = 0; i < columns.length; i++) {
                for (int j = 0; j < columns.length; j++) {
                    sum += row[i] * unsure[i][j] * row[j];
                }
            }
        }
        return Math.sqrt(Math.max(0, sum));
    }

    /**
     * The tile that would teach the most: the one whose cured colour is least sure.
     *
     * @param parts what to mix
     * @param uncertainty how far off its colour may be, in ΔE00
     */
    public record NextTile(List<PartsOfClay> parts, double uncertainty) {}

    /** The next tile to make, of two clays; nothing when there are not two. */
    public Optional<NextTile> nextTile() {
        Optional<NextTile> found = next;
        if (found == null) {
            found = leastSure();
            next = found;
        }
        return found;
    }

    private Optional<NextTile> leastSure() {
        NextTile best = null;
        for (int i = 0; i < fit.clays().size(); i++) {
            for (int j = i + 1; j < fit.clays().size(); j++) {
                for (double[] ratio : TRIED) {
                    List<PartsOfClay> parts = List.of(
                            new PartsOfClay(fit.clays().get(i).id(), ratio[0]),
                            new PartsOfClay(fit.clays().get(j).id(), ratio[1]));
                    double uncertainty = uncertainty(parts, Face.CURED);
                    if (best == null || uncertainty > best.uncertainty()) {
                        best = new NextTile(parts, uncertainty);
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * How far what is expected of a tile by all others is from what was seen of it, ΔE00; nothing where that face was not seen. Of a
     * mix nobody has made yet, this is how far off to expect it to be.
     */
    public Optional<ColourDifference> missed(TrialTile tile, Face face) {
        return landscape().knows(tile.parts())
                ? tile.seen(face).map(seen -> ColourDifference.of(expected(tile).colour(tile.parts(), face), seen))
                : Optional.empty();
    }

    /** The colour that all others lead to expect of a tile, as a screen shows it. */
    public Srgb expected(TrialTile tile, Face face) {
        return expected(tile).thick(tile.parts(), face).srgb();
    }

    private Landscape expected(TrialTile tile) {
        return fit.without(tile).landscape();
    }

    /** The tiles that taught, in the order they were given. */
    public List<TrialTile> tiles() {
        return fit.learned();
    }

    /** Whether a tile lies so far outside of what all others say that it teaches nothing until it is confirmed. */
    public boolean leftOut(TrialTile tile) {
        return known.contains(tile) && !fit.learned().contains(tile);
    }
}
