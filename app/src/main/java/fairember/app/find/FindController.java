package fairember.app.find;

import fairember.app.journal.MissingException;
import fairember.app.mix.MixStore;
import fairember.app.settings.SettingsStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixRecipe;
import fairember.core.mix.RecipeBook;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Searches for the recipes that come nearest to a colour, a mix or a clay. */
@RestController
@RequestMapping("/api/finds")
class FindController {
    private final Finds finds;
    private final Instead instead;
    private final MixStore mixes;
    private final ClayLearning clays;
    private final SettingsStore settings;

    FindController(Finds finds, Instead instead, MixStore mixes, ClayLearning clays, SettingsStore settings) {
        this.finds = finds;
        this.instead = instead;
        this.mixes = mixes;
        this.clays = clays;
        this.settings = settings;
    }

    /** The number of a search that was begun. */
    record BegunView(long id) {}

    /** Begins a search; those before it are stopped. */
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    BegunView begin(@RequestBody FindForm form) {
        return new BegunView(
                finds.start(form, instead.pantry(), settings.settings().mixWaste()));
    }

    /** How far it is, and what it found. */
    @GetMapping("/{id}")
    FoundView found(@PathVariable long id) {
        Finds.Find find = finds.find(id).orElseThrow(() -> new MissingException("search", id));
        return find.found()
                .map(found -> FoundView.of(find, found, clays.clays().keySet(), clays.learned()))
                .orElseGet(() -> FoundView.underWay(find));
    }

    /** Stops it; what it found so far is its answer. */
    @DeleteMapping("/{id}")
    void stop(@PathVariable long id) {
        finds.stop(id);
    }

    /** What to do when the shelf has not enough for a number of grams of a mix that is being typed. */
    @PostMapping("/instead")
    Instead.InsteadView instead(
            @RequestParam double wantedG, @RequestParam(defaultValue = "0") long id, @RequestBody MixRecipe form) {
        RecipeBook book = mixes.book();
        return instead.of(book.mix(form.under(id)), new Mass(MixMeasuring.WANTED.check(wantedG)));
    }

    /** What the leftovers come nearest to, for each mix. */
    @GetMapping("/uses")
    List<Instead.UseView> uses() {
        return instead.uses();
    }

    /** What a clay is used in, and what could stand in for it. */
    @GetMapping("/stand-ins")
    Instead.StandInsView standIns(@RequestParam long clayId) {
        StockClay clay = clays.clays().get(clayId);
        if (clay == null) {
            throw new MissingException("clay", clayId);
        }
        return instead.standIns(clay);
    }
}
