package fairember.app.oven;

import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.web.WorkingsView;
import fairember.core.input.InvalidInputException;
import fairember.core.ovencalibration.DialCorrection;
import fairember.core.ovencalibration.DialReading;
import fairember.core.ovencalibration.DialSetting;
import fairember.core.ovencalibration.DialSettingWorkings;
import fairember.core.studio.StudioOven;
import java.util.List;
import org.jspecify.annotations.Nullable;
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

/** The ovens' own measures. */
@RestController
@RequestMapping("/api/ovens")
class OvenController {
    /** Most ovens that are planned together. */
    private static final int MOST = 2;

    private final OvenStore store;
    private final Journal journal;

    OvenController(OvenStore store, Journal journal) {
        this.store = store;
        this.journal = journal;
    }

    /** An oven with its number and edition. */
    record OvenView(long id, int edition, StudioOven oven) {
        static OvenView of(SavedKind.Saved<StudioOven> saved) {
            return new OvenView(saved.id(), saved.edition(), saved.value());
        }
    }

    @GetMapping
    List<OvenView> ovens() {
        return store.all().stream().map(OvenView::of).toList();
    }

    @GetMapping("/{id}")
    OvenView oven(@PathVariable long id) {
        return OvenView.of(saved(id));
    }

    private SavedKind.Saved<StudioOven> saved(long id) {
        return store.find(id).orElseThrow(() -> new MissingException("oven", id));
    }

    /** Adds an oven; two are planned together at most. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OvenView add(@RequestBody StudioOven form) {
        return oven(journal.together(() -> {
            if (store.all().size() >= MOST) {
                throw new InvalidInputException(
                        "name", "a third oven", "one or two", "Change one of the ovens you have.");
            }
            return journal.add(store, form);
        }));
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        journal.remove(store, id, edition);
    }

    /**
     * Where to set the dial for a temperature.
     *
     * @param dialC nothing before the first reading
     * @param beyond whether nobody has read near that temperature, so that it is a guess
     */
    record DialView(
            double wantedC,
            @Nullable Double dialC,
            boolean beyond,
            @Nullable WorkingsView workings) {}

    /** Where to set the dial so that the oven has a temperature, by the readings there are. */
    @GetMapping("/{id}/dial")
    DialView dial(@PathVariable long id, @RequestParam double wantedC) {
        DialReading.READ.check(wantedC);
        return saved(id)
                .value()
                .dial()
                .map(dial -> dialView(dial, wantedC))
                .orElse(new DialView(wantedC, null, true, null));
    }

    private static DialView dialView(DialCorrection dial, double wantedC) {
        DialSetting setting = dial.setting(wantedC);
        return new DialView(
                wantedC, setting.dialC(), dial.beyond(wantedC), WorkingsView.of(DialSettingWorkings.of(setting)));
    }

    @PutMapping("/{id}")
    OvenView replace(@PathVariable long id, @RequestParam int edition, @RequestBody StudioOven form) {
        journal.replace(store, id, edition, form);
        return oven(id);
    }
}
