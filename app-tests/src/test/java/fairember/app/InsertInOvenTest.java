package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Things that stay in a design and do not take the heat. */
public class InsertInOvenTest extends ServerTest {
    /** A pencil that stays in and takes 80 °C closes the window: no load has such a design, and none is started with it. */
    @Test
    public void whatHasAnInsertThatCannotTakeTheHeatIsNeitherPlannedNorStarted() {
        ObjectNode design =
                http().get("/api/designs/1").json().path("design").deepCopy().asObject();
        ObjectNode pencil =
                design.put("name", "Light on a pencil").putArray("inserts").addObject();
        pencil.put("name", "Pencil")
                .put("stays", true)
                .put("ceilingC", 80)
                .put("thickMm", 7.4)
                .put("lengthMm", 176);
        pencil.put("coveredMm", 18)
                .put("massG", 4.6)
                .put("turns", 20)
                .put("sheetMm", 2.6)
                .put("seamMm", 1)
                .put("acrossMm", 0)
                .put("upMm", 0);
        Http.Answer drawn = http().post("/api/designs", design);
        assertThat(drawn.status()).as(drawn.text()).isEqualTo(201);
        int id = drawn.json().path("id").asInt();
        ObjectNode batch = http().get("/api/batches/3")
                .json()
                .path("batch")
                .deepCopy()
                .asObject()
                .put("name", "Pencils");
        batch.putArray("lines").addObject().put("designId", id).put("quantity", 2);
        Http.Answer begun = http().post("/api/batches", batch);
        assertThat(begun.status()).as(begun.text()).isEqualTo(201);
        assertThat(planned(id)).isEmpty();
        assertThat(http().get("/api/baking").json().path("advice"))
                .anyMatch(f -> f.path("message").asString().contains("Light on a pencil"));
        Map<String, Object> item =
                Map.of("batchId", begun.json().path("id").asInt(), "designId", id, "stage", 0, "count", 1);
        http().takeOut(4);
        Map<String, Object> start = Map.of("tempC", 125, "bakingMin", 60, "items", List.of(item), "ovenId", 1);
        Http.Answer refused = http().post("/api/baking/loads", start);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("Light on a pencil");
        http().undo();
        http().undo();
        http().undo();
    }

    private List<JsonNode> planned(long designId) {
        List<JsonNode> planned = new ArrayList<>();
        http().get("/api/baking")
                .json()
                .path("planned")
                .forEach(load -> load.path("items").forEach(planned::add));
        planned.removeIf(i -> i.path("designId").asLong() != designId);
        return planned;
    }
}
