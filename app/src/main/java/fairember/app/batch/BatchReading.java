package fairember.app.batch;

import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.oven.LoadStore;
import fairember.core.batch.BakeRef;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.BatchState;
import fairember.core.batch.Job;
import fairember.core.batch.Progress;
import fairember.core.design.MeasuredDesign;
import fairember.core.loadstart.LoadOutcome;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** What is done of all batches, each thing read once: makes jobs of their lines. */
final class BatchReading {
    private final DesignStore.Measuring measuring;
    private final Map<Long, BatchProgress> done = new HashMap<>();
    private final Map<BakeRef, Integer> baked = new HashMap<>();
    private final Map<BakeRef, Integer> in = new HashMap<>();
    private final Map<Long, Map<Long, Integer>> editions;

    BatchReading(DesignStore.Measuring measuring, BatchStore batches, ProgressStore progress, LoadStore loads) {
        this.measuring = measuring;
        this.editions = batches.editions();
        progress.all().forEach(saved -> done.put(saved.id(), saved.value()));
        for (SavedKind.Saved<LoggedLoad> load : loads.all()) {
            if (load.value().outcome() != LoadOutcome.BAKED) {
                continue;
            }
            Map<BakeRef, Integer> counts = load.value().outAt() == null ? in : baked;
            for (LoadItem item : load.value().items()) {
                counts.merge(item.bake(), item.count(), Integer::sum);
            }
        }
    }

    Planning.Work work(SavedKind.Saved<Batch> saved) {
        Map<Long, Integer> kept =
                saved.value().state() == BatchState.PLANNED ? Map.of() : editions.getOrDefault(saved.id(), Map.of());
        List<Job> jobs = BatchJobs.of(
                saved.id(),
                saved.value().wanted(),
                id -> measuring.of(id, kept.get(id)),
                design -> progress(saved.id(), design));
        return new Planning.Work(saved, jobs);
    }

    private Progress progress(long batchId, MeasuredDesign design) {
        long designId = design.design().id();
        BatchProgress made = done.getOrDefault(batchId, BatchProgress.NONE);
        List<Integer> steps = new ArrayList<>();
        int lost = 0;
        for (int i = 0; i < design.design().steps().size(); i++) {
            BatchProgress.Tally tally = made.tally(designId, i);
            steps.add(tally.done());
            lost += tally.lost();
        }
        List<Integer> units = new ArrayList<>();
        List<Integer> unitsIn = new ArrayList<>();
        for (int i = 0; i < design.stages().size(); i++) {
            BakeRef bake = new BakeRef(batchId, designId, i);
            units.add(baked.getOrDefault(bake, 0));
            unitsIn.add(in.getOrDefault(bake, 0));
        }
        List<Integer> ticked = IntStream.range(0, design.design().checkLines().size())
                .mapToObj(check -> made.ticked(designId, check))
                .toList();
        return new Progress(steps, units, unitsIn, lost, ticked);
    }
}
