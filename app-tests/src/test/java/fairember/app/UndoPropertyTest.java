package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is done to a studio, undoing all of it leads back to where it began, and redoing it to where it ended. */
public class UndoPropertyTest extends ServerTest {
    /** Changes are distinguished by their words; this makes them differ. */
    private int counted;

    /** Everything that is kept, without the editions that count its changes and the times that pass. */
    private List<JsonNode> everything() {
        List<JsonNode> all = new ArrayList<>();
        all.add(http().get("/api/settings").json().path("settings"));
        all.add(http().get("/api/ovens/1").json().path("oven"));
        all.add(http().get("/api/leftovers").json().path("lumps"));
        http().get("/api/trials").json().forEach(saved -> all.add(saved.path("trial")));
        http().get("/api/machines").json().forEach(saved -> all.add(saved.path("machine")));
        http().get("/api/tiles").json().path("tiles").forEach(saved -> all.add(saved.path("tile")));
        for (String shelf : List.of("ranges", "clays", "findings", "coils")) {
            http().get("/api/shelf").json().path(shelf).forEach(saved -> all.add(without(saved)));
        }
        http().get("/api/mixes").json().forEach(saved -> all.add(saved.path("mix")));
        http().get("/api/designs").json().forEach(saved -> all.add(saved.path("design")));
        for (JsonNode batch : http().get("/api/batches").json()) {
            all.add(batch.path("batch"));
            all.add(batch.path("thread"));
        }
        return all;
    }

    private static JsonNode without(JsonNode saved) {
        ObjectNode copy = saved.deepCopy().asObject();
        copy.remove("edition");
        return copy;
    }

    @Test
    public void manyRandomChangesAreUndoneAndRedone() {
        SplittableRandom random = new SplittableRandom(21);
        List<JsonNode> before = everything();
        int changes = 0;
        while (changes < 24) {
            String last = lastWords();
            change(random);
            changes += lastWords().equals(last) ? 0 : 1;
        }
        List<JsonNode> after = everything();
        assertThat(after).isNotEqualTo(before);
        for (int i = 0; i < changes; i++) {
            http().undo();
        }
        assertThat(everything()).isEqualTo(before);
        for (int i = 0; i < changes; i++) {
            http().redo();
        }
        assertThat(everything()).isEqualTo(after);
        for (int i = 0; i < changes; i++) {
            http().undo();
        }
        assertThat(everything()).isEqualTo(before);
    }

    private String lastWords() {
        return http().get("/api/changes/last").text();
    }

    private void change(SplittableRandom random) {
        int n = random.nextInt(100);
        switch (random.nextInt(17)) {
            case 0 -> edit("/api/settings", "settings", form -> form.put("marginPercent", n % 90));
            case 1 -> edit("/api/ovens/1", "oven", form -> form.put("gapMm", n % 40));
            case 2 -> edit("/api/designs/" + (1 + n % 5), "design", form -> form.put("name", "Piece " + n));
            case 3 ->
                edit(
                        "/api/designs/1",
                        "design",
                        form -> form.path("parts").get(n % 7).asObject().put("count", 1 + n % 4));
            case 4 ->
                edit(
                        "/api/mixes/" + (1 + n % 11),
                        "mix",
                        form -> form.path("parts").get(0).asObject().put("parts", 1 + n % 9));
            case 5 ->
                edit(
                        "/api/batches/" + (4 + n % 2),
                        "batch",
                        form -> form.path("lines").get(0).asObject().put("quantity", 1 + n));
            case 6 -> {
                ObjectNode copy = http().get("/api/designs/3")
                        .json()
                        .path("design")
                        .deepCopy()
                        .asObject();
                http().post("/api/designs", copy.put("name", "Copy " + ++counted));
            }
            case 7 -> http().post("/api/batches/3/checks", Map.of("designId", 1, "check", n % 3, "ticked", n % 2 == 0));
            case 8 -> http().post("/api/tiles", tile(n));
            case 9 -> {
                JsonNode tile = http().get("/api/tiles").json().path("tiles").get(0);
                http().put(
                                "/api/tiles/" + tile.path("id").asLong() + "?edition="
                                        + tile.path("edition").asInt(),
                                tile(n));
            }
            case 10 -> {
                JsonNode clay = http().get("/api/shelf").json().path("clays").get(n % 12);
                ObjectNode changed = clay.path("clay").deepCopy().asObject();
                changed.put(
                        "effect",
                        List.of("PLAIN", "SHIMMER", "GLITTER", "STONE").get(n % 4));
                changed.put("openG", n);
                http().put(
                                "/api/shelf/clays/" + clay.path("id").asLong() + "?edition="
                                        + clay.path("edition").asInt(),
                                changed);
            }
            case 12 -> {
                JsonNode box = http().get("/api/leftovers").json();
                ObjectNode first =
                        box.path("lumps").get(0).path("lump").deepCopy().asObject();
                first.put("massG", 1 + n).put("name", "Lump " + n);
                http().put("/api/leftovers?edition=" + box.path("edition").asInt(), Map.of("lumps", List.of(first)));
            }
            case 13 -> {
                JsonNode trial = http().get("/api/trials").json().get(0);
                ObjectNode form = trial.path("trial").deepCopy().asObject().put("note", "after " + n + " days");
                http().put(
                                "/api/trials/" + trial.path("id").asLong() + "?edition="
                                        + trial.path("edition").asInt(),
                                form);
            }
            case 14 ->
                http().post(
                                "/api/machines",
                                Map.of(
                                        "name",
                                        "Machine " + ++counted,
                                        "rollerMm",
                                        100 + n,
                                        "settings",
                                        List.of(Map.of("name", "1", "thickMm", 3))));
            case 15 -> {
                JsonNode clay = http().get("/api/shelf").json().path("clays").get(n % 12);
                ObjectNode changed = clay.path("clay").deepCopy().asObject();
                changed.put("sold", n % 2 == 0)
                        .put("swatchMeasured", n % 3 == 0)
                        .remove("lotInUse");
                http().put(
                                "/api/shelf/clays/" + clay.path("id").asLong() + "?edition="
                                        + clay.path("edition").asInt(),
                                changed);
            }
            case 11 -> http().put("/api/bench/job", Map.of("batchId", 3, "designId", 1, "step", 3 + n % 3));
            default -> {
                // One done, one lost in turn: two the same in a row would count as one.
                counted++;
                http().post(
                                counted % 2 == 0 ? "/api/bench/losses" : "/api/bench/count",
                                counted % 2 == 0 ? Map.of("again", counted % 4 == 0) : Map.of("done", 1));
            }
        }
    }

    private static Map<String, Object> tile(int n) {
        return Map.of(
                "name",
                "Tile " + n,
                "madeOn",
                "2026-11-%02d".formatted(1 + n % 28),
                "parts",
                List.of(Map.of("clayId", 1 + n % 12, "parts", 1 + n % 5)),
                n % 2 == 0 ? "rawHex" : "curedHex",
                "#%06x".formatted(n * 167_001 % 0xffffff),
                "measured",
                n % 3 == 0,
                "note",
                n % 4 == 0 ? "by the window" : "");
    }

    private interface Edit {
        void of(ObjectNode form);
    }

    private void edit(String url, String form, Edit edit) {
        JsonNode saved = http().get(url).json();
        ObjectNode changed = saved.path(form).deepCopy().asObject();
        edit.of(changed);
        Http.Answer answer =
                http().put(url + "?edition=" + saved.path("edition").asInt(), changed);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }
}
