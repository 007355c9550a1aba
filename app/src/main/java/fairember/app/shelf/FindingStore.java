package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.Finding;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Findings on the shelf. */
@Repository
public class FindingStore extends DocumentStore<Finding> {

    FindingStore(DocumentTable table) {
        super(table, "finding", Finding.class);
    }

    /** All findings. */
    public List<Finding> findings() {
        return all().stream().map(Saved::value).toList();
    }
}
