package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Sheets, blends, canes, cords and colours over HTTP, worked by hand. */
public class SheetSumsTest extends ServerTest {
    private static final String SHEET = """
            {"wideMm":%s,"longMm":100,"thickMm":1.9,"trimMm":5,"mixId":11,
             "machine":{"name":"m","rollerMm":%s,"settings":[{"name":"1","thickMm":3},{"name":"2","thickMm":2}]}}
            """;
    private static final String BLEND = """
            {"wideMm":100,"longMm":90,"thickMm":1.5,"startMm":%s,"plainFirstMm":10,"plainSecondMm":%s,"firstMixId":1,"secondMixId":%d}
            """;
    private static final String CANE = """
            {"rods":[{"mixId":1,"count":7,"diameterMm":10}],"wraps":[{"mixId":2,"thickMm":%s}],"lengthMm":50,
             "square":false,"sizeMm":%s,"endWasteMm":20,"sliceMm":2}
            """;
    private static final String EXTRUDE = """
            {"barrelMm":20,"strokeMm":100,"residueMm":10,"die":"%s","dieMm":2,"slotMm":4,"holes":1,"swell":1,"wantedMm":1,
             "mixId":11,"twist":%s}
            """;

    private JsonNode sum(String name, String body) {
        Http.Answer answer = http().post("/api/sums/" + name, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    public void aSheetIsOfTheNearestSettingInStripsOfPitch() {
        // Pitch alone is Marl Firm, 1.78 g/cm³. 200 mm by 170 mm of rollers: two strips of (100 + 10)·(100 + 10)·2 mm.
        JsonNode sheet = sum("sheet", SHEET.formatted("200", "180"));
        assertThat(sheet.path("strips").asInt()).isEqualTo(2);
        assertThat(sheet.path("thickMm").asDouble()).isEqualTo(2);
        assertThat(sheet.path("massG").asDouble()).isCloseTo(1.78 * 2 * 110 * 110 * 2 / 1000, offset(1e-9));
        assertThat(sheet.path("settings").size()).isEqualTo(2);
        assertThat(sheet.path("layers").asInt()).isEqualTo(1);
    }

    @Test
    public void aBlendFadesFromTheFirstMixToTheSecond() {
        JsonNode blend = sum("blend", BLEND.formatted("3", "10", 5));
        assertThat(blend.path("highMm").asDouble()).isCloseTo(45, offset(1e-9));
        JsonNode fade = blend.path("fade");
        String first = http().get("/api/mixes/1")
                .json()
                .path("measured")
                .path("curedHex")
                .asString();
        String last = http().get("/api/mixes/5")
                .json()
                .path("measured")
                .path("curedHex")
                .asString();
        assertThat(fade.get(0).path("curedHex").asString()).isEqualTo(first);
        assertThat(fade.get(fade.size() - 1).path("curedHex").asString()).isEqualTo(last);
        double before = 0;
        for (JsonNode strip : fade) {
            assertThat(strip.path("secondPercent").asDouble()).isGreaterThanOrEqualTo(before);
            before = strip.path("secondPercent").asDouble();
        }
    }

    @Test
    public void aCaneGainsLengthAsItLosesThickness() {
        // √7·10 = 26.46, wrapped in 2: 30.46; to 15.23 it is four times as long: 200 mm, 80 slices of 2 mm.
        double wrapped = Math.sqrt(700) + 4;
        JsonNode cane = sum("cane", CANE.formatted("2", Double.toString(wrapped / 2)));
        assertThat(cane.path("reducedMm").asDouble()).isCloseTo(200, offset(1e-9));
        assertThat(cane.path("slices").asInt()).isEqualTo(80);
        assertThat(cane.path("gainedMm").asDouble()).isCloseTo(150, offset(1e-9));
        assertThat(cane.path("masses").size()).isEqualTo(2);
        assertThat(cane.path("masses").get(0).path("rods").asInt()).isPositive();
        assertThat(cane.path("masses").get(1).path("wrap").asInt()).isEqualTo(1);
    }

    @Test
    public void twistsSayHowMuchCordIsWanted() {
        // Two cords of 2 mm go round a circle of 2: a turn in 2π mm is √2 times as long as it is high.
        String twist = "{\"twists\":5,\"strands\":2,\"lengthMm\":%s,\"turns\":4}".formatted(8 * Math.PI);
        JsonNode cords = sum("extrude", EXTRUDE.formatted("ROUND", twist));
        assertThat(cords.path("strandMm").asDouble()).isCloseTo(8 * Math.PI * Math.sqrt(2), offset(1e-9));
        assertThat(cords.path("wantedMm").asDouble()).isCloseTo(10 * 8 * Math.PI * Math.sqrt(2), offset(1e-6));
        assertThat(cords.path("perBarrelMm").asDouble()).isCloseTo(9000, offset(1e-6));
        assertThat(sum("extrude", EXTRUDE.formatted("SLOT", "null"))
                        .path("perBarrelMm")
                        .asDouble())
                .isCloseTo(Math.PI * 100 * 90 / 8, offset(1e-6));
    }

    @Test
    public void aColourIsMatchedAndLaidOverAnother() {
        String clay =
                "{\"name\":\"%s\",\"rawHex\":\"%s\",\"curedHex\":\"%s\",\"opacity\":\"OPAQUE\",\"strength\":\"NORMAL\",\"parts\":%d}";
        String white = clay.formatted("white", "#f2f0e8", "#f2f0e8", 3);
        String teal = clay.formatted("teal", "#2f7f83", "#2f7f83", 1);
        JsonNode mixed = sum("mix", "{\"wantedG\":10,\"parts\":[" + white + "," + teal + "]}");
        String hex = mixed.path("curedHex").asString();
        JsonNode match = sum(
                "match",
                "{\"targetHex\":\"" + hex + "\",\"face\":\"CURED\",\"mostKinds\":2,\"mostParts\":8,\"clays\":[" + white
                        + "," + teal + "]}");
        assertThat(match.path("complete").asBoolean()).isTrue();
        assertThat(match.path("nearest").get(0).path("parts").toString()).isEqualTo("[3,1]");
        assertThat(match.path("nearest").get(0).path("difference").asDouble()).isLessThan(0.5);
        String layer = "{\"parts\":[" + teal + "],\"face\":\"CURED\",\"backingHex\":\"#ffffff\",\"thickMm\":%s}";
        assertThat(sum("layer", layer.formatted("0")).path("hex").asString()).isEqualTo("#ffffff");
        assertThat(sum("layer", layer.formatted("20")).path("hex").asString()).isEqualTo("#2f7f83");
    }

    @DataProvider
    public Object[][] error() {
        return new Object[][] {
            {"sheet", SHEET.formatted("1", "180"), "wideMm"},
            {"sheet", SHEET.formatted("200", "10"), "machine.rollerMm"},
            {"sheet", SHEET.formatted("200", "180").replace("\"mixId\":11", "\"mixId\":99"), "mixId"},
            {"blend", BLEND.formatted("1", "10", 5), "startMm"},
            {"blend", BLEND.formatted("3", "90", 5), "plainFirstMm"},
            {"blend", BLEND.formatted("3", "10", 99), "secondMixId.mixId"},
            {"cane", CANE.formatted("2", "90"), "sizeMm"},
            {"cane", CANE.formatted("0", "9"), "wraps[0].thickMm"},
            {"cane", "{\"lengthMm\":50,\"square\":true,\"sizeMm\":9,\"endWasteMm\":1,\"sliceMm\":2}", "rods"},
            {"extrude", EXTRUDE.formatted("SQUARE", "{\"twists\":1,\"strands\":2,\"lengthMm\":9,\"turns\":1}"), "die"},
            {"extrude", EXTRUDE.formatted("ROUND", "null").replace("\"residueMm\":10", "\"residueMm\":-1"), "residueMm"
            },
            {"match", "{\"targetHex\":\"x\",\"face\":\"RAW\",\"mostKinds\":9,\"mostParts\":2,\"clays\":[]}", "targetHex"
            },
            {"layer", "{\"parts\":[],\"face\":\"RAW\",\"backingHex\":\"#ffffff\",\"thickMm\":99}", "thickMm"},
        };
    }

    @Test(dataProvider = "error")
    public void aWrongNumberIsRefusedAtItsField(String name, String body, String field) {
        Http.Answer answer = http().post("/api/sums/" + name, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().path("errors").toString()).contains("\"field\":\"" + field + "\"");
    }

    private static final String COVER = """
            {"shape":{"kind":"%s","dimensions":%s},"mixId":11,"sharePercent":%s,"thickMm":2,"trimPercent":0,"gores":8,
             "unit":"SLICE","sizeMm":8,"highMm":1.5,"overlapPercent":20,"secondsEach":30%s}
            """;

    /** A jacket of 2 mm on a ball of 20; slices of 8 mm, a fifth under the next; and what 10 of them cover. */
    @Test
    public void aBallIsCoveredByALayerOrBySlicesAndBackwards() {
        JsonNode cover = sum("cover", COVER.formatted("BALL", "{\"diameterMm\":20}", "50", ""));
        double shell = Math.PI * (24 * 24 * 24 - 20 * 20 * 20) / 6 / 2;
        assertThat(cover.path("massG").asDouble()).isCloseTo(1.78 * shell / 1000, offset(0.01));
        assertThat(cover.path("sheetMm2").asDouble()).isCloseTo(Math.PI * 22 * 22 / 2, offset(1.0));
        assertThat(cover.path("pieces").get(0).path("count").asInt()).isEqualTo(4);
        double each = 16 * Math.PI * 0.8;
        assertThat(cover.path("count").asDouble()).isEqualTo(Math.ceil(200 * Math.PI / each));
        JsonNode back = sum("cover", COVER.formatted("BALL", "{\"diameterMm\":20}", "50", ",\"have\":10"));
        assertThat(back.path("coveredMm2").asDouble()).isCloseTo(10 * each, offset(1e-6));
        assertThat(back.path("unitsMin").asDouble()).isEqualTo(5);
        String[][] wrong = {
            {"RING", "{\"outerMm\":30,\"tubeMm\":5}", "50", "", "shape"},
            {"BALL", "{\"diameterMm\":20}", "150", "", "sharePercent"},
            {"BALL", "{\"diameterMm\":20}", "50", ",\"have\":90000", "have"},
        };
        for (String[] bad : wrong) {
            Http.Answer refused = http().post("/api/sums/cover", COVER.formatted(bad[0], bad[1], bad[2], bad[3]));
            assertThat(refused.status()).as(refused.text()).isIn(400, 422);
            assertThat(refused.json().path("errors").get(0).path("field").asString())
                    .isEqualTo(bad[4]);
        }
    }
}
