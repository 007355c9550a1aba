package fairember.app.batch;

import fairember.app.design.OutlineViews;
import fairember.app.web.AdviceView;
import fairember.core.batch.BakeRef;
import fairember.core.batch.BatchSchedule;
import fairember.core.batch.Job;
import fairember.core.design.DesignHeating;
import fairember.core.design.MeasuredStage;
import fairember.core.design.StageHeat;
import fairember.core.heat.Air;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.Place;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.studio.LoadItem;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A load of the plan in an oven, counted from 0, with its times, its tray and its reasons.
 *
 * @param number its place in the plan, counted from 1
 */
public record PlannedLoadView(
        int number,
        int oven,
        double tempC,
        double bakingMin,
        LocalDateTime heatFrom,
        LocalDateTime inAt,
        LocalDateTime outAt,
        LocalDateTime cooledAt,
        double energyKwh,
        double fillPercent,
        List<PlannedItemView> items,
        List<PlaceView> places,
        boolean pinned,
        @Nullable CountingView counting,
        List<AdviceView> why) {

    /** Minutes that count in the part that is hot last, and what that is; nothing when the load cures nothing. */
    public record CountingView(String designName, String partName, double countingMin) {}

    /**
     * A number of things of a stage bake.
     *
     * @param unitsEach of them to one design: 1, or its small parts
     * @param first whether it is the first piece, which is made alone
     */
    public record PlannedItemView(
            String name,
            long batchId,
            String batchName,
            long designId,
            int stage,
            int count,
            int unitsEach,
            boolean first) {
        /** Such as "12 Lantern (Winter fair)" or "152 small parts of Imp, teeth (Winter fair)". */
        public String words() {
            return count + (unitsEach > 1 ? " small parts of " : " ") + name + " (" + batchName + ")";
        }
    }

    /** Where one thing lies, to the hundredth of a mm; the item is counted from 0. */
    public record PlaceView(
            int item, int shelf, double leftMm, double backMm, double widthMm, double depthMm, double heightMm) {}

    public static PlannedLoadView of(
            BatchSchedule.TimedLoad timed, BatchSchedule plan, List<Job> jobs, Map<Long, String> batchNames) {
        PlannedLoad load = timed.load();
        List<BakeKey> keys = load.items().stream().map(i -> i.bake().key()).toList();
        return new PlannedLoadView(
                plan.loads().indexOf(timed) + 1,
                load.oven(),
                load.temperature().c(),
                load.bakingTime().min(),
                timed.heatFrom(),
                timed.in(),
                timed.out(),
                timed.cooled(),
                load.energy().kwh(),
                load.fill().percent(),
                load.items().stream().map(i -> item(i, jobs, batchNames)).toList(),
                load.places().stream().map(p -> place(p, keys)).toList(),
                load.pinned(),
                counting(load, jobs),
                AdviceView.all(load.why()));
    }

    private static @Nullable CountingView counting(PlannedLoad load, List<Job> jobs) {
        CountingView least = null;
        for (PlannedLoad.Item item : load.items()) {
            for (Job job : jobs) {
                MeasuredStage stage = stage(job, item.bake().key());
                StageHeat heat = stage == null ? null : stage.heat();
                if (stage != null && heat != null) {
                    double counts = DesignHeating.counting(
                                    stage, load.temperature().c(), load.bakingTime(), Air.STILL)
                            .min();
                    if (least == null || counts < least.countingMin()) {
                        least = new CountingView(
                                job.design().design().name(), heat.slowest().name(), counts);
                    }
                }
            }
        }
        return least;
    }

    private static @Nullable MeasuredStage stage(Job job, BakeKey bake) {
        for (int i = 0; i < job.design().stages().size(); i++) {
            if (bake instanceof BakeRef ref && job.bake(i).equals(ref.whole())) {
                return job.design().stages().get(i);
            }
        }
        return null;
    }

    private static PlannedItemView item(PlannedLoad.Item item, List<Job> jobs, Map<Long, String> batchNames) {
        LoadItem ids = LoadItem.of(BakeRef.of(item.bake()), item.count());
        int unitsEach = jobs.stream()
                .flatMap(job -> Stream.ofNullable(stage(job, item.bake().key())))
                .mapToInt(MeasuredStage::unitsEach)
                .findFirst()
                .orElse(1);
        return new PlannedItemView(
                item.bake().name(),
                ids.batchId(),
                batchNames.getOrDefault(ids.batchId(), "this batch"),
                ids.designId(),
                ids.stage(),
                item.count(),
                unitsEach,
                ids.first());
    }

    private static PlaceView place(Place place, List<BakeKey> keys) {
        return new PlaceView(
                keys.indexOf(place.key()),
                place.shelf(),
                OutlineViews.hundredths(place.left().mm()),
                OutlineViews.hundredths(place.back().mm()),
                OutlineViews.hundredths(place.width().mm()),
                OutlineViews.hundredths(place.depth().mm()),
                OutlineViews.hundredths(place.height().mm()));
    }
}
