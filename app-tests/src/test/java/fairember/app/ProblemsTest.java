package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What is wrong is answered with a problem document that says what was found, what is allowed and what to do. */
public class ProblemsTest extends ServerTest {
    private static final String BALL = "{\"kind\":\"BALL\",\"dimensions\":{\"diameterMm\":%s}}";

    @DataProvider
    public Object[][] wrongBodies() {
        return new Object[][] {
            // path, body, status, field
            {"/api/sums/shape", BALL.formatted("0"), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", BALL.formatted("-5"), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", BALL.formatted("1e99"), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", BALL.formatted("1e999"), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", BALL.formatted("1".repeat(400)), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", "{\"kind\":0,\"dimensions\":{}}", 422, "kind"},
            {"/api/sums/shape", BALL.formatted("\"wide\""), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", BALL.formatted("null"), 422, "dimensions.diameterMm"},
            {"/api/sums/shape", "{\"kind\":\"BLOB\",\"dimensions\":{}}", 422, "kind"},
            {"/api/sums/shape", "{\"kind\":\"BALL\",\"dimensions\":{\"diameterMm\":4,\"x\":1}}", 422, "dimensions.x"},
            {"/api/sums/shape", "{\"kind\":\"BALL\"}", 422, "dimensions"},
            {"/api/sums/portion", "{\"volumeMm3\":100}", 422, "densityGPerCm3"},
            {"/api/sums/portion", "{\"volumeMm3\":100,\"densityGPerCm3\":1.7,\"more\":1}", 422, "more"},
            {"/api/sums/mix", "{\"wantedG\":10,\"parts\":[]}", 422, "parts"},
            {"/api/sums/loads", "{\"ovens\":null,\"bakes\":[]}", 422, "ovens"},
            {
                "/api/sums/loads",
                "{\"ovens\":[],\"bakes\":[{\"key\":\"a\",\"count\":1,\"widthMm\":9,\"depthMm\":9,\"heightMm\":9,\"lowC\":1,\"highC\":2,\"bakingMin\":9000}]}",
                422,
                "bakes[0].bakingMin"
            },
            {
                "/api/sums/loads",
                "{\"ovens\":[],\"bakes\":[],\"makers\":{\"atOnce\":1,\"hours\":[{\"fromMin\":5,\"toMin\":5}]}}",
                422,
                "makers.hours[0].toMin"
            },
            {
                "/api/sums/loads",
                "{\"ovens\":[],\"bakes\":[{\"count\":1,\"widthMm\":9,\"depthMm\":9,\"heightMm\":9,\"lowC\":100,\"highC\":120,\"bakingMin\":20}]}",
                422,
                "bakes[0].key"
            },
            {
                "/api/sums/loads",
                "{\"ovens\":[],\"bakes\":[{\"key\":null,\"count\":1,\"widthMm\":9,\"depthMm\":9,\"heightMm\":9,\"lowC\":100,\"highC\":120,\"bakingMin\":20}]}",
                422,
                "bakes[0].key"
            },
            {"/api/sums/loads", "{\"ovens\":[],\"bakes\":[null]}", 422, "bakes[0]"},
            {
                "/api/sums/portion",
                "{\"volumeMm3\":100,\"densityGPerCm3\":1.7,\"cordMm\":6,\"blocksG\":[57,null]}",
                422,
                "blocksG[1]"
            },
            {"/api/baking/moves", "{\"from\":99,\"item\":null}", 422, "item"},
            {"/api/designs/measure", "{\"name\":\"x\"}", 422, "kind"},
            {
                "/api/batches/plan",
                "{\"name\":\" \",\"lines\":[{\"designId\":1,\"quantity\":0}]}",
                422,
                "lines[0].quantity"
            },
        };
    }

    @Test(dataProvider = "wrongBodies")
    public void aWrongFieldIsNamedWithFoundAllowedAndFix(String path, String body, int status, String field) {
        Http.Answer answer = http().post(path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        List<JsonNode> errors = new ArrayList<>();
        answer.json().path("errors").forEach(errors::add);
        assertThat(errors).as(answer.text()).anySatisfy(error -> {
            assertThat(error.path("field").asString()).isEqualTo(field);
            assertThat(error.path("found").asString()).isNotBlank();
            assertThat(error.path("allowed").asString()).isNotBlank();
            assertThat(error.path("fix").asString()).isNotBlank();
        });
        assertThat(answer.text()).doesNotContain("Exception", "fairember.");
    }

    @Test
    public void whatIsNotJsonOrNotThereIsAProblemToo() {
        assertThat(http().post("/api/sums/shape", "{{{").status()).isEqualTo(400);
        assertThat(http().get("/api/nothing").status()).isEqualTo(404);
        assertThat(http().get("/api/nothing").json().path("title").asString()).isNotBlank();
        assertThat(http().get("/api/designs/999").status()).isEqualTo(404);
        assertThat(http().get("/api/designs/one").status()).isEqualTo(400);
        assertThat(http().delete("/api/designs").status()).isEqualTo(405);
        assertThat(http().get("/api/price/1?quantities=0").status()).isEqualTo(422);
        assertThat(http().get("/api/mixes?wantedG=NaN").status()).isEqualTo(422);
    }

    @Test
    public void onlyThisMachineAndItsOwnPagesAreAnswered() {
        Http http = http();
        assertThat(http.send("POST", "/api/changes/undo", "{}", "Origin", "http://elsewhere.example")
                        .status())
                .isEqualTo(403);
        assertThat(http.send("GET", "/api/settings", null, "Origin", "http://elsewhere.example")
                        .status())
                .isEqualTo(200);
    }

    /** A thousand bodies broken at random, from the demo's own: refused or answered, never a failure of the server. */
    @Test
    public void noBrokenBodyMakesTheServerFail() {
        JsonNode design = http().get("/api/designs/1").json().path("design");
        JsonNode batch = http().get("/api/batches/3").json().path("batch");
        JsonNode mix = http().get("/api/mixes/5").json().path("mix");
        SplittableRandom random = new SplittableRandom(7);
        for (int i = 0; i < 350; i++) {
            breakAndSend("/api/designs/measure", design.deepCopy(), random);
            breakAndSend("/api/batches/plan", batch.deepCopy(), random);
            breakAndSend("/api/mixes/measure?wantedG=50", mix.deepCopy(), random);
        }
    }

    /** Whatever is broken in the settings of the studio, they are refused or taken, and nothing fails. */
    @Test
    public void noBrokenSettingsMakeTheServerFail() {
        SplittableRandom random = new SplittableRandom(27);
        for (int i = 0; i < 80; i++) {
            JsonNode saved = http().get("/api/settings").json();
            JsonNode settings = saved.path("settings").deepCopy();
            for (int k = 0; k <= random.nextInt(3); k++) {
                Broken.somewhere(settings, random);
            }
            int status = http().put(
                            "/api/settings?edition=" + saved.path("edition").asInt(), settings.toString())
                    .status();
            assertThat(status).as(settings.toString()).isIn(200, 400, 422);
            if (status == 200) {
                http().undo();
            }
        }
    }

    /** The same for mixes that are weighed, patched and restated, for sheets, blends, canes, cords and heat. */
    @Test
    public void noBrokenSumMakesTheServerFail() {
        JsonNode mix = http().get("/api/mixes/14").json().path("mix");
        JsonNode mist = http().get("/api/mixes/12").json().path("mix");
        JsonNode box = Http.JSON.readTree("""
                {"name":"x","madeOn":"2026-11-26","takes":[{"lump":0,"massG":1},{"lump":1,"massG":2}]}
                """);
        JsonNode cane = Http.JSON.readTree("""
                {"rods":[{"mixId":1,"count":7,"diameterMm":10}],"wraps":[{"mixId":2,"thickMm":1}],"lengthMm":50,
                 "square":false,"sizeMm":9,"endWasteMm":20,"sliceMm":2}
                """);
        JsonNode blend = Http.JSON.readTree("""
                {"wideMm":100,"longMm":90,"thickMm":1.5,"startMm":3,"plainFirstMm":10,"plainSecondMm":9,"firstMixId":1,
                 "secondMixId":5,"massG":30}
                """);
        JsonNode cords = Http.JSON.readTree("""
                {"barrelMm":20,"strokeMm":100,"residueMm":10,"die":"ROUND","dieMm":2,"slotMm":4,"holes":1,"swell":1,
                 "wantedMm":1,"mixId":11,"twist":{"twists":2,"strands":2,"lengthMm":30,"turns":3}}
                """);
        JsonNode heat = Http.JSON.readTree("""
                {"shape":{"kind":"BALL","dimensions":{"diameterMm":20}},"densityGPerCm3":1.7,"air":"STILL","shellMm":4,
                 "curve":[{"min":0,"tempC":130},{"min":9,"tempC":120}],"minutes":30,"lowC":125,"highC":140}
                """);
        SplittableRandom random = new SplittableRandom(17);
        for (int i = 0; i < 60; i++) {
            for (String path : List.of(
                    "/api/mixes/weigh?wantedG=50",
                    "/api/mixes/restate?unit=DROPS&wantedG=50",
                    "/api/mixes/coat?thickMm=1&backingHex=%23ffffff",
                    "/api/finds/instead?wantedG=400")) {
                breakAndSend(path, (i % 2 == 0 ? mix : mist).deepCopy(), random);
            }
            breakAndSend("/api/leftovers/merge?edition=-1", box.deepCopy(), random);
            breakAndSend("/api/sums/cane", cane.deepCopy(), random);
            breakAndSend("/api/sums/blend", blend.deepCopy(), random);
            breakAndSend("/api/sums/extrude", cords.deepCopy(), random);
            breakAndSend("/api/sums/heat", heat.deepCopy(), random);
        }
    }

    private void breakAndSend(String path, JsonNode body, SplittableRandom random) {
        for (int i = 0; i <= random.nextInt(3); i++) {
            Broken.somewhere(body, random);
        }
        Http.Answer answer = http().post(path, body.toString());
        assertThat(answer.status())
                .as(path + " " + body + " gave " + answer.text())
                .isIn(200, 400, 422, 404, 409);
    }
}
