package fairember.app.design;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.app.journal.MissingException;
import fairember.app.mix.MixStore;
import fairember.app.settings.Settings;
import fairember.app.settings.SettingsStore;
import fairember.app.shelf.FindingStore;
import fairember.core.bake.BakingMethod;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.Drawn;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Pose;
import fairember.core.stock.Finding;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Designs, as they are kept and measured. */
@Repository
public class DesignStore implements FormStore<DesignForm> {
    private final Database database;
    private final DesignRows rows;
    private final FindingStore findings;
    private final MixStore mixes;
    private final SettingsStore settings;
    private final DesignVersions versions;
    private final MeasuredDesigns measured;

    DesignStore(
            Database database,
            DesignRows rows,
            FindingStore findings,
            MixStore mixes,
            SettingsStore settings,
            DesignVersions versions,
            MeasuredDesigns measured) {
        this.database = database;
        this.rows = rows;
        this.findings = findings;
        this.mixes = mixes;
        this.settings = settings;
        this.versions = versions;
        this.measured = measured;
    }

    /** Measures designs with the mixes, findings and settings there are at this moment. */
    public final class Measuring {
        private final Palette palette = mixes.palette();
        private final Map<Long, Finding> parts = findings.parts();
        private final Settings known = settings.settings();

        /** A design that is kept. */
        public MeasuredDesign of(long id) {
            return of(
                    id,
                    find(id).orElseThrow(() -> new MissingException("design", id))
                            .form());
        }

        /** A design as it was at an edition that a batch keeps to; as it is now when that is null. */
        public MeasuredDesign of(long id, @Nullable Integer edition) {
            return edition == null
                    ? of(id)
                    : versions.find(id, edition).map(form -> of(id, form)).orElseGet(() -> of(id));
        }

        /** A design as it is given; refused when it cannot be. */
        public MeasuredDesign of(long id, DesignForm form) {
            Design design = form.parse(id, parts);
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
    public String kind() {
        return "design";
    }

    @Override
    public Class<DesignForm> form() {
        return DesignForm.class;
    }

    @Override
    public String nameOf(DesignForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<DesignForm>> find(long id) {
        return database.one("select * from piece where id = ?", DesignStore::head, id)
                .map(this::saved);
    }

    /** All designs, by name. */
    public List<Saved<DesignForm>> all() {
        return database.list("select * from piece order by name, id", DesignStore::head).stream()
                .map(this::saved)
                .toList();
    }

    /** A design's own row. */
    private record Head(
            long id,
            int edition,
            String name,
            String collection,
            DesignKind kind,
            Pose pose,
            DesignForm.@Nullable PinForm pin,
            @Nullable Long priceMinor,
            @Nullable BakingMethod bakingMethod,
            @Nullable Drawn drawn) {}

    private static Head head(ResultSet row) throws SQLException {
        long minor = row.getLong("price_minor");
        @Nullable Long price = row.wasNull() ? null : minor;
        double pinUp = row.getDouble("pin_up_mm");
        DesignForm.PinForm pin = row.wasNull() ? null : new DesignForm.PinForm(row.getDouble("pin_across_mm"), pinUp);
        return new Head(
                row.getLong("id"),
                row.getInt("edition"),
                row.getString("name"),
                row.getString("collection"),
                DesignKind.valueOf(row.getString("kind")),
                Pose.valueOf(row.getString("pose")),
                pin,
                price,
                row.getString("school") == null ? null : BakingMethod.valueOf(row.getString("school")),
                row.getString("drawn_as") == null ? null : Drawn.valueOf(row.getString("drawn_as")));
    }

    private Saved<DesignForm> saved(Head head) {
        long id = head.id();
        DesignForm form = new DesignForm(
                head.name(),
                head.collection(),
                head.kind(),
                head.pose(),
                rows.parts(id),
                rows.stages(id),
                rows.steps(id),
                rows.fittings(id),
                rows.checks(id),
                rows.inserts(id),
                rows.wires(id),
                head.pin(),
                head.priceMinor(),
                head.bakingMethod(),
                head.drawn());
        return new Saved<>(id, head.edition(), form);
    }

    @Override
    public void put(long id, DesignForm form) {
        MeasuredDesign measured = measuring().of(id, form);
        find(id).ifPresent(before -> versions.keep(id, before.edition(), before.form()));
        DesignForm.PinForm pin = form.pin();
        database.write(
                """
                insert into piece (id, edition, name, kind, pose, price_minor, collection, pin_across_mm, pin_up_mm,
                    school, drawn_as)
                values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, kind = excluded.kind,
                    pose = excluded.pose, price_minor = excluded.price_minor, collection = excluded.collection,
                    pin_across_mm = excluded.pin_across_mm, pin_up_mm = excluded.pin_up_mm,
                    school = excluded.school,
                    drawn_as = excluded.drawn_as
                """,
                id,
                measured.design().name(),
                form.kind(),
                form.pose(),
                form.priceMinor(),
                measured.design().collection(),
                pin == null ? null : pin.acrossMm(),
                pin == null ? null : pin.upMm(),
                form.bakingMethod(),
                form.drawn());
        rows.replace(id, form);
    }

    @Override
    public void remove(long id) {
        database.write("delete from piece where id = ?", id);
    }
}
