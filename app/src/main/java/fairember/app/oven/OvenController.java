package fairember.app.oven;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The oven's own measures. */
@RestController
@RequestMapping("/api/oven")
class OvenController {
    private final OvenStore store;
    private final Keeping keeping;

    OvenController(OvenStore store, Keeping keeping) {
        this.store = store;
        this.keeping = keeping;
    }

    /** The oven with the edition it has. */
    record OvenView(int edition, OvenForm oven) {}

    @GetMapping
    OvenView oven() {
        Kept.Held<OvenForm> held = store.held();
        return new OvenView(held.edition(), held.form());
    }

    @PutMapping
    OvenView replace(@RequestParam int edition, @RequestBody OvenForm form) {
        keeping.replace(store, OvenStore.ID, edition, form);
        return oven();
    }
}
