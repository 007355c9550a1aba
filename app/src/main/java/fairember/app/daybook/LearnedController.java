package fairember.app.daybook;

import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.settings.SettingsStore;
import fairember.app.web.WorkingsView;
import fairember.core.daybook.Learned;
import fairember.core.daybook.LossEstimate;
import fairember.core.daybook.MakerPace;
import fairember.core.daybook.MinutesRange;
import fairember.core.daybook.StepEstimate;
import fairember.core.daybook.StepEstimateWorkings;
import fairember.core.daybook.StepLog;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.Design;
import fairember.core.design.Station;
import fairember.core.design.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the daybook has taught. */
@RestController
class LearnedController {
    private final DaybookLearning learning;
    private final DesignStore designs;
    private final SettingsStore settings;
    private final Database database;

    LearnedController(DaybookLearning learning, DesignStore designs, SettingsStore settings, Database database) {
        this.learning = learning;
        this.designs = designs;
        this.settings = settings;
        this.database = database;
    }

    /**
     * The minutes of a step: its own, those learned, and what a batch of so many pieces is expected to take.
     *
     * @param batches it is learned from
     * @param pieces of the last batch that was logged
     */
    record StepLearnedView(
            long designId,
            String designName,
            int step,
            String name,
            Station station,
            double ownSetupMin,
            double ownEachMin,
            double setupMin,
            double eachMin,
            int batches,
            int pieces,
            double expectedMin,
            double lowMin,
            double highMin,
            WorkingsView workings) {
        static StepLearnedView of(Design design, int index, StepEstimate estimate, List<StepLog> logs) {
            Step step = design.steps().get(index);
            int pieces = logs.get(logs.size() - 1).pieces();
            MinutesRange range = estimate.of(pieces);
            return new StepLearnedView(
                    design.id(),
                    design.name(),
                    index,
                    step.name(),
                    step.station(),
                    step.setup().min(),
                    step.each().min(),
                    estimate.setup().min(),
                    estimate.each().min(),
                    estimate.batches(),
                    pieces,
                    range.expected().min(),
                    range.low().min(),
                    range.high().min(),
                    WorkingsView.of(StepEstimateWorkings.of(step, estimate, pieces)));
        }
    }

    /** Pieces lost at a station, and how many of the next hundred to expect. */
    record StationLossView(
            Station station, int passed, int lost, double expectedPercent, double lowPercent, double highPercent) {
        static StationLossView of(Station station, LossEstimate loss) {
            return new StationLossView(
                    station,
                    loss.passed(),
                    loss.lost(),
                    loss.expected().percent(),
                    loss.low().percent(),
                    loss.high().percent());
        }
    }

    /** What of a mix stays on hands and tools. */
    record MixWasteView(
            long mixId, String name, int weighings, double expectedPercent, double lowPercent, double highPercent) {
        static MixWasteView of(long mixId, String name, WasteEstimate waste) {
            return new MixWasteView(
                    mixId,
                    name,
                    waste.weighings(),
                    waste.expected().percent(),
                    waste.low().percent(),
                    waste.high().percent());
        }
    }

    /** How long a maker takes, against the one who logged most. */
    record MakerPaceView(int maker, double ratio, int logs) {
        static MakerPaceView of(MakerPace pace) {
            return new MakerPaceView(pace.maker(), pace.ratio(), pace.logs());
        }
    }

    /** All that the daybook has taught, and whether plans go by it; steps that were never logged are left out. */
    record LearnedView(
            boolean used,
            List<StepLearnedView> steps,
            List<StationLossView> losses,
            List<MixWasteView> wastes,
            List<MakerPaceView> paces) {}

    @GetMapping("/api/daybook/learned")
    LearnedView learned() {
        Learned learned = learning.all();
        Names names = new Names(database);
        List<StepLearnedView> steps = new ArrayList<>();
        for (SavedKind.Saved<Design> saved : designs.all()) {
            Design design = saved.value();
            List<StepEstimate> estimates = learned.steps(design);
            for (int i = 0; i < estimates.size(); i++) {
                if (estimates.get(i).isLearned()) {
                    List<StepLog> logs = learned.logs(
                            Learned.StepKey.of(design.id(), design.steps().get(i)));
                    steps.add(StepLearnedView.of(design, i, estimates.get(i), logs));
                }
            }
        }
        return new LearnedView(
                settings.settings().learns(),
                steps,
                learned.losses().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> StationLossView.of(e.getKey(), e.getValue()))
                        .toList(),
                learned.wastes().entrySet().stream()
                        .map(e -> MixWasteView.of(e.getKey(), names.of("mix", e.getKey()), e.getValue()))
                        .sorted(Comparator.comparing(MixWasteView::name))
                        .toList(),
                learned.paces().stream().map(MakerPaceView::of).toList());
    }
}
