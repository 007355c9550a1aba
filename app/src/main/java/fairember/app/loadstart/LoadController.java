package fairember.app.loadstart;

import fairember.core.loadstart.LoadOutcome;
import fairember.core.loadstart.StartQuestion;
import fairember.core.loadstart.TakingOut;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Loads that go in and come out. */
@RestController
@RequestMapping("/api/baking/loads")
class LoadController {
    private final LoadStarting starting;
    private final LoadRemoval removal;

    LoadController(LoadStarting starting, LoadRemoval removal) {
        this.starting = starting;
        this.removal = removal;
    }

    /** The number of a load that was started. */
    record StartedLoadView(long id) {}

    /** What has to be answered before a load can start; nothing is changed. */
    @PostMapping("/questions")
    List<StartQuestion> questions(@RequestBody StartLoadForm form) {
        return starting.questions(form);
    }

    /** Starts a load: it goes in now. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StartedLoadView start(@RequestBody StartLoadForm form) {
        return new StartedLoadView(starting.start(form));
    }

    /** How it stands with a load that is taken out now; nothing is changed. */
    @GetMapping("/{id}/out")
    TakingOut takingOut(@PathVariable long id) {
        return removal.now(id);
    }

    /** What is done with a load that came out early or late. */
    record TakeOutForm(@Nullable LoadOutcome outcome) {}

    /** Takes a load out of the oven, now. */
    @PostMapping("/{id}/out")
    void takeOut(@PathVariable long id, @RequestBody(required = false) @Nullable TakeOutForm form) {
        removal.takeOut(id, form == null ? null : form.outcome());
    }

    /** How many of each there really were; what is not named stays as it is. */
    record CorrectCountsForm(List<CorrectedCount> items) {}

    /** Corrects how many of each were in a load. */
    @PutMapping("/{id}/items")
    void correct(@PathVariable long id, @RequestParam int edition, @RequestBody CorrectCountsForm form) {
        removal.correct(id, edition, form.items());
    }
}
