package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A full disk and a locked file are said in words, and lose nothing. */
public class StoreTroubleTest extends ServerTest {
    @Autowired
    @Qualifier("writer")
    private DataSource writer;

    private long pragma(String sql) throws SQLException {
        try (Connection connection = writer.getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            return row.getLong(1);
        }
    }

    @Test
    public void aFullDiskIsSaidAndWhatWasSavedStays() throws SQLException {
        JsonNode design = http().get("/api/designs/1").json().path("design");
        JsonNode before = http().get("/api/designs").json();
        long pages = pragma("pragma page_count");
        pragma("pragma max_page_count = " + pages);
        Http.Answer answer;
        int added = 0;
        do {
            answer = http().post("/api/designs", design);
            added += answer.status() == 201 ? 1 : 0;
        } while (answer.status() == 201 && added < 200);
        pragma("pragma max_page_count = 1000000000");
        assertThat(answer.status()).isEqualTo(507);
        assertThat(answer.json().path("detail").asString())
                .contains("disk is full", "saved before is kept", "Free some space");
        assertThat(http().get("/api/designs").json().size()).isEqualTo(before.size() + added);
        assertThat(http().post("/api/designs", design).status()).isEqualTo(201);
        for (int i = 0; i <= added; i++) {
            http().undo();
        }
        assertThat(http().get("/api/designs").json()).isEqualTo(before);
    }

    @Test
    public void aFileHeldByAnotherProgramIsSaidAndReadingGoesOn() throws SQLException {
        JsonNode saved = http().get("/api/settings").json();
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + folder().resolve("fairember.db"));
                Statement statement = other.createStatement()) {
            statement.execute("begin immediate");
            Http.Answer answer =
                    http().put("/api/settings?edition=" + saved.path("edition").asInt(), saved.path("settings"));
            assertThat(answer.status()).isEqualTo(503);
            assertThat(answer.json().path("detail").asString()).contains("Another program", "saved before is kept");
            assertThat(http().get("/api/settings").json()).isEqualTo(saved);
            statement.execute("rollback");
        }
        assertThat(http().put("/api/settings?edition=" + saved.path("edition").asInt(), saved.path("settings"))
                        .status())
                .isEqualTo(200);
    }
}
