package fairember.app.database;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.ZoneId;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.sqlite.SQLiteConfig;

/**
 * Brings the file to the newest form. Foreign keys are off in the meantime, because rebuilding a parent table would otherwise
 * empty its children; they are checked afterwards.
 */
final class Migrations {
    private Migrations() {}

    static Flyway flyway(DataSource source) {
        return flyway(source, MigrationVersion.LATEST);
    }

    /** The migrations up to a version. */
    static Flyway flyway(DataSource source, MigrationVersion target) {
        return Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .javaMigrations(
                        new V9__Instants(ZoneId.systemDefault()),
                        new V11__Words(),
                        new V13__Documents(),
                        new V16__Assemblies())
                .target(target)
                .load();
    }

    static void run(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(false);
        config.setBusyTimeout(5000);
        DataSource source = StudioFile.source(config, file);
        flyway(source).migrate();
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement();
                ResultSet broken = statement.executeQuery("pragma foreign_key_check")) {
            if (broken.next()) {
                throw new UnfitFileException(file + " has a row in " + broken.getString(1)
                        + " that refers to something missing. Open a saved copy of your studio.");
            }
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }
}
