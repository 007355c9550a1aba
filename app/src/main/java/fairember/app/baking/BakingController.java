package fairember.app.baking;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The oven's days. */
@RestController
@RequestMapping("/api/baking")
class BakingController {
    private final Days days;

    BakingController(Days days) {
        this.days = days;
    }

    @GetMapping
    DayView day() {
        return days.day();
    }
}
