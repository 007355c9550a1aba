package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The committed description of the API is the one the controllers have. Run with {@code -Dopenapi.write=true} to write it
 * again; the types of the pages are made from it.
 */
public class OpenApiTest extends ServerTest {
    private static final Path COMMITTED = Path.of("../app/src/main/resources/openapi/openapi.json");

    @Test
    public void theCommittedDescriptionIsTheOneOfTheControllers() throws IOException {
        JsonNode now = described(http().get("/v3/api-docs").json());
        JsonMapper pretty = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, pretty.writeValueAsString(now) + "\n");
        }
        assertThat(Http.JSON.readTree(Files.readString(COMMITTED)))
                .as("the API differs from openapi.json; write it again with -Dopenapi.write=true")
                .isEqualTo(now);
    }

    @Test
    public void theDescriptionIsServedWithTheApplication() {
        assertThat(http().get("/api/openapi.json").json().path("paths").size()).isGreaterThan(20);
    }

    private static JsonNode described(JsonNode document) {
        ObjectNode now = (ObjectNode) document;
        now.remove("servers");
        now.putObject("info").put("title", "Fair Ember").put("version", "1");
        // Any JSON: a reading of a probe is looked at by itself, so that a wrong one does not stop the others.
        ((ObjectNode) now.path("components").path("schemas"))
                .putObject("JsonNode")
                .put("description", "Any JSON value.");
        return now;
    }
}
