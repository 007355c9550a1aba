package fairember.app.batch;

import fairember.core.batch.BatchSchedule;
import fairember.core.batch.Job;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Loads of plans as they go out. How much of each load's minutes counts takes long to work out, so those of the last plan are kept. */
@Component
public class PlannedLoads {
    private volatile @Nullable Shown shown;

    /** The loads of a plan that were asked for so far. */
    private record Shown(
            BatchSchedule plan, Map<Long, String> batchNames, Map<BatchSchedule.TimedLoad, PlannedLoadView> views) {}

    /**
     * Loads as they go out.
     *
     * @param loads of the plan, all or some
     * @param jobs of all that is planned
     * @param batchNames by number
     */
    public List<PlannedLoadView> views(
            List<BatchSchedule.TimedLoad> loads, BatchSchedule plan, List<Job> jobs, Map<Long, String> batchNames) {
        Shown last = shown;
        if (last == null || !last.plan().equals(plan) || !last.batchNames().equals(batchNames)) {
            last = new Shown(plan, new HashMap<>(batchNames), Collections.synchronizedMap(new IdentityHashMap<>()));
            shown = last;
        }
        Map<BatchSchedule.TimedLoad, PlannedLoadView> views = last.views();
        List<PlannedLoadView> asked = new ArrayList<>();
        for (BatchSchedule.TimedLoad load : loads) {
            PlannedLoadView view = views.get(load);
            if (view == null) {
                view = PlannedLoadView.of(load, plan, jobs, batchNames);
                views.put(load, view);
            }
            asked.add(view);
        }
        return asked;
    }
}
