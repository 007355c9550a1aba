package fairember.app.trialtile;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.shelf.ClayStore;
import fairember.app.web.WorkingsView;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.ColourDifferenceWorkings;
import fairember.core.colour.Face;
import fairember.core.colour.PartsOfClay;
import fairember.core.colour.Srgb;
import fairember.core.colourcalibration.LearnedClays;
import fairember.core.colourcalibration.LearnedHabitWorkings;
import fairember.core.colourcalibration.LoggedTile;
import fairember.core.colourcalibration.TrialTile;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Trial tiles, and what they teach. */
@RestController
@RequestMapping("/api/tiles")
class TileController {
    private final TileStore store;
    private final ClayLearning learned;
    private final ClayStore clays;
    private final Journal journal;

    TileController(TileStore store, ClayLearning learned, ClayStore clays, Journal journal) {
        this.store = store;
        this.learned = learned;
        this.clays = clays;
        this.journal = journal;
    }

    /**
     * One face of a tile: what was seen, what all other tiles lead to expect, and what was expected before any tile.
     *
     * @param difference ΔE00 between seen and what is expected without this tile
     * @param differenceBefore ΔE00 between seen and what the swatches alone say
     * @param differs what the seen is beside the expected, in words
     */
    record SeenView(
            String seenHex,
            String expectedHex,
            double difference,
            double differenceBefore,
            String differs,
            WorkingsView workings) {}

    /**
     * A tile with its number and edition.
     *
     * @param leftOut whether it lies so far from what is expected that it teaches nothing until it is confirmed
     */
    record TileView(
            long id,
            int edition,
            LoggedTile tile,
            boolean leftOut,
            @Nullable SeenView raw,
            @Nullable SeenView cured) {}

    /** How many tiles a clay is in. */
    record TaughtClayView(long clayId, String name, int tiles, double strengthTimes, WorkingsView workings) {}

    /** A tile that would teach most. */
    record NextTileView(List<PartsOfClay> parts, double uncertainty) {}

    /** All tiles, and what came of them: mean ΔE00 of all that was seen, before any tile and by the other tiles; held back ones do not count. */
    record TilesView(
            List<TileView> tiles,
            List<TaughtClayView> clays,
            @Nullable Double differenceBefore,
            @Nullable Double differenceNow,
            @Nullable NextTileView next) {}

    /** The number of a new tile. */
    record AddedTileView(long id) {}

    @GetMapping
    TilesView tiles() {
        Map<Long, StockClay> shelf = clays.clays();
        LearnedClays now = learned.learned();
        LearnedClays before = learned.unlearned();
        List<TileView> tiles =
                store.all().stream().map(saved -> view(saved, now, before)).toList();
        List<SeenView> seen = tiles.stream()
                .filter(tile -> !tile.leftOut())
                .flatMap(tile -> Stream.of(Optional.ofNullable(tile.raw()), Optional.ofNullable(tile.cured())))
                .flatMap(Optional::stream)
                .toList();
        return new TilesView(
                tiles,
                shelf.values().stream()
                        .map(clay -> new TaughtClayView(
                                clay.id(),
                                clay.name(),
                                now.tilesOf(clay.id()),
                                Math.exp(now.habit(clay.id()).strength()),
                                WorkingsView.of(LearnedHabitWorkings.of(now, clay.id()))))
                        .toList(),
                mean(seen.stream().map(SeenView::differenceBefore).toList()),
                mean(seen.stream().map(SeenView::difference).toList()),
                now.nextTile().map(TileController::view).orElse(null));
    }

    private static @Nullable Double mean(List<Double> of) {
        return of.isEmpty()
                ? null
                : of.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static NextTileView view(LearnedClays.NextTile next) {
        return new NextTileView(next.parts(), next.uncertainty());
    }

    private static TileView view(SavedKind.Saved<LoggedTile> saved, LearnedClays now, LearnedClays before) {
        Optional<TrialTile> tile = saved.value().seen();
        return new TileView(
                saved.id(),
                saved.edition(),
                saved.value(),
                tile.map(now::leftOut).orElse(false),
                seen(tile, Face.RAW, saved.value().raw(), now, before),
                seen(tile, Face.CURED, saved.value().cured(), now, before));
    }

    private static @Nullable SeenView seen(
            Optional<TrialTile> seen, Face face, @Nullable Srgb colour, LearnedClays now, LearnedClays before) {
        if (colour == null) {
            return null;
        }
        TrialTile tile = seen.orElseThrow();
        ColourDifference missed = now.missed(tile, face).orElseThrow();
        return new SeenView(
                colour.hex(),
                now.expected(tile, face).hex(),
                missed.total(),
                before.missed(tile, face).orElseThrow().total(),
                missed.words(),
                WorkingsView.of(ColourDifferenceWorkings.of(missed)));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedTileView add(@RequestBody LoggedTile form) {
        return new AddedTileView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    TileView replace(@PathVariable long id, @RequestParam int edition, @RequestBody LoggedTile form) {
        journal.replace(store, id, edition, form);
        return store.find(id)
                .map(saved -> view(saved, learned.learned(), learned.unlearned()))
                .orElseThrow(() -> new MissingException("tile", id));
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
