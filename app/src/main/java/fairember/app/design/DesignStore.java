package fairember.app.design;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.journal.MissingException;
import fairember.app.mix.MixStore;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.FindingStore;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.studio.Settings;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Designs, as they are kept and measured. */
@Repository
public class DesignStore extends DocumentStore<Design> {
    private final FindingStore findings;
    private final MixStore mixes;
    private final SettingsStore settings;
    private final DesignVersions versions;
    private final MeasuredDesigns measured;

    DesignStore(
            DocumentTable table,
            FindingStore findings,
            MixStore mixes,
            SettingsStore settings,
            DesignVersions versions,
            MeasuredDesigns measured) {
        super(table, "design", Design.class);
        this.findings = findings;
        this.mixes = mixes;
        this.settings = settings;
        this.versions = versions;
        this.measured = measured;
    }

    /** Measures designs with the mixes, findings and settings there are at this moment; each saved one once. */
    public final class Measuring {
        private final Palette palette = mixes.palette().with(findings.findings());
        private final Settings known = settings.settings();
        private final Map<Long, Design> designs = new HashMap<>();
        private final Map<Version, MeasuredDesign> versionsSeen = new HashMap<>();
        private final Map<Long, MeasuredDesign> seen = new HashMap<>();

        /** A design as it was at an edition. */
        private record Version(long id, int edition) {}

        /** With all designs read at once, for whoever needs many of them. */
        public Measuring ofMany() {
            all().forEach(saved -> designs.put(saved.id(), saved.value()));
            return this;
        }

        /** A design that is kept. */
        public MeasuredDesign of(long id) {
            return seen.computeIfAbsent(id, wanted -> of(design(wanted)));
        }

        private Design design(long id) {
            Design known = designs.get(id);
            return known != null
                    ? known
                    : find(id).orElseThrow(() -> new MissingException("design", id))
                            .value();
        }

        /** A design as it was at an edition that a batch keeps to; as it is now when that is null. */
        public MeasuredDesign of(long id, @Nullable Integer edition) {
            return edition == null
                    ? of(id)
                    : versionsSeen.computeIfAbsent(
                            new Version(id, edition),
                            version -> versions.find(id, edition).map(this::of).orElseGet(() -> of(id)));
        }

        /** A design as it is given; refused when it cannot be. */
        public MeasuredDesign of(Design design) {
            return measured.measure(design, palette, known.roll(), known.rules());
        }

        public Settings settings() {
            return known;
        }
    }

    public Measuring measuring() {
        return new Measuring();
    }

    @Override
    protected void check(long id, Design given) {
        measuring().of(given);
    }

    @Override
    public void put(long id, Design design) {
        find(id).ifPresent(before -> versions.keep(id, before.edition(), before.value()));
        super.put(id, design);
    }
}
