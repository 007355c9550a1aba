package fairember.app.machine;

import fairember.app.journal.Journal;
import fairember.core.claysheet.RollerMachine;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The roller machines of the studio. */
@RestController
@RequestMapping("/api/machines")
class MachineController {
    private final MachineStore store;
    private final Journal journal;

    MachineController(MachineStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** A machine with its number and edition. */
    record MachineView(long id, int edition, RollerMachine machine) {}

    /** The number of a new machine. */
    record AddedMachineView(long id) {}

    @GetMapping
    List<MachineView> machines() {
        return store.all().stream()
                .map(h -> new MachineView(h.id(), h.edition(), h.value()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedMachineView add(@RequestBody RollerMachine form) {
        return new AddedMachineView(journal.add(store, form));
    }

    @PutMapping("/{id}")
    void replace(@PathVariable long id, @RequestParam int edition, @RequestBody RollerMachine form) {
        journal.replace(store, id, edition, form);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }
}
