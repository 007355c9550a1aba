package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Small parts that several designs share: made together in a batch, kept to their version, never in a loop. */
public class SmallPartsOverHttpTest extends ServerTest {
    private static final int GULL = 8;
    private static final int DOCKHAND = 9;
    private static final int BEAD = 11;

    private JsonNode ok(Http.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isBetween(200, 201);
        return answer.json();
    }

    private static String batch(String state, int gulls, int dockhands) {
        return """
                {"name":"Post and dock","state":"%s","beginsOn":"2026-11-26","dueOn":"2026-12-20",
                 "lines":[{"designId":%d,"quantity":%d},{"designId":%d,"quantity":%d}]}
                """.formatted(state, GULL, gulls, DOCKHAND, dockhands);
    }

    private ObjectNode design(long id) {
        return (ObjectNode) ok(http().get("/api/designs/" + id)).path("design");
    }

    private JsonNode plan(long batch) {
        return ok(http().get("/api/batches/" + batch)).path("plan");
    }

    private static double beadG(JsonNode plan) {
        for (JsonNode row : plan.path("needs").path("portions")) {
            if (row.path("designId").asLong() == BEAD) {
                return row.path("massG").asDouble();
            }
        }
        throw new AssertionError(plan.path("needs").path("portions"));
    }

    @Test
    public void aBatchMakesTheEyesOfItsDesignsOnceAndKeepsToThem() {
        long id = ok(http().post("/api/batches", batch("ON_BENCH", 3, 4)))
                .path("id")
                .asLong();
        JsonNode plan = plan(id);
        // Three gulls of two eyes, four dockhands of two.
        assertThat(plan.path("smallParts").size()).isEqualTo(1);
        assertThat(plan.path("smallParts").get(0).path("count").asInt()).isEqualTo(14);
        assertThat(plan.path("smallParts").get(0).path("into").size()).isEqualTo(2);
        assertThat(plan.path("price").size()).isEqualTo(2);
        assertThat(plan.path("thread").path("total").asInt()).isEqualTo(7);
        String loads = plan.path("loads").toString();
        assertThat(loads.indexOf("Bead eyes")).isBetween(0, loads.indexOf("Gull on a post"));
        double grams = beadG(plan);
        ok(http().put("/api/bench/job", "{\"batchId\":%d,\"designId\":%d,\"step\":0}".formatted(id, BEAD)));
        ok(http().post("/api/bench/count", "{\"done\":1}"));
        ObjectNode larger = design(BEAD);
        String before = larger.toString();
        String after = before.replace("\"diameterMm\":1.5", "\"diameterMm\":3.0");
        assertThat(after).isNotEqualTo(before);
        ok(http().change("/api/designs/" + BEAD, after));
        assertThat(beadG(plan(id))).isCloseTo(grams, offset(1e-9));
        double typed = beadG(ok(http().post("/api/batches/plan", batch("PLANNED", 3, 4))));
        assertThat(typed).isCloseTo(8 * grams, offset(1e-6));
        ok(http().change("/api/designs/" + BEAD, before));
    }

    @Test
    public void aDesignIsNoSmallPartOfItselfAndIsNotRemovedWhileItIsOne() {
        assertThat(http().remove("/api/designs/" + BEAD).status()).isEqualTo(409);
        for (long part : new long[] {BEAD, GULL, 999}) {
            ObjectNode eyes = design(BEAD);
            eyes.putArray("nonClay")
                    .add(design(GULL).path("nonClay").get(0))
                    .forEach(thing -> ((ObjectNode) thing).put("designId", part));
            Http.Answer refused = http().change("/api/designs/" + BEAD, eyes.toString());
            assertThat(refused.status()).as(refused.text()).isEqualTo(422);
            assertThat(refused.json().path("errors").get(0).path("field").asString())
                    .isEqualTo("nonClay[0].designId");
        }
        Http.Answer many = http().post("/api/batches", batch("PLANNED", 2000, 2000));
        assertThat(many.status()).isEqualTo(422);
        assertThat(many.json().path("errors").get(0).path("found").asString()).contains("8000 things");
    }

    /** A change of a design never makes a batch that no page can show. */
    @Test
    public void aDesignIsNotChangedToMoreThanItsBatchesCanBake() {
        long id = ok(http().post("/api/batches", batch("PLANNED", 2000, 4)))
                .path("id")
                .asLong();
        ObjectNode gull = design(GULL);
        String before = gull.toString();
        ((ObjectNode) gull.path("nonClay").get(0)).put("count", 3);
        Http.Answer refused = http().change("/api/designs/" + GULL, gull.toString());
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.json().path("errors").get(0).path("found").asString())
                .isEqualTo("8008 things in one bake, of Bead eyes, in the batch Post and dock");
        assertThat(http().get("/api/bench").status()).isEqualTo(200);
        http().remove("/api/batches/" + id);
        ok(http().change("/api/designs/" + GULL, gull.toString()));
        ok(http().change("/api/designs/" + GULL, before));
    }
}
