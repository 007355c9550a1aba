package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A first plan, and what in plans is still a guess, over HTTP. */
public class BeginningTest extends ServerTest {
    private static final Map<String, Object> CHARMS =
            Map.of("kind", "CHARM", "heightMm", 26, "colourHex", "#336677", "quantity", 40, "dueOn", "2030-05-01");

    private JsonNode look(Map<String, Object> form) {
        return http().post("/api/beginning/look", form).json();
    }

    @Test
    public void whatIsKeptIsWhatWasShownAndOneUndoTakesItBack() {
        JsonNode shown = look(CHARMS);
        assertThat(shown.path("design").path("name").asString()).isEqualTo("New charm");
        int batches = http().get("/api/batches").json().size();
        int clays = http().get("/api/shelf").json().path("clays").size();
        JsonNode kept = http().post("/api/beginning", CHARMS).json();
        JsonNode batch =
                http().get("/api/batches/" + kept.path("batchId").asLong()).json();
        assertThat(batch.path("batch").path("state").asString()).isEqualTo("ON_BENCH");
        JsonNode plan = batch.path("plan");
        assertThat(plan.path("needs").path("mixes").get(0).path("toMixG").asDouble())
                .isEqualTo(
                        shown.path("needs").path("mixes").get(0).path("toMixG").asDouble());
        assertThat(plan.path("price").get(0).path("priceMinor").asLong())
                .isEqualTo(shown.path("priceMinor").asLong());
        assertThat(plan.path("handsMin").asDouble())
                .isEqualTo(shown.path("handsMin").asDouble());
        http().undo();
        assertThat(http().get("/api/batches").json()).hasSize(batches);
        assertThat(http().get("/api/shelf").json().path("clays")).hasSize(clays);
    }

    @Test
    public void ofAMixThatIsThereNothingIsAddedToTheShelf() {
        int clays = http().get("/api/shelf").json().path("clays").size();
        long id = http().post("/api/beginning?mixId=1", CHARMS)
                .json()
                .path("designId")
                .asLong();
        JsonNode design = http().get("/api/designs/" + id).json().path("design");
        assertThat(design.path("parts").get(0).path("mixId").asLong()).isEqualTo(1);
        assertThat(http().get("/api/shelf").json().path("clays")).hasSize(clays);
        http().undo();
        assertThat(http().post("/api/beginning?mixId=999", CHARMS).status()).isEqualTo(422);
    }

    /** The demo's packets were typed in, and its oven was measured; what is still guessed can be said to be right. */
    @Test
    public void aGuessThatIsConfirmedIsNotNamedAgain() {
        long id = http().post("/api/beginning", CHARMS).json().path("batchId").asLong();
        String path = "/api/beginning/guesses/" + id;
        List<String> kinds = kinds(path);
        assertThat(kinds).contains("PACKET", "CLAY_PRICE").doesNotContain("OVEN");
        JsonNode saved = http().get("/api/settings").json();
        ObjectNode settings = (ObjectNode) saved.path("settings");
        settings.putArray("confirmed").add("PACKET");
        http().put("/api/settings?edition=" + saved.path("edition").asInt(), settings);
        assertThat(kinds(path)).doesNotContain("PACKET").contains("CLAY_PRICE");
        http().undo();
        http().undo();
    }

    private List<String> kinds(String path) {
        List<String> kinds = new ArrayList<>();
        http().get(path).json().forEach(guess -> kinds.add(guess.path("kind").asString()));
        return kinds;
    }

    @Test
    public void whatCannotBeBegunIsRefusedAtItsField() {
        Map<String, Object> wrong = new HashMap<>(CHARMS);
        wrong.put("heightMm", 5000);
        wrong.put("quantity", 0);
        JsonNode refused = http().post("/api/beginning/look", wrong).json();
        assertThat(refused.toString()).contains("heightMm", "quantity", "1 to 400 mm");
    }
}
