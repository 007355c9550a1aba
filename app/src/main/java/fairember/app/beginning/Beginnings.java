package fairember.app.beginning;

import fairember.app.batch.BatchStore;
import fairember.app.batch.Planning;
import fairember.app.daybook.DaybookLearning;
import fairember.app.design.DesignStore;
import fairember.app.journal.Journal;
import fairember.app.mix.MixStore;
import fairember.app.oven.OvenStore;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.ClayStore;
import fairember.app.shelf.FindingStore;
import fairember.app.shelf.RangeStore;
import fairember.app.shelf.SupplyStore;
import fairember.core.batch.Batch;
import fairember.core.batch.Job;
import fairember.core.beginning.Beginning;
import fairember.core.beginning.PlanBasis;
import fairember.core.beginning.ReadyPacket;
import fairember.core.colour.Srgb;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignTemplates;
import fairember.core.design.Palette;
import fairember.core.mix.Mix;
import fairember.core.studio.Settings;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Makes plans of what is only begun, and keeps them with all they need. */
@Service
class Beginnings {
    private final RangeStore ranges;
    private final ClayStore clays;
    private final MixStore mixes;
    private final DesignStore designs;
    private final FindingStore findings;
    private final SupplyStore supplies;
    private final SettingsStore settings;
    private final OvenStore ovens;
    private final DaybookLearning learning;
    private final Planning planning;
    private final BatchStore batches;
    private final Journal journal;

    Beginnings(
            RangeStore ranges,
            ClayStore clays,
            MixStore mixes,
            DesignStore designs,
            FindingStore findings,
            SupplyStore supplies,
            SettingsStore settings,
            OvenStore ovens,
            DaybookLearning learning,
            Planning planning,
            BatchStore batches,
            Journal journal) {
        this.ranges = ranges;
        this.clays = clays;
        this.mixes = mixes;
        this.designs = designs;
        this.findings = findings;
        this.supplies = supplies;
        this.settings = settings;
        this.ovens = ovens;
        this.learning = learning;
        this.planning = planning;
        this.batches = batches;
        this.journal = journal;
    }

    LocalDate today() {
        return planning.now().toLocalDate();
    }

    /** What a beginning rests on; nothing is saved. Of the plain clay when no mix is given. */
    PlanBasis basis(Beginning beginning, @Nullable Long mixId) {
        Mix plain = beginning.plain();
        Design design = beginning.design(mixId == null ? plain.id() : mixId);
        Batch batch = batch(beginning, design.id());
        return basis(List.of(design), batch, mixId == null ? List.of(plain) : mixes.mixes());
    }

    /** What a batch rests on. */
    PlanBasis basis(Planning.Work work) {
        List<Design> made = work.jobs().stream()
                .map(Job::design)
                .map(design -> design.design())
                .toList();
        return basis(made, work.saved().value(), mixes.mixes());
    }

    private PlanBasis basis(List<Design> made, Batch batch, List<Mix> of) {
        Settings known = settings.settings();
        return PlanBasis.of(
                made,
                batch.wanted(),
                of,
                this::furnished,
                known,
                ovens.find(OvenStore.FIRST).orElseThrow().value(),
                learning.learned(),
                planning.now(),
                batch.dueOn().atTime(known.hours().to()));
    }

    private Palette furnished(Palette palette) {
        return palette.with(findings.findings())
                .with(supplies.supplies(), settings.settings().air());
    }

    private Batch batch(Beginning beginning, long designId) {
        return beginning.batch("First batch", designId, today());
    }

    /** Numbers of what was kept. */
    record Kept(long designId, long batchId) {}

    /** Keeps the design and its batch, with a plain clay when no mix is given; all of it is one step to undo. */
    Kept keep(Beginning beginning, @Nullable Long mixId) {
        return journal.together(() -> {
            long of = mixId == null ? plain(beginning.packet(), beginning.colour()) : mixId;
            long designId = journal.add(designs, beginning.design(of));
            long batchId = journal.add(batches, batch(beginning, designId));
            journal.call(
                    "began with " + designs.find(designId).orElseThrow().value().name());
            return new Kept(designId, batchId);
        });
    }

    /** Keeps a design of a kind to begin from: of the first mix in use, or of a plain clay that is put on the shelf with it. */
    long keep(DesignKind kind) {
        return journal.together(() -> {
            long of = mixes.current().stream().findFirst().map(Mix::id).orElseGet(this::plain);
            Design design = DesignTemplates.of(kind, of);
            long id = journal.add(designs, design);
            journal.call("added " + design.name());
            return id;
        });
    }

    /** Keeps a plain clay of a made-up packet, and the mix of it. */
    long keepPlain() {
        return journal.together(this::plain);
    }

    private long plain() {
        return plain(ReadyPacket.FIRM, Beginning.PALE);
    }

    private long plain(ReadyPacket packet, Srgb colour) {
        long rangeId = journal.add(ranges, packet.range());
        long clayId = journal.add(clays, packet.clay(Beginning.PLAIN, rangeId, colour));
        return journal.add(mixes, Beginning.mix(clayId));
    }
}
