package fairember.app.piece;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.app.keeping.MissingException;
import fairember.app.mix.MixStore;
import fairember.app.shelf.BoughtStore;
import fairember.app.ways.Ways;
import fairember.app.ways.WaysStore;
import fairember.core.bake.School;
import fairember.core.piece.Drawn;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.Palette;
import fairember.core.piece.Piece;
import fairember.core.piece.PieceKind;
import fairember.core.piece.Pose;
import fairember.core.stock.BoughtPart;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Pieces, as they are kept and measured. */
@Repository
public class PieceStore implements Kept<PieceForm> {
    private final Database database;
    private final PieceRows rows;
    private final BoughtStore bought;
    private final MixStore mixes;
    private final WaysStore ways;
    private final PieceVersions versions;
    private final MeasuredPieces measured;

    PieceStore(
            Database database,
            PieceRows rows,
            BoughtStore bought,
            MixStore mixes,
            WaysStore ways,
            PieceVersions versions,
            MeasuredPieces measured) {
        this.database = database;
        this.rows = rows;
        this.bought = bought;
        this.mixes = mixes;
        this.ways = ways;
        this.versions = versions;
        this.measured = measured;
    }

    /** Measures pieces with the mixes, bought parts and ways there are at this moment. */
    public final class Measuring {
        private final Palette palette = mixes.palette();
        private final Map<Long, BoughtPart> parts = bought.parts();
        private final Ways known = ways.ways();

        /** A piece that is kept. */
        public MeasuredPiece of(long id) {
            return of(
                    id,
                    find(id).orElseThrow(() -> new MissingException("piece", id))
                            .form());
        }

        /** A piece as it was at an edition that a run keeps to; as it is now when that is null. */
        public MeasuredPiece of(long id, @Nullable Integer edition) {
            return edition == null
                    ? of(id)
                    : versions.find(id, edition).map(form -> of(id, form)).orElseGet(() -> of(id));
        }

        /** A piece as it is told; refused when it cannot be. */
        public MeasuredPiece of(long id, PieceForm form) {
            Piece piece = form.parse(id, parts);
            return measured.measure(piece, palette, known.roll(), known.rules());
        }

        public Ways ways() {
            return known;
        }
    }

    public Measuring measuring() {
        return new Measuring();
    }

    @Override
    public String kind() {
        return "piece";
    }

    @Override
    public Class<PieceForm> form() {
        return PieceForm.class;
    }

    @Override
    public String nameOf(PieceForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<PieceForm>> find(long id) {
        return database.one("select * from piece where id = ?", PieceStore::head, id)
                .map(this::held);
    }

    /** All pieces, by name. */
    public List<Held<PieceForm>> all() {
        return database.list("select * from piece order by name, id", PieceStore::head).stream()
                .map(this::held)
                .toList();
    }

    /** A piece's own row. */
    private record Head(
            long id,
            int edition,
            String name,
            String collection,
            PieceKind kind,
            Pose pose,
            PieceForm.@Nullable PinForm pin,
            @Nullable Long priceMinor,
            @Nullable School school,
            @Nullable Drawn drawn) {}

    private static Head head(ResultSet row) throws SQLException {
        long minor = row.getLong("price_minor");
        @Nullable Long price = row.wasNull() ? null : minor;
        double pinUp = row.getDouble("pin_up_mm");
        PieceForm.PinForm pin = row.wasNull() ? null : new PieceForm.PinForm(row.getDouble("pin_across_mm"), pinUp);
        return new Head(
                row.getLong("id"),
                row.getInt("edition"),
                row.getString("name"),
                row.getString("collection"),
                PieceKind.valueOf(row.getString("kind")),
                Pose.valueOf(row.getString("pose")),
                pin,
                price,
                row.getString("school") == null ? null : School.valueOf(row.getString("school")),
                row.getString("drawn_as") == null ? null : Drawn.valueOf(row.getString("drawn_as")));
    }

    private Held<PieceForm> held(Head head) {
        long id = head.id();
        PieceForm form = new PieceForm(
                head.name(),
                head.collection(),
                head.kind(),
                head.pose(),
                rows.parts(id),
                rows.stages(id),
                rows.steps(id),
                rows.fittings(id),
                rows.gate(id),
                rows.inserts(id),
                rows.wires(id),
                head.pin(),
                head.priceMinor(),
                head.school(),
                head.drawn());
        return new Held<>(id, head.edition(), form);
    }

    @Override
    public void put(long id, PieceForm form) {
        MeasuredPiece measured = measuring().of(id, form);
        find(id).ifPresent(before -> versions.keep(id, before.edition(), before.form()));
        PieceForm.PinForm pin = form.pin();
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
                measured.piece().name(),
                form.kind(),
                form.pose(),
                form.priceMinor(),
                measured.piece().collection(),
                pin == null ? null : pin.acrossMm(),
                pin == null ? null : pin.upMm(),
                form.school(),
                form.drawn());
        rows.replace(id, form);
    }

    @Override
    public void remove(long id) {
        database.write("delete from piece where id = ?", id);
    }
}
