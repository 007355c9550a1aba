package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The firm line of the demo is given to dry in the air: its designs want hours and no oven. */
public class AirDryTest extends ServerTest {
    private JsonNode line() {
        for (JsonNode line : http().get("/api/shelf").json().path("ranges")) {
            if (line.path("range").path("name").asString().equals("Marl Firm")) {
                return line;
            }
        }
        throw new IllegalStateException("The demo has its firm line");
    }

    private Http.Answer dries(double hours) {
        JsonNode saved = line();
        ObjectNode form = ((ObjectNode) saved.path("range")).put("driesH", hours);
        return http().put(
                        "/api/shelf/ranges/" + saved.path("id").asLong() + "?edition="
                                + saved.path("edition").asInt(),
                        form);
    }

    /** After those that look at the demo as it began. */
    @Test(priority = 1)
    public void aLineThatDriesInTheAirWantsHoursInsteadOfTheOven() {
        assertThat(dries(900).status()).isEqualTo(422);
        int loads = http().get("/api/baking").json().path("planned").size();
        int varnished = http().get("/api/baking").json().path("drying").size();
        assertThat(dries(24).status()).isEqualTo(200);
        List<Double> hours = new ArrayList<>();
        List<String> rules = new ArrayList<>();
        for (JsonNode row : http().get("/api/designs").json()) {
            JsonNode design =
                    http().get("/api/designs/" + row.path("id").asLong()).json();
            for (JsonNode stage : design.path("measured").path("stages")) {
                if (stage.has("driesMin")) {
                    hours.add(stage.path("driesMin").asDouble() / 60);
                    // A day for every 6 mm of the thickest section.
                    assertThat(stage.path("driesMin").asDouble())
                            .isEqualTo(1440 * stage.path("thickestMm").asDouble() / 6);
                    assertThat(stage.path("bakingMin").asDouble()).isZero();
                    assertThat(stage.path("reason").asString()).startsWith("Dries in the air");
                }
            }
            design.path("measured")
                    .path("advice")
                    .forEach(f -> rules.add(f.path("rule").asString()));
        }
        assertThat(hours).isNotEmpty();
        assertThat(rules).contains("air-and-oven");
        JsonNode day = http().get("/api/baking").json();
        assertThat(day.path("planned").size()).isLessThanOrEqualTo(loads);
        assertThat(day.path("drying").size()).isGreaterThan(varnished);
        assertThat(dries(0).status()).isEqualTo(200);
        assertThat(http().get("/api/baking").json().path("drying").size()).isEqualTo(varnished);
        assertThat(http().get("/api/baking").json().path("planned").size()).isEqualTo(loads);
    }
}
