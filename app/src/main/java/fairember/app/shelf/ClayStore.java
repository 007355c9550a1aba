package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.ClayRange;
import fairember.core.stock.ShelfClay;
import fairember.core.stock.StockClay;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;

/** Clays on the shelf, with their sizes of block. */
@Repository
public class ClayStore extends DocumentStore<ShelfClay> {
    private final RangeStore ranges;

    ClayStore(DocumentTable table, RangeStore ranges) {
        super(table, "clay", ShelfClay.class);
        this.ranges = ranges;
    }

    /** All clays as the core takes them, by number. */
    public Map<Long, StockClay> clays() {
        Map<Long, ClayRange> known = ranges.ranges();
        Map<Long, StockClay> clays = new LinkedHashMap<>();
        all().forEach(saved -> clays.put(
                saved.id(),
                saved.value().of(Objects.requireNonNull(known.get(saved.value().rangeId())))));
        return clays;
    }

    /** The clays whose swatches were measured with an instrument. */
    public Set<Long> measured() {
        return all().stream()
                .filter(saved -> saved.value().swatchMeasured())
                .map(Saved::id)
                .collect(Collectors.toUnmodifiableSet());
    }
}
