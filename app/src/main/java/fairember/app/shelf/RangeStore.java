package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.ClayRange;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** Clay ranges. */
@Repository
public class RangeStore extends DocumentStore<RangeForm> {

    RangeStore(DocumentTable table) {
        super(table, "range", RangeForm.class);
    }

    @Override
    public String nameOf(RangeForm form) {
        return form.name();
    }

    /** All ranges as the core takes them, by number. */
    public Map<Long, ClayRange> ranges() {
        Map<Long, ClayRange> ranges = new LinkedHashMap<>();
        all().forEach(saved -> ranges.put(saved.id(), saved.form().parse(saved.id())));
        return ranges;
    }

    @Override
    protected RangeForm checked(long id, RangeForm given) {
        given.parse(id);
        return given;
    }
}
