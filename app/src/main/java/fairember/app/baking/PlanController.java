package fairember.app.baking;

import fairember.app.batch.Planning;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.oven.ConstraintsStore;
import fairember.app.turns.CallerWatch;
import fairember.app.web.WorkingsView;
import fairember.core.batch.BatchSchedule;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.PlannedLoadWorkings;
import fairember.core.studio.PlanConstraints;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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

/** The plan of loads: what is held in it, what a change would cost, and the search for a better one. */
@RestController
@RequestMapping("/api/baking")
class PlanController {
    private final ConstraintsStore constraints;
    private final Journal journal;
    private final Days days;
    private final PlanMoves moves;
    private final PlanSearch search;
    private final Planning planning;

    PlanController(
            ConstraintsStore constraints,
            Journal journal,
            Days days,
            PlanMoves moves,
            PlanSearch search,
            Planning planning) {
        this.planning = planning;
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

    /** How the minutes and the energy of a planned load come about; it is counted from 1 in the plan there is now. */
    @GetMapping("/planned/{number}/workings")
    WorkingsView workings(@PathVariable int number) {
        Planning.Open open = planning.open();
        List<BatchSchedule.TimedLoad> loads = planning.schedule(open).loads();
        if (number < 1 || number > loads.size()) {
            throw new MissingException("planned load", number);
        }
        PlannedLoad load = loads.get(number - 1).load();
        return WorkingsView.of(PlannedLoadWorkings.of(
                load, open.bench().ovens().get(load.oven()).oven()));
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
