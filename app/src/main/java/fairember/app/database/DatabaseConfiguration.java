package fairember.app.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.EnableTransactionManagement;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** One writing connection (its transactions take the write lock at once) and a dozen reading ones, on a migrated file. */
@Configuration
@EnableTransactionManagement
class DatabaseConfiguration {
    @Bean(destroyMethod = "close")
    StudioFolder studioFolder(StudioSettings settings) {
        return StudioFolder.open(settings.data());
    }

    @Bean
    HikariDataSource writer(StudioFolder folder) throws IOException, SQLException {
        StudioFile.check(folder.file());
        Migrations.run(folder.createdFile());
        HikariDataSource writer = new HikariDataSource(pool(folder, config(), 1));
        try (Connection connection = writer.getConnection()) {
            Holder.take(connection);
        }
        return writer;
    }

    @Bean
    HikariDataSource reader(StudioFolder folder, @Qualifier("writer") DataSource migratedFirst) {
        HikariConfig pool = pool(folder, config(), 12);
        pool.setConnectionInitSql("pragma query_only = on");
        return new HikariDataSource(pool);
    }

    @Bean
    PlatformTransactionManager transactionManager(@Qualifier("writer") DataSource writer) {
        return new WritingTransactions(writer);
    }

    private static SQLiteConfig config() {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(5000);
        return config;
    }

    private static HikariConfig pool(StudioFolder folder, SQLiteConfig config, int size) {
        SQLiteDataSource source = StudioFile.source(config, folder.file());
        HikariConfig pool = new HikariConfig();
        pool.setDataSource(source);
        pool.setMaximumPoolSize(size);
        pool.setMaxLifetime(0);
        pool.setConnectionTimeout(30_000);
        return pool;
    }
}
