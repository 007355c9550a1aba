package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Designs go in and come out the same, and what is given of them to be drawn is as large as they are. */
public class DesignRoundTripTest extends ServerTest {
    private JsonNode ok(Http.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isBetween(200, 204);
        return answer.json();
    }

    private List<JsonNode> designs() {
        return StreamSupport.stream(ok(http().get("/api/designs")).spliterator(), false)
                .toList();
    }

    /** Whichever way it is given, x or y of "x,y x,y" outlines. */
    private static DoubleSummaryStatistics reach(JsonNode outlines, int which) {
        DoubleSummaryStatistics reach = new DoubleSummaryStatistics();
        for (JsonNode outline : outlines) {
            for (String point : outline.asString().split(" ")) {
                reach.accept(Double.parseDouble(point.split(",")[which]));
            }
        }
        return reach;
    }

    private JsonNode onTheShelf(String group, long id) {
        return StreamSupport.stream(ok(http().get("/api/shelf")).path(group).spliterator(), false)
                .filter(f -> f.path("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    private double figure(String path, String field) {
        return ok(http().get(path)).at(field).asDouble();
    }

    /** What is remembered of a design does not outlive a change of what is fitted to it, nor of its clay. */
    @Test
    public void aDesignIsWeighedAndCostedAnewWhenWhatItIsMadeOfChanges() {
        double fitted = figure("/api/designs/1", "/measured/fittedG");
        double weight = figure("/api/designs/1", "/measured/weightG");
        double cost = figure("/api/price/1?quantities=1", "/batches/0/costMinor");
        JsonNode saved = onTheShelf("findings", 1);
        ObjectNode heavier = (ObjectNode) saved.path("finding").deepCopy();
        heavier.put("massG", saved.path("finding").path("massG").asDouble() + 5);
        heavier.put("priceMinor", saved.path("finding").path("priceMinor").asLong() + 100);
        ok(http().put("/api/shelf/findings/1?edition=" + saved.path("edition").asInt(), heavier));
        assertThat(figure("/api/designs/1", "/measured/fittedG")).isCloseTo(fitted + 5, within(1e-9));
        assertThat(figure("/api/designs/1", "/measured/weightG")).isCloseTo(weight + 5, within(1e-9));
        assertThat(figure("/api/price/1?quantities=1", "/batches/0/costMinor")).isCloseTo(cost + 100, within(0.5));
        JsonNode range = onTheShelf("ranges", 1);
        ObjectNode denser = (ObjectNode) range.path("range").deepCopy();
        denser.put("densityGPerCm3", range.path("range").path("densityGPerCm3").asDouble() * 1.1);
        ok(http().put("/api/shelf/ranges/1?edition=" + range.path("edition").asInt(), denser));
        assertThat(figure("/api/designs/1", "/measured/weightG")).isGreaterThan(weight + 6);
        http().undo();
        http().undo();
        assertThat(figure("/api/designs/1", "/measured/weightG")).isCloseTo(weight, within(1e-9));
        assertThat(figure("/api/price/1?quantities=1", "/batches/0/costMinor")).isCloseTo(cost, within(1e-9));
    }

    @Test
    public void theOutlinesGivenOfEveryPartAreAsLargeAsThePart() {
        for (JsonNode design : designs()) {
            JsonNode box = design.path("measured").path("box");
            double most = Math.max(
                    box.path("widthMm").asDouble(), box.path("heightMm").asDouble());
            for (JsonNode part : design.path("measured").path("parts")) {
                JsonNode own = part.path("box");
                double slack =
                        0.1 + 2 * most / 1000 + 0.02 * own.path("widthMm").asDouble();
                DoubleSummaryStatistics across = reach(part.path("front"), 0);
                DoubleSummaryStatistics up = reach(part.path("front"), 1);
                assertThat(across.getMax() - across.getMin())
                        .as(design.path("design").path("name") + " " + own)
                        .isCloseTo(own.path("widthMm").asDouble(), within(slack));
                assertThat(up.getMax() - up.getMin())
                        .isCloseTo(own.path("heightMm").asDouble(), within(slack));
                JsonNode side = part.has("side") ? part.path("side") : part.path("front");
                DoubleSummaryStatistics deep = reach(side, 0);
                assertThat(deep.getMax() - deep.getMin())
                        .isCloseTo(own.path("depthMm").asDouble(), within(slack));
                if (part.has("core")) {
                    DoubleSummaryStatistics core = reach(part.path("core").path("section"), 0);
                    assertThat(core.getMax()).isLessThan(across.getMax());
                    assertThat(core.getMin()).isGreaterThan(across.getMin());
                }
            }
        }
    }

    /** A flat hook leans left and right: from the side it is as high as the design is, which is not the same both settings. */
    @Test
    public void whatLeansIsAsHighFromTheSideAsTheDesignIs() {
        List<Double> highs = new ArrayList<>();
        for (int tilt : new int[] {30, -30}) {
            ObjectNode design = (ObjectNode) ok(http().get("/api/designs/templates/CHARM?mixId=1"));
            ObjectNode hook = part(ok(http().get("/api/limits")), new SplittableRandom(1), 0);
            hook.remove("core");
            hook.put("count", 1).set("shape", Http.JSON.readTree("""
                    {"kind":"CUT_OUT","dimensions":{"thicknessMm":4},"outline":[[0,0,30,0,30,8,8,8,8,50,0,50]]}"""));
            ObjectNode at = (ObjectNode) hook.path("placement");
            at.put("tiltDeg", tilt).put("facing", "FRONT").put("arrangement", "MIRRORED");
            design.set("parts", Http.JSON.createArrayNode().add(hook));
            JsonNode measured = ok(http().post("/api/designs/measure", design.toString()));
            DoubleSummaryStatistics up =
                    reach(measured.path("parts").get(0).path("spots").get(0).path("side"), 1);
            double high = measured.path("box").path("heightMm").asDouble();
            assertThat(up.getMax() - up.getMin()).isCloseTo(high, within(0.3));
            highs.add(high);
        }
        assertThat(Math.abs(highs.get(0) - highs.get(1))).isGreaterThan(5);
    }

    /** What is asked while it is typed is what is given when it is read, to the last digit. */
    @Test
    public void aDesignIsMeasuredTheSameTypedAndSaved() {
        for (JsonNode design : designs()) {
            JsonNode measured =
                    ok(http().post("/api/designs/measure", design.path("design").toString()));
            assertThat(measured).isEqualTo(design.path("measured"));
        }
    }

    private ObjectNode part(JsonNode limits, SplittableRandom random, int index) {
        List<JsonNode> shapes = StreamSupport.stream(limits.path("shapes").spliterator(), false)
                .filter(s -> List.of("BALL", "EGG", "ROD", "CAPSULE", "CONE", "FRUSTUM", "DOME", "BLOCK", "ELLIPSOID")
                        .contains(s.path("kind").asString()))
                .toList();
        JsonNode shape = shapes.get(random.nextInt(shapes.size()));
        ObjectNode part = Http.JSON.createObjectNode();
        part.put("name", "Part " + index).put("count", random.nextInt(1, 6)).put("mixId", random.nextInt(1, 4));
        part.put("spares", random.nextInt(0, 3));
        ObjectNode made = part.putObject("shape").put("kind", shape.path("kind").asString());
        ObjectNode dimensions = made.putObject("dimensions");
        double last = 0;
        for (JsonNode dimension : shape.path("dimensions")) {
            // Each longer than the one before, so that an egg is longer than it is wide, a capsule than it is thick.
            last += hundredths(random.nextDouble(16, 24));
            dimensions.put(dimension.path("span").path("field").asString(), hundredths(last));
        }
        if (dimensions.has("pieces")) {
            dimensions.put("pieces", random.nextInt(2, 9));
        }
        if (dimensions.has("widestAtMm")) {
            dimensions.put("widestAtMm", hundredths(dimensions.path("lengthMm").asDouble() * 0.4));
        }
        if (shape.path("takesCore").asBoolean() && random.nextBoolean()) {
            part.putObject("core")
                    .put("shellMm", 3)
                    .put("packing", "FIRM")
                    .put("floor", "COVERED")
                    .put("lobes", 1)
                    .put("hollow", random.nextBoolean());
        }
        ObjectNode at = part.putObject("placement");
        at.put("acrossMm", hundredths(random.nextDouble(-40, 40))).put("upMm", hundredths(random.nextDouble(0, 60)));
        at.put("frontMm", hundredths(random.nextDouble(-20, 20))).put("tiltDeg", random.nextInt(-45, 46));
        at.put("arrangement", List.of("RING", "MIRRORED", "ROW", "COLUMN").get(random.nextInt(4)));
        at.put("spacingMm", hundredths(random.nextDouble(0, 30)));
        at.put("facing", List.of("UP", "DOWN", "FRONT", "ACROSS").get(random.nextInt(4)));
        return part;
    }

    private static double hundredths(double value) {
        return Math.round(value * 100) / 100.0;
    }

    @DataProvider
    public Object[][] lots() {
        Object[][] lots = new Object[6][];
        for (int i = 0; i < lots.length; i++) {
            lots[i] = new Object[] {100L + i};
        }
        return lots;
    }

    private ObjectNode lot(SplittableRandom random) {
        JsonNode limits = ok(http().get("/api/limits"));
        ObjectNode design = (ObjectNode) ok(http().get("/api/designs/templates/ORNAMENT?mixId=1"));
        design.put("name", "By lot " + random.nextInt(1000));
        ArrayNode parts = design.putArray("parts");
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
            parts.add(part(limits, random, i));
        }
        if (random.nextBoolean()) {
            parts.add(part(limits, random, parts.size()).put("assembly", 1));
            design.set("assemblies", Http.JSON.readTree("""
                    [{"name":"Whole piece","joint":"CURED","separate":false},
                     {"name":"Head","into":{"assembly":0,"bake":1},"joint":"COLD","separate":true}]"""));
            ((ArrayNode) design.path("stages")).add(Http.JSON.readTree("""
                    {"name":"head","kind":"FULL_BAKE","assembly":1,"coolingMin":20,"quench":true,
                     "own":{"tempC":128.5,"bakingMin":45,"why":"browned at 135"}}"""));
        }
        return design;
    }

    /** Kept, read, changed, brought back by undo, removed, brought back again: every figure as it was. */
    @Test(dataProvider = "lots")
    public void aDesignMadeByLotIsKeptWholeThroughEveryChange(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        ObjectNode design = lot(random);
        long id = ok(http().post("/api/designs", design.toString())).path("id").asLong();
        JsonNode kept = ok(http().get("/api/designs/" + id));
        for (int i = 0; i < design.path("parts").size(); i++) {
            JsonNode sent = design.path("parts").get(i);
            JsonNode got = kept.path("design").path("parts").get(i);
            for (String field : List.of("name", "count", "mixId", "spares", "core", "placement")) {
                assertThat(numbers(got.path(field))).as(field).isEqualTo(numbers(sent.path(field)));
            }
            assertThat(numbers(got.path("shape").path("dimensions")))
                    .isEqualTo(numbers(sent.path("shape").path("dimensions")));
        }
        assertThat(numbers(kept.path("design").path("assemblies"))).containsAll(numbers(design.path("assemblies")));
        for (int i = 0; i < design.path("stages").size(); i++) {
            assertThat(numbers(kept.path("design").path("stages").get(i)))
                    .containsAll(numbers(design.path("stages").get(i)));
        }
        double weight = kept.path("measured").path("weightG").asDouble();
        assertThat(weight).isFinite().isPositive();

        ObjectNode other = lot(random);
        ok(http().put("/api/designs/" + id + "?edition=" + kept.path("edition").asInt(), other.toString()));
        assertThat(ok(http().get("/api/designs/" + id)).path("design").path("name"))
                .isEqualTo(other.path("name"));
        ok(http().undo());
        assertThat(ok(http().get("/api/designs/" + id)).path("design")).isEqualTo(kept.path("design"));
        assertThat(ok(http().get("/api/designs/" + id)).path("measured")).isEqualTo(kept.path("measured"));

        http().remove("/api/designs/" + id);
        assertThat(http().get("/api/designs/" + id).status()).isEqualTo(404);
        ok(http().undo());
        assertThat(ok(http().get("/api/designs/" + id)).path("measured")).isEqualTo(kept.path("measured"));
        http().remove("/api/designs/" + id);
    }

    /** 3 and 3.0 are the same number. */
    private static List<String> numbers(JsonNode node) {
        List<String> given = new ArrayList<>();
        if (node.isObject()) {
            node.propertyStream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(entry -> given.add(entry.getKey() + numbers(entry.getValue())));
        } else {
            given.add(node.isNumber() ? String.valueOf(node.asDouble()) : node.toString());
        }
        return given;
    }

    /** A number spoiled anywhere in a good design is refused at its own place, and the design stays as it was. */
    @Test
    public void aSpoiledNumberIsRefusedWhereItStands() {
        SplittableRandom random = new SplittableRandom(9);
        JsonNode kept = designs().get(0);
        String before = kept.path("design").toString();
        long id = kept.path("id").asLong();
        String[][] spoilt = {
            {"count", "0"},
            {"count", "2.5"},
            {"count", "201"},
            {"spares", "-1"},
            {"mixId", "9999"},
            {"bake", "7"},
            {"assembly", "1"},
        };
        for (String[] bad : spoilt) {
            ObjectNode design = (ObjectNode) Http.JSON.readTree(before);
            int at = random.nextInt(design.path("parts").size());
            ((ObjectNode) design.path("parts").get(at)).set(bad[0], Http.JSON.readTree(bad[1]));
            for (String where : List.of(
                    "/api/designs/measure",
                    "/api/designs/" + id + "?edition=" + kept.path("edition").asInt())) {
                Http.Answer refused = where.endsWith("measure")
                        ? http().post(where, design.toString())
                        : http().put(where, design.toString());
                assertThat(refused.status()).as(refused.text()).isIn(400, 422);
                JsonNode error = refused.json().path("errors").get(0);
                assertThat(error.path("field").asString()).isEqualTo("parts[" + at + "]." + bad[0]);
                for (String said : List.of("found", "allowed", "fix")) {
                    assertThat(error.path(said).asString()).isNotBlank();
                }
            }
        }
        assertThat(ok(http().get("/api/designs/" + id)).path("design").toString())
                .isEqualTo(before);
    }
}
