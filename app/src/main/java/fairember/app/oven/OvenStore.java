package fairember.app.oven;

import fairember.app.codec.Reference;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.input.InvalidInputException;
import fairember.core.ovenload.Oven;
import fairember.core.studio.StudioOven;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** The ovens of the studio; the first is always there. */
@Repository
public class OvenStore extends DocumentStore<StudioOven> {
    /** The oven that a studio always has. */
    public static final long FIRST = 1;

    OvenStore(DocumentTable table) {
        super(table, "oven", StudioOven.class);
    }

    /** All ovens, by number. */
    @Override
    public List<Saved<StudioOven>> all() {
        return super.all().stream().sorted(Comparator.comparing(Saved::id)).toList();
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
        return find(FIRST).orElseThrow().value().oven();
    }
}
