package fairember.app.design;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.journal.MissingException;
import fairember.app.mix.MixStore;
import fairember.app.picture.PictureStore;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.FindingStore;
import fairember.app.shelf.SupplyStore;
import fairember.core.design.Design;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.NonClay;
import fairember.core.design.Palette;
import fairember.core.input.Gathering;
import fairember.core.studio.Settings;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Repository;

/** Designs, as they are kept and measured. */
@Repository
public class DesignStore extends DocumentStore<Design> {
    private final FindingStore findings;
    private final SupplyStore supplies;
    private final MixStore mixes;
    private final SettingsStore settings;
    private final DesignVersions versions;
    private final MeasuredDesigns measured;
    private final PictureStore pictures;
    private final ObjectProvider<DesignUse> uses;

    DesignStore(
            DocumentTable table,
            FindingStore findings,
            SupplyStore supplies,
            MixStore mixes,
            SettingsStore settings,
            DesignVersions versions,
            MeasuredDesigns measured,
            PictureStore pictures,
            ObjectProvider<DesignUse> uses) {
        super(table, "design", Design.class);
        this.findings = findings;
        this.supplies = supplies;
        this.mixes = mixes;
        this.settings = settings;
        this.versions = versions;
        this.measured = measured;
        this.pictures = pictures;
        this.uses = uses;
    }

    /** Measures designs with the mixes, findings and settings there are at this moment; each saved one once. */
    public final class Measuring {
        private final Settings known = settings.settings();
        private final Palette palette =
                mixes.palette().with(findings.findings()).with(supplies.supplies(), known.air());
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
            MeasuredDesign before = seen.get(id);
            if (before != null) {
                return before;
            }
            MeasuredDesign now = of(design(id));
            seen.put(id, now);
            return now;
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
            if (edition == null) {
                return of(id);
            }
            Version version = new Version(id, edition);
            MeasuredDesign before = versionsSeen.get(version);
            if (before != null) {
                return before;
            }
            MeasuredDesign then = versions.find(id, edition).map(this::of).orElseGet(() -> of(id));
            versionsSeen.put(version, then);
            return then;
        }

        /** A design as it is given; refused when it cannot be. */
        public MeasuredDesign of(Design design) {
            refuseLoops(design);
            Map<Long, MeasuredDesign> smallParts = new HashMap<>();
            design.smallPartIds().stream().filter(id -> find(id).isPresent()).forEach(id -> smallParts.put(id, of(id)));
            return measured.measure(design, palette.withSmallParts(smallParts), known.roll(), known.rules());
        }

        /** No design is made of small parts that it is a small part of; what is saved already is not. */
        private void refuseLoops(Design design) {
            Gathering gathering = new Gathering();
            List<NonClay> things = design.armature().nonClay();
            for (int i = 0; i < things.size(); i++) {
                Long made = things.get(i).designId();
                if (made != null && leadsTo(made, design.id())) {
                    gathering.error(
                            "nonClay[" + i + "].designId",
                            made == design.id() ? "this design itself" : "a design that this one is a small part of",
                            "a design that is made without this one",
                            "Choose another design.");
                }
            }
            gathering.orRefuse();
        }

        private boolean leadsTo(long from, long wanted) {
            return from == wanted
                    || find(from).stream()
                            .flatMap(saved -> saved.value().smallPartIds().stream())
                            .anyMatch(next -> leadsTo(next, wanted));
        }

        public Settings settings() {
            return known;
        }

        /** The mixes, findings and supplies there are. */
        public Palette palette() {
            return palette;
        }
    }

    public Measuring measuring() {
        return new Measuring();
    }

    @Override
    protected void check(long id, Design given) {
        Gathering gathering = new Gathering();
        for (int i = 0; i < given.underlays().size(); i++) {
            long picture = given.underlays().get(i).pictureId();
            if (!pictures.has(picture)) {
                gathering.error(
                        "underlays[" + i + "].pictureId",
                        "picture " + picture,
                        "a picture that is kept",
                        "Add the picture again.");
            }
        }
        gathering.orRefuse();
        MeasuredDesign changed = measuring().of(given);
        uses.forEach(use -> use.check(changed));
    }

    @Override
    public void put(long id, Design design) {
        find(id).ifPresent(before -> versions.keep(id, before.edition(), before.value()));
        super.put(id, design);
    }
}
