package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.input.InvalidInputException;
import fairember.core.stock.Paint;
import fairember.core.stock.Supply;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Supplies on the shelf: paint, varnish and what else is used up. */
@Repository
public class SupplyStore extends DocumentStore<Supply> {
    SupplyStore(DocumentTable table) {
        super(table, "supply", Supply.class);
    }

    /** A mixed paint is of paints that are there, and what others are mixed of is not mixed itself. */
    @Override
    protected void check(long id, Supply given) {
        Paint.of(
                given, part -> part == id ? given : find(part).map(Saved::value).orElse(null));
        boolean used =
                supplies().stream().flatMap(supply -> supply.parts().stream()).anyMatch(part -> part.supplyId() == id);
        if (used && (!given.parts().isEmpty() || !given.kind().coats())) {
            throw new InvalidInputException(
                    "parts",
                    given.name() + ", which another paint is mixed of",
                    "a paint that is bought as it is",
                    "Take it out of that paint first.");
        }
    }

    /** A supply with what it is mixed of. */
    Paint paint(Supply supply) {
        return Paint.of(supply, part -> find(part).map(Saved::value).orElse(null));
    }

    /** All supplies. */
    public List<Supply> supplies() {
        return all().stream().map(Saved::value).toList();
    }
}
