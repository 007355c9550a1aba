package fairember.app.ways;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.Kept;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The studio's ways. */
@RestController
@RequestMapping("/api/ways")
class WaysController {
    private final WaysStore store;
    private final Keeping keeping;

    WaysController(WaysStore store, Keeping keeping) {
        this.store = store;
        this.keeping = keeping;
    }

    /** The ways with the edition they have. */
    record WaysView(int edition, WaysForm ways) {}

    @GetMapping
    WaysView ways() {
        Kept.Held<WaysForm> held = store.held();
        return new WaysView(held.edition(), held.form());
    }

    @PutMapping
    WaysView replace(@RequestParam int edition, @RequestBody WaysForm form) {
        keeping.replace(store, WaysStore.ID, edition, form);
        return ways();
    }
}
