package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.app.turns.CallerWatch;
import fairember.app.turns.SearchTurns;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadProblem;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The plan of loads for a whole problem, given in one request. */
@RestController
class LoadSums {
    private final SearchTurns turns;

    LoadSums(SearchTurns turns) {
        this.turns = turns;
    }

    /**
     * Plans the loads; two such searches run at once, others wait their turn, and one that nobody waits for any more is stopped. All times are minutes from the zero of the plan.
     *
     * <p>An oven keeps a load for preheat, baking time and unloading; things go in when it is hot, so that hands may still shape
     * while it heats, or, with {@code cold}, before it is heated. A bake's hands begin when those it waits for are out,
     * unloaded and cooled. A bake is done when its last load is unloaded; it is late by so much after its due.
     */
    @PostMapping("/api/sums/loads")
    LoadsSumView loads(@RequestBody LoadsSumForm form, HttpServletResponse response) {
        LoadProblem problem = form.parse();
        Effort effort = or(form.effort(), Effort.PROOF);
        LoadPlanning.check(problem);
        try (CallerWatch caller = new CallerWatch(response)) {
            return turns.inTurn(
                    caller::gone,
                    () -> {},
                    () -> LoadsSumView.of(
                            LoadPlanning.plan(problem, effort, Optional.empty(), caller::gone, better -> {})));
        }
    }
}
