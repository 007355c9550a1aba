package fairember.app.machine;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.claysheet.RollerMachine;
import org.springframework.stereotype.Repository;

/** Roller machines and their settings. */
@Repository
class MachineStore extends DocumentStore<RollerMachine> {

    MachineStore(DocumentTable table) {
        super(table, "machine", RollerMachine.class);
    }
}
