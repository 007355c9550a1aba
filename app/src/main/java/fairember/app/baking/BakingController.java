package fairember.app.baking;

import fairember.app.batch.Planning;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The oven's days. */
@RestController
@RequestMapping("/api/baking")
class BakingController {
    private final Days days;
    private final Planning planning;

    BakingController(Days days, Planning planning) {
        this.planning = planning;
        this.days = days;
    }

    @GetMapping
    DayView day() {
        return days.day();
    }

    /** What moved in the plan until now has been seen; nothing that is saved is changed. */
    @DeleteMapping("/moved")
    DayView movedSeen() {
        planning.changesSeen();
        return days.day();
    }
}
