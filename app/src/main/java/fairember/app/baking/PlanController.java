package fairember.app.baking;

import fairember.app.journal.Journal;
import fairember.app.oven.ConstraintsStore;
import fairember.app.turns.CallerWatch;
import fairember.core.studio.PlanConstraints;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The plan of loads: what is held in it, what a change would cost, and the search for a better one. */
@RestController
@RequestMapping("/api/baking")
class PlanController {
    private final ConstraintsStore constraints;
    private final Journal journal;
    private final Days days;
    private final PlanMoves moves;
    private final PlanSearch search;

    PlanController(ConstraintsStore constraints, Journal journal, Days days, PlanMoves moves, PlanSearch search) {
        this.constraints = constraints;
        this.journal = journal;
        this.days = days;
        this.moves = moves;
        this.search = search;
    }

    /** Holds loads as they are and keeps bakes apart, in place of what was wished before. */
    @PutMapping("/constraints")
    DayView constraint(@RequestParam int edition, @RequestBody PlanConstraints form) {
        journal.replace(constraints, ConstraintsStore.ID, edition, form);
        return days.day();
    }

    /** What moving some things into another load would break or cost; nothing is changed. */
    @PostMapping("/moves")
    MovedView move(@RequestBody MoveForm form, HttpServletResponse response) {
        moves.check(form);
        try (CallerWatch caller = new CallerWatch(response)) {
            return moves.tried(form, caller::gone);
        }
    }

    /** Begins to look for a better plan, and says how far it is. */
    @PostMapping("/search")
    @ResponseStatus(HttpStatus.ACCEPTED)
    SearchView search() {
        return search.begin();
    }

    @GetMapping("/search")
    SearchView searching() {
        return search.view();
    }

    /** Stops looking; the best plan so far is kept. */
    @DeleteMapping("/search")
    SearchView stop() {
        return search.stop();
    }
}
