package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * When loads went in and came out, and when a probe read something, become instants. Before, they were what the clock on the
 * wall showed, which is an hour wrong when it is put back or on.
 */
final class V9__Instants extends BaseJavaMigration {
    private static final JsonMapper JSON = new JsonMapper();
    private final ZoneId zone;

    V9__Instants(ZoneId zone) {
        this.zone = zone;
    }

    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        loads(connection);
        readings(connection);
        journal(connection);
    }

    private void loads(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select id, in_at, out_at from oven_load");
                PreparedStatement change =
                        connection.prepareStatement("update oven_load set in_at = ?, out_at = ? where id = ?")) {
            while (rows.next()) {
                change.setString(1, instant(rows.getString(2)));
                change.setString(2, instant(rows.getString(3)));
                change.setLong(3, rows.getLong(1));
                change.addBatch();
            }
            change.executeBatch();
        }
    }

    private @Nullable String instant(@Nullable String local) {
        return local == null
                ? null
                : LocalDateTime.parse(local).atZone(zone).toInstant().toString();
    }

    private void readings(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("alter table probe_reading rename to local_reading");
            statement.execute("""
                    create table probe_reading (
                        oven_id integer not null,
                        at_ms integer not null, -- since 1970, UTC
                        temp_c real not null,
                        primary key (oven_id, at_ms)
                    ) strict, without rowid""");
            try (ResultSet rows = statement.executeQuery("select oven_id, at_ms, temp_c from local_reading");
                    PreparedStatement add =
                            connection.prepareStatement("insert or ignore into probe_reading values (?, ?, ?)")) {
                while (rows.next()) {
                    LocalDateTime local =
                            LocalDateTime.ofInstant(Instant.ofEpochMilli(rows.getLong(2)), ZoneOffset.UTC);
                    add.setLong(1, rows.getLong(1));
                    add.setLong(2, local.atZone(zone).toInstant().toEpochMilli());
                    add.setDouble(3, rows.getDouble(3));
                    add.addBatch();
                }
                add.executeBatch();
            }
            statement.execute("drop table local_reading");
        }
    }

    /** What undo goes back to has the same form as what is there. */
    private void journal(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select id, before, after from change where kind = 'load'");
                PreparedStatement change =
                        connection.prepareStatement("update change set before = ?, after = ? where id = ?")) {
            while (rows.next()) {
                change.setString(1, form(rows.getString(2)));
                change.setString(2, form(rows.getString(3)));
                change.setLong(3, rows.getLong(1));
                change.addBatch();
            }
            change.executeBatch();
        }
    }

    private @Nullable String form(@Nullable String json) {
        if (json == null) {
            return null;
        }
        ObjectNode form = (ObjectNode) JSON.readTree(json);
        for (String name : new String[] {"inAt", "outAt"}) {
            JsonNode at = form.path(name);
            if (at.isString()) {
                form.put(name, instant(at.asString()));
            }
        }
        return form.toString();
    }
}
