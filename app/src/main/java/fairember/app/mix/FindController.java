package fairember.app.mix;

import fairember.app.keeping.MissingException;
import fairember.app.tile.TaughtClays;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Searches for the recipes that come nearest to a colour. */
@RestController
@RequestMapping("/api/finds")
class FindController {
    private final Finds finds;
    private final TaughtClays clays;

    FindController(Finds finds, TaughtClays clays) {
        this.finds = finds;
        this.clays = clays;
    }

    /** The number of a search that was begun. */
    record BegunView(long id) {}

    /** Begins a search; those before it are stopped. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    BegunView begin(@RequestBody FindForm form) {
        return new BegunView(finds.start(form, form.parse(clays.clays())));
    }

    /** How far it is, and what it found. */
    @GetMapping("/{id}")
    FoundView found(@PathVariable long id) {
        Finds.Find find = finds.find(id).orElseThrow(() -> new MissingException("search", id));
        return find.found()
                .map(found -> FoundView.of(find, found, clays.clays(), clays.learned()))
                .orElseGet(() -> FoundView.underWay(find.share()));
    }

    /** Stops it; what it found so far is its answer. */
    @DeleteMapping("/{id}")
    void stop(@PathVariable long id) {
        finds.stop(id);
    }
}
