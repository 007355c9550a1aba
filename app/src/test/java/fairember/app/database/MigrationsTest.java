package fairember.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.app.FairEmber;
import fairember.app.batch.BatchForm;
import fairember.app.batch.BatchStore;
import fairember.app.design.DesignStore;
import fairember.app.journal.Journal;
import fairember.app.leftover.LeftoverStore;
import fairember.app.mix.MixStore;
import fairember.app.oven.OvenStore;
import fairember.core.bake.StageKind;
import fairember.core.design.Drawn;
import fairember.core.design.MeasuredDesign;
import fairember.core.mix.Mix;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.sqlite.SQLiteDataSource;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A studio written by any earlier version opens in this one, whole. Each version has its file of rows. */
public class MigrationsTest {
    @DataProvider
    public Object[][] versions() {
        return new Object[][] {{"1"}, {"2"}, {"3"}, {"4"}, {"5"}, {"6"}, {"7"}, {"8"}, {"9"}, {"10"}};
    }

    @Test(dataProvider = "versions")
    public void aStudioOfThisVersionOpensWithAllItHeld(String version) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("fairember-v" + version);
        String url = "jdbc:sqlite:" + folder.resolve("fairember.db");
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl(url);
        Migrations.flyway(source, MigrationVersion.fromVersion(version)).migrate();
        insert(url, "/db/v" + version + ".sql");
        try (ConfigurableApplicationContext studio =
                SpringApplication.run(FairEmber.class, "--server.port=0", "--fairember.data=" + folder)) {
            Database database = studio.getBean(Database.class);
            assertThat(database.one("select name from studio", row -> row.getString(1)))
                    .contains("Old studio");
            assertThat(database.list("select name from part order by position", row -> row.getString(1)))
                    .containsExactly("Body", "Ear");
            assertThat(database.one("select count(*) from load_item", row -> row.getInt(1)))
                    .contains(1);
            DesignStore designs = studio.getBean(DesignStore.class);
            MeasuredDesign mouse = designs.measuring().of(1);
            assertThat(mouse.parts()).hasSize(2);
            assertThat(mouse.inserts()).hasSize(version.equals("1") ? 0 : 1);
            assertThat(database.list("select name from trial_tile", row -> row.getString(1)))
                    .hasSize(Integer.parseInt(version) < 3 ? 0 : 1);
            assertThat(database.one("select effect from clay", row -> row.getString(1)))
                    .contains(Integer.parseInt(version) < 3 ? "PLAIN" : "SHIMMER");
            MixStore mixes = studio.getBean(MixStore.class);
            assertThat(mixes.mixes()).extracting(Mix::name).startsWith("Chalk");
            assertThat(mixes.mixes()).hasSize(Integer.parseInt(version) >= 4 ? 2 : 1);
            assertThat(studio.getBean(LeftoverStore.class).lumps()).hasSize(Integer.parseInt(version) >= 4 ? 1 : 0);
            assertThat(database.one("select thick_mm from machine_setting", row -> row.getDouble(1)))
                    .isEqualTo(Integer.parseInt(version) >= 4 ? Optional.of(2.5) : Optional.empty());
            assertThat(database.one("select name from trial_row", row -> row.getString(1))
                            .isPresent())
                    .isEqualTo(Integer.parseInt(version) >= 4);
            assertThat(database.list("select read_c from dial_reading", row -> row.getDouble(1)))
                    .hasSize(Integer.parseInt(version) >= 5 ? 1 : 0);
            assertThat(database.list("select count from pin_item", row -> row.getInt(1)))
                    .hasSize(Integer.parseInt(version) >= 6 ? 1 : 0);
            assertThat(database.list("select temp_c from probe_reading", row -> row.getDouble(1)))
                    .hasSize(Integer.parseInt(version) >= 6 ? 1 : 0);
            assertThat(mouse.stages().get(0).stage().quench()).isEqualTo(Integer.parseInt(version) >= 6);
            assertThat(studio.getBean(OvenStore.class)
                            .all()
                            .get(0)
                            .form()
                            .hours()
                            .isPresent())
                    .isEqualTo(Integer.parseInt(version) >= 7);
            assertThat(database.one("select by_heat from studio", row -> row.getBoolean(1)))
                    .contains(Integer.parseInt(version) >= 8);
            assertThat(database.one("select preset from simulated_oven", row -> row.getString(1)))
                    .isEqualTo(Integer.parseInt(version) >= 8 ? Optional.of("SMALL") : Optional.empty());
            assertThat(database.list("select in_at from oven_load", row -> Instant.parse(row.getString(1))))
                    .hasSize(1);
            assertThat(database.one("select confirmed from trial_tile", row -> row.getBoolean(1))
                            .orElse(false))
                    .isEqualTo(Integer.parseInt(version) >= 10);
            assertThat(mouse.design().drawn()).isEqualTo(Integer.parseInt(version) >= 10 ? Drawn.PAIR : null);
        }
    }

    /** Forms in the journal and in old versions take the names of today; what they hold can still be undone and brought back. */
    @Test
    public void whatWasChangedUnderOldNamesIsStillUndone() throws IOException, SQLException {
        Path folder = Files.createTempDirectory("fairember-v10");
        String url = "jdbc:sqlite:" + folder.resolve("fairember.db");
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl(url);
        Migrations.flyway(source, MigrationVersion.fromVersion("10")).migrate();
        insert(url, "/db/v10.sql");
        String batch = "{\"name\":\"%s\",\"state\":\"ON_BENCH\",\"beginsOn\":\"2026-11-20\",\"dueOn\":\"2026-12-01\","
                + "\"lines\":[{\"pieceId\":1,\"quantity\":6}]}";
        try (Connection connection = DriverManager.getConnection(url);
                PreparedStatement add = connection.prepareStatement(
                        "insert into change values (90, '2026-11-22T09:00:00Z', 'run', 1, 'Mice', ?, ?, 0, 90)")) {
            add.setString(1, batch.formatted("Shrews"));
            add.setString(2, batch.formatted("Mice"));
            add.executeUpdate();
        }
        try (ConfigurableApplicationContext studio =
                SpringApplication.run(FairEmber.class, "--server.port=0", "--fairember.data=" + folder)) {
            studio.getBean(Journal.class).undo(90);
            BatchForm undone = studio.getBean(BatchStore.class).all().get(0).form();
            assertThat(undone.name()).isEqualTo("Shrews");
            assertThat(undone.lines().get(0).designId()).isEqualTo(1);
            assertThat(studio.getBean(DesignStore.class)
                            .measuring()
                            .of(1)
                            .stages()
                            .get(0)
                            .stage()
                            .kind())
                    .isEqualTo(StageKind.FULL_BAKE);
        }
    }

    private static void insert(String url, String resource) throws IOException, SQLException {
        try (var stream = Objects.requireNonNull(MigrationsTest.class.getResourceAsStream(resource));
                Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            for (String sql : new String(stream.readAllBytes(), StandardCharsets.UTF_8).split(";\n", -1)) {
                if (!sql.isBlank()) {
                    statement.execute(sql);
                }
            }
        }
    }
}
