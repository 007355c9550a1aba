package fairember.app.outline;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.outline.KeptCutter;
import org.springframework.stereotype.Repository;

/** The cutters of the studio. */
@Repository
class CutterStore extends DocumentStore<KeptCutter> {

    CutterStore(DocumentTable table) {
        super(table, "cutter", KeptCutter.class);
    }
}
