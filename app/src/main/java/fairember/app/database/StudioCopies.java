package fairember.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;
import org.sqlite.SQLiteConnection;

/** Whole copies of the studio, made and opened while it is in use. */
@Component
public class StudioCopies {
    /** Of this start of this file alone. */
    private static final Set<String> STAY = Set.of("holder", "flyway_schema_history", "past_edition");

    private final StudioFolder folder;
    private final Database database;
    private final DataSource writer;
    private final DataSource reader;

    StudioCopies(
            StudioFolder folder,
            Database database,
            @Qualifier("writer") DataSource writer,
            @Qualifier("reader") DataSource reader) {
        this.folder = folder;
        this.database = database;
        this.writer = writer;
        this.reader = reader;
    }

    /** A copy as the studio is at this moment, by SQLite's online backup; the caller deletes it. */
    public Path save() {
        try {
            return copyTo(Files.createTempFile(folder.temporary(), "copy", ".db"));
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    private Path copyTo(Path file) {
        try (Connection connection = reader.getConnection()) {
            SQLiteConnection sqlite = connection.unwrap(SQLiteConnection.class);
            int code = sqlite.getDatabase().backup("main", file.toString(), null, 20, 200, -1);
            if (code != 0) {
                throw new SQLException("The copy failed with code " + code);
            }
            return file;
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }

    /** A word that only this studio has, and its copies. */
    public String studioId() {
        return database.one("select id from studio_id", row -> row.getString(1)).orElseThrow();
    }

    /** An empty file, to write a copy into that is to be opened; the caller deletes it. */
    public Path draft() {
        try {
            return Files.createTempFile(folder.temporary(), "opened", ".db");
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /** The copies that are kept in the studio's folder, the newest first. */
    public List<Path> saved() {
        try (Stream<Path> files = Files.list(folder.copies())) {
            return files.filter(file -> file.getFileName().toString().endsWith(".db"))
                    .sorted(Comparator.comparing(StudioCopies::savedAt).reversed())
                    .toList();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /** When a copy was saved, by its file. */
    public static Instant savedAt(Path copy) {
        try {
            return Files.getLastModifiedTime(copy).toInstant();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /**
     * Puts what a copy holds in place of the studio, all or nothing; the studio as it was is saved first.
     *
     * @param name how the file begins that the studio as it was is saved in
     * @return that file
     * @throws UnfitFileException when the file is no studio that this Fair Ember can read; nothing is changed then
     */
    public Path open(Path copy, String name) {
        StudioFile.check(copy);
        try {
            if (Files.size(copy) == 0) {
                throw new UnfitFileException(
                        "The file is empty. Nothing was changed. Choose a saved copy of a studio.");
            }
            Migrations.run(copy);
            Path before = unused(name);
            copyTo(before);
            replace(copy);
            return before;
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    private Path unused(String name) throws IOException {
        Path file = folder.copies().resolve(name + ".db");
        for (int n = 2; Files.exists(file); n++) {
            file = folder.copies().resolve(name + "-" + n + ".db");
        }
        return file;
    }

    private void replace(Path copy) {
        try (Connection connection = writer.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("attach database '"
                    + StudioFile.url(copy).substring("jdbc:sqlite:".length()).replace("'", "''") + "' as copy");
            try {
                statement.execute("begin immediate");
                statement.execute("pragma defer_foreign_keys = on");
                List<String> tables = tables(statement);
                for (String table : tables) {
                    statement.execute("delete from main." + table);
                }
                for (String table : tables) {
                    statement.execute("insert into main." + table + " select * from copy." + table);
                }
                statement.execute("commit");
            } catch (SQLException trouble) {
                statement.execute("rollback");
                throw trouble;
            } finally {
                statement.execute("detach database copy");
            }
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }

    private static List<String> tables(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(
                "select name from main.sqlite_master where type = 'table' and name not like 'sqlite_%'")) {
            while (rows.next()) {
                if (!STAY.contains(rows.getString(1))) {
                    tables.add(rows.getString(1));
                }
            }
        }
        return tables;
    }
}
