package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The demo studio, on a server of its own as it begins, has something true to show in every view. */
public class DemoTest {
    private ConfigurableApplicationContext studio;

    @BeforeClass
    public void start() throws IOException {
        studio = SpringApplication.run(
                FairEmber.class,
                "--server.port=0",
                "--fairember.data=" + Files.createTempDirectory("fairember-demo"),
                "--fairember.demo=true",
                "--fairember.plans-improved=WITHIN_REQUESTS",
                "--fairember.now=2026-11-26T11:07");
    }

    @AfterClass
    public void stop() {
        studio.close();
    }

    private Http http() {
        return new Http("http://localhost:"
                + ((WebServerApplicationContext) studio).getWebServer().getPort());
    }

    @Test
    public void theHarbourStudioIsWhole() {
        List<String> names = new ArrayList<>();
        for (JsonNode design : http().get("/api/designs").json()) {
            names.add(design.path("design").path("name").asString());
            for (JsonNode advice : design.path("measured").path("advice")) {
                assertThat(advice.path("grade").asString())
                        .as(advice.toString())
                        .isNotEqualTo("STOP");
            }
            assertThat(design.path("measured").path("weightG").asDouble()).isBetween(0.002, 200.0);
        }
        assertThat(names)
                .containsExactly(
                        "Bead eyes",
                        "Dockhand",
                        "Gull on a post",
                        "Gull tag",
                        "Harbour seal",
                        "Kelp-frond earrings",
                        "Lighthouse ornament",
                        "Porthole earrings",
                        "Quay heron",
                        "Signal-flag charm",
                        "Tugboat pencil topper");
        List<String> states = new ArrayList<>();
        http().get("/api/batches")
                .json()
                .forEach(batch -> states.add(batch.path("batch").path("state").asString()));
        assertThat(states).containsExactlyInAnyOrder("FINISHED", "FINISHED", "ON_BENCH", "PLANNED", "PLANNED");
        assertThat(http().get("/api/changes/last").json().has("undo")).isFalse();
    }

    @Test
    public void theFairIsInTwelveDaysAndItsBatchIsDoneInTime() {
        JsonNode fair = http().get("/api/batches/3").json();
        assertThat(fair.path("batch").path("dueOn").asString()).isEqualTo("2026-12-08");
        assertThat(fair.path("plan").path("daysSpare").asInt()).isPositive();
        assertThat(fair.path("plan").path("loads").size()).isPositive();
        JsonNode day = http().get("/api/baking").json();
        assertThat(day.path("inOvens").path(0).path("items").get(0).path("name").asString())
                .startsWith("Signal-flag charm");
        assertThat(day.path("logged").size()).isEqualTo(3);
    }

    @Test
    public void theLighthousesTowerIsOneOfAFirmCoreUnderFourAndAHalfMillimetres() {
        JsonNode tower = http().get("/api/designs/1")
                .json()
                .path("measured")
                .path("parts")
                .get(0);
        assertThat(tower.path("core").path("shellMm").asDouble()).isEqualTo(4.5);
        assertThat(tower.path("thickestMm").asDouble()).isGreaterThan(4.5);
        JsonNode dimensions = tower.path("core").path("shape").path("dimensions");
        // R(z) − s·S/h: 15 − 5·4.5/54 − 4.5·54.231/54 = 10.064 below, 10 + 0.417 − 4.519 = 5.897 above.
        assertThat(dimensions.path("bottomMm").asDouble()).isCloseTo(20.128, offset(0.001));
        assertThat(dimensions.path("topMm").asDouble()).isCloseTo(11.795, offset(0.001));
    }
}
