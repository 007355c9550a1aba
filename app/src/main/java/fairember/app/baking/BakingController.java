package fairember.app.baking;

import fairember.app.batch.Planning;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.core.document.Default;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The oven's days, and loads that go in and come out. */
@RestController
@RequestMapping("/api/baking")
class BakingController {
    private final LoadStore loads;
    private final OvenStore ovens;
    private final LoadReview review;
    private final Days days;
    private final Planning planning;
    private final Journal journal;

    BakingController(
            LoadStore loads, OvenStore ovens, LoadReview review, Days days, Planning planning, Journal journal) {
        this.loads = loads;
        this.ovens = ovens;
        this.review = review;
        this.days = days;
        this.planning = planning;
        this.journal = journal;
    }

    /** A load to start now, in the first oven when none is named. */
    record StartLoadForm(
            Temperature temp,
            Minutes baking,
            List<LoadItem> items,
            @Default("1") long ovenId) {
        static final Span TEMP = LoggedLoad.TEMP;
        static final Span BAKING_TIME = LoggedLoad.BAKING_TIME;
    }

    /** The number of a load that was started. */
    record StartedLoadView(long id) {}

    @GetMapping
    DayView day() {
        return days.day();
    }

    /** Starts a load: it goes in now. */
    @PostMapping("/loads")
    @ResponseStatus(HttpStatus.CREATED)
    StartedLoadView start(@RequestBody StartLoadForm form) {
        LoggedLoad load =
                new LoggedLoad(form.temp(), form.baking(), planning.instant(), null, form.items(), form.ovenId());
        return new StartedLoadView(journal.together(() -> {
            if (ovens.find(load.ovenId()).isEmpty()) {
                throw new InvalidInputException(
                        "ovenId", "oven " + load.ovenId(), "an oven of the studio", "Choose one.");
            }
            if (loads.inOvens().stream().anyMatch(in -> in.value().ovenId() == load.ovenId())) {
                throw new InvalidInputException(
                        "items", "a load in the oven", "an empty oven", "Take that one out first.");
            }
            review.check(load);
            return journal.add(loads, load);
        }));
    }

    /** Takes a load out of the oven, now. */
    @PostMapping("/loads/{id}/out")
    void takeOut(@PathVariable long id) {
        journal.together(() -> {
            LoggedLoad saved = loads.find(id)
                    .orElseThrow(() -> new MissingException("load", id))
                    .value();
            if (saved.outAt() != null) {
                throw new InvalidInputException(
                        "id", "a load that is out", "the load in the oven", "Nothing needs to be done.");
            }
            String words = "took out the " + loads.nameOf(saved);
            Instant now = planning.instant();
            Instant out = now.isBefore(saved.inAt()) ? saved.inAt() : now;
            journal.change(
                    loads,
                    id,
                    words,
                    load -> new LoggedLoad(load.temp(), load.baking(), load.inAt(), out, load.items(), load.ovenId()));
            return words;
        });
    }
}
