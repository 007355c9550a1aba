package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A whole problem in one request: two ovens, hours, hands, waits, dues, pairs apart, a load held. */
public class LoadSumsTest extends ServerTest {
    private static final String OVENS = """
            [{"name": "a", "trayWidthMm": 200, "trayDepthMm": 100, "clearancesMm": [60, 30], "gapMm": 5, "preheatMin": 10,
              "unloadMin": 2, "preheatKwh": 0.2, "keepHotKw": 0.6, "hours": [{"fromMin": 0, "toMin": 400}]},
             {"name": "b", "trayWidthMm": 120, "trayDepthMm": 100, "clearancesMm": [60], "gapMm": 5, "preheatMin": 8,
              "unloadMin": 2, "preheatKwh": 0.1, "keepHotKw": 0.5, "cold": true}]""";

    private static String bake(String key, String more) {
        return """
                {"key": "%s", "count": 6, "widthMm": 40, "depthMm": 30, "heightMm": 25, "lowC": 120, "highC": 130,
                 "bakingMin": 20, "mostMin": 45%s}""".formatted(key, more);
    }

    private JsonNode plan(String ovens, String rest, String... bakes) {
        Http.Answer answer = http().post(
                        "/api/sums/loads",
                        "{\"ovens\":" + ovens + ",\"bakes\":[" + String.join(",", bakes) + "]" + rest + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> texts = new ArrayList<>();
        list.forEach(node -> texts.add(node.path(field).asString()));
        return texts;
    }

    @Test
    public void aWholeProblemIsAnsweredWithHandsLoadsPlacesAndBounds() {
        JsonNode plan = plan(
                OVENS,
                ",\"makers\":{\"atOnce\":1},\"apart\":[{\"one\":\"body\",\"other\":\"flag\"}]",
                bake("eyes", ",\"handsMin\": 15"),
                bake(
                        "body",
                        ",\"handsMin\": 40, \"after\": [{\"key\": \"eyes\", \"coolingMin\": 10}], \"dueMin\": 200"),
                bake(
                        "flag",
                        ",\"handsFromMin\": 30, \"handsMin\": 10, \"least\": 6, \"turns\": false, \"dueMin\": 90"));
        assertThat(texts(plan.path("hands"), "key")).containsExactlyInAnyOrder("eyes", "body", "flag");
        assertThat(texts(plan.path("objectives"), "objective")).containsExactly("LATENESS", "LOADS", "KWH", "FINISH");
        // Eyes in at 15 when the oven is hot: out at 35, unloaded 37, cooled 47, body shaped 87, in, out and unloaded
        // 109.
        assertThat(plan.path("objectives").path(0).path("value").asDouble()).isZero();
        assertThat(plan.path("objectives").path(0).path("proven").asBoolean()).isTrue();
        assertThat(plan.path("advice").size()).isZero();
        double kwh = 0;
        int items = 0;
        for (JsonNode load : plan.path("loads")) {
            kwh += load.path("energyKwh").asDouble();
            items += load.path("places").size();
            assertThat(texts(load.path("items"), "key")).isNotEqualTo(List.of("body", "flag"));
            assertThat(load.path("endMin").asDouble()).isLessThanOrEqualTo(400);
        }
        assertThat(items).isEqualTo(18);
        assertThat(plan.path("objectives").path(2).path("value").asDouble()).isCloseTo(kwh, offset(1e-6));
        assertThat(plan)
                .isEqualTo(
                        plan(
                                OVENS,
                                ",\"makers\":{\"atOnce\":1},\"apart\":[{\"one\":\"body\",\"other\":\"flag\"}]",
                                bake("eyes", ",\"handsMin\": 15"),
                                bake(
                                        "body",
                                        ",\"handsMin\": 40, \"after\": [{\"key\": \"eyes\", \"coolingMin\": 10}], \"dueMin\": 200"),
                                bake(
                                        "flag",
                                        ",\"handsFromMin\": 30, \"handsMin\": 10, \"least\": 6, \"turns\": false, \"dueMin\": 90")));
    }

    @Test
    public void whatCannotBeIsFlaggedAndTheRestIsPlanned() {
        JsonNode plan = plan(
                OVENS,
                ",\"effort\":\"SEARCH\",\"order\":[\"KWH\"],\"pins\":[{\"oven\":7,\"items\":[{\"key\":\"fine\",\"count\":1}]}]",
                bake("huge", ",\"least\": 1").replace("\"widthMm\": 40", "\"widthMm\": 900"),
                bake("cold", "").replace("\"lowC\": 120", "\"lowC\": 140"),
                bake("one", ",\"after\": [{\"key\": \"other\", \"coolingMin\": 1}]"),
                bake("other", ",\"after\": [{\"key\": \"one\", \"coolingMin\": 1}]"),
                bake("fine", ",\"dueMin\": -10"));
        assertThat(texts(plan.path("advice"), "rule"))
                .containsExactlyInAnyOrder("too-large", "no-temperature", "ring", "ring", "due-past", "pin-broken");
        assertThat(plan.path("loads").size()).isEqualTo(1);
        // The second oven takes less to heat and to hold: 0.1 kWh and 20 minutes at 0.5 kW.
        assertThat(plan.path("loads").path(0).path("oven").asInt()).isEqualTo(1);
        assertThat(plan.path("objectives").path(0).path("value").asDouble()).isCloseTo(0.1 + 0.5 / 3, offset(1e-6));
        JsonNode none = plan("[]", "", bake("fine", ""));
        assertThat(texts(none.path("advice"), "rule")).containsExactly("no-oven");
    }
}
