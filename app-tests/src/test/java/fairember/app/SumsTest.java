package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Each calculation on its own, over HTTP, against numbers worked by hand. */
public class SumsTest extends ServerTest {
    private static final String LINE = """
            {"name":"Firm","lowC":125,"highC":135,"ceilingC":150,"per6MmMin":15,"leastMin":20,"mostMin":90,
             "greatestMm":12,"densityGPerCm3":1.75}
            """;

    private JsonNode sum(String name, String body) {
        Http.Answer answer = http().post("/api/sums/" + name, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** r 3, h 4, S 5: V 12π, A 24π, T 3. */
    @Test
    public void aConeOf6By4HasTwelvePiCubicMillimetres() {
        JsonNode cone = sum("shape", "{\"kind\":\"CONE\",\"dimensions\":{\"diameterMm\":6,\"heightMm\":4}}");
        assertThat(cone.path("volumeMm3").asDouble()).isCloseTo(37.6991, offset(1e-4));
        assertThat(cone.path("surfaceMm2").asDouble()).isCloseTo(75.3982, offset(1e-4));
        assertThat(cone.path("thickestMm").asDouble()).isCloseTo(3, offset(1e-9));
        assertThat(cone.path("workings").path("lines").size()).isEqualTo(7);
        assertThat(cone.path("section").get(0).asString().split(" ")).containsExactly("0,0", "3,0", "0,4", "-3,0");
    }

    /** 1000 mm³ at 1.75 is 1.75 g in a ball of (6000/π)^⅓ = 12.407 mm. */
    @Test
    public void aCubicCentimetreIsABallOf12Point4() {
        JsonNode portion = sum("portion", "{\"volumeMm3\":1000,\"densityGPerCm3\":1.75}");
        assertThat(portion.path("massG").asDouble()).isEqualTo(1.75);
        assertThat(portion.path("ballMm").asDouble()).isCloseTo(12.407, offset(1e-3));
    }

    /** Ball 40 on a shell of 5: core 30, 14 137 mm³, at 0.5 g/cm³ 7.069 g, which is 545.4 mm of a 300 mm roll. */
    @Test
    public void aCoreIsSizedWithItsFoil() {
        JsonNode core = sum("core", """
                {"shape":{"kind":"BALL","dimensions":{"diameterMm":40}},"shellMm":5,"packing":"FIRM",
                 "foilUm":16,"foilWidthMm":300,"greatestMm":12}
                """);
        assertThat(core.path("shape").path("dimensions").path("diameterMm").asDouble())
                .isEqualTo(30);
        assertThat(core.path("foilG").asDouble()).isCloseTo(7.0686, offset(1e-4));
        assertThat(core.path("tornMm").asDouble()).isCloseTo(545.4, offset(0.1));
        assertThat(core.path("clayMm3").asDouble() + core.path("claySavedMm3").asDouble())
                .isCloseTo(Math.PI * 64_000 / 6, offset(1e-6));
        Http.Answer none = http().post("/api/sums/core", """
                        {"shape":{"kind":"BALL","dimensions":{"diameterMm":10}},"shellMm":5,"packing":"FIRM",
                         "foilUm":16,"foilWidthMm":300,"greatestMm":12}
                        """);
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.text()).contains("under 5 mm in this part");
    }

    @Test
    public void aMixOfOneClayWithItselfKeepsItsColourAndSharesTheGrams() {
        String part =
                "{\"name\":\"%s\",\"rawHex\":\"#2f7f83\",\"curedHex\":\"#24747b\",\"opacity\":\"OPAQUE\",\"strength\":\"STRONG\",\"parts\":%d}";
        JsonNode mix = sum(
                "mix", "{\"wantedG\":60,\"parts\":[" + part.formatted("a", 1) + "," + part.formatted("b", 2) + "]}");
        assertThat(mix.path("rawHex").asString()).isEqualTo("#2f7f83");
        assertThat(mix.path("curedHex").asString()).isEqualTo("#24747b");
        assertThat(mix.path("gramsG").get(0).asDouble()).isCloseTo(20, offset(1e-9));
        assertThat(mix.path("gramsG").get(1).asDouble()).isCloseTo(40, offset(1e-9));
    }

    /** 9 mm at 15 min per 6 mm is 22.5 min by the packet; an hour long and low. */
    @Test
    public void aBakeFollowsItsSchool() {
        String body = "{\"ranges\":[" + LINE
                + "],\"thickestMm\":9,\"kind\":\"FULL_BAKE\",\"bakingMethod\":\"%s\",\"longAndLowMin\":60,\"partBakeMin\":10}";
        JsonNode packet = sum("bake", body.formatted("PACKET"));
        assertThat(packet.path("bakingMin").asDouble()).isEqualTo(22.5);
        assertThat(packet.path("lowC").asDouble()).isEqualTo(125);
        assertThat(packet.path("reason").asString()).contains("9 mm at 15 min per 6 mm is 22.5 min");
        assertThat(sum("bake", body.formatted("LONG_AND_LOW")).path("bakingMin").asDouble())
                .isEqualTo(60);
        Http.Answer none =
                http().post("/api/sums/bake", body.formatted("PACKET").replace(LINE, ""));
        assertThat(none.text()).contains("one clay range or more");
    }

    /** Eight of 60 × 60 on 300 × 200 with gaps of 5: rows of four, three rows. */
    @Test
    public void loadsShareWhatCanShareAndSayWhy() {
        JsonNode plan = sum("loads", """
                {"ovens":[{"name":"Oven","trayWidthMm":300,"trayDepthMm":200,"clearancesMm":[100],"gapMm":5,"preheatMin":10,
                           "unloadMin":0,"preheatKwh":0.2,"keepHotKw":0.6}],
                 "bakes":[{"key":"a","name":"Seal","count":14,"widthMm":60,"depthMm":60,"heightMm":40,"lowC":125,"highC":135,
                           "bakingMin":30,"mostMin":90},
                          {"key":"b","name":"Flag","count":1,"widthMm":60,"depthMm":60,"heightMm":5,"lowC":120,"highC":130,
                           "bakingMin":20,"mostMin":60},
                          {"key":"c","name":"Tall","count":1,"widthMm":60,"depthMm":60,"heightMm":101,"lowC":120,"highC":130,
                           "bakingMin":20,"mostMin":60}]}
                """);
        assertThat(plan.path("loads").size()).isEqualTo(2);
        int seals = 0;
        for (JsonNode load : plan.path("loads")) {
            assertThat(load.path("places").size()).isLessThanOrEqualTo(12);
            for (JsonNode item : load.path("items")) {
                seals += item.path("key").asString().equals("a")
                        ? item.path("count").asInt()
                        : 0;
            }
            if (load.path("items").size() == 2) {
                assertThat(load.path("bakingMin").asDouble()).isEqualTo(30);
                assertThat(load.path("energyKwh").asDouble()).isCloseTo(0.5, offset(1e-9));
                assertThat(load.path("why").get(0).path("message").asString()).contains("125 to 130 °C suits all 2");
            }
        }
        assertThat(seals).isEqualTo(14);
        assertThat(plan.path("advice").get(0).path("rule").asString()).isEqualTo("too-large");
    }

    /**
     * In cents: clay 50 g at 300 for 57 = 263.2; foil 400 mm of 20 m at 390 = 7.8; advice 20; oven 34·0.6/10 = 2.04;
     * hands 1600·(30 + 10·12)/60/10 = 400. Cost 263 + 8 + 20 + 2 + 400 = 693; at a margin of 45 % 1260, to 1300.
     */
    @Test
    public void priceAddsItsRungsAndRoundsThePriceUp() {
        String body = """
                {"quantity":10,"clays":[{"name":"Red","massG":50,"blockG":57,"blockMinor":300}],"tornMm":400,
                 "foilWidthMm":300,"foilLengthM":20,"foilPriceMinor":390,"findingsMinor":20,"setupMin":30,"eachMin":12,
                 "loads":1,"energyKwh":0.6,"hourMinor":1600,"kwhMinor":34,"marginPercent":45,"stepMinor":50%s}
                """;
        JsonNode price = sum("price", body.formatted(""));
        assertThat(price.path("costMinor").asInt()).isEqualTo(693);
        assertThat(price.path("priceMinor").asInt()).isEqualTo(1300);
        assertThat(price.path("asked").asBoolean()).isFalse();
        JsonNode asked = sum("price", body.formatted(",\"askedMinor\":1000"));
        assertThat(asked.path("profitMinor").asInt()).isEqualTo(307);
        assertThat(asked.path("marginPercent").asDouble()).isCloseTo(30.7, offset(1e-9));
    }
}
