package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A studio that is stopped in the middle of a load goes on with it, and no reading is lost or twice. */
public class RestartTest {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final String[] MID_LOAD = {"2026-11-26T11:07", "2026-11-26T11:09"};

    private static ConfigurableApplicationContext start(Path folder, String now) {
        return SpringApplication.run(
                FairEmber.class,
                "--server.port=0",
                "--fairember.data=" + folder,
                "--fairember.demo=true",
                "--fairember.now=" + now,
                "--fairember.speed=20");
    }

    private static Http http(ConfigurableApplicationContext studio) {
        return new Http(address(studio));
    }

    private static String address(ConfigurableApplicationContext studio) {
        return "http://localhost:"
                + ((WebServerApplicationContext) studio).getWebServer().getPort();
    }

    private static JsonNode until(Http http, Predicate<JsonNode> so) throws InterruptedException {
        JsonNode record = http.get("/api/baking/loads/4/record").json();
        for (int i = 0; i < 40 && !so.test(record); i++) {
            Thread.sleep(250);
            record = http.get("/api/baking/loads/4/record").json();
        }
        return record;
    }

    @Test
    public void readingsGoOnAfterAStopInMidLoad() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("fairember-restart");
        long before;
        InputStream page;
        try (ConfigurableApplicationContext first = start(folder, MID_LOAD[0])) {
            URI live = URI.create(address(first) + "/api/baking/live");
            page = CLIENT.send(HttpRequest.newBuilder(live).build(), HttpResponse.BodyHandlers.ofInputStream())
                    .body();
            // In since 10:56: eleven minutes are made up for at once, a reading a second.
            until(http(first), r -> r.path("points").size() > 500);
            before = readings(http(first));
            assertThat(before).isGreaterThan(600);
        }
        // A page that was open was told to its end, not cut off.
        assertThat(new String(page.readAllBytes(), StandardCharsets.UTF_8)).startsWith(":open");
        try (ConfigurableApplicationContext second = start(folder, MID_LOAD[1])) {
            Http http = http(second);
            long then = before;
            until(http, r -> readings(http) > then + 20);
            String csv = http.get("/api/baking/loads/4/readings.csv").text();
            assertThat(csv.lines().count()).isGreaterThan(before);
            assertThat(csv.lines().skip(1).map(line -> line.split(",")[0]))
                    .isSorted()
                    .doesNotHaveDuplicates();
            JsonNode record = http.get("/api/baking/loads/4/record").json();
            assertThat(record.path("inWindowMin").asDouble()).isPositive();
        }
    }

    /** The thermostat of a small oven sticks while the flags are in: over the ceiling in minutes, then burning. */
    @Test
    public void aSimulatedOvenWhoseHeaterSticksRaisesTheAlarm() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("fairember-stuck");
        try (ConfigurableApplicationContext studio = start(folder, MID_LOAD[0])) {
            Http http = http(studio);
            String stuck = "{\"on\":true,\"preset\":\"SMALL\",\"fault\":\"STUCK_ON\",\"speed\":60}";
            assertThat(http.put("/api/ovens/1/probe/simulated", stuck).status()).isEqualTo(200);
            JsonNode hot = until(http, r -> !rules(r).isEmpty());
            assertThat(rules(hot)).containsAnyOf("over-ceiling", "burning");
            JsonNode burning = until(http, r -> rules(r).contains("burning"));
            assertThat(burning.path("alarms").path(0).path("fix").asString()).startsWith("Switch the oven off");
            String absurd = stuck.replace(":60}", ":1000}");
            assertThat(http.put("/api/ovens/1/probe/simulated", absurd).status())
                    .isEqualTo(422);
        }
    }

    @Test
    public void anOvenThatIsNotSimulatedStaysSoAndTheStudiosTimeGoesOn() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("fairember-time");
        Instant before;
        try (ConfigurableApplicationContext first = start(folder, MID_LOAD[0])) {
            Http http = http(first);
            // Sped up, a reading comes for every second, many at once: no probe seems lost, none stuck.
            simulated(http, true, 120);
            JsonNode sped = until(http, r -> r.path("inWindowMin").asDouble() > 8);
            assertThat(rules(sped)).doesNotContain("probe-lost", "probe-stuck", "unread");
            simulated(http, false, 120);
            before = now(http);
        }
        try (ConfigurableApplicationContext second = start(folder, MID_LOAD[0])) {
            Http http = http(second);
            assertThat(now(http)).isAfterOrEqualTo(before);
            JsonNode probe = http.get("/api/ovens/1/probe").json().path("simulated");
            assertThat(probe.path("on").asBoolean()).isFalse();
            assertThat(probe.path("speed").asDouble()).isEqualTo(120);
            long readings = readings(http);
            assertThat(http.takeOut(4).status()).isEqualTo(200);
            JsonNode out = http.get("/api/baking").json().path("logged").path(0);
            assertThat(out.path("id").asInt()).isEqualTo(4);
            assertThat(Instant.parse(out.path("outAt").asString())).isAfterOrEqualTo(before);
            assertThat(readings(http)).isEqualTo(readings);
        }
    }

    private static void simulated(Http http, boolean on, int speed) {
        String form = "{\"on\":%s,\"preset\":\"HOUSEHOLD\",\"fault\":\"NONE\",\"speed\":%d}".formatted(on, speed);
        assertThat(http.put("/api/ovens/1/probe/simulated", form).status()).isEqualTo(200);
    }

    private static Instant now(Http http) {
        return Instant.parse(http.get("/api/baking").json().path("now").asString());
    }

    private static long readings(Http http) {
        return http.get("/api/baking/loads/4/readings.csv").text().lines().count();
    }

    private static List<String> rules(JsonNode record) {
        List<String> rules = new ArrayList<>();
        record.path("alarms").forEach(a -> rules.add(a.path("rule").asString()));
        return rules;
    }
}
