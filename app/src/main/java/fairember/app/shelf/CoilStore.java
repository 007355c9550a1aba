package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.wire.WireCoil;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Coils of wire. */
@Repository
public class CoilStore extends DocumentStore<WireCoil> {

    CoilStore(DocumentTable table) {
        super(table, "coil", WireCoil.class);
    }

    /** All coils, the thinnest first. */
    @Override
    public List<Saved<WireCoil>> all() {
        return super.all().stream()
                .sorted(Comparator.comparingDouble(
                        saved -> saved.value().gauge().mm()))
                .toList();
    }

    /** All coils as the core takes them. */
    public List<WireCoil> coils() {
        return all().stream().map(Saved::value).toList();
    }
}
