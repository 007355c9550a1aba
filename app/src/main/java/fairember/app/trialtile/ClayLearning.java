package fairember.app.trialtile;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.shelf.ClayStore;
import fairember.core.colourcalibration.ClayPrior;
import fairember.core.colourcalibration.LearnedClays;
import fairember.core.colourcalibration.TileLearning;
import fairember.core.colourcalibration.TrialTile;
import fairember.core.stock.StockClay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;

/** The clays of the shelf, with what the trial tiles have taught of them. Learned again only when a clay or a tile changed. */
@Service
public class ClayLearning {
    private static final int KEPT = 20;

    private final ClayStore clays;
    private final TileStore tiles;
    private final Cache<Known, LearnedClays> learned =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    ClayLearning(ClayStore clays, TileStore tiles) {
        this.clays = clays;
        this.tiles = tiles;
    }

    private record Known(List<ClayPrior> clays, List<TrialTile> tiles) {}

    /** All clays as the core takes them, by number, with what was learned of each. */
    public Map<Long, StockClay> clays() {
        Map<Long, StockClay> plain = clays.clays();
        List<TrialTile> made = made();
        if (made.isEmpty()) {
            return plain;
        }
        LearnedClays learned = learned(plain, made);
        Map<Long, StockClay> clays = new LinkedHashMap<>();
        plain.forEach((id, clay) -> clays.put(id, clay.learned(learned.habit(id))));
        return clays;
    }

    /** What the tiles teach now. */
    public LearnedClays learned() {
        Map<Long, StockClay> plain = clays.clays();
        return learned(plain, made());
    }

    /** What would be known without any tile. */
    LearnedClays unlearned() {
        return learned(clays.clays(), List.of());
    }

    private LearnedClays learned(Map<Long, StockClay> plain, List<TrialTile> made) {
        Set<Long> measured = clays.measured();
        List<ClayPrior> priors = plain.values().stream()
                .map(clay -> new ClayPrior(clay.id(), clay.usual(), measured.contains(clay.id())))
                .toList();
        return learned.get(new Known(priors, made), known -> TileLearning.learn(known.clays(), known.tiles()));
    }

    private List<TrialTile> made() {
        return tiles.all().stream()
                .flatMap(saved -> saved.value().seen().stream())
                .toList();
    }
}
