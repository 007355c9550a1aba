package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Recipes that are found and trial tiles that teach, over HTTP. */
public class MixesTest extends ServerTest {
    private static final String FIND = """
            {"targetHex":"%s","face":"CURED","mostKinds":%d,"mostParts":12,"wantedG":%s,"onHandOnly":%s%s}
            """;
    private static final String TILE = """
            {"name":"Trial","madeOn":"2026-11-20","parts":[{"clayId":%d,"parts":1},{"clayId":10,"parts":3}],
             "curedHex":"%s","measured":true,"note":"by the window"}
            """;

    private JsonNode found(String body) throws InterruptedException {
        Http.Answer begun = http().post("/api/finds", body);
        assertThat(begun.status()).as(begun.text()).isEqualTo(202);
        long id = begun.json().path("id").asLong();
        for (int i = 0; i < 600; i++) {
            JsonNode found = http().get("/api/finds/" + id).json();
            assertThat(found.path("share").asDouble()).isBetween(0.0, 1.0);
            if (found.path("done").asBoolean()) {
                return found;
            }
            Thread.sleep(25);
        }
        throw new AssertionError("The search has no end.");
    }

    @Test
    public void aMixOfTheShelfIsFoundAgain() throws InterruptedException {
        JsonNode yellow = http().get("/api/mixes/4").json();
        String cured = yellow.path("measured").path("curedHex").asString();
        JsonNode found = found(FIND.formatted(cured, 3, "40", "false", ""));
        assertThat(found.path("complete").asBoolean()).isTrue();
        assertThat(found.path("tried").asLong()).isGreaterThan(1000);
        JsonNode recipes = found.path("recipes");
        assertThat(recipes.size()).isEqualTo(10);
        // A swatch has steps of 1/255, so a mix of these very clays is at most a hair off.
        assertThat(recipes.get(0).path("difference").asDouble()).isLessThan(0.6);
        assertThat(recipes.get(0).path("merits").toString()).contains("NEAREST");
        double before = 0;
        for (JsonNode recipe : recipes) {
            assertThat(recipe.path("difference").asDouble()).isGreaterThanOrEqualTo(before);
            before = recipe.path("difference").asDouble();
            double grams = StreamSupport.stream(recipe.path("parts").spliterator(), false)
                    .mapToDouble(part -> part.path("massG").asDouble())
                    .sum();
            assertThat(grams).isCloseTo(toMix(40), offset(1e-9));
            assertThat(recipe.path("uncertainty").asDouble()).isPositive();
            assertThat(recipe.path("tiles").asInt()).isBetween(0, 20);
        }
    }

    @Test
    public void whatTheShelfHasNotEnoughOfIsLeftOutWhenAskedOr() throws InterruptedException {
        // Rose pink: 12 g opened and no block. For 200 g in designs, no recipe may take more than 12 g of it.
        JsonNode strict = found(FIND.formatted("#d07d86", 3, "200", "true", ""));
        assertThat(strict.path("recipes").size()).isPositive();
        for (JsonNode recipe : strict.path("recipes")) {
            assertThat(recipe.path("missingG").asDouble()).isZero();
            for (JsonNode part : recipe.path("parts")) {
                assertThat(part.path("massG").asDouble())
                        .isLessThanOrEqualTo(part.path("onHandG").asDouble());
            }
        }
        JsonNode free = found(FIND.formatted("#d07d86", 1, "200", "false", ",\"clayIds\":[12]"));
        assertThat(free.path("recipes").size()).isEqualTo(1);
        assertThat(free.path("recipes").get(0).path("difference").asDouble()).isLessThan(0.5);
        assertThat(free.path("recipes").get(0).path("missingG").asDouble()).isCloseTo(toMix(200) - 12, offset(1e-9));
    }

    @Test
    public void aNewSearchStopsTheOneBeforeAndAStoppedOneHasAnAnswer() throws InterruptedException {
        String wide = """
                {"targetHex":"#7fa3a1","face":"RAW","mostKinds":4,"mostParts":16,"wantedG":40,"onHandOnly":false}
                """;
        long first = http().post("/api/finds", wide).json().path("id").asLong();
        long second = http().post("/api/finds", wide).json().path("id").asLong();
        assertThat(http().delete("/api/finds/" + second).status()).isEqualTo(200);
        for (long id : new long[] {first, second}) {
            for (int i = 0; !http().get("/api/finds/" + id).json().path("done").asBoolean(); i++) {
                assertThat(i).as("search %d ends", id).isLessThan(400);
                Thread.sleep(25);
            }
        }
        assertThat(http().get("/api/finds/9999").status()).isEqualTo(404);
    }

    @DataProvider
    public Object[][] wrongSearches() {
        return new Object[][] {
            {FIND.formatted("teal", 3, "40", "false", ""), "targetHex"},
            {FIND.formatted("#7fa3a1", 5, "40", "false", ""), "mostKinds"},
            {FIND.formatted("#7fa3a1", 0, "40", "false", ""), "mostKinds"},
            {FIND.formatted("#7fa3a1", 3, "0", "false", ""), "wantedG"},
            {FIND.formatted("#7fa3a1", 3, "40", "false", ",\"clayIds\":[]"), "choices"},
            {FIND.formatted("#7fa3a1", 3, "40", "false", ",\"clayIds\":[1,77]"), "clayIds"},
            {"{\"mostKinds\":2,\"mostParts\":12,\"wantedG\":4,\"onHandOnly\":false}", "targetHex"},
        };
    }

    @Test(dataProvider = "wrongSearches")
    public void aWrongSearchIsRefusedWithWhatToDo(String body, String field) {
        Http.Answer answer = http().post("/api/finds", body);
        assertThat(answer.status()).isEqualTo(422);
        JsonNode first = answer.json().path("errors").get(0);
        assertThat(first.path("field").asString()).isEqualTo(field);
        assertThat(first.path("fix").asString()).isNotEmpty();
    }

    @Test
    public void aTileMovesThePredictionTowardsWhatWasSeenAndUndoTakesItBack() {
        String mix = "{\"name\":\"x\",\"parts\":[{\"clayId\":7,\"parts\":1},{\"clayId\":10,\"parts\":3}]}";
        JsonNode before = http().post("/api/mixes/measure?wantedG=10", mix).json();
        JsonNode log = http().get("/api/tiles").json();
        int logged = log.path("tiles").size();
        long id = http().post("/api/tiles", TILE.formatted(7, "#97804c"))
                .json()
                .path("id")
                .asLong();
        JsonNode after = http().post("/api/mixes/measure?wantedG=10", mix).json();
        assertThat(after.path("tiles").asInt()).isEqualTo(before.path("tiles").asInt() + 1);
        assertThat(after.path("uncertaintyCured").asDouble())
                .isLessThan(0.6 * before.path("uncertaintyCured").asDouble());
        JsonNode tiles = http().get("/api/tiles").json().path("tiles");
        assertThat(tiles.size()).isEqualTo(logged + 1);
        JsonNode tile = tile(id);
        JsonNode cured = tile.path("cured");
        // The tile is judged by what was known without it; what is known with it is nearer to what was seen.
        assertThat(off(cured.path("expectedHex"), before.path("curedHex"))).isLessThan(2);
        assertThat(off(after.path("curedHex"), cured.path("seenHex")))
                .isLessThan(0.7 * cured.path("difference").asDouble());
        assertThat(tile.path("raw").isMissingNode()).isTrue();
        http().undo();
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json()).isEqualTo(before);
    }

    private static double off(JsonNode one, JsonNode other) {
        return ColourDifference.of(
                        Lab.of(Srgb.parse("one", one.asString())), Lab.of(Srgb.parse("other", other.asString())))
                .total();
    }

    @Test
    public void aTileFarFromWhatIsExpectedTeachesNothingUntilItIsConfirmed() {
        String mix = "{\"name\":\"x\",\"parts\":[{\"clayId\":7,\"parts\":1},{\"clayId\":10,\"parts\":3}]}";
        JsonNode before = http().post("/api/mixes/measure?wantedG=10", mix).json();
        JsonNode log = http().get("/api/tiles").json();
        String error = TILE.formatted(7, "#c01060");
        long id = http().post("/api/tiles", error).json().path("id").asLong();
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json()).isEqualTo(before);
        assertThat(http().get("/api/tiles").json().path("differenceNow")).isEqualTo(log.path("differenceNow"));
        assertThat(tile(id).path("leftOut").asBoolean()).isTrue();
        String confirmed = error.replace("\"note\"", "\"confirmed\":true,\"note\"");
        assertThat(http().change("/api/tiles/" + id, confirmed)
                        .json()
                        .path("leftOut")
                        .asBoolean())
                .isFalse();
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json().path("curedHex"))
                .isNotEqualTo(before.path("curedHex"));
        http().undo();
        assertThat(tile(id).path("leftOut").asBoolean()).isTrue();
        http().undo();
    }

    private JsonNode tile(long id) {
        return StreamSupport.stream(
                        http().get("/api/tiles").json().path("tiles").spliterator(), false)
                .filter(t -> t.path("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aTileIsChangedAndKeepsItsClayFromBeingRemoved() {
        JsonNode clay = http().get("/api/shelf").json().path("clays").get(0).path("clay");
        ObjectNode own = clay.deepCopy().asObject().put("name", "For a tile");
        long clayId = http().post("/api/shelf/clays", own).json().path("id").asLong();
        long id = http().post("/api/tiles", TILE.formatted(clayId, "#97804c"))
                .json()
                .path("id")
                .asLong();
        int edition = tile(id).path("edition").asInt();
        assertThat(http().remove("/api/shelf/clays/" + clayId).status()).isEqualTo(409);
        Http.Answer changed = http().change("/api/tiles/" + id, TILE.formatted(clayId, "#707a3a"));
        assertThat(changed.json().path("edition").asInt()).isEqualTo(edition + 1);
        assertThat(changed.json().path("cured").path("seenHex").asString()).isEqualTo("#707a3a");
        assertThat(http().put("/api/tiles/" + id + "?edition=-1", TILE.formatted(clayId, "#000000"))
                        .status())
                .isEqualTo(409);
        assertThat(http().remove("/api/tiles/" + id).status()).isEqualTo(200);
        assertThat(http().remove("/api/shelf/clays/" + clayId).status()).isEqualTo(200);
    }

    @Test
    public void aTileThatWasNotLookedAtYetIsLoggedAndTeachesNothing() {
        String mix = "{\"name\":\"x\",\"parts\":[{\"clayId\":7,\"parts\":1},{\"clayId\":10,\"parts\":3}]}";
        JsonNode before = http().post("/api/mixes/measure?wantedG=10", mix).json();
        JsonNode log = http().get("/api/tiles").json();
        String unseen = TILE.formatted(7, "x").replace("\"curedHex\":\"x\",", "");
        long id = http().post("/api/tiles", unseen).json().path("id").asLong();
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json()).isEqualTo(before);
        JsonNode after = http().get("/api/tiles").json();
        assertThat(after.path("tiles").size()).isEqualTo(log.path("tiles").size() + 1);
        assertThat(after.path("differenceNow")).isEqualTo(log.path("differenceNow"));
        assertThat(after.path("clays")).isEqualTo(log.path("clays"));
        http().change("/api/tiles/" + id, TILE.formatted(7, "#97804c"));
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json()).isNotEqualTo(before);
        http().remove("/api/tiles/" + id);
        assertThat(http().post("/api/mixes/measure?wantedG=10", mix).json()).isEqualTo(before);
    }

    @DataProvider
    public Object[][] wrongTiles() {
        return new Object[][] {
            {TILE.formatted(7, "green"), "curedHex"},
            {TILE.formatted(99, "#97804c"), "parts[0].clayId"},
            {TILE.formatted(10, "#97804c"), "parts"},
            {TILE.formatted(7, ""), "curedHex"},
            {TILE.formatted(7, "#97804c").replaceAll("\"parts\":[13]", "\"parts\":0"), "parts"},
            {TILE.formatted(7, "#97804c").replace("\"parts\":1", "\"parts\":-1"), "parts[0].parts"},
            {TILE.formatted(7, "#97804c").replace("Trial", ""), "name"},
            {TILE.formatted(7, "#97804c").replace("by the window", "x".repeat(401)), "note"},
        };
    }

    @Test(dataProvider = "wrongTiles")
    public void aWrongTileIsRefusedAndNothingIsLogged(String body, String field) {
        int logged = http().get("/api/tiles").json().path("tiles").size();
        Http.Answer answer = http().post("/api/tiles", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().path("errors").get(0).path("field").asString()).isEqualTo(field);
        assertThat(http().get("/api/tiles").json().path("tiles").size()).isEqualTo(logged);
    }

    @Test
    public void theLogSaysHowFarOffItWasAndWhichTileWouldTeachMost() {
        JsonNode log = http().get("/api/tiles").json();
        assertThat(log.path("differenceNow").asDouble())
                .isLessThan(0.7 * log.path("differenceBefore").asDouble());
        JsonNode next = log.path("next");
        assertThat(next.path("parts").size()).isEqualTo(2);
        assertThat(next.path("uncertainty").asDouble()).isGreaterThan(2);
        // Black was four times stronger by its class; the tile of nine white to one black says less, and so does its
        // note.
        assertThat(log.path("tiles"))
                .anyMatch(tile -> tile.path("tile").path("note").asString().contains("black is weaker"));
        for (JsonNode clay : log.path("clays")) {
            if (clay.path("name").asString().equals("Pitch black")) {
                assertThat(clay.path("strengthTimes").asDouble()).isLessThan(0.6);
            }
            if (clay.path("tiles").asInt() == 0) {
                assertThat(clay.path("strengthTimes").asDouble()).isCloseTo(1, offset(0.02));
            }
        }
    }
}
