package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Mixes that hold mixes, that are counted in other units, measured out, retired; clays in lots and no longer sold. */
public class MixBookTest extends ServerTest {
    private static final String MIST = """
            {"name":"Mist","parts":[{"mixId":%d,"parts":3.0},{"clayId":1,"parts":1.0}],"unit":"PARTS",
             "inclusions":[{"name":"mica","percent":25.0,"effect":"SHIMMER","priceMinor":400}],"retired":false}
            """;

    private long added(Http.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json().path("id").asLong();
    }

    private static double sum(JsonNode list, String field) {
        return StreamSupport.stream(list.spliterator(), false)
                .mapToDouble(one -> one.path(field).asDouble())
                .sum();
    }

    @Test
    public void aMixInAMixIsWeighedFromItAndPaidByItsClays() {
        long id = added(http().post("/api/mixes", MIST.formatted(5)));
        JsonNode view =
                http().get("/api/mixes/" + id + "?wantedG=" + 125 / toMix(1)).json();
        assertThat(view.path("mix")).isEqualTo(Http.JSON.readTree(MIST.formatted(5)));
        JsonNode measured = view.path("measured");
        // 125 g to mix with a quarter added are 100 g of clay: 75 g of the mix, 25 g of white, 25 g of mica.
        assertThat(measured.path("lines").get(0).path("mixId").asLong()).isEqualTo(5);
        assertThat(measured.path("lines").get(0).path("massG").asDouble()).isCloseTo(75, offset(1e-9));
        assertThat(measured.path("inclusions").get(0).path("massG").asDouble()).isCloseTo(25, offset(1e-9));
        assertThat(sum(measured.path("clays"), "massG")).isCloseTo(100, offset(1e-9));
        assertThat(measured.path("effects").get(0).asString()).isEqualTo("SHIMMER");
        // Fog teal is 6 : 2 : 0.25; white comes in twice and stands once.
        JsonNode white = measured.path("clays").get(0);
        assertThat(white.path("clayId").asLong()).isEqualTo(1);
        assertThat(white.path("massG").asDouble()).isCloseTo(75 * 6 / 8.25 + 25, offset(1e-9));
        assertThat(measured.path("clays").size()).isEqualTo(3);
        http().undo();
        assertThat(http().get("/api/mixes/" + id).status()).isEqualTo(404);
    }

    @Test
    public void aMixCannotHoldItselfNorBeRemovedWhileAnotherHoldsItButRetired() {
        long one = added(http().post("/api/mixes", MIST.formatted(5)));
        long two = added(http().post("/api/mixes", MIST.formatted(one)));
        Http.Answer cycle = http().change("/api/mixes/" + one, MIST.formatted(two));
        assertThat(cycle.status()).isEqualTo(422);
        assertThat(cycle.json().path("errors").get(0).path("field").asString()).isEqualTo("parts[0].mixId");
        assertThat(cycle.text()).contains("which would contain itself", "remove this mix from");
        assertThat(http().change("/api/mixes/" + one, MIST.formatted(one)).status())
                .isEqualTo(422);
        assertThat(http().post("/api/mixes/measure?wantedG=10&id=" + one, MIST.formatted(two))
                        .status())
                .isEqualTo(422);
        Http.Answer used = http().remove("/api/mixes/" + one);
        assertThat(used.status()).isEqualTo(409);
        assertThat(used.text()).contains("retired instead");
        ObjectNode form =
                http().get("/api/mixes/" + one).json().path("mix").deepCopy().asObject();
        form.put("retired", true);
        assertThat(http().change("/api/mixes/" + one, form).status()).isEqualTo(200);
        assertThat(http().get("/api/finds/uses").text()).doesNotContain("\"mixId\":" + one + ",");
        long last = two;
        for (int deep = 0; deep < 2; deep++) {
            last = added(http().post("/api/mixes", MIST.formatted(last)));
        }
        Http.Answer deeper = http().post("/api/mixes", MIST.formatted(last));
        assertThat(deeper.status()).isEqualTo(422);
        assertThat(deeper.text()).contains("mixes up to 5 deep");
        for (int back = 0; back < 5; back++) {
            http().undo();
        }
        assertThat(http().get("/api/mixes/" + one).status()).isEqualTo(404);
    }

    @DataProvider
    public Object[][] error() {
        return new Object[][] {
            {"{\"name\":\"x\",\"parts\":[{\"clayId\":1,\"mixId\":5,\"parts\":1}]}", "parts[0].mixId"},
            {"{\"name\":\"x\",\"parts\":[{\"parts\":1}]}", "parts[0].clayId"},
            {"{\"name\":\"x\",\"parts\":[{\"mixId\":77,\"parts\":1}]}", "parts[0].mixId"},
            {"{\"name\":\"x\",\"parts\":[{\"mixId\":5,\"parts\":0}]}", "parts"},
            {"{\"name\":\"x\",\"parts\":[{\"mixId\":5,\"parts\":1},{\"mixId\":5,\"parts\":1}]}", "parts"},
            {
                "{\"name\":\"x\",\"parts\":[{\"clayId\":1,\"parts\":1}],"
                        + "\"inclusions\":[{\"name\":\"y\",\"percent\":70,\"effect\":\"STONE\",\"priceMinor\":0}]}",
                "inclusions[0].percent"
            },
        };
    }

    @Test(dataProvider = "error")
    public void aWrongRecipeIsRefusedAtItsLine(String body, String field) {
        Http.Answer answer = http().post("/api/mixes", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("errors").get(0).path("field").asString()).isEqualTo(field);
    }

    @Test
    public void aRecipeIsCountedInAnyUnitAndKeepsItsColour() {
        JsonNode teal = http().get("/api/mixes/5").json().path("mix");
        String colour = http().post("/api/mixes/measure?wantedG=80", teal)
                .json()
                .path("curedHex")
                .asString();
        for (String unit : List.of("PERCENT", "GRAMS", "PARTS", "DROPS")) {
            JsonNode restated = http().post("/api/mixes/restate?wantedG=400&unit=" + unit, teal)
                    .json();
            assertThat(restated.path("unit").asString()).isEqualTo(unit);
            String again = http().post("/api/mixes/measure?wantedG=80", restated)
                    .json()
                    .path("curedHex")
                    .asString();
            int step = 0;
            for (int c = 1; c < 7; c += 2) {
                step = Math.max(
                        step,
                        Math.abs(Integer.parseInt(colour.substring(c, c + 2), 16)
                                - Integer.parseInt(again.substring(c, c + 2), 16)));
            }
            assertThat(step).as("%s: %s, %s", unit, colour, again).isLessThanOrEqualTo(2);
        }
        // Of 106 g to mix with 6 % added, 100 g are counted out as clay.
        JsonNode sand = http().get("/api/mixes/14").json().path("mix");
        JsonNode inGrams = http().post("/api/mixes/restate?unit=GRAMS&wantedG=" + 106 / toMix(1), sand)
                .json();
        assertThat(sum(inGrams.path("parts"), "parts")).isCloseTo(100, offset(0.02));
        // 24 drops of 0.03 g and 1 of 0.05 g: 0.72 g and 0.05 g.
        JsonNode glaze =
                http().get("/api/mixes/13?wantedG=" + 77 / toMix(1)).json().path("measured");
        assertThat(glaze.path("lines").get(0).path("massG").asDouble()).isCloseTo(72, offset(1e-9));
        assertThat(glaze.path("lines").get(1).path("drops").asDouble()).isCloseTo(100, offset(1e-9));
    }

    @Test
    public void whatIsMeasuredOutIsEnoughWithWhatHandsAndMachineKeep() {
        JsonNode saved = http().get("/api/settings").json();
        ObjectNode settings = saved.path("settings").deepCopy().asObject();
        settings.put("machineG", 4).put("scaleStepG", 0.5).put("wastePercent", 10);
        assertThat(http().put("/api/settings?edition=" + saved.path("edition").asInt(), settings)
                        .status())
                .isEqualTo(200);
        JsonNode teal = http().get("/api/mixes/5").json().path("mix");
        // With sand added, what is taken of it is in the total and in whole steps too.
        JsonNode sand = http().post(
                        "/api/mixes/weigh?wantedG=60",
                        http().get("/api/mixes/14").json().path("mix"))
                .json()
                .path("onScale");
        assertThat(sum(sand.path("lines"), "takenG") + sum(sand.path("inclusions"), "takenG"))
                .isCloseTo(sand.path("totalG").asDouble(), offset(1e-9));
        assertThat(sand.path("inclusions").get(0).path("takenG").asDouble() % 0.5)
                .isZero();
        JsonNode weighed = http().post("/api/mixes/weigh?wantedG=60", teal).json();
        assertThat(weighed.path("toMixG").asDouble()).isCloseTo(70, offset(1e-9));
        for (String way : List.of("onScale", "inBlocks")) {
            JsonNode rounded = weighed.path(way);
            assertThat(rounded.path("totalG").asDouble()).isGreaterThanOrEqualTo(70 - 1e-6);
            assertThat(sum(rounded.path("lines"), "truePercent")).isCloseTo(100, offset(1e-6));
            assertThat(sum(rounded.path("lines"), "takenG"))
                    .isCloseTo(rounded.path("totalG").asDouble(), offset(1e-9));
        }
        assertThat(weighed.path("onScale").path("lines").get(0).path("takenG").asDouble() % 0.5)
                .isZero();
        assertThat(weighed.path("inBlocks")
                        .path("lines")
                        .get(0)
                        .path("block")
                        .path("massG")
                        .asDouble())
                .isPositive();
        http().undo();
    }

    @Test
    public void aThinCoatLetsWhatIsBelowThroughAndAThickOneDoesNot() {
        JsonNode glaze = http().get("/api/mixes/13").json();
        String own = glaze.path("measured").path("curedHex").asString();
        String coat = "/api/mixes/coat?backingHex=%23f0ece0&thickMm=";
        JsonNode none = http().post(coat + "0", glaze.path("mix")).json();
        assertThat(none.path("curedHex").asString()).isEqualTo("#f0ece0");
        JsonNode thick = http().post(coat + "30", glaze.path("mix")).json();
        assertThat(thick.path("curedHex").asString()).isEqualTo(own);
        double before = -1;
        for (String mm : List.of("0.05", "0.2", "1", "5")) {
            double hides = http().post(coat + mm, glaze.path("mix"))
                    .json()
                    .path("cover")
                    .asDouble();
            assertThat(hides).isGreaterThan(before).isLessThanOrEqualTo(1);
            before = hides;
        }
        assertThat(http().post("/api/mixes/coat?backingHex=teal&thickMm=40", glaze.path("mix"))
                        .json()
                        .path("errors")
                        .size())
                .isEqualTo(2);
    }

    @Test
    public void anotherLotAndAClayNoLongerSoldAreSaidWhereTheyAreUsed() {
        JsonNode kelp = http().get("/api/mixes/8").json().path("measured");
        JsonNode lot = kelp.path("lots").path("clays").get(0);
        assertThat(lot.path("lot").asString()).isEqualTo("26-B");
        assertThat(lot.path("difference").asDouble())
                .isGreaterThan(kelp.path("lots").path("difference").asDouble());
        assertThat(http().get("/api/mixes/5")
                        .json()
                        .path("measured")
                        .path("lots")
                        .isMissingNode())
                .isTrue();
        JsonNode standIns = http().get("/api/finds/stand-ins?clayId=15").json();
        assertThat(standIns.path("usedIn").get(0).path("mixId").asLong()).isEqualTo(15);
        double off = 0;
        for (JsonNode recipe : standIns.path("recipes")) {
            assertThat(recipe.path("difference").asDouble()).isGreaterThanOrEqualTo(off);
            off = recipe.path("difference").asDouble();
            for (JsonNode part : recipe.path("parts")) {
                assertThat(part.path("clayId").asLong()).isNotIn(13L, 14L, 15L);
            }
        }
        assertThat(standIns.path("recipes").size()).isPositive();
        assertThat(http().get("/api/finds/stand-ins?clayId=99").status()).isEqualTo(404);
        JsonNode moss = clay(8);
        ObjectNode form = moss.path("clay").deepCopy().asObject().put("lotInUse", 3);
        Http.Answer error =
                http().put("/api/shelf/clays/8?edition=" + moss.path("edition").asInt(), form);
        assertThat(error.json().path("errors").get(0).path("field").asString()).isEqualTo("lotInUse");
    }

    @Test
    public void whatStandsInForAClayHidesAndShimmersAsItDoes() {
        for (long id : new long[] {1, 9, 11}) {
            JsonNode clay = http().post(
                            "/api/mixes/measure?wantedG=1",
                            "{\"name\":\"x\",\"parts\":[{\"clayId\":%d,\"parts\":1}]}".formatted(id))
                    .json();
            double hides = clay.path("opaqueFromMm").asDouble();
            for (JsonNode recipe :
                    http().get("/api/finds/stand-ins?clayId=" + id).json().path("recipes")) {
                assertThat(recipe.path("effects")).isEqualTo(clay.path("clayEffects"));
                assertThat(recipe.path("opaqueFromMm").asDouble())
                        .isBetween(hides > 2 ? hides / 2 - 0.02 : 0, Math.max(1, 2 * hides) + 0.02);
            }
        }
    }

    private JsonNode clay(long id) {
        return StreamSupport.stream(
                        http().get("/api/shelf").json().path("clays").spliterator(), false)
                .filter(saved -> saved.path("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aShelfThatIsShortIsPatchedReplacedOrBoughtForAndTheBetterIsSaid() {
        JsonNode pink = http().get("/api/mixes/10").json().path("mix");
        // Dusk pink: 3 of 8 parts are Rose pink, of which there are 12 g: for 100 g to mix 25.5 g are missing.
        JsonNode instead = http().post("/api/finds/instead?id=10&wantedG=" + 100 / toMix(1), pink)
                .json();
        JsonNode missing = instead.path("missing").get(0);
        assertThat(missing.path("clayId").asLong()).isEqualTo(12);
        assertThat(missing.path("neededG").asDouble()).isCloseTo(37.5, offset(1e-9));
        assertThat(instead.path("buyMinor").asLong()).isEqualTo(235);
        assertThat(sum(instead.path("fillUp").path("grams"), "massG")).isCloseTo(100, offset(1e-6));
        assertThat(sum(instead.path("recipe").path("parts"), "massG")).isCloseTo(100, offset(1e-6));
        assertThat(instead.path("recipe").path("missingG").asDouble()).isZero();
        double least = Math.min(
                instead.path("fillUp").path("difference").asDouble(),
                instead.path("recipe").path("difference").asDouble());
        assertThat(instead.path("better").asString().equals("BUY")).isEqualTo(least >= 1);
        JsonNode enough =
                http().post("/api/finds/instead?wantedG=10&id=10", pink).json();
        assertThat(enough.path("missing").size()).isZero();
        assertThat(enough.path("better").asString()).isEqualTo("NONE");
        assertThat(enough.path("recipe").isMissingNode()).isTrue();
        JsonNode coral = http().get("/api/mixes/15").json().path("mix");
        JsonNode gone =
                http().post("/api/finds/instead?wantedG=100&id=15", coral).json();
        assertThat(gone.path("canBuy").asBoolean()).isFalse();
        assertThat(gone.path("better").asString()).isIn("PATCH", "RECIPE");
    }
}
