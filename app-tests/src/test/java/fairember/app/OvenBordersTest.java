package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything that goes into the oven's place from outside, whole and broken, and readings in any order. */
public class OvenBordersTest extends ServerTest {
    private ObjectNode oven() {
        return (ObjectNode) http().get("/api/ovens/1").json().path("oven");
    }

    private int edition() {
        return http().get("/api/ovens/1").json().path("edition").asInt();
    }

    @DataProvider
    public Object[][] lots() {
        return new Object[][] {{1}, {2}, {3}, {4}, {5}, {6}, {7}, {8}};
    }

    private static ObjectNode anyOven(SplittableRandom random) {
        ObjectNode oven = Http.JSON
                .createObjectNode()
                .put("name", "Oven " + random.nextInt(99))
                .put("trayWidthMm", 80.0 + random.nextInt(920))
                .put("trayDepthMm", 80.0 + random.nextInt(920))
                .put("clearanceMm", 20.0 + random.nextInt(580))
                .put("gapMm", (double) random.nextInt(50))
                .put("preheatMin", (double) random.nextInt(60))
                .put("preheatKwh", random.nextInt(100) / 10.0)
                .put("keepHotKw", random.nextInt(100) / 10.0)
                .put("unloadMin", (double) random.nextInt(60))
                .put("cold", random.nextBoolean())
                .put("air", random.nextBoolean() ? "STILL" : "FAN");
        var readings = oven.putArray("readings");
        for (int i = 0; i < random.nextInt(4); i++) {
            double dial = 100 + 15 * i;
            readings.addObject().put("dialC", dial).put("readC", dial + random.nextInt(9) - 4);
        }
        var more = oven.putArray("moreClearancesMm");
        for (int i = random.nextInt(5); i > 0; i--) {
            more.add(20.0 + random.nextInt(500));
        }
        var spots = oven.putArray("spots");
        for (int i = random.nextInt(6); i > 0; i--) {
            spots.addObject()
                    .put("leftMm", (double) random.nextInt(1000))
                    .put("backMm", (double) random.nextInt(1000))
                    .put("warmerC", random.nextInt(80) - 40.0);
        }
        if (random.nextBoolean()) {
            oven.put("opens", "0%d:15:00".formatted(random.nextInt(9)))
                    .put("closes", "1%d:45:00".formatted(random.nextInt(9)));
        }
        return oven;
    }

    /** Of a time what matters: a server may leave out seconds of nought. */
    private static Map<String, Object> plain(JsonNode oven) {
        Map<String, Object> plain = new TreeMap<>();
        oven.properties()
                .forEach(e -> plain.put(
                        e.getKey(),
                        e.getValue().isString() && e.getValue().asString().matches("\\d\\d:\\d\\d(:00)?")
                                ? e.getValue().asString().substring(0, 5)
                                : e.getValue()));
        return plain;
    }

    @Test(dataProvider = "lots")
    public void anyOvenComesBackAsItWentInAndThePlanStands(int lot) {
        JsonNode before = oven();
        ObjectNode wanted = anyOven(new SplittableRandom(lot));
        Http.Answer put = http().put("/api/ovens/1?edition=" + edition(), wanted);
        assertThat(put.status()).as(wanted + " gave " + put.text()).isEqualTo(200);
        assertThat(plain(oven())).isEqualTo(plain(wanted));
        assertThat(http().get("/api/baking").status()).isEqualTo(200);
        assertThat(http().undo().status()).isEqualTo(200);
        assertThat(oven()).isEqualTo(before);
        assertThat(http().redo().status()).isEqualTo(200);
        assertThat(plain(oven())).isEqualTo(plain(wanted));
        http().undo();
        assertThat(oven()).isEqualTo(before);
    }

    /** Broken ovens, wishes, moves, loads and readings: answered or refused with what to do, and the day still stands. */
    @Test
    public void nothingBrokenMakesTheServerFailOrIsKept() {
        ObjectNode item = Http.JSON
                .createObjectNode()
                .put("batchId", 3)
                .put("designId", 1)
                .put("stage", 0)
                .put("count", 2);
        ObjectNode constraints = Http.JSON.createObjectNode();
        constraints
                .putArray("pins")
                .addObject()
                .put("ovenId", 1)
                .put("inAt", "2026-11-26T13:00:00")
                .putArray("items")
                .add(item);
        constraints.putArray("apart").addObject().set("one", item.deepCopy().without("count"));
        ((ObjectNode) constraints.path("apart").path(0))
                .set("other", item.deepCopy().put("stage", 1).without("count"));
        ObjectNode move = Http.JSON.createObjectNode().put("from", 0).put("to", 1);
        move.set("item", item);
        ObjectNode load = Http.JSON
                .createObjectNode()
                .put("tempC", 125)
                .put("bakingMin", 30)
                .put("ovenId", 1);
        load.putArray("items").add(item);
        ObjectNode readings = Http.JSON.createObjectNode();
        readings.putArray("readings")
                .addObject()
                .put("at", "2026-11-19T09:00:00")
                .put("tempC", 120.5);
        JsonNode oven = oven();
        String wanted = http().get("/api/baking")
                .json()
                .path("constraints")
                .path("form")
                .toString();
        int edition = http().get("/api/baking")
                .json()
                .path("constraints")
                .path("edition")
                .asInt();
        String token = http().get("/api/ovens/1/probe").json().path("token").asString();
        SplittableRandom random = new SplittableRandom(31);
        for (int i = 0; i < 120; i++) {
            send("PUT", "/api/baking/constraints?edition=" + (edition + 999), broken(constraints, random));
            send("POST", "/api/baking/moves", broken(move, random));
            send("POST", "/api/baking/loads", broken(load, random));
            send("PUT", "/api/ovens/1?edition=" + (edition() + 999), broken(oven, random));
            send("POST", "/api/probe/readings", broken(readings, random), "Authorization", "Bearer " + token);
            send("PUT", "/api/ovens/1/probe/simulated", broken(Http.JSON.readTree("""
                    {"on": false, "preset": "HOUSEHOLD", "fault": "NONE", "speed": 1}"""), random));
        }
        assertThat(oven()).isEqualTo(oven);
        assertThat(http().get("/api/baking")
                        .json()
                        .path("constraints")
                        .path("form")
                        .toString())
                .isEqualTo(wanted);
        http().put(
                        "/api/ovens/1/probe/simulated",
                        "{\"on\":true,\"preset\":\"HOUSEHOLD\",\"fault\":\"NONE\",\"speed\":1}");
    }

    private static JsonNode broken(JsonNode whole, SplittableRandom random) {
        JsonNode body = whole.deepCopy();
        for (int i = 0; i <= random.nextInt(2); i++) {
            Broken.somewhere(body, random);
        }
        return body;
    }

    private void send(String method, String path, JsonNode body, String... headers) {
        Http.Answer answer = http().send(method, path, body.toString(), headers);
        assertThat(answer.status())
                .as(method + " " + path + " " + body + " gave " + answer.text())
                .isIn(200, 400, 404, 409, 422);
        assertThat(answer.text()).doesNotContain("Exception", "fairember.app");
    }

    @Test
    public void aBakeNamedTwiceInOneLoadIsRefused() {
        Map<String, Object> item = new LinkedHashMap<>(Map.of("batchId", 3, "designId", 1, "stage", 0, "count", 1));
        Map<String, Object> load = Map.of("tempC", 125, "bakingMin", 60, "items", List.of(item, item), "ovenId", 1);
        assertThat(http().post("/api/baking/loads", load).status()).isEqualTo(422);
    }

    /** Readings of a day sent in shuffled parts, some of them again: each is kept once, and all are given back in order. */
    @Test
    public void readingsSentInAnyPartsAndOrderAreKeptOnceEach() {
        String token = http().get("/api/ovens/1/probe").json().path("token").asString();
        JsonNode past = http().get("/api/baking").json().path("logged").path(1);
        long load = past.path("id").asLong();
        String day = past.path("inAt").asString().substring(0, 14);
        int from = Integer.parseInt(past.path("inAt").asString().substring(14, 16));
        int had = lines(load);
        SplittableRandom random = new SplittableRandom(3);
        List<String> all = new ArrayList<>();
        for (int s = 0; s < 300; s++) {
            // Between the whole seconds, where the demo's own readings do not lie.
            all.add("%s%02d:%02d.500,%d".formatted(day, from + 1 + s / 60, s % 60, 110 + random.nextInt(20)));
        }
        int taken = 0;
        List<String> sent = new ArrayList<>(all);
        sent.addAll(all.subList(40, 140));
        Collections.shuffle(sent, new Random(5));
        for (int i = 0; i < sent.size(); i += 37) {
            String csv = "at,temp_c\n" + String.join("\n", sent.subList(i, Math.min(sent.size(), i + 37)));
            Http.Answer answer = http().send(
                            "POST",
                            "/api/probe/readings",
                            csv,
                            "Authorization",
                            "Bearer " + token,
                            "Content-Type",
                            "text/csv");
            taken += answer.json().path("taken").asInt();
        }
        assertThat(taken).isEqualTo(all.size());
        assertThat(lines(load) - had).isEqualTo(all.size());
        String csv = http().get("/api/baking/loads/" + load + "/readings.csv").text();
        assertThat(csv.lines().skip(1).map(line -> OffsetDateTime.parse(line.split(",")[0])))
                .isSorted()
                .doesNotHaveDuplicates();
        assertThat(csv.lines().skip(1)).allMatch(line -> line.matches("\\S+T\\d\\d:\\d\\d:\\d\\d\\S*,[-\\d.]+"));
        byte[] spreadsheet = http().bytes("/api/baking/loads/" + load + "/readings.csv?decimalCommas=true");
        assertThat(new String(spreadsheet, StandardCharsets.UTF_8)
                        .replace("\uFEFF", "")
                        .replace(',', '.')
                        .replace(';', ','))
                .isEqualTo(csv);
        JsonNode again = http().send(
                        "POST", "/api/baking/loads/" + load + "/readings", spreadsheet, "Content-Type", "text/csv")
                .json();
        assertThat(again.path("again").asLong()).isEqualTo(csv.lines().count() - 1);
        assertThat(again.path("refused").size()).isZero();
    }

    private int lines(long load) {
        return (int) http().get("/api/baking/loads/" + load + "/readings.csv")
                .text()
                .lines()
                .count();
    }
}
