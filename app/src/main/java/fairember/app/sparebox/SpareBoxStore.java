package fairember.app.sparebox;

import fairember.app.document.DocumentTable;
import fairember.app.document.OneDocumentStore;
import fairember.core.design.SpareBox;
import org.springframework.stereotype.Repository;

/** The one box of spare parts. */
@Repository
public class SpareBoxStore extends OneDocumentStore<SpareBox> {
    SpareBoxStore(DocumentTable table) {
        super(table, "spares", SpareBox.class, "Spare parts", SpareBox.EMPTY);
    }
}
