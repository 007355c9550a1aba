package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One piece first, spare parts, mixed paints and the shopping list, over HTTP on the demo's studio. */
public class WorkshopTest extends ServerTest {
    private static final long TUGBOATS = 4;
    private static final long HERON = 7;
    private static final Map<String, Integer> TOWERS = Map.of("batchId", 3, "designId", 1, "step", 3);

    @Test
    public void anInterruptionIsALineOfItsOwn() throws InterruptedException {
        http().put("/api/bench/job", TOWERS);
        http().put("/api/bench/timer", Map.of("running", true));
        Thread.sleep(30);
        JsonNode interrupted =
                http().post("/api/bench/interruption", Map.of()).json().path("job");
        assertThat(interrupted.has("startedAt")).isFalse();
        assertThat(interrupted.path("interruptedAt").asString()).isNotBlank();
        // Twice is once: there is nothing to interrupt.
        assertThat(http().post("/api/bench/interruption", Map.of())
                        .json()
                        .path("job")
                        .path("interruptedAt"))
                .isEqualTo(interrupted.path("interruptedAt"));
        Thread.sleep(30);
        JsonNode on =
                http().put("/api/bench/timer", Map.of("running", true)).json().path("job");
        assertThat(on.has("interruptedAt")).isFalse();
        assertThat(on.path("startedAt").asString()).isNotBlank();
        http().put("/api/bench/timer", Map.of("running", false));
        String csv = http().get("/api/daybook/lines.csv").text();
        assertThat(csv.lines().filter(line -> line.contains(",interruption,"))).hasSize(1);
    }

    private List<JsonNode> list(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false).toList();
    }

    private JsonNode batch(long id) {
        return http().get("/api/batches/" + id).json();
    }

    /** The demo's herons are made one alone first: nothing of the others comes before the last of it, and its loads hold one. */
    @Test
    public void theFirstHeronIsMadeAlone() {
        JsonNode plan = batch(TUGBOATS).path("plan");
        List<JsonNode> herons = list(plan.path("tasks")).stream()
                .filter(task -> task.path("designId").asLong() == HERON)
                .toList();
        Set<Integer> pieces = new TreeSet<>();
        String lastOfFirst = "";
        String firstOfOthers = "9";
        for (JsonNode task : herons) {
            pieces.add(task.path("pieces").asInt());
            List<JsonNode> slots = list(task.path("slots"));
            if (slots.isEmpty()) {
                continue;
            }
            String to = slots.get(slots.size() - 1).path("to").asString();
            String from = slots.get(0).path("from").asString();
            if (task.path("first").asBoolean()) {
                lastOfFirst = to.compareTo(lastOfFirst) > 0 ? to : lastOfFirst;
            } else {
                firstOfOthers = from.compareTo(firstOfOthers) < 0 ? from : firstOfOthers;
            }
        }
        assertThat(pieces).containsExactly(1, 5);
        assertThat(firstOfOthers).isGreaterThanOrEqualTo(lastOfFirst);
        List<String> names = new ArrayList<>();
        list(plan.path("loads"))
                .forEach(load -> list(load.path("items")).stream()
                        .filter(item -> item.path("first").asBoolean())
                        .forEach(item -> {
                            assertThat(item.path("count").asInt()).isEqualTo(1);
                            names.add(item.path("name").asString());
                        }));
        assertThat(names).isNotEmpty().allMatch(name -> name.endsWith(", the first one"));
        // Needs are those of all six, whoever is first.
        assertThat(list(plan.path("price")))
                .anyMatch(row -> row.path("quantity").asInt() == 6);
    }

    /** Ten tugboats want forty fenders and two spares: seven are in the box. Finished, the box has the two that were made. */
    @Test
    public void fendersOfTheBoxAreTakenAndSparesGoIn() {
        JsonNode fender = list(batch(TUGBOATS).path("plan").path("needs").path("portions")).stream()
                .filter(row -> row.path("partName").asString().equals("Fender"))
                .findFirst()
                .orElseThrow();
        assertThat(fender.path("fromBox").asInt()).isEqualTo(7);
        assertThat(fender.path("count").asInt()).isEqualTo(40 - 7 + 2);
        state("ON_BENCH");
        state("FINISHED");
        JsonNode box = http().get("/api/spares").json().path("box").path("parts");
        assertThat(box).hasSize(1);
        assertThat(box.get(0).path("count").asInt()).isEqualTo(2);
        http().undo();
        assertThat(http().get("/api/spares")
                        .json()
                        .path("box")
                        .path("parts")
                        .get(0)
                        .path("count")
                        .asInt())
                .isEqualTo(7);
    }

    /** Six herons want 12 leg wires and 6 neck wires: finishing takes them off their coils, and foil off a roll that is counted. */
    @Test
    public void wireAndFoilAreTakenOffWhenABatchIsFinished() {
        JsonNode settings = http().get("/api/settings").json();
        ObjectNode form = (ObjectNode) settings.path("settings").deepCopy();
        form.put("foilLeftM", 5);
        http().put("/api/settings?edition=" + settings.path("edition").asInt(), form);
        double torn = batch(TUGBOATS).path("plan").path("needs").path("tornMm").asDouble();
        double before = wireMm();
        double cut = list(http().get("/api/batches/" + TUGBOATS + "/cutting")
                        .json()
                        .path("wires"))
                .stream()
                .mapToDouble(wire -> wire.path("totalMm").asDouble())
                .sum();
        state("ON_BENCH");
        state("FINISHED");
        assertThat(torn).isPositive();
        assertThat(http().get("/api/settings")
                        .json()
                        .path("settings")
                        .path("foilLeftM")
                        .asDouble())
                .isCloseTo(5 - torn / 1000, within(1e-6));
        // What was cut is gone, and what is left of a coil is a coil of its own but for rests that are too short.
        assertThat(before - wireMm()).isBetween(cut - 1e-6, cut + 3 * 150);
        http().undo();
        assertThat(wireMm()).isCloseTo(before, within(1e-6));
    }

    private double wireMm() {
        return list(http().get("/api/shelf").json().path("coils")).stream()
                .mapToDouble(coil -> 1000
                        * coil.path("coil").path("lengthM").asDouble()
                        * coil.path("coil").path("onShelf").asInt())
                .sum();
    }

    private void state(String to) {
        JsonNode saved = batch(TUGBOATS);
        ObjectNode form = (ObjectNode) saved.path("batch").deepCopy();
        form.put("state", to);
        assertThat(http().put(
                                "/api/batches/" + TUGBOATS + "?edition="
                                        + saved.path("edition").asInt(),
                                form)
                        .status())
                .isEqualTo(200);
    }

    private Map<String, Object> paint(String name, Map<String, Object> more) {
        Map<String, Object> paint = new HashMap<>(
                Map.of("name", name, "kind", "PAINT", "unit", "ML", "pack", 20, "priceMinor", 300, "onShelf", 0));
        paint.putAll(more);
        return paint;
    }

    private Http.Answer add(String name, Map<String, Object> more) {
        return http().post("/api/shelf/supplies", paint(name, more));
    }

    @Test
    public void aMixedPaintIsOfPaintsOfTheShelfAndKnowsItsColour() {
        long blue = add("Sound blue", Map.of("colourHex", "#20407a"))
                .json()
                .path("id")
                .asLong();
        long pale = add("Sky, mixed", Map.of("parts", List.of(part(blue, 1), part(3, 2)), "water", 1))
                .json()
                .path("id")
                .asLong();
        String hex = list(http().get("/api/shelf").json().path("supplies")).stream()
                .filter(supply -> supply.path("id").asLong() == pale)
                .map(supply -> supply.path("hex").asString())
                .findFirst()
                .orElseThrow();
        assertThat(hex).matches("#[0-9a-f]{6}").isNotEqualTo("#20407a");
        assertThat(add("Of a mixed one", Map.of("parts", List.of(part(pale, 1))))
                        .text())
                .contains("parts[0].supplyId", "a paint that is bought as it is");
        assertThat(add("Of nothing there", Map.of("parts", List.of(part(9999, 1))))
                        .status())
                .isEqualTo(422);
        // What another is mixed of is neither mixed nor removed.
        JsonNode saved = list(http().get("/api/shelf").json().path("supplies")).stream()
                .filter(supply -> supply.path("id").asLong() == blue)
                .findFirst()
                .orElseThrow();
        assertThat(http().put(
                                "/api/shelf/supplies/" + blue + "?edition="
                                        + saved.path("edition").asInt(),
                                paint("Sound blue", Map.of("parts", List.of(part(3, 1)))))
                        .text())
                .contains("which another paint is mixed of");
        Http.Answer used = http().delete("/api/shelf/supplies/" + blue + "?edition="
                + saved.path("edition").asInt());
        assertThat(used.status()).isEqualTo(409);
        assertThat(used.json().path("errors").path(0).path("allowed").asString())
                .isEqualTo("something nothing else uses");
    }

    private static Map<String, Object> part(long supplyId, double parts) {
        return Map.of("supplyId", supplyId, "parts", parts);
    }

    private JsonNode ordered(String kind) {
        return list(http().get("/api/shopping").json().path("lines")).stream()
                .filter(line -> line.path("kind").asString().equals(kind))
                .findFirst()
                .orElse(Http.JSON.missingNode());
    }

    /** Foil is counted once it is said how much is left of the roll; wire is bought by the coil it was bought as. */
    @Test
    public void wireAndFoilAreOrderedToo() {
        assertThat(ordered("FOIL").isMissingNode()).isTrue();
        JsonNode settings = http().get("/api/settings").json();
        ObjectNode form = settings.path("settings").deepCopy().asObject();
        String path = "/api/settings?edition=" + settings.path("edition").asInt();
        assertThat(http().put(path, form.put("foilLeftM", 0)).status()).isEqualTo(200);
        JsonNode foil = ordered("FOIL");
        assertThat(foil.path("needed").asDouble()).isPositive();
        assertThat(foil.path("packs").path(0).path("size").asDouble())
                .isEqualTo(form.path("foilLengthM").asDouble());
        JsonNode coil = list(http().get("/api/shelf").json().path("coils")).stream()
                .filter(one -> one.path("coil").path("name").asString().equals("Armature steel"))
                .findFirst()
                .orElseThrow();
        ObjectNode none = coil.path("coil").deepCopy().asObject().put("onShelf", 0);
        String shelf = "/api/shelf/coils/" + coil.path("id").asLong() + "?edition="
                + coil.path("edition").asInt();
        assertThat(http().put(shelf, none).status()).isEqualTo(200);
        JsonNode wire = ordered("WIRE");
        assertThat(wire.path("name").asString()).isEqualTo("Armature steel");
        // Two legs of 47 mm for each heron: of half a metre 453 mm are sure to be used.
        assertThat(wire.path("packs").path(0).path("count").asInt())
                .isEqualTo((int) Math.ceil(wire.path("needed").asDouble() / 0.453));
        http().undo();
        http().undo();
        assertThat(ordered("FOIL").isMissingNode()).isTrue();
    }

    @Test
    public void theShoppingListIsInTheOrderOfItsDaysAndAddsUp() {
        JsonNode shopping = http().get("/api/shopping").json();
        List<JsonNode> lines = list(shopping.path("lines"));
        assertThat(lines).isNotEmpty();
        List<String> days = lines.stream()
                .map(line -> line.path("orderBy").asString("9999"))
                .toList();
        assertThat(days).isSorted();
        assertThat(lines.stream()
                        .mapToLong(line -> line.path("costMinor").asLong())
                        .sum())
                .isEqualTo(shopping.path("costMinor").asLong());
        for (JsonNode line : lines) {
            double bought = list(line.path("packs")).stream()
                    .mapToDouble(pack ->
                            pack.path("size").asDouble() * pack.path("count").asInt())
                    .sum();
            double left = line.path("onShelf").asDouble()
                    + bought
                    - line.path("needed").asDouble();
            assertThat(left).isGreaterThanOrEqualTo(line.path("keep").asDouble() - 0.01);
            assertThat(line.path("costMinor").asDouble())
                    .isCloseTo(line.path("costMinor").asLong(), within(1e-9));
        }
    }

    @Test
    public void usualStepsAreThoseOfItsKindAndAJigIsCountedOnce() {
        JsonNode saved = http().get("/api/designs/" + HERON).json();
        JsonNode steps =
                http().post("/api/designs/ready-steps", saved.path("design")).json();
        assertThat(list(steps))
                .extracting(step -> step.path("name").asString())
                .contains("press cores", "maker’s mark");
        double before = batch(TUGBOATS).path("plan").path("handsMin").asDouble();
        ObjectNode form = (ObjectNode) saved.path("design").deepCopy();
        ObjectNode bend = (ObjectNode) form.path("steps").get(0);
        bend.putObject("jig").put("name", "Leg template").put("makingMin", 15);
        bend.put("part", 99);
        String path =
                "/api/designs/" + HERON + "?edition=" + saved.path("edition").asInt();
        assertThat(http().put(path, form).text()).contains("steps[0].part", "Choose a part of this design");
        bend.put("part", 1).put("perBlank", 2);
        assertThat(http().put(path, form).status()).isEqualTo(200);
        // The first heron and the others each set the step up; the template is planned with both until it is made.
        double planned = batch(TUGBOATS).path("plan").path("handsMin").asDouble();
        assertThat(planned - before).isCloseTo(15, within(0.01));
    }
}
