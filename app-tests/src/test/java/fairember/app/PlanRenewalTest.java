package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A page gets a plan at once; a better one follows beside the requests, and open pages are told. */
public class PlanRenewalTest {
    private static final long PATIENCE_S = 100;

    @Test
    public void aPlanByRuleIsThereAtOnceAndABetterOneFollows() throws IOException, InterruptedException {
        try (ConfigurableApplicationContext studio = FairEmber.start(
                "--server.port=0",
                "--fairember.data=" + Files.createTempDirectory("fairember-renewal"),
                "--fairember.now=2026-11-26T11:07")) {
            int port = ((WebServerApplicationContext) studio).getWebServer().getPort();
            Http http = new Http("http://localhost:" + port);
            JsonNode before = renewed(http);
            // The first plan got better by itself: nothing happened, so nothing moved.
            assertThat(before.path("moved")).isEmpty();
            CountDownLatch open = new CountDownLatch(1);
            CountDownLatch told = new CountDownLatch(1);
            Thread page = new Thread(() -> listen(port, open, told));
            page.setDaemon(true);
            page.start();
            assertThat(open.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
            JsonNode batch = http.get("/api/batches/4").json();
            ObjectNode more = batch.path("batch").deepCopy().asObject();
            ((ObjectNode) more.path("lines").path(0)).put("quantity", 11);
            http.change("/api/batches/4", more);
            JsonNode first = http.get("/api/baking").json();
            assertThat(items(first)).isGreaterThan(items(before));
            assertThat(told.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
            JsonNode better = renewed(http);
            assertThat(items(better)).isEqualTo(items(first));
            assertThat(compare(scores(better), scores(first))).isLessThanOrEqualTo(0);
        }
    }

    private static void listen(int port, CountDownLatch open, CountDownLatch told) {
        HttpRequest live = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/baking/live"))
                .build();
        try (Stream<String> lines = HttpClient.newHttpClient()
                .send(live, HttpResponse.BodyHandlers.ofLines())
                .body()) {
            lines.peek(line -> open.countDown())
                    .filter(line -> line.equals("event:plan"))
                    .findFirst()
                    .ifPresent(line -> told.countDown());
        } catch (IOException | InterruptedException gone) {
            Thread.currentThread().interrupt();
        }
    }

    /** The day once nothing is being looked for. */
    private static JsonNode renewed(Http http) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        JsonNode day = http.get("/api/baking").json();
        while (day.path("renewing").asBoolean() && System.nanoTime() < end) {
            Thread.sleep(100);
            day = http.get("/api/baking").json();
        }
        assertThat(day.path("renewing").asBoolean()).isFalse();
        return day;
    }

    private static int items(JsonNode day) {
        int items = 0;
        for (JsonNode load : day.path("planned")) {
            for (JsonNode item : load.path("items")) {
                items += item.path("count").asInt();
            }
        }
        return items;
    }

    private static List<Double> scores(JsonNode day) {
        List<Double> scores = new ArrayList<>();
        day.path("scores").forEach(score -> scores.add(score.path("value").asDouble()));
        return scores;
    }

    private static int compare(List<Double> one, List<Double> other) {
        for (int i = 0; i < one.size(); i++) {
            if (Math.abs(one.get(i) - other.get(i)) > 0.5) {
                return Double.compare(one.get(i), other.get(i));
            }
        }
        return 0;
    }
}
