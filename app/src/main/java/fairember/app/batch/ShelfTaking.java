package fairember.app.batch;

import fairember.app.daybook.DaybookLearning;
import fairember.app.journal.Journal;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.ClayStore;
import fairember.app.shelf.FindingStore;
import fairember.app.shelf.SupplyStore;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchProgress;
import fairember.core.daybook.Learned;
import fairember.core.daybook.WasteEstimate;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Takes from the shelf what a batch used, once, when it is finished. */
@Component
class ShelfTaking {
    private final ProgressStore progress;
    private final DaybookLearning learning;
    private final SettingsStore settings;
    private final ClayStore clays;
    private final FindingStore findings;
    private final SupplyStore supplies;
    private final Journal journal;

    ShelfTaking(
            ProgressStore progress,
            DaybookLearning learning,
            SettingsStore settings,
            ClayStore clays,
            FindingStore findings,
            SupplyStore supplies,
            Journal journal) {
        this.progress = progress;
        this.learning = learning;
        this.settings = settings;
        this.clays = clays;
        this.findings = findings;
        this.supplies = supplies;
        this.journal = journal;
    }

    /** What was weighed where it was weighed, and what was planned of everything else. */
    void take(Planning.Work work) {
        long batchId = work.saved().id();
        if (progress.find(batchId).map(saved -> saved.value().taken()).orElse(true)) {
            return;
        }
        String words = "finished " + work.saved().value().name() + ", what it used taken from the shelf";
        BatchNeeds used = used(work);
        for (BatchNeeds.ClayNeed need : used.clays()) {
            journal.change(clays, need.clay().id(), words, clay -> clay.without(need.clay(), need.needed()));
        }
        for (BatchNeeds.FindingNeed need : used.findings()) {
            journal.change(findings, need.part().id(), words, finding -> finding.without(need.needed()));
        }
        for (BatchNeeds.SupplyNeed need : used.supplies()) {
            journal.change(supplies, need.supply().id(), words, supply -> supply.without(need.needed()));
        }
        journal.change(progress, batchId, words, BatchProgress::shelfTaken);
        journal.call(words);
    }

    private BatchNeeds used(Planning.Work work) {
        Map<Long, WasteEstimate.Weighing> weighed =
                learning.weighedIn(work.saved().id());
        Learned learned = learning.learned();
        MixWaste studio = settings.settings().mixWaste();
        return BatchNeeding.needs(work.jobs(), mix -> {
            WasteEstimate.Weighing weighing = weighed.get(mix.id());
            return weighing == null
                    ? learned.waste(mix, studio)
                    : new MixWaste(over(weighing), Mass.ZERO, studio.scaleStep());
        });
    }

    /** What was used beyond the grams in the pieces, as a share of these. */
    private static Share over(WasteEstimate.Weighing weighing) {
        return new Share(
                Math.min(1, Math.max(0, weighing.used().g() / weighing.net().g() - 1)));
    }
}
