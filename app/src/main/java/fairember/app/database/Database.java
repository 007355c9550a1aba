package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/**
 * Batches the stores' SQL over plain java.sql. Within a transaction everything goes through its one writing connection;
 * outside, reading goes through the readers' pool. Every method throws {@link StoreException} when the database cannot.
 */
@Component
public class Database {
    private static final Logger LOG = LoggerFactory.getLogger(Database.class);

    private final DataSource writer;
    private final DataSource reader;
    private static final ThreadLocal<Moment> MOMENTS = new ThreadLocal<>();

    Database(@Qualifier("writer") DataSource writer, @Qualifier("reader") DataSource reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** A moment whose first reading has or has not come yet. */
    private static final class Moment {
        private @Nullable Connection connection;
    }

    /**
     * From now until {@link #endMoment}, all that this thread reads outside a transaction is of one moment: that of its first
     * reading, or of the first one after a transaction of its own.
     */
    public void beginMoment() {
        endMoment();
        MOMENTS.set(new Moment());
    }

    /** Ends what {@link #beginMoment} began; nothing when nothing was begun. */
    public void endMoment() {
        Moment moment = MOMENTS.get();
        MOMENTS.remove();
        if (moment != null) {
            release(moment);
        }
    }

    private static void release(Moment moment) {
        Connection connection = moment.connection;
        moment.connection = null;
        if (connection == null) {
            return;
        }
        try (connection) {
            execute(connection, "rollback");
        } catch (SQLException gone) {
            LOG.debug("The connection was lost already", gone);
        }
    }

    private static void execute(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** Makes something of the row the result set stands on. */
    public interface Row<T> {
        T of(ResultSet row) throws SQLException;
    }

    private interface Work<T> {
        T with(Connection connection) throws SQLException;
    }

    /** All rows of a query. */
    public <T> List<T> list(String sql, Row<T> row, @Nullable Object... values) {
        return on(connection -> {
            try (PreparedStatement statement = prepared(connection, sql, values);
                    ResultSet rows = statement.executeQuery()) {
                List<T> found = new ArrayList<>();
                while (rows.next()) {
                    found.add(row.of(rows));
                }
                return found;
            }
        });
    }

    /** The first row of a query, if there is one. */
    public <T> Optional<T> one(String sql, Row<T> row, @Nullable Object... values) {
        return list(sql, row, values).stream().findFirst();
    }

    /** A number that may be missing. */
    public static @Nullable Double nullable(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? null : value;
    }

    /** A whole number that may be missing. */
    public static @Nullable Integer nullableInt(ResultSet row, String column) throws SQLException {
        int value = row.getInt(column);
        return row.wasNull() ? null : value;
    }

    /** The number of something else that may be missing. */
    public static @Nullable Long nullableId(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? null : value;
    }

    /**
     * Writes, within the running transaction.
     *
     * @return rows that were written
     * @throws IllegalStateException when no transaction is running
     */
    public int write(String sql, @Nullable Object... values) {
        if (WritingTransactions.running(writer) == null) {
            throw new IllegalStateException("Writing needs a transaction.");
        }
        return on(connection -> {
            try (PreparedStatement statement = prepared(connection, sql, values)) {
                return statement.executeUpdate();
            }
        });
    }

    private <T> T on(Work<T> work) {
        Connection running = WritingTransactions.running(writer);
        Moment moment = MOMENTS.get();
        try {
            if (running != null) {
                if (moment != null) {
                    release(moment);
                }
                return work.with(running);
            }
            if (moment != null) {
                return work.with(of(moment));
            }
            try (Connection connection = reader.getConnection()) {
                return work.with(connection);
            }
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }

    private Connection of(Moment moment) throws SQLException {
        Connection connection = moment.connection;
        if (connection == null) {
            connection = reader.getConnection();
            moment.connection = connection;
            execute(connection, "begin");
        }
        return connection;
    }

    /** Numbers and texts go in as they are, truths as 0 and 1, everything else (dates, enums) as its text. */
    private static PreparedStatement prepared(Connection connection, String sql, @Nullable Object... values)
            throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        for (int i = 0; i < values.length; i++) {
            Object value = values[i];
            if (value == null || value instanceof Number || value instanceof String || value instanceof byte[]) {
                statement.setObject(i + 1, value);
            } else if (value instanceof Boolean truth) {
                statement.setInt(i + 1, truth ? 1 : 0);
            } else {
                statement.setString(i + 1, value.toString());
            }
        }
        return statement;
    }
}
