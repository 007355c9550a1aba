package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TimeZone;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** In the night of 25 October 2026 clocks are put back in Berlin: 02:00 to 02:59 comes twice, first at +02:00. */
public class DaylightTest {
    private TimeZone zone;
    private Locale language;

    @BeforeMethod
    public void elsewhere() {
        zone = TimeZone.getDefault();
        language = Locale.getDefault();
        TimeZone.setDefault(TimeZone.getTimeZone("Europe/Berlin"));
        Locale.setDefault(Locale.forLanguageTag("ar-EG"));
    }

    @AfterMethod
    public void back() {
        TimeZone.setDefault(zone);
        Locale.setDefault(language);
    }

    @Test
    public void aLoadIsDueAfterItsMinutesThoughTheClockIsPutBackMeanwhile() throws IOException {
        try (ConfigurableApplicationContext studio = FairEmber.start(
                "--server.port=0",
                "--fairember.data=" + Files.createTempDirectory("fairember-night"),
                "--fairember.now=2026-10-25T02:40:00+02:00")) {
            int port = ((WebServerApplicationContext) studio).getWebServer().getPort();
            Http http = new Http("http://localhost:" + port);
            long before = http.get("/api/baking")
                    .json()
                    .path("inOvens")
                    .path(0)
                    .path("id")
                    .asLong();
            http.takeOut(before);
            Map<String, Object> item = Map.of("batchId", 3, "designId", 2, "stage", 1, "count", 1);
            Map<String, Object> load = Map.of("tempC", 125, "bakingMin", 60, "items", List.of(item));
            Http.Answer started = http.post("/api/baking/loads", http.answered(load));
            assertThat(started.status()).as(started.text()).isEqualTo(201);
            JsonNode in = http.get("/api/baking").json().path("inOvens").path(0);
            Instant at = Instant.parse(in.path("inAt").asString());
            Instant due = Instant.parse(in.path("dueOut").asString());
            assertThat(Duration.between(at, due)).isEqualTo(Duration.ofMinutes(60));
            // 02:40 before the clock is put back is 00:40 UTC; an hour later it is 02:40 again, 01:40 UTC.
            assertThat(due).isBetween(Instant.parse("2026-10-25T01:40:00Z"), Instant.parse("2026-10-25T01:42:00Z"));
            http.post("/api/ovens/1/probe/token", null);
            String token = http.get("/api/ovens/1/probe").json().path("token").asString();
            JsonNode taken = http.send(
                            "POST",
                            "/api/probe/readings",
                            "{\"readings\":[{\"at\":\"2026-10-25T02:20:00+02:00\",\"tempC\":120},"
                                    + "{\"at\":\"2026-10-25T00:20:00Z\",\"tempC\":120},"
                                    + "{\"at\":\"2026-10-24T20:20:00-04:00\",\"tempC\":120},"
                                    + "{\"at\":\"noon\",\"tempC\":120},7,null,{\"at\":\"2026-10-25T02:21:00+02:00\",\"tempC\":\"hot\"}]}",
                            "Authorization",
                            "Bearer " + token)
                    .json();
            // Three settings to write one instant, and four that are none of a reading's, each judged by itself.
            assertThat(taken.path("taken").asInt()).isEqualTo(1);
            assertThat(taken.path("again").asInt()).isEqualTo(2);
            assertThat(taken.path("refused").size()).isEqualTo(4);
            String calendar = http.get("/api/baking/calendar.ics").text();
            assertThat(calendar + http.get("/api/designs/1").text() + taken)
                    .matches(text -> text.chars().noneMatch(c -> c >= 0x660 && c <= 0x6f9), "has western figures");
        }
    }
}
