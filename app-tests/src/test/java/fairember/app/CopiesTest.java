package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Copies are saved while the studio is written to, checked before they are opened, and opened whole or not at all. */
public class CopiesTest extends ServerTest {
    private static final String COPY = "/api/studio/copy";

    private Http.Answer open(byte[] copy) {
        return http().send("POST", COPY, copy, "Content-Type", "application/octet-stream");
    }

    private static long number(Path file, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }

    @Test
    public void everyCopyThatIsMadeWhileOthersWriteIsWhole() throws Exception {
        AtomicBoolean done = new AtomicBoolean();
        ExecutorService writer = Executors.newSingleThreadExecutor();
        Future<Integer> written = writer.submit(() -> {
            int changes = 0;
            while (!done.get()) {
                JsonNode saved = http().get("/api/settings").json();
                ObjectNode settings =
                        saved.path("settings").deepCopy().asObject().put("name", "Bench " + changes);
                changes += http().put(
                                                "/api/settings?edition="
                                                        + saved.path("edition").asInt(),
                                                settings)
                                        .status()
                                == 200
                        ? 1
                        : 0;
            }
            return changes;
        });
        long last = 0;
        for (int i = 0; i < 6; i++) {
            Path file = Files.createTempFile("fairember-copy", ".db");
            Files.write(file, http().bytes(COPY));
            assertThat(number(file, "select count(*) from pragma_integrity_check where integrity_check <> 'ok'"))
                    .isZero();
            assertThat(number(file, "select count(*) from pragma_foreign_key_check"))
                    .isZero();
            long edition = number(file, "select edition from document where kind = 'settings'");
            assertThat(edition).isGreaterThanOrEqualTo(last);
            last = edition;
            Files.delete(file);
        }
        done.set(true);
        int changes = written.get();
        writer.shutdownNow();
        assertThat(changes).isPositive();
        for (int i = 0; i < changes; i++) {
            http().undo();
        }
    }

    @Test
    public void anOpenedCopyBringsAllBackAndEditionsGoOn() throws IOException {
        JsonNode designs = http().get("/api/designs").json();
        byte[] copy = http().bytes(COPY);
        JsonNode first = designs.get(0);
        String path = "/api/designs/" + first.path("id").asLong();
        http().put(
                        path + "?edition=" + first.path("edition").asInt(),
                        first.path("design").deepCopy().asObject().put("name", "Changed since"));
        http().post("/api/designs", first.path("design").deepCopy().asObject().put("name", "Added since"));
        Http.Answer opened = open(copy);
        assertThat(opened.status()).as(opened.text()).isEqualTo(200);
        JsonNode again = http().get("/api/designs").json();
        assertThat(again.size()).isEqualTo(designs.size());
        for (int i = 0; i < designs.size(); i++) {
            assertThat(again.get(i).path("design")).isEqualTo(designs.get(i).path("design"));
        }
        assertThat(http().get(path).json().path("edition").asInt())
                .isGreaterThan(first.path("edition").asInt() + 1);
        String before = opened.json().path("before").asString();
        JsonNode kept = http().get("/api/studio/copies").json();
        assertThat(kept.get(0).path("name").asString()).isEqualTo(before);
        assertThat(kept.get(0).path("bytes").asLong()).isPositive();
        assertThat(http().post("/api/studio/copies/" + before, null).status()).isEqualTo(200);
        assertThat(http().get("/api/designs").json().size()).isEqualTo(designs.size() + 1);
        assertThat(open(copy).status()).isEqualTo(200);
        assertThat(http().get("/api/studio/copies").json().size()).isEqualTo(kept.size() + 2);
        assertThat(http().post("/api/studio/copies/..%2Ffairember.db", null).status())
                .isBetween(400, 404);
        assertThat(http().post("/api/studio/copies/none.db", null).status()).isEqualTo(404);
    }

    @DataProvider
    public Object[][] unfit() throws IOException, SQLException {
        Path other = Files.createTempDirectory("fairember-other").resolve("other.db");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + other);
                Statement statement = connection.createStatement()) {
            statement.execute("create table recipes (name text)");
        }
        return new Object[][] {
            {"empty", new byte[0]},
            {"is not an SQLite file", "no studio at all".getBytes(StandardCharsets.UTF_8)},
            {"another program", Files.readAllBytes(other)},
        };
    }

    @Test(dataProvider = "unfit")
    public void whatIsNoCopyIsRefusedAndNothingIsChanged(String message, byte[] file) {
        JsonNode before = http().get("/api/designs").json();
        Http.Answer answer = open(file);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.text()).contains(message).doesNotContain(folder().toString());
        assertThat(http().get("/api/designs").json()).isEqualTo(before);
    }

    @Test
    public void aDamagedOrNewerCopyIsRefused() throws IOException, SQLException {
        byte[] copy = http().bytes(COPY);
        assertThat(open(Arrays.copyOf(copy, copy.length / 2)).text()).contains("is damaged");
        byte[] torn = copy.clone();
        Arrays.fill(torn, 8192, copy.length / 2, (byte) 7);
        assertThat(open(torn).status()).isEqualTo(422);
        Path newer = Files.createTempDirectory("fairember-newer").resolve("newer.db");
        Files.write(newer, copy);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + newer);
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "insert into flyway_schema_history select 999, '999', 'later', type, 'V999__later.sql', checksum, installed_by, installed_on, execution_time, success from flyway_schema_history where installed_rank = 1");
        }
        assertThat(open(Files.readAllBytes(newer)).text()).contains("saved by a newer version of Fair Ember");
    }
}
