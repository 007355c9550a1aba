package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.batch.BakeRef;
import fairember.core.studio.LoadItem;
import fairember.core.studio.PlanConstraints;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two ovens, what is wished of the plan, what a move would cost, the search for a better plan. */
public class OvensTest extends ServerTest {
    private JsonNode day() {
        return http().get("/api/baking").json();
    }

    private ObjectNode oven() {
        return (ObjectNode) http().get("/api/ovens/1").json().path("oven");
    }

    private static Map<String, Object> item(JsonNode item) {
        Map<String, Object> sent = new HashMap<>();
        for (String field : List.of("batchId", "designId", "stage", "count")) {
            sent.put(field, item.path(field).asInt());
        }
        return sent;
    }

    private Http.Answer constraint(Object pins, Object apart) {
        int edition = day().path("constraints").path("edition").asInt();
        return http().put("/api/baking/constraints?edition=" + edition, Map.of("pins", pins, "apart", apart));
    }

    private static List<String> rules(JsonNode advice) {
        List<String> rules = new ArrayList<>();
        advice.forEach(f -> rules.add(f.path("rule").asString()));
        return rules;
    }

    /** Nobody is there at night: nothing is planned, and it is said why; the studio's own hours bring it back. */
    @Test
    public void anOvenThatMayBatchOnlyAtNightIsPlannedNothingIntoAndThatIsSaid() {
        int planned = day().path("planned").size();
        assertThat(planned).isPositive();
        int edition = http().get("/api/ovens/1").json().path("edition").asInt();
        ObjectNode night = oven();
        night.put("opens", "21:00").put("closes", "23:30");
        assertThat(http().put("/api/ovens/1?edition=" + edition, night).status())
                .isEqualTo(200);
        JsonNode day = day();
        assertThat(day.path("planned").size()).isZero();
        assertThat(rules(day.path("advice"))).contains("oven-closed");
        day.path("advice").forEach(f -> assertThat(f.path("fix").asString()).isNotBlank());
        http().undo();
        assertThat(day().path("planned").size()).isEqualTo(planned);
        assertThat(rules(day().path("advice"))).doesNotContain("oven-closed");
    }

    @Test
    public void twoMakersWorkAtOnceAndThreeAreRefused() {
        assertThat(most(day().path("tasks"))).isEqualTo(1);
        String alone = day().path("finishOn").asString();
        JsonNode saved = http().get("/api/settings").json();
        ObjectNode settings = (ObjectNode) saved.path("settings").deepCopy();
        String path = "/api/settings?edition=" + saved.path("edition").asInt();
        assertThat(http().put(path, settings.put("makers", 3)).text()).contains("\"makers\"");
        assertThat(http().put(path, settings.put("makers", 2)).status()).isEqualTo(200);
        JsonNode day = day();
        assertThat(most(day.path("tasks"))).isEqualTo(2);
        assertThat(day.path("finishOn").asString()).isLessThanOrEqualTo(alone);
        http().undo();
        assertThat(http().get("/api/settings")
                        .json()
                        .path("settings")
                        .path("makers")
                        .asInt())
                .isEqualTo(1);
    }

    /** How many tasks of the hands are done at once, at the most. */
    private static long most(JsonNode tasks) {
        List<JsonNode> slots = new ArrayList<>();
        tasks.forEach(t -> t.path("slots").forEach(slots::add));
        return slots.stream()
                .mapToLong(a -> slots.stream()
                        .filter(b -> b.path("from")
                                                .asString()
                                                .compareTo(a.path("from").asString())
                                        <= 0
                                && b.path("to")
                                                .asString()
                                                .compareTo(a.path("from").asString())
                                        > 0)
                        .count())
                .max()
                .orElse(0);
    }

    /** After those that look at the demo as it began. */
    @Test(priority = 1)
    public void aSecondOvenWithTwoTraysIsPlannedForAndAThirdIsRefused() {
        ObjectNode second = oven();
        second.put("name", "Window oven");
        second.putArray("moreClearancesMm").add(60);
        second.put("unloadMin", 3);
        second.put("opens", "12:00").put("closes", "12:10");
        assertThat(http().post("/api/ovens", second).text()).contains("half an hour or more");
        second.remove("closes");
        assertThat(http().post("/api/ovens", second).status()).isEqualTo(422);
        second.put("closes", "14:00");
        Http.Answer added = http().post("/api/ovens", second);
        assertThat(added.status()).as(added.text()).isEqualTo(201);
        long id = added.json().path("id").asLong();
        assertThat(day().path("ovens").size()).isEqualTo(2);
        assertThat(day().path("ovens").path(1).path("trays").asInt()).isEqualTo(2);
        assertThat(http().post("/api/ovens", second).status()).isEqualTo(422);
        assertThat(http().get("/api/ovens/" + id)
                        .json()
                        .path("oven")
                        .path("closes")
                        .asString())
                .startsWith("14:00");
        day().path("planned")
                .forEach(l -> assertThat(l.path("oven").asInt() == 0
                                || l.path("inAt").asString().contains("T12:")
                                || l.path("inAt").asString().contains("T13:"))
                        .isTrue());
        JsonNode load = day().path("planned").path(0);
        List<Map<String, Object>> items = new ArrayList<>();
        load.path("items").forEach(i -> items.add(item(i)));
        Map<String, Object> start = Map.of("tempC", 125, "bakingMin", 60, "items", items, "ovenId", 99);
        assertThat(http().post("/api/baking/loads", start).text()).contains("an oven of the studio");
        assertThat(http().remove("/api/ovens/1").status()).isEqualTo(422);
        assertThat(http().remove("/api/ovens/" + id).status()).isEqualTo(200);
        http().undo();
        assertThat(http().get("/api/ovens/" + id)
                        .json()
                        .path("oven")
                        .path("name")
                        .asString())
                .isEqualTo("Window oven");
        assertThat(http().remove("/api/ovens/" + id).status()).isEqualTo(200);
        assertThat(http().get("/api/ovens/" + id).status()).isEqualTo(404);
    }

    @Test(priority = 2)
    public void whatIsWishedIsKeptInThePlanAndUndone() {
        JsonNode load = day().path("planned").path(1);
        List<Map<String, Object>> items = new ArrayList<>();
        load.path("items").forEach(i -> items.add(item(i)));
        Map<String, Object> pin = Map.of("ovenId", 1, "items", items);
        assertThat(constraint(List.of(pin), List.of()).status()).isEqualTo(200);
        List<Boolean> pinned = new ArrayList<>();
        day().path("planned").forEach(l -> pinned.add(l.path("pinned").asBoolean()));
        assertThat(pinned).containsOnlyOnce(true);
        Map<String, Object> more = new HashMap<>(items.get(0));
        more.put("count", 500);
        constraint(List.of(Map.of("ovenId", 1, "items", List.of(more))), List.of());
        int left = 0;
        for (JsonNode planned : day().path("planned")) {
            for (JsonNode item : planned.path("items")) {
                Map<String, Object> same = item(item);
                same.put("count", 500);
                left += same.equals(more) ? item.path("count").asInt() : 0;
            }
        }
        JsonNode saved = day().path("constraints").path("form").path("pins");
        assertThat(saved.path(0).path("items").path(0).path("count").asInt()).isEqualTo(left);
        http().undo();
        assertThat(rules(day().path("advice"))).doesNotContain("pin-broken");
        assertThat(constraint(List.of(Map.of("ovenId", 1, "items", List.of())), List.of())
                        .status())
                .isEqualTo(422);
        assertThat(constraint(
                                List.of(),
                                List.of(Map.of("one", item(load.path("items").path(0)))))
                        .status())
                .isIn(400, 422);
        assertThat(http().put("/api/baking/constraints?edition=999", Map.of("pins", List.of(), "apart", List.of()))
                        .status())
                .isEqualTo(409);
        constraint(List.of(), List.of());
    }

    @Test
    public void aHeldLoadLosesWhatIsBakedOfItAndGoesWithTheLast() {
        LoadItem eyes = new LoadItem(1, 2, 0, 8);
        LoadItem whole = new LoadItem(1, 2, 1, 4);
        BakeRef first = new BakeRef(1, 2, 0);
        BakeRef second = new BakeRef(1, 2, 1);
        PlanConstraints constraints = new PlanConstraints(
                List.of(
                        new PlanConstraints.PinnedLoad(1, null, List.of(eyes, whole)),
                        new PlanConstraints.PinnedLoad(1, null, List.of(eyes))),
                List.of(new PlanConstraints.ApartBakes(first, second)));
        assertThat(constraints.left(Map.of(first, 16, second, 4))).isEqualTo(constraints);
        assertThat(constraints.left(Map.of(first, 10, second, 1)).pins())
                .extracting(pin -> pin.items().stream().map(LoadItem::count).toList())
                .containsExactly(List.of(8, 1), List.of(2));
        assertThat(constraints.left(Map.of(first, 3)).pins()).hasSize(1);
        assertThat(constraints.left(Map.of(second, 3)).apart()).isEmpty();
        assertThat(constraints.left(Map.of())).isEqualTo(PlanConstraints.NONE);
    }

    @Test(priority = 3)
    public void bakesThatAreKeptApartShareNoLoad() {
        JsonNode two = Http.JSON.missingNode();
        for (JsonNode load : day().path("planned")) {
            two = load.path("items").size() > 1 ? load.path("items") : two;
        }
        assertThat(two.size()).isGreaterThan(1);
        Map<String, Object> one = item(two.path(0));
        Map<String, Object> other = item(two.path(1));
        one.remove("count");
        other.remove("count");
        constraint(List.of(), List.of(Map.of("one", one, "other", other)));
        for (JsonNode load : day().path("planned")) {
            List<String> inside = new ArrayList<>();
            load.path("items")
                    .forEach(i -> inside.add(i.path("batchId") + "/" + i.path("designId") + "/" + i.path("stage")));
            String a = one.get("batchId") + "/" + one.get("designId") + "/" + one.get("stage");
            String b = other.get("batchId") + "/" + other.get("designId") + "/" + other.get("stage");
            assertThat(inside.contains(a) && inside.contains(b)).isFalse();
        }
        constraint(List.of(), List.of());
    }

    private static final long HERON = 7;

    @Test(priority = 4)
    public void aMoveIsCostedAndOneThatBreaksSomethingIsSaid() {
        JsonNode planned = day().path("planned");
        JsonNode first = planned.path(0).path("items").path(0);
        Map<String, Object> move = new HashMap<>();
        move.put("from", 0);
        move.put("item", item(first));
        JsonNode alone = http().post("/api/baking/moves", move).json();
        assertThat(alone.path("before").size()).isEqualTo(4);
        assertThat(alone.path("after").size()).isEqualTo(4);
        move.put("to", 0);
        assertThat(http().post("/api/baking/moves", move).status()).isEqualTo(422);
        move.put("to", 1);
        Map<String, Object> tooMany = item(first);
        tooMany.put("count", first.path("count").asInt() + 1);
        move.put("item", tooMany);
        assertThat(http().post("/api/baking/moves", move).text()).contains("Move no more than the load holds.");
        // A stage that is built on another cannot join its load; the heron's head and body are baked apart.
        for (int from = 0; from < planned.size(); from++) {
            for (JsonNode late : planned.path(from).path("items")) {
                for (int to = 0; to < planned.size(); to++) {
                    for (JsonNode early : planned.path(to).path("items")) {
                        boolean built = late.path("designId").asLong() != HERON
                                && late.path("batchId").equals(early.path("batchId"))
                                && late.path("designId").equals(early.path("designId"))
                                && late.path("stage").asInt()
                                        > early.path("stage").asInt();
                        if (built && from != to) {
                            JsonNode broken = http().post(
                                            "/api/baking/moves", Map.of("from", from, "to", to, "item", item(late)))
                                    .json();
                            assertThat(rules(broken.path("breaks"))).contains("pin-broken");
                        }
                    }
                }
            }
        }
    }

    @Test(priority = 5)
    public void aBetterPlanIsLookedForUntilItIsProvenOrStopped() throws InterruptedException {
        assertThat(http().get("/api/baking/search").json().path("state").asString())
                .isEqualTo("NONE");
        assertThat(http().remove("/api/baking/search").json().path("state").asString())
                .isEqualTo("NONE");
        assertThat(http().post("/api/baking/search", null).json().path("state").asString())
                .isIn("WAITING", "LOOKING");
        JsonNode look = searched();
        assertThat(look.path("state").asString()).isEqualTo("DONE");
        assertThat(look.path("scores").path(0).path("proven").asBoolean()).isTrue();
        http().post("/api/baking/search", null);
        http().remove("/api/baking/search");
        look = searched();
        assertThat(look.path("state").asString()).isIn("STOPPED", "DONE");
        assertThat(look.path("scores").size()).isEqualTo(4);
    }

    /** What the search says once it has its turn no more. */
    private JsonNode searched() throws InterruptedException {
        JsonNode look = http().get("/api/baking/search").json();
        for (int i = 0;
                i < 200
                        && Set.of("WAITING", "LOOKING")
                                .contains(look.path("state").asString());
                i++) {
            Thread.sleep(200);
            look = http().get("/api/baking/search").json();
        }
        return look;
    }
}
