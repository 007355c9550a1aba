package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The readings of the oven's thermometer are kept, and say where to set the dial. */
public class DialTest extends ServerTest {
    private JsonNode dial(double wantedC) {
        return http().get("/api/ovens/1/dial?wantedC=" + wantedC).json();
    }

    private Http.Answer with(List<Map<String, Double>> readings) {
        JsonNode saved = http().get("/api/ovens/1").json();
        ObjectNode oven = saved.path("oven").deepCopy().asObject();
        oven.set("readings", Http.JSON.valueToTree(readings));
        return http().put("/api/ovens/1?edition=" + saved.path("edition").asInt(), oven);
    }

    private static Map<String, Double> reading(double dial, double read) {
        return Map.of("dialC", dial, "readC", read);
    }

    @Test
    public void theDialIsSetByTheReadingsAndUndoTakesThemBack() {
        JsonNode before = http().get("/api/ovens/1").json().path("oven");
        // The demo's oven is 120 at 125 and 134 at 140: for 125, a third of the way and a little.
        assertThat(dial(125).path("dialC").asDouble()).isCloseTo(125 + 15 * 5.0 / 14, offset(1e-9));
        assertThat(dial(125).path("beyond").asBoolean()).isFalse();
        assertThat(dial(160).path("beyond").asBoolean()).isTrue();
        assertThat(with(List.of(reading(130, 120), reading(110, 104))).status()).isEqualTo(200);
        assertThat(dial(112).path("dialC").asDouble()).isCloseTo(120, offset(1e-9));
        assertThat(with(List.of()).status()).isEqualTo(200);
        assertThat(dial(112).path("dialC").isMissingNode()).isTrue();
        http().undo();
        http().undo();
        assertThat(http().get("/api/ovens/1").json().path("oven")).isEqualTo(before);
    }

    @Test
    public void readingsThatCannotBeAreRefused() {
        JsonNode before = http().get("/api/ovens/1").json();
        assertThat(with(List.of(reading(130, 120), reading(110, 124))).text())
                .contains("\"field\":\"readings\"", "Read one of the two again");
        assertThat(with(List.of(reading(10, 120))).text()).contains("\"field\":\"readings[0].dialC\"");
        assertThat(http().get("/api/ovens/1/dial?wantedC=9000").status()).isEqualTo(422);
        assertThat(http().get("/api/ovens/1").json()).isEqualTo(before);
    }
}
