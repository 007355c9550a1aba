package fairember.app.batch;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Plans all batches when the server has started, so that the first page finds more than a plan by rule. */
@Component
class FirstPlan {
    private static final Logger LOG = LoggerFactory.getLogger(FirstPlan.class);

    private final Planning planning;

    FirstPlan(Planning planning) {
        this.planning = planning;
    }

    @EventListener(ApplicationReadyEvent.class)
    void plan() {
        try {
            planning.scheduleAll();
        } catch (RuntimeException trouble) {
            // The page that needs the plan says what is wrong.
            LOG.warn("The plan could not be made at the start", trouble);
        }
    }
}
