package fairember.app.batch;

import fairember.app.daybook.DaybookLearning;
import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.ClayStore;
import fairember.app.shelf.CoilStore;
import fairember.app.shelf.FindingStore;
import fairember.app.shelf.SupplyStore;
import fairember.app.sparebox.SpareBoxStore;
import fairember.core.batch.BatchCutting;
import fairember.core.batch.BatchNeeding;
import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.Reserved;
import fairember.core.daybook.Learned;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.Part;
import fairember.core.design.SpareBox;
import fairember.core.input.Words;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import fairember.core.studio.Settings;
import fairember.core.wire.WireCoil;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
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
    private final CoilStore coils;
    private final SpareBoxStore box;
    private final Journal journal;

    ShelfTaking(
            ProgressStore progress,
            DaybookLearning learning,
            SettingsStore settings,
            ClayStore clays,
            FindingStore findings,
            SupplyStore supplies,
            CoilStore coils,
            SpareBoxStore box,
            Journal journal) {
        this.coils = coils;
        this.box = box;
        this.progress = progress;
        this.learning = learning;
        this.settings = settings;
        this.clays = clays;
        this.findings = findings;
        this.supplies = supplies;
        this.journal = journal;
    }

    /**
     * Takes what was weighed where it was weighed, and what was planned of everything else; spare parts that were made go into their box.
     *
     * @param reserved for batches that are due earlier
     */
    void take(Planning.Work work, Reserved reserved) {
        long batchId = work.saved().id();
        if (progress.find(batchId).map(saved -> saved.value().taken()).orElse(true)) {
            return;
        }
        String words = "finished " + work.saved().value().name() + ", what it used taken from the shelf";
        BatchNeeds used = used(work, reserved);
        for (BatchNeeds.ClayNeed need : used.clays()) {
            journal.change(clays, need.clay().id(), words, clay -> clay.without(need.clay(), need.needed()));
        }
        for (BatchNeeds.FindingNeed need : used.findings()) {
            journal.change(findings, need.part().id(), words, finding -> finding.without(need.needed()));
        }
        for (BatchNeeds.SupplyNeed need : used.supplies()) {
            journal.change(supplies, need.supply().id(), words, supply -> supply.without(need.needed()));
        }
        if (!counted(box.saved().value(), used).equals(box.saved().value())) {
            journal.change(box, SpareBoxStore.ID, words, spares -> counted(spares, used));
        }
        foil(used, words);
        wire(work, words);
        journal.change(progress, batchId, words, BatchProgress::shelfTaken);
        journal.call(words);
    }

    /** The box without what was taken out of it, and with the spares that were made. */
    private static SpareBox counted(SpareBox spares, BatchNeeds used) {
        SpareBox counted = spares;
        for (BatchNeeds.PortionRow row : used.portions()) {
            Part part = row.part().part();
            String kind = Words.shortened(row.design().design().name() + ", " + part.name());
            counted = counted.with(part, kind, part.spares() - row.taken());
        }
        return counted;
    }

    private void foil(BatchNeeds used, String words) {
        SavedKind.Saved<Settings> saved = settings.saved();
        if (saved.value().foilLeft() != null && used.torn().mm() > 0) {
            journal.change(settings, saved.id(), words, known -> known.withoutFoil(used.torn()));
        }
    }

    /** Coils that were cut are gone; what is left of them, long enough to use, is a coil of its own. */
    private void wire(Planning.Work work, String words) {
        List<SavedKind.Saved<WireCoil>> saved = coils.all();
        List<WireCoil> known = saved.stream().map(SavedKind.Saved::value).toList();
        List<List<Length>> left = BatchCutting.leftOf(known, BatchCutting.wires(work.jobs(), known));
        for (int i = 0; i < known.size(); i++) {
            WireCoil coil = known.get(i);
            int cut = left.get(i).size();
            if (cut > 0) {
                journal.change(coils, saved.get(i).id(), words, one -> one.without(cut));
                left.get(i).stream()
                        .filter(rest -> rest.mm() >= WireCoil.LEAST_REST_MM)
                        .forEach(rest -> journal.add(coils, coil.rest(rest)));
            }
        }
    }

    private BatchNeeds used(Planning.Work work, Reserved reserved) {
        Map<Long, WasteEstimate.Weighing> weighed =
                learning.weighedIn(work.saved().id());
        Learned learned = learning.learned();
        MixWaste studio = settings.settings().mixWaste();
        Function<Mix, MixWaste> waste = mix -> {
            WasteEstimate.Weighing weighing = weighed.get(mix.id());
            return weighing == null
                    ? learned.waste(mix, studio)
                    : new MixWaste(over(weighing), Mass.ZERO, studio.scaleStep());
        };
        return BatchNeeding.needs(work.jobs(), waste, reserved, box.saved().value());
    }

    /** What was used beyond the grams in the pieces, as a share of these. */
    private static Share over(WasteEstimate.Weighing weighing) {
        return new Share(
                Math.min(1, Math.max(0, weighing.used().g() / weighing.net().g() - 1)));
    }
}
