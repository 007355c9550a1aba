package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Leftovers: kneaded together, looked through, and searched for a colour, alone and with the clays. */
public class LeftoversTest extends ServerTest {
    @DataProvider
    public Object[][] searches() {
        return IntStream.range(0, 6)
                .mapToObj(i -> new Object[] {i % 2 == 0 ? "LEFTOVERS" : "BOTH", i < 3 ? "RAW" : "CURED", 5 + 40 * i})
                .toArray(Object[][]::new);
    }

    private JsonNode found(String from, String face, String hex, double wanted) throws InterruptedException {
        ObjectNode body = Http.JSON.createObjectNode();
        body.put("targetHex", hex).put("face", face).put("mostKinds", 2).put("mostParts", 8);
        body.put("wantedG", wanted).put("onHandOnly", false).put("from", from);
        long id = http().post("/api/finds", body).json().path("id").asLong();
        for (int i = 0; i < 400; i++) {
            JsonNode found = http().get("/api/finds/" + id).json();
            if (found.path("done").asBoolean()) {
                return found.path("recipes");
            }
            Thread.sleep(25);
        }
        throw new AssertionError("The search has no end.");
    }

    @Test(dataProvider = "searches")
    public void aRecipeOfLumpsIsTheMixOfTheClaysInThem(String from, String face, int wanted)
            throws InterruptedException {
        JsonNode box = http().get("/api/leftovers").json().path("lumps");
        JsonNode recipes = found(from, face, "#9fb0a6", wanted);
        assertThat(recipes.size()).isPositive();
        boolean lumps = false;
        for (JsonNode recipe : recipes) {
            double parts = 0;
            double grams = 0;
            double missing = 0;
            Map<Long, Double> clays = new HashMap<>();
            for (JsonNode part : recipe.path("parts")) {
                parts += part.path("parts").asDouble();
                grams += part.path("massG").asDouble();
                missing += Math.max(
                        0, part.path("massG").asDouble() - part.path("onHandG").asDouble());
                boolean lump = !part.path("lump").isMissingNode();
                lumps |= lump;
                assertThat(part.path("clayId").isMissingNode()).isEqualTo(lump);
                if (lump) {
                    JsonNode of = box.get(part.path("lump").asInt());
                    assertThat(part.path("onHandG").asDouble())
                            .isEqualTo(of.path("lump").path("massG").asDouble());
                    of.path("clays")
                            .forEach(clay -> clays.merge(
                                    clay.path("clayId").asLong(),
                                    part.path("parts").asDouble()
                                            * clay.path("percent").asDouble()
                                            / 100,
                                    Double::sum));
                } else {
                    assertThat(from).isEqualTo("BOTH");
                    clays.merge(part.path("clayId").asLong(), part.path("parts").asDouble(), Double::sum);
                }
            }
            assertThat(grams).isCloseTo(toMix(wanted), offset(1e-9));
            assertThat(recipe.path("missingG").asDouble()).isCloseTo(missing, offset(1e-6));
            ObjectNode mix = Http.JSON.createObjectNode().put("name", "kept");
            ArrayNode lines = mix.putArray("parts");
            for (JsonNode clay : recipe.path("clays")) {
                assertThat(clay.path("parts").asDouble())
                        .isCloseTo(clays.get(clay.path("clayId").asLong()), offset(1e-6));
                lines.add(clay);
            }
            // Kept as a mix of its clays it has the colour that was found.
            JsonNode kept = http().post("/api/mixes/measure?wantedG=10", mix).json();
            assertThat(kept.path("curedHex")).isEqualTo(recipe.path("curedHex"));
            assertThat(kept.path("rawHex")).isEqualTo(recipe.path("rawHex"));
            double most = Double.POSITIVE_INFINITY;
            for (JsonNode part : recipe.path("parts")) {
                most = Math.min(
                        most,
                        part.path("onHandG").asDouble()
                                * parts
                                / part.path("parts").asDouble());
            }
            assertThat(recipe.path("mostG").asDouble()).isCloseTo(most, offset(1e-9));
        }
        assertThat(lumps).isTrue();
    }

    @Test
    public void anEmptyBoxHasNothingToFindIn() {
        JsonNode box = http().get("/api/leftovers").json();
        http().put("/api/leftovers?edition=" + box.path("edition").asInt(), "{\"lumps\":[]}");
        Http.Answer none = http().post(
                        "/api/finds",
                        "{\"targetHex\":\"#9fb0a6\",\"face\":\"RAW\",\"mostKinds\":2,\"mostParts\":8,\"wantedG\":5,"
                                + "\"onHandOnly\":false,\"from\":\"LEFTOVERS\"}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.json().path("errors").get(0).path("field").asString()).isEqualTo("choices");
        assertThat(http().get("/api/finds/uses").json().size()).isZero();
        http().undo();
        assertThat(http().get("/api/leftovers").json().path("lumps")).isEqualTo(box.path("lumps"));
    }

    private static double sum(JsonNode list, String field) {
        return StreamSupport.stream(list.spliterator(), false)
                .mapToDouble(one -> one.path(field).asDouble())
                .sum();
    }

    @Test
    public void lumpsKeepWhatTheyAreMadeOfWhenTheyAreKneadedTogether() {
        JsonNode box = http().get("/api/leftovers").json();
        int edition = box.path("edition").asInt();
        double all = box.path("allG").asDouble();
        Map<String, Object> takes = Map.of(
                "name",
                "Sea mist again",
                "madeOn",
                "2026-11-26",
                "takes",
                List.of(Map.of("lump", 0, "massG", 10), Map.of("lump", 1, "massG", 30)));
        JsonNode merged =
                http().post("/api/leftovers/merge?edition=" + edition, takes).json();
        assertThat(merged.path("allG").asDouble()).isCloseTo(all, offset(1e-9));
        JsonNode lump = merged.path("lumps").get(0);
        assertThat(lump.path("lump").path("massG").asDouble()).isCloseTo(40, offset(1e-9));
        String mist = http().get("/api/mixes/12")
                .json()
                .path("measured")
                .path("curedHex")
                .asString();
        assertThat(lump.path("curedHex").asString()).isEqualTo(mist);
        assertThat(merged.path("lumps").size()).isEqualTo(box.path("lumps").size() + 1);
        assertThat(http().post("/api/leftovers/merge?edition=" + edition, takes).status())
                .isEqualTo(409);
        http().undo();
        JsonNode back = http().get("/api/leftovers").json();
        assertThat(back.path("lumps")).isEqualTo(box.path("lumps"));
        for (String error : List.of(
                "[{\"lump\":0,\"massG\":99},{\"lump\":1,\"massG\":1}]",
                "[{\"lump\":0,\"massG\":1},{\"lump\":0,\"massG\":1}]",
                "[{\"lump\":0,\"massG\":1},{\"lump\":70,\"massG\":1}]",
                "[{\"lump\":0,\"massG\":-1},{\"lump\":1,\"massG\":1}]",
                "[]")) {
            Http.Answer answer = http().post(
                            "/api/leftovers/merge?edition="
                                    + back.path("edition").asInt(),
                            "{\"name\":\"x\",\"madeOn\":\"2026-11-26\",\"takes\":" + error + "}");
            assertThat(answer.status()).as(error + answer.text()).isEqualTo(422);
        }
    }

    @Test
    public void leftoversAreLookedThroughForWhatTheyCouldBecome() {
        JsonNode uses = http().get("/api/finds/uses").json();
        double off = 0;
        for (JsonNode use : uses) {
            JsonNode recipe = use.path("recipe");
            assertThat(recipe.path("difference").asDouble()).isGreaterThanOrEqualTo(off);
            off = recipe.path("difference").asDouble();
            double parts = sum(recipe.path("parts"), "parts");
            for (JsonNode part : recipe.path("parts")) {
                double taken =
                        recipe.path("mostG").asDouble() * part.path("parts").asDouble() / parts;
                assertThat(taken).isLessThanOrEqualTo(part.path("onHandG").asDouble() + 1e-9);
            }
        }
        // Four lumps are leftovers of mixes as they are: nothing is nearer to those.
        assertThat(uses.get(3).path("recipe").path("difference").asDouble()).isLessThan(1e-6);
        long current = StreamSupport.stream(http().get("/api/mixes").json().spliterator(), false)
                .filter(mix -> !mix.path("mix").path("retired").asBoolean())
                .count();
        // A mix that nothing in the box hides or shimmers like is left out.
        assertThat(uses.size()).isBetween(4, (int) current - 1);
        assertThat(uses).noneMatch(use -> use.path("name").asString().equals("Harbour mist"));
    }

    /** A clay and a mix of it come with one request and go with one undo; a wrong colour makes neither. */
    @Test
    public void aLumpWithoutARecipeIsAddedInOneStep() {
        Map<String, Object> lump = Map.of("name", "Found lump", "rangeId", 1, "hex", "#8a8f7a", "openG", 20);
        Http.Answer added = http().post("/api/leftovers/unknown", lump);
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.changed().path("keys").size()).isEqualTo(3);
        JsonNode mix =
                http().get("/api/mixes/" + added.json().path("mixId").asLong()).json();
        assertThat(mix.path("mix").path("parts").path(0).path("clayId"))
                .isEqualTo(added.json().path("clayId"));
        assertThat(added.changed().path("last").path("undo").asString()).isEqualTo("added Found lump");
        http().undo();
        assertThat(http().get("/api/mixes/" + added.json().path("mixId").asLong())
                        .status())
                .isEqualTo(404);
        assertThat(http().get("/api/shelf").text()).doesNotContain("Found lump");
        Http.Answer refused =
                http().post("/api/leftovers/unknown", Map.of("name", "", "rangeId", 1, "hex", "grey", "openG", -1));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("errors").size()).isEqualTo(3);
        assertThat(http().get("/api/shelf").text()).doesNotContain("\"grey\"");
    }
}
