package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Heat through solids and designs over HTTP. */
public class HeatTest extends ServerTest {
    private static final String BALL = """
            {"shape":{"kind":"BALL","dimensions":{"diameterMm":20}},"densityGPerCm3":%s,"air":"STILL",
             "curve":%s,"minutes":%s,"lowC":%s,"highC":140%s}
            """;
    private static final String HOT = "[{\"min\":0,\"tempC\":130}]";

    private JsonNode heat(String body) {
        Http.Answer answer = http().post("/api/sums/heat", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** A ball of 20 mm comes within 5 °C of a still oven at 130 after 25.1 minutes. */
    @Test
    public void aBallInAHotOvenIsWarmAfterTwentyFiveMinutes() {
        JsonNode heated = heat(BALL.formatted("1.75", HOT, "40", "125", ""));
        assertThat(heated.path("nearMin").asDouble()).isCloseTo(25.1, offset(0.4));
        assertThat(heated.path("warmMin").asDouble())
                .isCloseTo(heated.path("nearMin").asDouble(), offset(0.2));
        assertThat(heated.path("countingMin").asDouble())
                .isCloseTo(40 - heated.path("warmMin").asDouble(), offset(0.2));
        assertThat(heated.path("narrowing").asDouble()).isEqualTo(2);
        // Cold start: an oven that takes 11 minutes to its temperature costs some minutes more.
        JsonNode cold =
                heat(BALL.formatted("1.75", "[{\"min\":0,\"tempC\":20},{\"min\":11,\"tempC\":130}]", "60", "125", ""));
        assertThat(cold.path("warmMin").asDouble() - heated.path("warmMin").asDouble())
                .isBetween(4.0, 8.0);
        // A core of foil under 5 mm of clay is warm sooner; half the density takes half the time.
        JsonNode cored = heat(BALL.formatted("1.75", HOT, "40", "125", ",\"shellMm\":5"));
        assertThat(cored.path("warmMin").asDouble())
                .isLessThan(heated.path("warmMin").asDouble());
        JsonNode light = heat(BALL.formatted("0.875", HOT, "40", "125", ""));
        assertThat(light.path("warmMin").asDouble())
                .isCloseTo(heated.path("warmMin").asDouble() / 2, offset(0.7));
    }

    @DataProvider
    public Object[][] error() {
        return new Object[][] {
            {BALL.formatted("9", HOT, "40", "125", ""), "densityGPerCm3"},
            {BALL.formatted("1.75", "[]", "40", "125", ""), "points"},
            {BALL.formatted("1.75", "[{\"min\":3,\"tempC\":20},{\"min\":2,\"tempC\":30}]", "40", "125", ""), "points[1]"
            },
            {BALL.formatted("1.75", "[{\"min\":0,\"tempC\":9000}]", "40", "125", ""), "points[0]"},
            {BALL.formatted("1.75", HOT, "0", "125", ""), "minutes"},
            {BALL.formatted("1.75", HOT, "40", "150", ""), "highC"},
            {BALL.formatted("1.75", HOT, "40", "125", ",\"shellMm\":11"), "shellMm"},
            {BALL.formatted("1.75", HOT, "40", "125", ",\"startC\":99"), "startC"},
        };
    }

    @Test(dataProvider = "error")
    public void aWrongNumberIsRefusedAtItsField(String body, String field) {
        Http.Answer answer = http().post("/api/sums/heat", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().path("errors").get(0).path("field").asString()).contains(field);
    }

    @Test
    public void everyStageOfEveryDesignSaysWhatItsSlowestPartNeeds() {
        for (JsonNode saved : http().get("/api/designs").json()) {
            JsonNode design = saved.path("design");
            JsonNode stages = http().post("/api/designs/heat", design).json();
            assertThat(stages.size()).isEqualTo(design.path("stages").size());
            for (int i = 0; i < stages.size(); i++) {
                JsonNode stage = stages.get(i);
                double bakingTime = saved.path("measured")
                        .path("stages")
                        .get(i)
                        .path("bakingMin")
                        .asDouble();
                assertThat(stage.path("bakingMin").asDouble()).isCloseTo(bakingTime, offset(1e-9));
                assertThat(stage.path("countingMin").asDouble()).isBetween(0.0, bakingTime);
                assertThat(stage.path("plannedMin").asDouble()).isGreaterThanOrEqualTo(bakingTime - 1e-9);
                JsonNode samples = stage.path("samples");
                assertThat(samples.size()).isBetween(2, 125);
                assertThat(samples.get(samples.size() - 1).path("min").asDouble())
                        .isCloseTo(bakingTime, offset(0.5));
                double before = 0;
                for (JsonNode sample : samples) {
                    assertThat(sample.path("centreC").asDouble()).isGreaterThanOrEqualTo(before - 1e-6);
                    before = sample.path("centreC").asDouble();
                }
            }
        }
        assertThat(http().post("/api/designs/heat?air=GALE", "{}").status()).isEqualTo(400);
    }
}
