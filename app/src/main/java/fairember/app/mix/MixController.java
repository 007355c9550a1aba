package fairember.app.mix;

import fairember.app.keeping.Keeping;
import fairember.app.keeping.MissingException;
import fairember.app.tile.TaughtClays;
import fairember.core.measure.Mass;
import fairember.core.mix.MixMeasuring;
import fairember.core.stock.StockClay;
import fairember.core.tile.LearnedClays;
import java.util.List;
import java.util.Map;
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

/** The studio's mixes. */
@RestController
@RequestMapping("/api/mixes")
class MixController {
    private final MixStore store;
    private final TaughtClays clays;
    private final Keeping keeping;

    MixController(MixStore store, TaughtClays clays, Keeping keeping) {
        this.store = store;
        this.clays = clays;
        this.keeping = keeping;
    }

    /** A mix with its number and edition, measured for a wanted mass. */
    record MixView(long id, int edition, MixForm mix, MeasuredMixView measured) {}

    /** The number of a new mix. */
    record AddedMixView(long id) {}

    @GetMapping
    List<MixView> mixes(@RequestParam(defaultValue = "100") double wantedG) {
        Map<Long, StockClay> known = clays.clays();
        LearnedClays learned = clays.learned();
        return store.all().stream()
                .map(h -> new MixView(h.id(), h.edition(), h.form(), measured(h.form(), known, learned, wantedG)))
                .toList();
    }

    @GetMapping("/{id}")
    MixView mix(@PathVariable long id, @RequestParam(defaultValue = "100") double wantedG) {
        return store.find(id)
                .map(h -> new MixView(h.id(), h.edition(), h.form(), measured(h.form(), wantedG)))
                .orElseThrow(() -> new MissingException("mix", id));
    }

    /** Measures a mix that is being typed; nothing is saved. */
    @PostMapping("/measure")
    MeasuredMixView measure(@RequestParam double wantedG, @RequestBody MixForm form) {
        return measured(form, wantedG);
    }

    private MeasuredMixView measured(MixForm form, double wantedG) {
        return measured(form, clays.clays(), clays.learned(), wantedG);
    }

    private static MeasuredMixView measured(
            MixForm form, Map<Long, StockClay> clays, LearnedClays learned, double wantedG) {
        Mass wanted = new Mass(FindForm.WANTED.check(wantedG));
        return MeasuredMixView.of(MixMeasuring.measure(form.parse(0, clays), wanted), learned);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedMixView add(@RequestBody MixForm form) {
        return new AddedMixView(keeping.add(store, form));
    }

    @PutMapping("/{id}")
    MixView replace(@PathVariable long id, @RequestParam int edition, @RequestBody MixForm form) {
        keeping.replace(store, id, edition, form);
        return mix(id, 100);
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id) {
        keeping.remove(store, id);
    }
}
