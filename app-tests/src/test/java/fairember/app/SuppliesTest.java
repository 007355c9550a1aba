package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Paint and other supplies over HTTP: kept, used in steps, dried in the studio's air, bought once, paid for. */
public class SuppliesTest extends ServerTest {
    private static final int TUGBOAT = 5;
    private static final long TUGBOATS = 4;

    private static Map<String, Object> paint() {
        return new HashMap<>(Map.of(
                "name",
                "Dock red",
                "kind",
                "PAINT",
                "unit",
                "ML",
                "pack",
                20,
                "priceMinor",
                300,
                "onShelf",
                1,
                "leadDays",
                4,
                "dryingMin",
                25));
    }

    private long added(Map<String, Object> supply) {
        return http().post("/api/shelf/supplies", supply).json().path("id").asLong();
    }

    private JsonNode design() {
        return http().get("/api/designs/" + TUGBOAT).json();
    }

    /** Puts coats of a supply on the last step of the tugboat. */
    private Http.Answer put(long supply, int coats, Integer part) {
        JsonNode saved = design();
        ObjectNode form = (ObjectNode) saved.path("design").deepCopy();
        ArrayNode steps = (ArrayNode) form.path("steps");
        ObjectNode use =
                ((ObjectNode) steps.get(steps.size() - 1)).putArray("uses").addObject();
        use.put("supplyId", supply).put("coats", coats);
        if (part != null) {
            use.put("part", part);
        }
        return http().put(
                        "/api/designs/" + TUGBOAT + "?edition="
                                + saved.path("edition").asInt(),
                        form);
    }

    private JsonNode use() {
        JsonNode uses = design().path("measured").path("uses");
        return uses.path(uses.size() - 1);
    }

    private JsonNode need(long batch, long supply) {
        for (JsonNode need : http().get("/api/batches/" + batch)
                .json()
                .path("plan")
                .path("needs")
                .path("supplies")) {
            if (need.path("supplyId").asLong() == supply) {
                return need;
            }
        }
        throw new AssertionError(supply);
    }

    @Test
    public void aSupplyIsUsedDriedBoughtPaidForAndHeld() {
        long paint = added(paint());
        assertThat(put(paint, 3, 0).status()).isEqualTo(200);
        JsonNode use = use();
        double ml = use.path("surfaceMm2").asDouble() * 3 / 8000 / 0.7;
        assertThat(use.path("each").asDouble()).isCloseTo(ml, offset(1e-9));
        assertThat(use.path("dryingMin").asDouble()).isEqualTo(75);
        JsonNode need = need(TUGBOATS, paint);
        assertThat(need.path("needed").asDouble()).isCloseTo(10 * ml, offset(1e-9));
        int packs = (int) Math.ceil((10 * ml - 1) / 20);
        assertThat(need.path("packs").asInt()).isEqualTo(packs);
        assertThat(need.path("costMinor").asInt()).isEqualTo(300 * packs);
        assertThat(need.path("orderBy").asString()).isNotBlank();
        double supplies = 0;
        for (JsonNode rung : http().get("/api/price/" + TUGBOAT + "?quantities=10")
                .json()
                .path("batches")
                .path(0)
                .path("rungs")) {
            supplies += rung.path("name").asString().equals("supplies")
                    ? rung.path("costMinor").asDouble()
                    : 0;
        }
        assertThat(supplies).isCloseTo(ml * 300 / 20, offset(0.51));
        // It stays as long as a design takes it.
        assertThat(http().remove("/api/shelf/supplies/" + paint).status()).isEqualTo(409);
        http().undo();
        assertThat(http().remove("/api/shelf/supplies/" + paint).status()).isEqualTo(200);
        http().undo();
        http().undo();
    }

    @Test
    public void dampAirDriesSlowlyInEveryPlan() {
        long paint = added(paint());
        put(paint, 2, null);
        JsonNode settings = http().get("/api/settings").json();
        ObjectNode damp = (ObjectNode) settings.path("settings").deepCopy();
        http().put("/api/settings?edition=" + settings.path("edition").asInt(), damp.put("humidityPercent", 75));
        assertThat(use().path("dryingMin").asDouble()).isEqualTo(100);
        JsonNode drying = http().get("/api/baking").json().path("drying");
        assertThat(drying)
                .anySatisfy(one -> assertThat(one.path("name").asString()).startsWith("Tugboat"));
        Http.Answer desert = http().put(
                        "/api/settings?edition=" + (settings.path("edition").asInt() + 1),
                        damp.put("humidityPercent", 3));
        assertThat(desert.status()).isEqualTo(422);
        assertThat(desert.text()).contains("humidityPercent", "10 to 95 %");
        http().undo();
        http().undo();
        http().undo();
    }

    @Test
    public void whatAnEarlierBatchNeedsIsNotThereForTheNext() {
        long bags = 0;
        for (JsonNode supply : http().get("/api/shelf").json().path("supplies")) {
            bags = supply.path("supply").path("name").asString().equals("Gift bags")
                    ? supply.path("id").asLong()
                    : bags;
        }
        // Twelve lighthouses and twenty flags want a bag each; six lighthouses come later; 31 bags lie there.
        assertThat(need(3, bags).path("reserved").asInt()).isZero();
        assertThat(need(3, bags).path("needed").asInt()).isEqualTo(32);
        assertThat(need(3, bags).path("packs").asInt()).isEqualTo(1);
        assertThat(need(5, bags).path("reserved").asInt()).isEqualTo(31);
        assertThat(need(5, bags).path("packs").asInt()).isEqualTo(1);
        JsonNode chalk = http().get("/api/batches/5")
                .json()
                .path("plan")
                .path("needs")
                .path("clays")
                .path(0);
        assertThat(chalk.path("reservedG").asDouble()).isPositive();
    }

    /** The tugboats are done on Thursday at the earliest: a bottle that is good until the day before is too old by then. */
    @Test
    public void aLotThatIsPastItsDayBeforeTheBatchIsDoneIsSaid() {
        Map<String, Object> paint = paint();
        paint.put(
                "lots",
                List.of(
                        Map.of("name", "12A", "boughtOn", "2025-03-01", "useBy", "2026-11-25"),
                        Map.of("name", "14C", "boughtOn", "2026-10-01", "useBy", "2028-10-01"),
                        Map.of("name", "15", "boughtOn", "2026-11-01")));
        long id = added(paint);
        assertThat(put(id, 3, 0).status()).isEqualTo(200);
        String said = http().get("/api/batches/" + TUGBOATS).text();
        assertThat(said)
                .contains("supply-old", ", lot 12A, will be ", "past its use-by date")
                .doesNotContain("lot 14C", "lot 15,");
        http().undo();
        http().undo();
        paint.put("lots", List.of(Map.of("name", "1", "boughtOn", "2026-03-02", "useBy", "2026-03-01")));
        assertThat(http().post("/api/shelf/supplies", paint).text())
                .contains("lots[0].useBy", "2026-03-01", "the day it was bought");
    }

    @Test
    public void whatCannotBeIsRefusedWithItsPath() {
        Map<String, Object> grams = paint();
        grams.put("unit", "G");
        assertThat(http().post("/api/shelf/supplies", grams).text()).contains("\"unit\"", "ml or drops");
        Map<String, Object> empty = paint();
        empty.put("pack", 0);
        empty.put("leadDays", 500);
        assertThat(http().post("/api/shelf/supplies", empty).text()).contains("\"pack\"", "\"leadDays\"");
        long glue = added(new HashMap<>(
                Map.of("name", "Glue", "kind", "GLUE", "unit", "DROP", "pack", 200, "priceMinor", 500, "onShelf", 0)));
        assertThat(put(glue, 2, null).text()).contains("uses[0].coats", "Enter how much one piece takes.");
        assertThat(put(added(paint()), 2, 77).text()).contains("uses[0].part");
        assertThat(put(9999, 2, null).text()).contains("uses[0].supplyId");
        http().undo();
        http().undo();
    }

    /** Each has a job and a timer; what one logs is theirs. */
    @Test
    public void twoMakersWorkSideBySide() {
        JsonNode settings = http().get("/api/settings").json();
        ObjectNode two = (ObjectNode) settings.path("settings").deepCopy();
        http().put("/api/settings?edition=" + settings.path("edition").asInt(), two.put("makers", 2));
        http().put("/api/bench/job?maker=2", Map.of("batchId", 3, "designId", 2, "step", 2));
        JsonNode first = http().get("/api/bench").json();
        assertThat(first.path("job").path("designId").asInt()).isEqualTo(1);
        assertThat(first.path("othersJob").path("designId").asInt()).isEqualTo(2);
        http().put("/api/bench/timer?maker=2", Map.of("running", true));
        http().post("/api/bench/count?maker=2", Map.of("done", 2));
        http().put("/api/bench/timer?maker=2", Map.of("running", false, "rework", false));
        JsonNode line =
                http().get("/api/daybook?most=1").json().path("lines").path(0).path("line");
        assertThat(line.path("maker").asInt()).isEqualTo(2);
        assertThat(List.of(line.path("pieces").asInt(), line.path("designId").asInt()))
                .containsExactly(2, 2);
        assertThat(http().get("/api/bench?maker=2")
                        .json()
                        .path("job")
                        .path("done")
                        .asInt())
                .isEqualTo(2);
        assertThat(http().get("/api/bench").json().path("job").has("startedAt")).isFalse();
        assertThat(http().get("/api/bench?maker=3").status()).isEqualTo(422);
        for (int i = 0; i < 5; i++) {
            http().undo();
        }
        assertThat(http().get("/api/bench").json().path("makers").asInt()).isEqualTo(1);
    }
}
