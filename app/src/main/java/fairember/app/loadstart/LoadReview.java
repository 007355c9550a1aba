package fairember.app.loadstart;

import fairember.app.batch.Planning;
import fairember.core.batch.Batch;
import fairember.core.batch.Job;
import fairember.core.batch.Progress;
import fairember.core.design.MeasuredStage;
import fairember.core.input.Figures;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.loadstart.LoadCandidate;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Refuses what can never go in: more than there is, before its earlier bake, outside its window, too short. */
@Service
class LoadReview {
    private final Planning planning;

    LoadReview(Planning planning) {
        this.planning = planning;
    }

    /**
     * Lets a load in.
     *
     * @return its items with all that is known of them
     * @throws InvalidInputException with everything that keeps it out
     */
    List<LoadCandidate> candidates(LoggedLoad load) {
        Gathering g = new Gathering();
        List<LoadCandidate> candidates = new ArrayList<>();
        List<LoadItem> items = load.items();
        for (int i = 0; i < items.size(); i++) {
            LoadItem item = items.get(i);
            g.at("items[" + i + "]", () -> candidate(load, item)).ifPresent(candidates::add);
        }
        g.orRefuse();
        return candidates;
    }

    /**
     * Lets one item into a load.
     *
     * @throws InvalidInputException with what keeps it out
     */
    LoadCandidate candidate(LoggedLoad load, LoadItem item) {
        Planning.Work work = planning.work(item.batchId());
        Job job = work.jobs().stream()
                .filter(j -> j.design().design().id() == item.designId())
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "designId",
                        "piece " + item.designId(),
                        "a design of that batch",
                        "Choose a design in the batch."));
        if (item.stage() < 0 || item.stage() >= job.design().stages().size()) {
            throw new InvalidInputException(
                    "stage", "stage " + item.stage(), "a bake of the design", "Choose one of its bakes.");
        }
        MeasuredStage stage = job.design().stages().get(item.stage());
        String name = job.design().design().stageName(item.stage());
        if (stage.need().drying().isPresent()) {
            throw new InvalidInputException(
                    "stage", name, "clay that is baked", "Let it dry in the air; do not bake it.");
        }
        Progress progress = job.progress();
        int left = job.alive() * stage.unitsEach() - progress.bakedOrIn(item.stage());
        if (item.count() > left) {
            throw new InvalidInputException(
                    "count", item.count() + " of " + name, left + " at most", "The others are already baked.");
        }
        for (int before : job.design().design().tree().waitsFor(item.stage())) {
            if (progress.bakedOrIn(item.stage()) + item.count() > job.through(before) * stage.unitsEach()) {
                throw new InvalidInputException(
                        "stage",
                        name,
                        "pieces that had their earlier bake, "
                                + job.design().design().stages().get(before).name(),
                        "Do the earlier bake first.");
            }
        }
        window(load, stage, name);
        Batch batch = work.saved().value();
        return new LoadCandidate(job, batch.state(), batch.name(), item.stage(), item.count());
    }

    private static void window(LoggedLoad load, MeasuredStage stage, String name) {
        double low = stage.need().window().low().c();
        double high = stage.need().window().high().c();
        if (load.temp().c() < low || load.temp().c() > high) {
            throw new InvalidInputException(
                    "tempC",
                    Figures.show(load.temp().c(), "°C") + " for " + name,
                    Figures.show(low) + " to " + Figures.show(high, "°C"),
                    "Set a temperature within its window.");
        }
        double least = stage.need().bakingTime().min();
        if (load.baking().min() < least - 0.01) {
            throw new InvalidInputException(
                    "bakingMin",
                    Figures.show(load.baking().min(), "min") + " for " + name,
                    Figures.show(least, "min") + " or more",
                    "Bake it long enough to cure.");
        }
    }
}
