package fairember.app.sums;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What every field may be. */
@RestController
@RequestMapping("/api/limits")
class LimitsController {
    @GetMapping
    LimitsView limits() {
        return LimitsView.all();
    }
}
