package fairember.app.database;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * Brings the file to the newest form. Foreign keys are off meanwhile, because rebuilding a parent table would otherwise
 * empty its children; they are checked afterwards.
 */
final class Migrations {
    private Migrations() {}

    static void run(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(false);
        config.setBusyTimeout(5000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .load()
                .migrate();
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement();
                ResultSet broken = statement.executeQuery("pragma foreign_key_check")) {
            if (broken.next()) {
                throw new IllegalStateException("The studio's file has a row in " + broken.getString(1)
                        + " that points to nothing; restore a copy.");
            }
        } catch (SQLException trouble) {
            throw new StoreException(trouble);
        }
    }
}
