package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.wire.WireCoil;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Coils of wire. */
@Repository
public class CoilStore extends DocumentStore<CoilForm> {

    CoilStore(DocumentTable table) {
        super(table, "coil", CoilForm.class);
    }

    @Override
    public String nameOf(CoilForm form) {
        return form.name();
    }

    /** All coils, the thinnest first. */
    @Override
    public List<Saved<CoilForm>> all() {
        return super.all().stream()
                .sorted(Comparator.comparingDouble(saved -> saved.form().gaugeMm()))
                .toList();
    }

    /** All coils as the core takes them. */
    public List<WireCoil> coils() {
        return all().stream().map(saved -> saved.form().parse()).toList();
    }

    @Override
    protected CoilForm checked(long id, CoilForm given) {
        given.parse();
        return given;
    }
}
