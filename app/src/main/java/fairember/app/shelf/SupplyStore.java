package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.Supply;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Supplies on the shelf: paint, varnish and what else is used up. */
@Repository
public class SupplyStore extends DocumentStore<Supply> {
    SupplyStore(DocumentTable table) {
        super(table, "supply", Supply.class);
    }

    /** All supplies. */
    public List<Supply> supplies() {
        return all().stream().map(Saved::value).toList();
    }
}
