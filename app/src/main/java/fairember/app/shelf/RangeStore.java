package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.ClayRange;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** Clay ranges. */
@Repository
public class RangeStore extends DocumentStore<ClayRange> {

    RangeStore(DocumentTable table) {
        super(table, "range", ClayRange.class);
    }

    /** All ranges as the core takes them, by number. */
    public Map<Long, ClayRange> ranges() {
        Map<Long, ClayRange> ranges = new LinkedHashMap<>();
        all().forEach(saved -> ranges.put(saved.id(), saved.value()));
        return ranges;
    }
}
