package fairember.app.probe;

import fairember.app.database.Database;
import java.security.SecureRandom;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Tokens of the ovens' probes, and all they ever read. */
@Repository
public class ProbeStore {
    private final Database database;
    private final SecureRandom random = new SecureRandom();

    ProbeStore(Database database) {
        this.database = database;
    }

    /** What a probe read, in milliseconds of the studio's local time since 1970. */
    public record Row(long atMs, double tempC) {}

    public static long millis(LocalDateTime at) {
        return at.toInstant(ZoneOffset.UTC).toEpochMilli();
    }

    /** The token of an oven's probe, made when it has none. */
    @Transactional
    public String token(long ovenId) {
        return database.one("select token from probe where oven_id = ?", row -> row.getString(1), ovenId)
                .orElseGet(() -> renew(ovenId));
    }

    /** A new token; the old one opens nothing any more. */
    @Transactional
    public String renew(long ovenId) {
        byte[] bytes = new byte[16];
        random.nextBytes(bytes);
        String token = HexFormat.of().formatHex(bytes);
        database.write(
                "insert into probe values (?, ?) on conflict (oven_id) do update set token = excluded.token",
                ovenId,
                token);
        return token;
    }

    /** The oven whose probe has this token. */
    Optional<Long> ovenOf(String token) {
        return database.one("select oven_id from probe where token = ?", row -> row.getLong(1), token);
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
    List<Row> between(long ovenId, LocalDateTime from, LocalDateTime to) {
        return database.list(
                "select at_ms, temp_c from probe_reading where oven_id = ? and at_ms between ? and ? order by at_ms",
                row -> new Row(row.getLong(1), row.getDouble(2)),
                ovenId,
                millis(from),
                millis(to));
    }

    /** The newest reading. */
    Optional<Row> last(long ovenId) {
        return database.one(
                "select at_ms, temp_c from probe_reading where oven_id = ? order by at_ms desc limit 1",
                row -> new Row(row.getLong(1), row.getDouble(2)),
                ovenId);
    }
}
