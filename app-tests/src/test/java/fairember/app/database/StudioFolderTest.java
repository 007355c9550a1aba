package fairember.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConfig;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Any folder will do, one Fair Ember at a time; what is no studio is left as it is, and said. */
public class StudioFolderTest {
    @DataProvider
    public Object[][] names() {
        return new Object[][] {{"plain"}, {"with spaces"}, {"who knows?"}, {"100 %20 #1"}, {"küche-été"}, {"it's; here"}
        };
    }

    @Test(dataProvider = "names")
    public void aFolderOfAnyNameHoldsAStudio(String name) throws IOException, SQLException {
        Path path = Files.createTempDirectory("fairember-names").resolve(name);
        try (StudioFolder folder = StudioFolder.open(path)) {
            StudioFile.check(folder.file());
            Migrations.run(folder.createdFile());
            StudioFile.check(folder.file());
            assertThat(Files.size(path.resolve("fairember.db"))).isPositive();
        }
    }

    @Test
    public void aFolderIsUsedByOneAtATimeAndWhatWasLeftTemporarilyGoes() throws IOException {
        Path path = Files.createTempDirectory("fairember-held");
        Path left = Files.createDirectories(path.resolve("tmp/1/solver")).resolve("library.so");
        Files.writeString(left, "left by a killed start");
        StudioFolder first = StudioFolder.open(path);
        assertThat(left).doesNotExist();
        assertThat(path.resolve("tmp")).isEmptyDirectory();
        Files.delete(path.resolve("in-use"));
        assertThatThrownBy(() -> StudioFolder.open(path)).hasMessageContaining("open in another running Fair Ember");
        first.close();
        StudioFolder.open(path).close();
    }

    @Test
    public void aProcessThatStillBatchesHasItsStudioWhateverBecomesOfTheLock() throws IOException, SQLException {
        Path path = Files.createTempDirectory("fairember-holder");
        try (StudioFolder folder = StudioFolder.open(path)) {
            Migrations.run(folder.createdFile());
        }
        Path file = path.resolve("fairember.db");
        Process other = new ProcessBuilder("sleep", "60").start();
        try {
            holder(file, other.pid(), other.info().startInstant().orElseThrow().toString());
            assertThatThrownBy(() -> StudioFolder.open(path))
                    .hasMessageContaining("open in another running Fair Ember");
            holder(file, other.pid(), "2001-01-01T00:00:00Z");
            StudioFolder.open(path).close();
        } finally {
            other.destroyForcibly();
        }
    }

    private static void holder(Path file, long pid, String startedAt) throws SQLException {
        try (Connection connection = StudioFile.source(new SQLiteConfig(), file).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("insert or replace into holder values (1, " + pid + ", '" + startedAt + "')");
        }
    }

    @Test
    public void aFileOfAnotherProgramOrANewerVersionIsLeftByteForByte() throws IOException, SQLException {
        Path path = Files.createTempDirectory("fairember-newer");
        Path file = path.resolve("fairember.db");
        try (StudioFolder folder = StudioFolder.open(path)) {
            Migrations.run(folder.createdFile());
        }
        try (Connection connection = StudioFile.source(new SQLiteConfig(), file).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("update flyway_schema_history set version = '999' where version = '1'");
        }
        byte[] newer = Files.readAllBytes(file);
        assertThatThrownBy(() -> StudioFile.check(file)).hasMessageContaining("newer version of Fair Ember");
        assertThat(Files.readAllBytes(file)).isEqualTo(newer);
        Files.writeString(file, "something else");
        assertThatThrownBy(() -> StudioFile.check(file)).hasMessageContaining("was not changed");
        assertThat(file).hasContent("something else");
        assertThatThrownBy(() -> StudioFolder.open(file)).hasMessageContaining("is a file, not a folder");
    }
}
