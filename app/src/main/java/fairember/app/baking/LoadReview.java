package fairember.app.baking;

import fairember.app.oven.LoadForm;
import fairember.app.run.Planning;
import fairember.core.measure.Figures;
import fairember.core.measure.Gathering;
import fairember.core.measure.Refused;
import fairember.core.piece.MeasuredStage;
import fairember.core.run.Job;
import fairember.core.run.Progress;
import java.util.List;
import org.springframework.stereotype.Service;

/** Holds a load that is about to go in against its pieces: built, baked before, gate ticked, window, hold. */
@Service
class LoadReview {
    private final Planning planning;

    LoadReview(Planning planning) {
        this.planning = planning;
    }

    /**
     * Lets a load in.
     *
     * @throws Refused with everything that keeps it out
     */
    void check(LoadForm load) {
        load.check();
        Gathering g = new Gathering();
        List<LoadForm.LoadItemForm> items = load.items();
        for (int i = 0; i < items.size(); i++) {
            LoadForm.LoadItemForm item = items.get(i);
            g.at("items[" + i + "]", () -> check(load, item));
        }
        g.orRefuse();
    }

    private boolean check(LoadForm load, LoadForm.LoadItemForm item) {
        Job job = planning.work(item.runId()).jobs().stream()
                .filter(j -> j.piece().piece().id() == item.pieceId())
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "pieceId", "piece " + item.pieceId(), "a piece of that run", "Choose a piece the run makes."));
        if (item.stage() < 0 || item.stage() >= job.piece().stages().size()) {
            throw new Refused("stage", "stage " + item.stage(), "a stage of the piece", "Choose one of its bakes.");
        }
        MeasuredStage stage = job.piece().stages().get(item.stage());
        String name = job.piece().piece().name() + ", " + stage.stage().name();
        if (stage.need().drying().isPresent()) {
            throw new Refused("stage", name, "clay that is baked", "Let it dry in the air; the oven is not for it.");
        }
        Progress progress = job.progress();
        int left = job.alive() * stage.unitsEach() - progress.bakedOrIn(item.stage());
        if (item.count() > left) {
            throw new Refused(
                    "count", item.count() + " of " + name, left + " at most", "The others are baked already.");
        }
        if (item.stage() > 0) {
            int before = progress.baked(item.stage() - 1)
                    / job.piece().stages().get(item.stage() - 1).unitsEach();
            if (progress.bakedOrIn(item.stage()) + item.count() > before * stage.unitsEach()) {
                throw new Refused("stage", name, "pieces whose earlier bake is done", "Bake the earlier stage first.");
            }
        }
        if (item.stage() == job.piece().piece().lastStage() && !job.gateOpen()) {
            throw new Refused(
                    "gate", name + " with an open gate", "every line of its gate ticked", "Check the gate first.");
        }
        window(load, stage, name);
        return true;
    }

    private static void window(LoadForm load, MeasuredStage stage, String name) {
        double low = stage.need().window().low().c();
        double high = stage.need().window().high().c();
        if (load.tempC() < low || load.tempC() > high) {
            throw new Refused(
                    "tempC",
                    Figures.show(load.tempC(), "°C") + " for " + name,
                    Figures.show(low) + " to " + Figures.show(high, "°C"),
                    "Set a temperature inside its window.");
        }
        double least = stage.need().hold().min();
        if (load.holdMin() < least - 0.01) {
            throw new Refused(
                    "holdMin",
                    Figures.show(load.holdMin(), "min") + " for " + name,
                    Figures.show(least, "min") + " or more",
                    "Hold it long enough to cure.");
        }
    }
}
