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
import fairember.core.daybook.Learned;
import fairember.core.design.AssemblyTree;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Step;
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
    private final Learned learned;
    private final Map<Long, BatchProgress> done = new HashMap<>();
    private final Map<BakeRef, Integer> baked = new HashMap<>();
    private final Map<BakeRef, Integer> in = new HashMap<>();
    private final Map<Long, Map<Long, Integer>> editions;

    BatchReading(
            DesignStore.Measuring measuring,
            BatchStore batches,
            ProgressStore progress,
            LoadStore loads,
            Learned learned) {
        this.measuring = measuring;
        this.learned = learned;
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
                saved.value().firstAlone(),
                id -> measuring.of(id, kept.get(id)),
                design -> progress(saved.id(), design),
                learned);
        return new Planning.Work(saved, jobs);
    }

    private Progress progress(long batchId, MeasuredDesign design) {
        long designId = design.design().id();
        BatchProgress made = done.getOrDefault(batchId, BatchProgress.NONE);
        List<Integer> steps = new ArrayList<>();
        int lost = 0;
        for (int i = 0; i < design.design().steps().size(); i++) {
            BatchProgress.Tally tally = made.tally(designId, i);
            steps.add(Math.max(0, tally.done() - made.againAfter(designId, i)));
            lost += tally.lost();
        }
        List<Integer> units = new ArrayList<>();
        List<Integer> unitsIn = new ArrayList<>();
        for (int i = 0; i < design.stages().size(); i++) {
            BakeRef bake = new BakeRef(batchId, designId, i);
            int gone = againAfterBake(made, design, i) * design.stages().get(i).unitsEach();
            units.add(Math.max(0, baked.getOrDefault(bake, 0) - gone));
            unitsIn.add(in.getOrDefault(bake, 0));
        }
        List<Integer> ticked = IntStream.range(0, design.design().checkLines().size())
                .mapToObj(check -> made.ticked(designId, check))
                .toList();
        return new Progress(steps, units, unitsIn, lost, ticked);
    }

    /** Pieces that were lost after a bake and have to go through it again. */
    private static int againAfterBake(BatchProgress made, MeasuredDesign design, int stage) {
        List<Step> steps = design.design().steps();
        AssemblyTree tree = design.design().tree();
        return IntStream.range(0, steps.size())
                .filter(step -> tree.follows(steps.get(step).at(), stage))
                .map(step -> made.tally(design.design().id(), step).again())
                .sum();
    }
}
