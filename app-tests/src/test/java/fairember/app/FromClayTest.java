package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** From the clay in the hand to the size of a part, and what packets print, over HTTP. */
public class FromClayTest extends ServerTest {
    private static final int CAP = 5;

    private JsonNode lighthouse() {
        return http().get("/api/designs/1").json().path("design");
    }

    private Http.Answer ask(int part, String dimension, Map<String, Object> amount) {
        Map<String, Object> form = new HashMap<>(amount);
        form.put("design", lighthouse());
        form.put("part", part);
        form.put("dimension", dimension);
        return http().post("/api/designs/from-clay", form);
    }

    /** The density of the mix of a part, from its measured volume and mass. */
    private double density(int part) {
        JsonNode measured = http().get("/api/designs/1")
                .json()
                .path("measured")
                .path("parts")
                .get(part);
        return 1000
                * measured.path("massG").asDouble()
                / measured.path("volumeMm3").asDouble();
    }

    @DataProvider
    public Object[][] amounts() {
        double ball = Math.PI / 6 * 13 * 13 * 13 / 1000;
        double cord = Math.PI / 4 * 6 * 6 * 40 / 1000;
        return new Object[][] {
            {Map.of("ballMm", 13), ball, true},
            {Map.of("cordMm", 6, "cordLengthMm", 40), cord, true},
            {Map.of("blockG", 60, "pieces", 40), 1.5, false},
            {Map.of("massG", 2.25), 2.25, false},
        };
    }

    /** Ways to say how much clay: by volume, or by mass; the cap is a dome, whose clay is two thirds π r³. */
    @Test(dataProvider = "amounts")
    public void aPartIsShapedByItsClay(Map<String, Object> amount, double howMuch, boolean isVolume) {
        JsonNode fitted = ask(CAP, "diameterMm", amount).json();
        double grams = isVolume ? howMuch * density(CAP) : howMuch;
        double radius = fitted.path("value").asDouble() / 2;
        assertThat(2 * Math.PI / 3 * Math.pow(radius, 3) / 1000 * density(CAP))
                .isCloseTo(fitted.path("massG").asDouble(), within(0.02));
        assertThat(fitted.path("massG").asDouble()).isCloseTo(grams, within(grams * 0.03));
        ObjectNode design = (ObjectNode) lighthouse();
        ((ObjectNode) design.path("parts").get(CAP).path("shape").path("dimensions"))
                .put("diameterMm", fitted.path("value").asDouble());
        JsonNode measured = http().post("/api/designs/measure", design).json();
        assertThat(measured.path("parts").get(CAP).path("massG").asDouble())
                .isCloseTo(fitted.path("massG").asDouble(), within(1e-6));
    }

    /** The tower has a core: its clay is that of the shell, and still comes out as asked. */
    @Test
    public void aCoredPartKeepsItsCore() {
        JsonNode fitted = ask(0, "heightMm", Map.of("massG", 40)).json();
        assertThat(fitted.path("massG").asDouble()).isCloseTo(40, within(0.2));
        assertThat(fitted.path("value").asDouble()).isGreaterThan(54);
    }

    @Test
    public void whatCannotBeShapedIsRefusedWithTheReason() {
        assertThat(ask(CAP, "diameterMm", Map.of("massG", 0)).text()).contains("massG", "0.01 to 5000 g");
        assertThat(ask(CAP, "heightMm", Map.of("massG", 2)).text()).contains("dimension", "diameterMm");
        assertThat(ask(99, "diameterMm", Map.of("massG", 2)).text()).contains("Choose a part of the design");
        assertThat(ask(CAP, "diameterMm", Map.of()).text()).contains("cordLengthMm");
        assertThat(ask(CAP, "diameterMm", Map.of("blockG", 60)).text()).contains("pieces");
        assertThat(ask(0, "bottomMm", Map.of("massG", 5000)).text()).contains("massG", "at most");
    }

    @Test
    public void aPacketIsReadInItsOwnUnits() {
        JsonNode read = http().post("/api/sums/packet", Map.of("printed", "20 minutes per 1/4 inch at 275 °F"))
                .json();
        assertThat(read.path("per6MmMin").asDouble()).isEqualTo(18.9);
        assertThat(read.path("lowC").asDouble()).isEqualTo(135);
        assertThat(read.path("highC").asDouble()).isEqualTo(135);
        JsonNode rate = http().post("/api/sums/packet", Map.of("printed", "30 min per 6 mm"))
                .json();
        assertThat(rate.has("lowC")).isFalse();
        assertThat(http().post("/api/sums/packet", Map.of("printed", "until done"))
                        .text())
                .contains("printed", "20 minutes per 1/4 inch at 275 °F");
    }

    /** How figures are read is a setting like any other: kept, undone, refused where it is none. */
    @Test
    public void unitsAreKeptWithTheSettings() {
        JsonNode saved = http().get("/api/settings").json();
        ObjectNode settings = (ObjectNode) saved.path("settings");
        assertThat(settings.path("units").path("length").asString("MM")).isEqualTo("MM");
        settings.putObject("units").put("length", "INCH_FRACTION").put("clock", "HOURS_12");
        String path = "/api/settings?edition=" + saved.path("edition").asInt();
        JsonNode kept = http().put(path, settings).json().path("settings").path("units");
        assertThat(kept.path("length").asString()).isEqualTo("INCH_FRACTION");
        assertThat(kept.path("mass").asString("G")).isEqualTo("G");
        http().undo();
        settings.putObject("units").put("length", "CUBIT");
        String now = "/api/settings?edition="
                + http().get("/api/settings").json().path("edition").asInt();
        Http.Answer refused = http().put(now, settings);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("units.length", "CUBIT");
    }
}
