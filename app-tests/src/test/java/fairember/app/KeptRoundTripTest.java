package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import fairember.core.stock.ClayCondition;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Clays, leftovers, trials and machines made by lot: they come back as they went in, through undo and redo, and what is spoiled is not taken. */
public class KeptRoundTripTest extends ServerTest {
    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 6).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static String hex(SplittableRandom random) {
        return "#%06x".formatted(random.nextInt(0x1000000));
    }

    private static String day(SplittableRandom random) {
        return "2026-%02d-%02d".formatted(random.nextInt(1, 12), random.nextInt(1, 28));
    }

    private static double tenths(SplittableRandom random, double low, double high) {
        return Math.round(random.nextDouble(low, high) * 10) / 10.0;
    }

    private static JsonNode tree(Object form) {
        return Http.JSON.readTree(Http.JSON.writeValueAsString(form));
    }

    private static Map<String, Object> clay(SplittableRandom random, String name) {
        Map<String, Object> form = new LinkedHashMap<>();
        form.put("name", name);
        form.put("rangeId", random.nextInt(1, 6));
        form.put("rawHex", hex(random));
        form.put("curedHex", hex(random));
        form.put("opacity", List.of("OPAQUE", "HALF", "TRANSLUCENT").get(random.nextInt(3)));
        form.put("strength", List.of("WEAK", "NORMAL", "STRONG", "VERY_STRONG").get(random.nextInt(4)));
        form.put("effect", List.of("PLAIN", "SHIMMER", "GLITTER", "STONE").get(random.nextInt(4)));
        form.put("openG", tenths(random, 0, 300));
        List<Map<String, Object>> blocks = new ArrayList<>();
        boolean sold = random.nextInt(3) > 0;
        for (int i = sold ? 0 : 1; i < random.nextInt(1, 4); i++) {
            blocks.add(
                    Map.of("massG", 50.0 + 100 * i, "priceMinor", random.nextInt(9000), "onShelf", random.nextInt(9)));
        }
        form.put("blocks", blocks);
        form.put("sold", sold);
        form.put("swatchMeasured", random.nextBoolean());
        if (random.nextBoolean()) {
            form.put("dropG", tenths(random, 0.1, 0.4));
        }
        form.put("condition", condition(random));
        form.put("leadDays", random.nextInt(20));
        form.put("keepG", tenths(random, 0, 90));
        if (random.nextBoolean()) {
            form.put("conditioningMin", tenths(random, 0, 30));
        }
        List<Map<String, Object>> lots = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            lots.add(Map.of(
                    "name",
                    "lot " + i,
                    "boughtOn",
                    day(random),
                    "rawHex",
                    hex(random),
                    "curedHex",
                    hex(random),
                    "condition",
                    condition(random)));
        }
        form.put("lots", lots);
        if (!lots.isEmpty() && random.nextBoolean()) {
            form.put("lotInUse", random.nextInt(lots.size()));
        }
        return form;
    }

    private static String condition(SplittableRandom random) {
        return ClayCondition.values()[random.nextInt(ClayCondition.values().length)].name();
    }

    private static JsonNode saved(JsonNode list, long id) {
        return StreamSupport.stream(list.spliterator(), false)
                .filter(saved -> saved.path("id").asLong() == id)
                .findFirst()
                .orElse(Http.JSON.missingNode());
    }

    private long added(String path, Object form) {
        Http.Answer answer = http().post(path, form);
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json().path("id").asLong();
    }

    private void undo() {
        http().undo();
    }

    private void redo() {
        http().redo();
    }

    @Test(dataProvider = "lots")
    public void aClayComesBackWithItsLotsAndAMixOfItIsOfTheLotInUse(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        JsonNode sent = tree(clay(random, "Clay by lot " + seed));
        long id = added("/api/shelf/clays", sent);
        JsonNode saved = saved(http().get("/api/shelf").json().path("clays"), id);
        assertThat(saved.path("clay")).isEqualTo(sent);
        String alone = "{\"name\":\"alone\",\"parts\":[{\"clayId\":%d,\"parts\":1}]}".formatted(id);
        JsonNode mix = http().post("/api/mixes/measure?wantedG=50", alone).json();
        JsonNode inUse = sent.path("lots").path(sent.path("lotInUse").asInt(-1));
        String raw = (inUse.isMissingNode() ? sent : inUse).path("rawHex").asString();
        assertThat(mix.path("clays").get(0).path("rawHex").asString()).isEqualTo(raw);
        assertThat(mix.path("lots").isMissingNode()).isEqualTo(inUse.isMissingNode());
        double onShelf = sent.path("openG").asDouble();
        for (JsonNode block : sent.path("blocks")) {
            onShelf += block.path("massG").asDouble() * block.path("onShelf").asInt();
        }
        assertThat(mix.path("clays").get(0).path("onHandG").asDouble()).isCloseTo(onShelf, offset(1e-9));
        assertThat(mix.path("shortG").asDouble()).isCloseTo(Math.max(0, 50 - onShelf), offset(1e-9));
        JsonNode other = tree(clay(random, "Clay by lot " + seed + " again"));
        assertThat(http().change("/api/shelf/clays/" + id, other).status()).isEqualTo(200);
        undo();
        assertThat(saved(http().get("/api/shelf").json().path("clays"), id).path("clay"))
                .isEqualTo(sent);
        redo();
        assertThat(saved(http().get("/api/shelf").json().path("clays"), id).path("clay"))
                .isEqualTo(other);
        assertThat(http().remove("/api/shelf/clays/" + id).status()).isEqualTo(200);
    }

    private static Map<String, Object> lump(SplittableRandom random, int i) {
        Map<String, Object> lump = new LinkedHashMap<>();
        lump.put("name", "lump " + i);
        lump.put("madeOn", day(random));
        lump.put("massG", tenths(random, 0.1, 90));
        if (random.nextBoolean()) {
            lump.put("mixId", random.nextInt(1, 12));
        }
        List<Map<String, Object>> parts = new ArrayList<>();
        for (int clay = 1; clay <= 12; clay++) {
            if (random.nextInt(4) == 0 || clay == 12 && parts.isEmpty()) {
                parts.add(Map.of("clayId", clay, "parts", tenths(random, 0.1, 20)));
            }
        }
        lump.put("parts", parts);
        return lump;
    }

    @Test(dataProvider = "lots")
    public void theBoxOfLeftoversComesBackAndKneadingAllOfItKeepsItsClays(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 30);
        JsonNode before = http().get("/api/leftovers").json();
        int many = random.nextInt(2, 5);
        JsonNode sent = tree(Map.of(
                "lumps", IntStream.range(0, many).mapToObj(i -> lump(random, i)).toList()));
        JsonNode box = http().put(
                        "/api/leftovers?edition=" + before.path("edition").asInt(), sent)
                .json();
        double[] grams = new double[13];
        for (int i = 0; i < many; i++) {
            assertThat(box.path("lumps").get(i).path("lump"))
                    .isEqualTo(sent.path("lumps").get(i));
            count(grams, box.path("lumps").get(i));
        }
        List<Map<String, Object>> takes = IntStream.range(0, many)
                .mapToObj(i -> Map.<String, Object>of(
                        "lump",
                        i,
                        "massG",
                        sent.path("lumps").get(i).path("massG").asDouble()))
                .toList();
        Map<String, Object> merge = Map.of("name", "all of it", "madeOn", "2026-11-26", "takes", takes);
        Http.Answer merged = http().post(
                        "/api/leftovers/merge?edition=" + box.path("edition").asInt(), merge);
        assertThat(merged.status()).as(merged.text()).isEqualTo(200);
        assertThat(merged.json().path("lumps").size()).isEqualTo(1);
        double[] after = new double[13];
        count(after, merged.json().path("lumps").get(0));
        assertThat(after).containsExactly(grams, offset(1e-6));
        undo();
        assertThat(http().get("/api/leftovers").json().path("lumps")).isEqualTo(box.path("lumps"));
        undo();
        assertThat(http().get("/api/leftovers").json().path("lumps")).isEqualTo(before.path("lumps"));
    }

    private static void count(double[] grams, JsonNode lump) {
        for (JsonNode clay : lump.path("clays")) {
            grams[clay.path("clayId").asInt()] +=
                    lump.path("lump").path("massG").asDouble()
                            * clay.path("percent").asDouble()
                            / 100;
        }
    }

    @Test(dataProvider = "lots")
    public void aTrialComesBackAndEachWayIsGivenBesideTheChosenOne(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 60);
        int settings = random.nextInt(1, 6);
        int chosen = random.nextInt(-1, settings);
        List<Map<String, Object>> rows = new ArrayList<>();
        for (int i = 0; i < settings; i++) {
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("name", "way " + i);
            if (random.nextInt(4) > 0) {
                row.put("hex", hex(random));
            }
            row.put("note", "seen by the window " + i);
            row.put("chosen", i == chosen);
            rows.add(row);
        }
        JsonNode sent = tree(Map.of("name", "Trial " + seed, "madeOn", day(random), "note", "", "rows", rows));
        long id = added("/api/trials", sent);
        JsonNode view = saved(http().get("/api/trials").json(), id);
        assertThat(view.path("trial")).isEqualTo(sent);
        boolean reference =
                !sent.path("rows").get(Math.max(0, chosen)).path("hex").isMissingNode();
        for (int i = 0; i < settings; i++) {
            boolean seen = reference && !sent.path("rows").get(i).path("hex").isMissingNode();
            JsonNode beside = view.path("rows").get(i).path("beside");
            assertThat(beside.isMissingNode()).isEqualTo(!seen);
            if (seen && i == Math.max(0, chosen)) {
                assertThat(beside.path("difference").asDouble()).isZero();
            }
        }
        undo();
        assertThat(saved(http().get("/api/trials").json(), id).isMissingNode()).isTrue();
        redo();
        assertThat(saved(http().get("/api/trials").json(), id).path("trial")).isEqualTo(sent);
        int edition =
                saved(http().get("/api/trials").json(), id).path("edition").asInt();
        ObjectNode two = sent.deepCopy().asObject();
        two.path("rows").forEach(row -> row.asObject().put("chosen", true));
        assertThat(http().put("/api/trials/" + id + "?edition=" + edition, two).status())
                .isEqualTo(settings > 1 ? 422 : 200);
        assertThat(http().remove("/api/trials/" + id).status()).isEqualTo(200);
    }

    @Test(dataProvider = "lots")
    public void aMachineComesBackAndASheetIsOfTheSettingThatIsNearest(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 90);
        int many = random.nextInt(1, 10);
        List<Map<String, Object>> settings = IntStream.range(0, many)
                .mapToObj(i -> Map.<String, Object>of("name", "" + (i + 1), "thickMm", tenths(random, 0.2, 6)))
                .toList();
        JsonNode sent =
                tree(Map.of("name", "Machine " + seed, "rollerMm", tenths(random, 60, 300), "settings", settings));
        long id = added("/api/machines", sent);
        assertThat(saved(http().get("/api/machines").json(), id).path("machine"))
                .isEqualTo(sent);
        double wanted = tenths(random, 0.2, 6);
        ObjectNode body = Http.JSON.createObjectNode();
        body.put("wideMm", 150)
                .put("longMm", 90)
                .put("thickMm", wanted)
                .put("trimMm", 4)
                .put("mixId", 5);
        body.set("machine", sent);
        JsonNode sheet = http().post("/api/sums/sheet", body).json();
        double nearest = Double.POSITIVE_INFINITY;
        for (JsonNode setting : sent.path("settings")) {
            nearest = Math.min(nearest, Math.abs(setting.path("thickMm").asDouble() - wanted));
        }
        assertThat(Math.abs(sheet.path("thickMm").asDouble() - wanted)).isCloseTo(nearest, offset(1e-9));
        double before = Double.POSITIVE_INFINITY;
        for (JsonNode setting : sheet.path("settings")) {
            assertThat(setting.path("thickMm").asDouble()).isLessThanOrEqualTo(before);
            before = setting.path("thickMm").asDouble();
        }
        assertThat(before).isEqualTo(sheet.path("thickMm").asDouble());
        assertThat(sheet.path("strips").asInt() * sheet.path("stripWideMm").asDouble())
                .isCloseTo(150, offset(1e-9));
        undo();
        assertThat(saved(http().get("/api/machines").json(), id).isMissingNode())
                .isTrue();
    }

    /** A number of each form made impossible: refused where it stands, and nothing is changed. */
    @Test
    public void aSpoiledNumberIsRefusedWhereItStands() {
        SplittableRandom random = new SplittableRandom(5);
        JsonNode shelf = http().get("/api/shelf").json();
        ObjectNode clay = tree(clay(random, "Spoiled")).asObject();
        spoiled("/api/shelf/clays", clay.deepCopy().put("openG", -1), "openG");
        spoiled("/api/shelf/clays", clay.deepCopy().put("dropG", 2), "dropG");
        spoiled("/api/shelf/clays", clay.deepCopy().put("lotInUse", 19), "lotInUse");
        ObjectNode unsold = clay.deepCopy().put("sold", true);
        unsold.set("blocks", Http.JSON.createArrayNode());
        spoiled("/api/shelf/clays", unsold, "blocks");
        ObjectNode lots = clay.deepCopy();
        lots.set(
                "lots",
                tree(List.of(Map.of("name", "", "boughtOn", "2026-01-01", "rawHex", "red", "curedHex", "#12"))));
        spoiled("/api/shelf/clays", lots, "lots[0].rawHex");
        assertThat(http().get("/api/shelf").json()).isEqualTo(shelf);
        spoiled("/api/trials", Map.of("name", "x", "madeOn", "2026-01-01", "note", "", "rows", List.of()), "rows");
        spoiled(
                "/api/machines",
                Map.of("name", "x", "rollerMm", 100, "settings", List.of(Map.of("name", "1", "thickMm", 0))),
                "settings[0].thickMm");
        JsonNode box = http().get("/api/leftovers").json();
        String put = "/api/leftovers?edition=" + box.path("edition").asInt();
        Map<String, Object> lump = lump(random, 1);
        lump.put("mixId", 99);
        assertThat(http().put(put, Map.of("lumps", List.of(lump))).text()).contains("lumps[0].mixId");
        lump.put("mixId", 1);
        lump.put("parts", List.of(Map.of("clayId", 1, "parts", 0)));
        assertThat(http().put(put, Map.of("lumps", List.of(lump))).status()).isEqualTo(422);
        lump.put("parts", List.of(Map.of("clayId", 77, "parts", 1)));
        assertThat(http().put(put, Map.of("lumps", List.of(lump))).text()).contains("lumps[0].parts[0].clayId");
        assertThat(http().get("/api/leftovers").json()).isEqualTo(box);
    }

    private void spoiled(String path, Object form, String field) {
        Http.Answer answer = http().post(path, form);
        assertThat(answer.status()).as(path + " " + field + answer.text()).isEqualTo(422);
        assertThat(answer.json().path("errors").toString()).contains("\"field\":\"" + field + "\"");
    }
}
