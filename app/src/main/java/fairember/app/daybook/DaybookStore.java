package fairember.app.daybook;

import fairember.app.codec.Codec;
import fairember.app.database.Database;
import fairember.app.document.SavedKind;
import fairember.app.picture.PictureStore;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LineKind;
import fairember.core.daybook.LossReason;
import fairember.core.daybook.WasteEstimate;
import fairember.core.design.Station;
import fairember.core.input.Gathering;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The lines of the daybook. */
@Repository
public class DaybookStore implements SavedKind<DaybookLine> {
    private static final String LINES = """
            select id, edition, kind, at, until, batch_id, design_id, step, station, step_name, mix_id, maker, pieces, net_g, used_g,
                reason, again, counted, words, picture_id from daybook
            """;
    private static final String MINUTES = "round(sum((julianday(until) - julianday(at)) * 1440), 3)";

    private final Database database;
    private final JsonMapper mapper;
    private final PictureStore pictures;

    DaybookStore(Database database, JsonMapper mapper, PictureStore pictures) {
        this.pictures = pictures;
        this.database = database;
        this.mapper = mapper;
    }

    @Override
    public String kind() {
        return "daybook";
    }

    @Override
    public String nameOf(DaybookLine line) {
        if (line.kind().timed()) {
            long minutes = Math.round(line.minutes().min());
            return line.kind().label() + ", " + (minutes < 1 ? "less than a minute" : minutes + " min");
        }
        return line.kind() == LineKind.LOSS
                ? line.pieces() + " lost"
                : line.kind().label();
    }

    @Override
    public DaybookLine read(String json, long id) {
        return Codec.read(mapper.readTree(json), DaybookLine.class, id);
    }

    @Override
    public Optional<Saved<DaybookLine>> find(long id) {
        return database.one(LINES + "where id = ?", DaybookStore::saved, id);
    }

    private static Saved<DaybookLine> saved(ResultSet row) throws SQLException {
        String until = row.getString("until");
        String station = row.getString("station");
        String reason = row.getString("reason");
        return new Saved<>(
                row.getLong("id"),
                row.getInt("edition"),
                new DaybookLine(
                        LineKind.valueOf(row.getString("kind")),
                        Instant.parse(row.getString("at")),
                        until == null ? null : Instant.parse(until),
                        Database.nullableId(row, "batch_id"),
                        Database.nullableId(row, "design_id"),
                        Database.nullableInt(row, "step"),
                        station == null ? null : Station.valueOf(station),
                        row.getString("step_name"),
                        Database.nullableId(row, "mix_id"),
                        row.getInt("maker"),
                        row.getInt("pieces"),
                        mass(Database.nullable(row, "net_g")),
                        mass(Database.nullable(row, "used_g")),
                        reason == null ? null : LossReason.valueOf(reason),
                        row.getInt("again") == 1,
                        row.getInt("counted") == 1,
                        row.getString("words"),
                        Database.nullableId(row, "picture_id")));
    }

    private static @Nullable Mass mass(@Nullable Double g) {
        return g == null ? null : new Mass(g);
    }

    @Override
    public void put(long id, DaybookLine line) {
        Gathering gathering = new Gathering();
        known(gathering, "batchId", "batch", line.batchId());
        known(gathering, "designId", "design", line.designId());
        known(gathering, "mixId", "mix", line.mixId());
        Long picture = line.pictureId();
        if (picture != null && !pictures.has(picture)) {
            gathering.error("pictureId", "picture " + picture, "a picture that is kept", "Add the photo again.");
        }
        gathering.orRefuse();
        Mass net = line.net();
        Mass used = line.used();
        database.write(
                """
                insert into daybook (id, edition, kind, at, until, batch_id, design_id, step, station, step_name, mix_id, maker, pieces,
                    net_g, used_g, reason, again, counted, words, picture_id)
                values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, kind = excluded.kind, at = excluded.at, until = excluded.until,
                    batch_id = excluded.batch_id, design_id = excluded.design_id, step = excluded.step, station = excluded.station,
                    step_name = excluded.step_name, mix_id = excluded.mix_id, maker = excluded.maker, pieces = excluded.pieces,
                    net_g = excluded.net_g, used_g = excluded.used_g, reason = excluded.reason, again = excluded.again,
                    counted = excluded.counted, words = excluded.words, picture_id = excluded.picture_id
                """,
                id,
                line.kind().name(),
                line.at(),
                line.until(),
                line.batchId(),
                line.designId(),
                line.step(),
                name(line.station()),
                line.stepName(),
                line.mixId(),
                line.maker(),
                line.pieces(),
                net == null ? null : net.g(),
                used == null ? null : used.g(),
                name(line.reason()),
                line.again(),
                line.counted(),
                line.words(),
                line.pictureId());
    }

    private static @Nullable String name(@Nullable Enum<?> choice) {
        return choice == null ? null : choice.name();
    }

    private void known(Gathering gathering, String field, String kind, @Nullable Long id) {
        if (id != null
                && database.one("select 1 from document where kind = ? and id = ?", row -> 1, kind, id)
                        .isEmpty()) {
            gathering.error(field, kind + " " + id, "an existing " + kind, "Choose another " + kind + ".");
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from daybook where id = ?", id);
    }

    /**
     * Lines before a moment, the latest first.
     *
     * @param batchId of one batch, or null for those of all
     * @param kind of one kind, or null for all
     */
    List<Saved<DaybookLine>> before(Instant before, @Nullable Long batchId, @Nullable LineKind kind, int most) {
        String wanted = name(kind);
        return database.list(
                LINES
                        + "where at < ? and (? is null or batch_id = ?) and (? is null or kind = ?) order by at desc, id desc limit ?",
                DaybookStore::saved,
                before,
                batchId,
                batchId,
                wanted,
                wanted,
                most);
    }

    /** Every line, the earliest first. */
    List<Saved<DaybookLine>> all() {
        return database.list(LINES + "order by at, id", DaybookStore::saved);
    }

    /** The line of time or loss that was logged last at a step, if there is one. */
    public Optional<Saved<DaybookLine>> last(LineKind kind, long batchId, long designId, int step) {
        return database.one(
                LINES
                        + "where kind = ? and batch_id = ? and design_id = ? and step = ? order by at desc, id desc limit 1",
                DaybookStore::saved,
                kind.name(),
                batchId,
                designId,
                step);
    }

    /** Minutes logged at a step so far. */
    public Minutes logged(long batchId, long designId, int step) {
        return database.one(
                        "select " + MINUTES
                                + " from daybook where kind = 'TIME' and batch_id = ? and design_id = ? and step = ?",
                        row -> new Minutes(Math.max(0, row.getDouble(1))),
                        batchId,
                        designId,
                        step)
                .orElse(Minutes.ZERO);
    }

    /**
     * What was logged at a step of a batch in all.
     *
     * @param minutes of one maker
     * @param pieces done in them
     */
    public record StepSum(
            long batchId, long designId, Station station, String stepName, int maker, Minutes minutes, int pieces) {}

    /** The sums of all steps of all batches, or of one; of time, or of rework. */
    public List<StepSum> sums(LineKind kind, @Nullable Long batchId) {
        return database.list(
                "select batch_id, design_id, station, step_name, maker, " + MINUTES + ", sum(pieces) from daybook"
                        + " where kind = ? and (? is null or batch_id = ?)"
                        + " group by design_id, station, step_name, batch_id, maker",
                row -> new StepSum(
                        row.getLong(1),
                        row.getLong(2),
                        Station.valueOf(row.getString(3)),
                        row.getString(4),
                        row.getInt(5),
                        new Minutes(Math.max(0, row.getDouble(6))),
                        row.getInt(7)),
                kind.name(),
                batchId,
                batchId);
    }

    /** Pieces lost at a station of a design in a batch, made again or not. */
    public record LostThere(long batchId, long designId, Station station, int pieces) {}

    /** Changes with every line that is written, changed or removed, and with every design. */
    String edition() {
        return database.one("""
                        select (select edition from daybook_edition) || ' '
                            || (select count(*) || ' ' || total(edition) from document where kind = 'design')
                        """, row -> row.getString(1)).orElseThrow();
    }

    /** All losses. */
    List<LostThere> losses() {
        return database.list(
                """
                select batch_id, design_id, station, sum(pieces) from daybook where kind = 'LOSS' group by batch_id, design_id, station
                """,
                row -> new LostThere(row.getLong(1), row.getLong(2), Station.valueOf(row.getString(3)), row.getInt(4)));
    }

    /** A weighing of a mix in a batch. */
    public record Weighed(long batchId, WasteEstimate.Weighing weighing) {}

    /** All weighings, by mix, the latest last. */
    public Map<Long, List<Weighed>> weighings() {
        Map<Long, List<Weighed>> byMix = new HashMap<>();
        database.list(
                "select mix_id, batch_id, net_g, used_g from daybook where kind = 'WEIGHING' order by at, id",
                row -> byMix.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new Weighed(
                                row.getLong(2),
                                new WasteEstimate.Weighing(
                                        new Mass(row.getDouble("net_g")), new Mass(row.getDouble("used_g"))))));
        return byMix;
    }
}
