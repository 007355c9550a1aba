package fairember.app.machine;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import org.springframework.stereotype.Repository;

/** Roller machines and their settings. */
@Repository
class MachineStore extends DocumentStore<MachineForm> {

    MachineStore(DocumentTable table) {
        super(table, "machine", MachineForm.class);
    }

    @Override
    public String nameOf(MachineForm form) {
        return form.name();
    }

    @Override
    protected MachineForm checked(long id, MachineForm given) {
        given.parse();
        return given;
    }
}
