package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.database.Database;
import fairember.core.ovensim.OvenFault;
import fairember.core.ovensim.OvenPreset;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Which ovens are simulated and how, and the studio's clock, so that both go on after a restart. */
@Repository
class SimulatedStore {
    private final Database database;

    SimulatedStore(Database database) {
        this.database = database;
    }

    /** How an oven is simulated, when that was ever set; its speed is the clock's. */
    Optional<SimulatedForm> find(long ovenId) {
        return database.one(
                "select simulated, preset, fault from simulated_oven where oven_id = ?",
                row -> new SimulatedForm(
                        row.getBoolean(1),
                        OvenPreset.valueOf(row.getString(2)),
                        OvenFault.valueOf(row.getString(3)),
                        1),
                ovenId);
    }

    void put(long ovenId, SimulatedForm form) {
        database.write(
                "insert or replace into simulated_oven values (?, ?, ?, ?)",
                ovenId,
                form.on(),
                form.preset(),
                form.fault());
    }

    /** Keeps what the clock shows. */
    void keep(StudioClock clock) {
        database.write(
                "insert or replace into studio_clock values (1, ?, ?, ?)",
                clock.instant(),
                Instant.now(),
                clock.speed());
    }

    /** Sets a clock to go on from where it was, and from after all that has happened. */
    void goOn(StudioClock clock) {
        database.one("select studio_at, wall_at, speed from studio_clock", row -> {
            Duration gone = Duration.between(Instant.parse(row.getString(2)), Instant.now());
            clock.notBefore(Instant.parse(row.getString(1)).plus(gone.isNegative() ? Duration.ZERO : gone));
            clock.speed(row.getDouble(3));
            return clock;
        });
        database.one("""
                        select max(at) from (
                            select json ->> '$.inAt' as at from document where kind = 'load'
                            union all select json ->> '$.outAt' from document where kind = 'load'
                            union all select max(at) from change)
                        """, row -> Optional.ofNullable(row.getString(1)))
                .flatMap(last -> last)
                .ifPresent(last -> clock.notBefore(Instant.parse(last)));
        database.one("select max(at_ms) from probe_reading", row -> row.getLong(1))
                .ifPresent(last -> clock.notBefore(Instant.ofEpochMilli(last)));
    }
}
