package fairember.app.shelf;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.stock.Finding;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** Findings on the shelf. */
@Repository
public class FindingStore extends DocumentStore<FindingForm> {

    FindingStore(DocumentTable table) {
        super(table, "finding", FindingForm.class);
    }

    @Override
    public String nameOf(FindingForm form) {
        return form.name();
    }

    /** All findings as the core takes them, by number. */
    public Map<Long, Finding> parts() {
        Map<Long, Finding> parts = new LinkedHashMap<>();
        all().forEach(saved -> parts.put(saved.id(), saved.form().parse(saved.id())));
        return parts;
    }

    @Override
    protected FindingForm checked(long id, FindingForm given) {
        given.parse(id);
        return given;
    }
}
