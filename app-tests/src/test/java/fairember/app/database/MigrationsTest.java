package fairember.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairember.app.FairEmber;
import fairember.app.batch.BatchStore;
import fairember.app.daybook.DaybookStore;
import fairember.app.design.DesignStore;
import fairember.app.document.DocumentStore;
import fairember.app.document.SavedKind;
import fairember.app.journal.Journal;
import fairember.app.leftover.LeftoverStore;
import fairember.app.mix.MixStore;
import fairember.app.oven.OvenStore;
import fairember.core.bake.StageKind;
import fairember.core.batch.Batch;
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
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;
import org.sqlite.SQLiteDataSource;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A studio written by any earlier version opens in this one, whole. Each version has its file of rows. */
public class MigrationsTest {
    @DataProvider
    public Object[][] versions() {
        return new Object[][] {
            {"1"}, {"2"}, {"3"}, {"4"}, {"5"}, {"6"}, {"7"}, {"8"}, {"9"}, {"10"}, {"11"}, {"14"}, {"16"}, {"22"}
        };
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
            int number = Integer.parseInt(version);
            Database database = studio.getBean(Database.class);
            assertThat(field(database, "settings", "name")).containsExactly("Old studio");
            assertThat(field(database, "design", "parts[0].name")).containsExactly("Body");
            assertThat(field(database, "design", "parts[1].shape.dimensions.thicknessMm"))
                    .containsExactly(number >= 22 ? "2.0" : "2");
            assertThat(field(database, "load", "items[0].count")).containsExactly("3");
            DesignStore designs = studio.getBean(DesignStore.class);
            MeasuredDesign mouse = designs.measuring().of(1);
            assertThat(mouse.parts()).hasSize(2);
            assertThat(mouse.inserts()).hasSize(number == 1 ? 0 : 1);
            assertThat(field(database, "tile", "name")).hasSize(number < 3 ? 0 : 1);
            assertThat(field(database, "clay", "effect")).containsExactly(number < 3 ? "PLAIN" : "SHIMMER");
            MixStore mixes = studio.getBean(MixStore.class);
            assertThat(mixes.mixes()).extracting(Mix::name).startsWith("Chalk");
            assertThat(mixes.mixes()).hasSize(number >= 4 ? 2 : 1);
            assertThat(studio.getBean(LeftoverStore.class).lumps()).hasSize(number >= 4 ? 1 : 0);
            assertThat(field(database, "machine", "settings[0].thickMm")).isEqualTo(since(4, number, "2.5"));
            assertThat(field(database, "trial", "rows[0].name")).isEqualTo(since(4, number, "one coat"));
            assertThat(field(database, "oven", "readings[0].readC"))
                    .isEqualTo(number >= 5 ? List.of("114.0") : Collections.singletonList(null));
            assertThat(field(database, "constraints", "pins[0].items[0].count")).isEqualTo(since(6, number, "3"));
            assertThat(database.list("select temp_c from probe_reading", row -> row.getDouble(1)))
                    .hasSize(number >= 6 ? 1 : 0);
            assertThat(mouse.stages().get(0).stage().quench()).isEqualTo(number >= 6);
            assertThat(studio.getBean(OvenStore.class)
                            .all()
                            .get(0)
                            .value()
                            .hours()
                            .isPresent())
                    .isEqualTo(number >= 7);
            assertThat(field(database, "settings", "byHeat")).containsExactly(number >= 8 ? "1" : "0");
            assertThat(database.one("select preset from simulated_oven", row -> row.getString(1)))
                    .isEqualTo(number >= 8 ? Optional.of("SMALL") : Optional.empty());
            assertThat(field(database, "load", "inAt"))
                    .allSatisfy(Instant::parse)
                    .hasSize(1);
            assertThat(field(database, "tile", "confirmed")).isEqualTo(number >= 10 ? List.of("1") : nothings(number));
            assertThat(mouse.design().drawn()).isEqualTo(number >= 10 ? Drawn.PAIR : null);
            assertThat(studio.getBean(BatchStore.class).editions())
                    .isEqualTo(number >= 2 ? Map.of(1L, Map.of(1L, 3)) : Map.of());
            // An edition that was given to something removed is not given again, whatever its kind was called.
            assertThat(database.list("select kind from past_edition", row -> row.getString(1)))
                    .doesNotContain("piece", "run", "clay_line", "studio");
            assertThat(field(database, "settings", "paintMin")).isEqualTo(field(database, "settings", "partBakeMin"));
            assertThat(field(database, "design", "assemblies[1].joint"))
                    .isEqualTo(number >= 16 ? List.of("COLD") : none());
            assertThat(field(database, "progress", "ticks[0].pieces")).containsExactly("6");
            assertThat(field(database, "design", "checks[0].words")).doesNotContainNull();
            assertThat(field(database, "load", "outcome")).containsExactly("BAKED");
            assertThat(studio.getBean(DaybookStore.class).logged(1, 1, 0).min()).isEqualTo(20.0);
            assertThat(database.list("select pieces || step_name from daybook", row -> row.getString(1)))
                    .hasSize(1)
                    .allMatch(line -> line.startsWith("4") && line.length() > 2);
            assertThat(field(database, "cutter", "name")).isEqualTo(since(22, number, "Tag"));
            assertThat(field(database, "spares", "parts[0].count")).isEqualTo(since(22, number, "5"));
            assertThat(field(database, "supply", "onShelf")).isEqualTo(since(22, number, "4.0"));
            assertThat(database.list("select picture_id from daybook", row -> row.getLong(1)))
                    .containsExactly(number >= 22 ? 1L : 0L);
            theDocumentsAreFormsOfToday(studio);
        }
    }

    /** Every document is read and written again as it is; what it refers to is held by the database. */
    private static void theDocumentsAreFormsOfToday(ConfigurableApplicationContext studio) {
        List<DocumentStore<?>> stores = new ArrayList<>();
        studio.getBeansOfType(DocumentStore.class).values().forEach(stores::add);
        for (DocumentStore<?> store : stores) {
            List<?> before = store.all().stream().map(SavedKind.Saved::value).toList();
            studio.getBean(TransactionTemplate.class).executeWithoutResult(running -> again(store));
            assertThat(store.all().stream().map(SavedKind.Saved::value).toList())
                    .as(store.kind())
                    .isEqualTo(before);
        }
        assertThatThrownBy(() -> studio.getBean(TransactionTemplate.class)
                        .executeWithoutResult(
                                running -> studio.getBean(MixStore.class).remove(1)))
                .isInstanceOf(StoreException.class);
    }

    private static <D extends Record> void again(DocumentStore<D> store) {
        store.all().forEach(saved -> store.put(saved.id(), saved.value()));
    }

    /** A field of every document of a kind; the whole document without one. */
    private static List<String> field(Database database, String kind, String path) {
        return database.list(
                "select json ->> ? from document where kind = ? order by id",
                row -> row.getString(1),
                path.isEmpty() ? "$" : "$." + path,
                kind);
    }

    private static List<String> since(int first, int number, String value) {
        return number >= first ? List.of(value) : List.of();
    }

    private static List<String> none() {
        return Collections.singletonList(null);
    }

    private static List<String> nothings(int number) {
        return number < 3 ? List.of() : Collections.singletonList(null);
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
            Batch undone = studio.getBean(BatchStore.class).all().get(0).value();
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

    /** Eyes and fins that were baked apart become sets of their own; bakes and what goes into them stay as they were. */
    @Test
    public void bakesInOneLineBecomeBakesOfAssemblies() {
        JsonMapper json = new JsonMapper();
        ObjectNode joined = V16__Assemblies.joined((ObjectNode) json.readTree("""
                {"parts":[{"name":"Body","stage":1},{"name":"Eye","stage":0},{"name":"Fin","stage":2},{"name":"Hat","stage":3}],
                 "stages":[{"name":"eyes","loose":true},{"name":"body","loose":false},{"name":"fins","loose":true},
                           {"name":"whole","loose":false}],
                 "steps":[{"name":"roll","stage":0},{"name":"build","stage":1},{"name":"fin","stage":2},{"name":"join","stage":3},
                          {"name":"sand","stage":4}]}"""));
        assertThat(joined).isEqualTo(json.readTree("""
                {"parts":[{"name":"Body","assembly":0,"bake":0},{"name":"Eye","assembly":1,"bake":0},
                          {"name":"Fin","assembly":2,"bake":0},{"name":"Hat","assembly":0,"bake":1}],
                 "stages":[{"name":"eyes","assembly":1},{"name":"body","assembly":0},{"name":"fins","assembly":2},
                           {"name":"whole","assembly":0}],
                 "steps":[{"name":"roll","assembly":1,"bake":0},{"name":"build","assembly":0,"bake":0},
                          {"name":"fin","assembly":2,"bake":0},{"name":"join","assembly":0,"bake":1},
                          {"name":"sand","assembly":0,"bake":2}],
                 "assemblies":[{"name":"Whole piece","joint":"CURED","separate":false},
                               {"name":"Eyes","into":{"assembly":0,"bake":0},"joint":"CURED","separate":true},
                               {"name":"Fins","into":{"assembly":0,"bake":1},"joint":"CURED","separate":true}]}"""));
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
