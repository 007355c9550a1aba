package fairember.app.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import org.flywaydb.core.api.MigrationState;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** The one file of a studio: how it is opened, and whether it is one that this Fair Ember can read. */
final class StudioFile {
    private static final byte[] BEGINS = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final String LEFT = " The file was not changed. ";

    private StudioFile() {}

    /** The address of a file for the driver: any name is fine, with spaces, accents or question marks. */
    static String url(Path file) {
        return "jdbc:sqlite:file:" + file.toAbsolutePath().toUri().getRawPath();
    }

    static SQLiteDataSource source(SQLiteConfig config, Path file) {
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl(url(file));
        return source;
    }

    /**
     * Checks a file before anything is written to it; one that is not there or empty is a new studio.
     *
     * @throws UnfitFileException when it is no studio, broken, or of a newer Fair Ember
     */
    static void check(Path file) {
        try {
            if (Files.notExists(file) || Files.size(file) == 0) {
                return;
            }
            begins(file);
        } catch (IOException trouble) {
            throw new UnfitFileException(
                    file + " cannot be read (" + trouble.getMessage() + ")." + LEFT + "Check its permissions.",
                    trouble);
        }
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        config.setBusyTimeout(5000);
        try (Connection connection = source(config, file).getConnection()) {
            whole(file, connection);
            known(file, connection);
        } catch (SQLException trouble) {
            throw broken(file, String.valueOf(trouble.getMessage()), trouble);
        }
        boolean newer = Arrays.stream(
                        Migrations.flyway(source(config, file)).info().all())
                .anyMatch(m ->
                        m.getState() == MigrationState.FUTURE_SUCCESS || m.getState() == MigrationState.FUTURE_FAILED);
        if (newer) {
            throw new UnfitFileException(
                    file + " was saved by a newer version of Fair Ember." + LEFT + "Start the newer version.");
        }
    }

    private static void begins(Path file) throws IOException {
        try (InputStream stream = Files.newInputStream(file)) {
            if (!Arrays.equals(stream.readNBytes(BEGINS.length), BEGINS)) {
                throw new UnfitFileException(file + " is not a Fair Ember studio: it is not an SQLite file." + LEFT
                        + "Put a copy of your studio in its place, or choose another folder with --data.");
            }
        }
    }

    private static void whole(Path file, Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery("pragma quick_check(1)")) {
            String message = found.next() ? found.getString(1) : "nothing";
            if (!message.equals("ok")) {
                throw broken(file, message, null);
            }
        }
    }

    private static UnfitFileException broken(
            Path file, String message, @org.jspecify.annotations.Nullable Throwable cause) {
        return new UnfitFileException(
                file + " is damaged (" + message.strip() + ")." + LEFT
                        + "Open a saved copy, or choose another folder with --data.",
                cause);
    }

    private static void known(Path file, Connection connection) throws SQLException {
        Set<String> tables = new HashSet<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select name from sqlite_master where type = 'table'")) {
            while (rows.next()) {
                tables.add(rows.getString(1));
            }
        }
        if (!tables.isEmpty() && !tables.containsAll(Set.of("flyway_schema_history", "last_id", "change"))) {
            throw new UnfitFileException(file + " is an SQLite file of another program." + LEFT
                    + "With --data, choose the folder of a Fair Ember studio or a new folder.");
        }
    }
}
