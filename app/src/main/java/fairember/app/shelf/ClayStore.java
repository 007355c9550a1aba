package fairember.app.shelf;

import static fairember.app.web.Given.or;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.core.colour.Effect;
import fairember.core.stock.ClayRange;
import fairember.core.stock.StockClay;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;

/** Clays on the shelf, with their sizes of block. */
@Repository
public class ClayStore extends DocumentStore<ClayForm> {
    private final RangeStore ranges;

    ClayStore(DocumentTable table, RangeStore ranges) {
        super(table, "clay", ClayForm.class);
        this.ranges = ranges;
    }

    @Override
    public String nameOf(ClayForm form) {
        return form.name();
    }

    /** All clays as the core takes them, by number. */
    public Map<Long, StockClay> clays() {
        Map<Long, ClayRange> known = ranges.ranges();
        Map<Long, StockClay> clays = new LinkedHashMap<>();
        all().forEach(saved -> clays.put(saved.id(), saved.form().parse(saved.id(), known)));
        return clays;
    }

    /** The clays whose swatches were measured with an instrument. */
    public Set<Long> measured() {
        return all().stream()
                .filter(saved -> or(saved.form().swatchMeasured(), false))
                .map(Saved::id)
                .collect(Collectors.toUnmodifiableSet());
    }

    @Override
    protected ClayForm checked(long id, ClayForm given) {
        given.parse(id, ranges.ranges());
        return new ClayForm(
                given.name(),
                given.rangeId(),
                given.rawHex(),
                given.curedHex(),
                given.opacity(),
                given.strength(),
                or(given.effect(), Effect.PLAIN),
                given.openG(),
                given.blocks(),
                or(given.sold(), true),
                or(given.swatchMeasured(), false),
                given.dropG(),
                or(given.lots(), List.of()),
                given.lotInUse());
    }

    @Override
    protected Collection<Reference> references(long id, ClayForm saved) {
        return List.of(new Reference("range", saved.rangeId()));
    }
}
