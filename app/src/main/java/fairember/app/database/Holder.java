package fairember.app.database;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Optional;
import org.sqlite.SQLiteConfig;

/** Which process has a studio open, as written in the studio's own file. */
final class Holder {
    private Holder() {}

    /** Whether a process that still runs, other than this one, has the file open. A file that cannot be read has none. */
    static boolean another(Path file) {
        if (Files.notExists(file)) {
            return false;
        }
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        config.setBusyTimeout(5000);
        try (Connection connection = StudioFile.source(config, file).getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select pid, started_at from holder")) {
            return row.next() && batches(row.getLong(1), row.getString(2));
        } catch (SQLException noneYet) {
            return false;
        }
    }

    private static boolean batches(long pid, String startedAt) {
        Optional<Instant> started = ProcessHandle.of(pid)
                .filter(ProcessHandle::isAlive)
                .flatMap(process -> process.info().startInstant());
        return pid != ProcessHandle.current().pid()
                && started.isPresent()
                && started.get().toString().equals(startedAt);
    }

    /** Writes this process down as the one that has the file open. */
    static void take(Connection connection) throws SQLException {
        ProcessHandle own = ProcessHandle.current();
        try (PreparedStatement statement =
                connection.prepareStatement("insert or replace into holder values (1, ?, ?)")) {
            statement.setLong(1, own.pid());
            statement.setString(
                    2, own.info().startInstant().map(Instant::toString).orElse(""));
            statement.executeUpdate();
        }
    }
}
