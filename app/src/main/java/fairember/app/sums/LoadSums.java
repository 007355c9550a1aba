package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The plan of loads for a whole problem, told in one request. */
@RestController
class LoadSums {
    /**
     * Plans the loads. All times are minutes from the zero of the plan.
     *
     * <p>An oven keeps a load for preheat, hold and unloading; things go in when it is hot, so that hands may still shape
     * while it heats, or, with {@code cold}, before it is heated. A bake's hands begin when those it waits for are out,
     * unloaded and cooled. A bake is done when its last load is unloaded; it is late by so much after its due.
     */
    @PostMapping("/api/sums/loads")
    LoadsSumView loads(@RequestBody LoadsSumForm form) {
        return LoadsSumView.of(LoadPlanning.plan(form.parse(), or(form.effort(), Effort.PROOF)));
    }
}
