package fairember.app.oven;

import static fairember.app.web.Given.or;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.core.heat.Air;
import fairember.core.input.InvalidInputException;
import fairember.core.ovenload.Oven;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** The ovens of the studio; the first is always there. */
@Repository
public class OvenStore extends DocumentStore<OvenForm> {
    /** The oven that a studio always has. */
    public static final long FIRST = 1;

    OvenStore(DocumentTable table) {
        super(table, "oven", OvenForm.class);
    }

    @Override
    public String nameOf(OvenForm form) {
        return form.name();
    }

    /** All ovens, by number. */
    @Override
    public List<Saved<OvenForm>> all() {
        return super.all().stream().sorted(Comparator.comparing(Saved::id)).toList();
    }

    @Override
    protected OvenForm checked(long id, OvenForm given) {
        Oven oven = given.parse();
        return new OvenForm(
                given.name(),
                given.trayWidthMm(),
                given.trayDepthMm(),
                given.clearanceMm(),
                given.gapMm(),
                given.preheatMin(),
                given.preheatKwh(),
                given.keepHotKw(),
                or(given.readings(), List.of()),
                or(given.moreClearancesMm(), List.of()),
                oven.unload().min(),
                oven.cold(),
                or(given.spots(), List.of()),
                or(given.air(), Air.STILL),
                given.opens(),
                given.closes());
    }

    /** Removes an oven that is not the first and that no load was in. */
    @Override
    public void remove(long id) {
        boolean used = table.isUsed("load", new Reference(kind(), id));
        if (id == FIRST || used) {
            throw new InvalidInputException(
                    "id",
                    used ? "an oven with past loads" : "the studio's first oven",
                    "an oven that was never used",
                    "Keep this oven, and change its name and sizes.");
        }
        super.remove(id);
    }

    /** The first oven as the core takes it. */
    public Oven first() {
        return find(FIRST).orElseThrow().form().parse();
    }
}
