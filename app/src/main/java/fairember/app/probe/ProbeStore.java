package fairember.app.probe;

import fairember.app.database.Database;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.studio.OvenProbe;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Passwords of the ovens' probes, and all they ever read. */
@Repository
public class ProbeStore extends DocumentStore<OvenProbe> {
    private final Database database;
    private final SecureRandom random = new SecureRandom();

    ProbeStore(DocumentTable table, Database database) {
        super(table, "probe", OvenProbe.class);
        this.database = database;
    }

    /** What a probe read, in milliseconds since 1970, UTC. */
    public record Row(long atMs, double tempC) {}

    /** The password of an oven's probe, when it has one. */
    Optional<String> token(long ovenId) {
        return find(ovenId).map(saved -> saved.value().token());
    }

    /** A password that was never used. */
    OvenProbe fresh() {
        byte[] bytes = new byte[16];
        random.nextBytes(bytes);
        return new OvenProbe(HexFormat.of().formatHex(bytes));
    }

    @Override
    public String nameOf(OvenProbe form) {
        return "Probe";
    }

    /** The oven whose probe has this token. */
    Optional<Long> ovenOf(String token) {
        return all().stream()
                .filter(saved -> saved.value().token().equals(token))
                .map(Saved::id)
                .findFirst();
    }

    /** Keeps readings and gives how many were new. */
    @Transactional
    public int add(long ovenId, List<Row> rows) {
        int taken = 0;
        for (Row row : rows) {
            taken += database.write(
                    "insert or ignore into probe_reading values (?, ?, ?)", ovenId, row.atMs(), row.tempC());
        }
        return taken;
    }

    /** Readings from one moment to another, in the order of time. */
    List<Row> between(long ovenId, Instant from, Instant to) {
        return database.list(
                "select at_ms, temp_c from probe_reading where oven_id = ? and at_ms between ? and ? order by at_ms",
                row -> new Row(row.getLong(1), row.getDouble(2)),
                ovenId,
                from.toEpochMilli(),
                to.toEpochMilli());
    }

    /** The newest reading. */
    public Optional<Row> last(long ovenId) {
        return database.one(
                "select at_ms, temp_c from probe_reading where oven_id = ? order by at_ms desc limit 1",
                row -> new Row(row.getLong(1), row.getDouble(2)),
                ovenId);
    }
}
