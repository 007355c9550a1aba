package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Mixes and tiles by lot go into the store and come out as they went in, and what is said of them fits together. */
public class MixRoundTripTest extends ServerTest {
    private static final int CLAYS = 12;

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 8).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static List<Map<String, Object>> parts(SplittableRandom random) {
        List<Map<String, Object>> parts = new ArrayList<>();
        for (int clay = 1; clay <= CLAYS; clay++) {
            if (random.nextInt(4) == 0 || clay == CLAYS && parts.isEmpty()) {
                parts.add(Map.of("clayId", (long) clay, "parts", random.nextInt(1, 60) / 4.0));
            }
        }
        return parts;
    }

    private static String hex(SplittableRandom random) {
        return "#%06x".formatted(random.nextInt(0x1000000));
    }

    @Test(dataProvider = "lots")
    public void aMixComesBackAsItWentInAndItsGramsAreItsShares(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double inclusions = seed % 2 == 0 ? 0 : random.nextInt(1, 500) / 10.0;
        Map<String, Object> mica =
                Map.of("name", "mica", "percent", inclusions, "effect", "SHIMMER", "priceMinor", 100L * seed);
        Map<String, Object> form = Map.of(
                "name",
                "By lot " + seed,
                "parts",
                parts(random),
                "unit",
                List.of("PARTS", "PERCENT", "GRAMS").get(seed % 3),
                "inclusions",
                inclusions == 0 ? List.of() : List.of(mica),
                "retired",
                seed % 4 == 3);
        JsonNode sent = Http.JSON.readTree(Http.JSON.writeValueAsString(form));
        long id = http().post("/api/mixes", form).json().path("id").asLong();
        double wanted = random.nextInt(1, 4000) / 10.0;
        JsonNode view = http().get("/api/mixes/" + id + "?wantedG=" + wanted).json();
        assertThat(view.path("mix")).isEqualTo(sent);
        JsonNode measured = view.path("measured");
        double all = sum(sent.path("parts"), "parts");
        double toMix = toMix(wanted);
        assertThat(measured.path("netG").asDouble()).isEqualTo(wanted);
        assertThat(measured.path("toMixG").asDouble()).isCloseTo(toMix, offset(1e-9 * wanted));
        double clay = toMix / (1 + inclusions / 100);
        assertThat(sum(measured.path("clays"), "massG")).isCloseTo(clay, offset(1e-9 * wanted));
        assertThat(sum(measured.path("inclusions"), "massG")).isCloseTo(toMix - clay, offset(1e-9 * wanted));
        for (int i = 0; i < sent.path("parts").size(); i++) {
            double share = sent.path("parts").get(i).path("parts").asDouble() / all;
            assertThat(measured.path("clays").get(i).path("massG").asDouble())
                    .isCloseTo(share * clay, offset(1e-9 * wanted));
        }
        double missing = StreamSupport.stream(measured.path("clays").spliterator(), false)
                .mapToDouble(one -> Math.max(
                        0, one.path("massG").asDouble() - one.path("onHandG").asDouble()))
                .sum();
        // What stays on hands is short too: judged on grams to mix, not on grams in designs.
        assertThat(measured.path("shortG").asDouble()).isCloseTo(missing, offset(1e-9 * wanted));
        assertThat(measured.path("rawHex").asString()).matches("#[0-9a-f]{6}");
        assertThat(measured.path("opaqueFromMm").asDouble()).isBetween(0.0, 30.0);
        assertThat(http().post("/api/mixes/measure?wantedG=" + wanted, form).json())
                .isEqualTo(measured);
        http().undo();
        assertThat(http().get("/api/mixes/" + id).status()).isEqualTo(404);
        http().redo();
        assertThat(http().get("/api/mixes/" + id).json().path("mix")).isEqualTo(sent);
        assertThat(http().remove("/api/mixes/" + id).status()).isEqualTo(200);
    }

    @Test(dataProvider = "lots")
    public void aTileComesBackAsItWentInAndIsUndone(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 50);
        Map<String, Object> form = new LinkedHashMap<>();
        form.put("name", "Tile by lot " + seed);
        form.put("madeOn", "2026-11-%02d".formatted(random.nextInt(1, 26)));
        form.put("parts", parts(random));
        if (seed % 3 != 0) {
            form.put("rawHex", hex(random));
        }
        if (seed % 3 != 1) {
            form.put("curedHex", hex(random));
        }
        form.put("measured", seed % 2 == 0);
        form.put("note", "lot " + seed);
        form.put("confirmed", seed % 2 == 0);
        JsonNode sent = Http.JSON.readTree(Http.JSON.writeValueAsString(form));
        long id = http().post("/api/tiles", form).json().path("id").asLong();
        JsonNode view = tile(id);
        assertThat(view.path("tile")).isEqualTo(sent);
        for (String face : List.of("raw", "cured")) {
            JsonNode seen = view.path(face);
            assertThat(seen.isMissingNode()).isEqualTo(sent.path(face + "Hex").isMissingNode());
            if (!seen.isMissingNode()) {
                assertThat(seen.path("seenHex").asString())
                        .isEqualTo(sent.path(face + "Hex").asString());
                assertThat(seen.path("difference").asDouble()).isPositive();
            }
        }
        http().undo();
        assertThat(tile(id).isMissingNode()).isTrue();
        http().redo();
        assertThat(tile(id).path("tile")).isEqualTo(sent);
        assertThat(http().remove("/api/tiles/" + id).status()).isEqualTo(200);
    }

    private JsonNode tile(long id) {
        return StreamSupport.stream(
                        http().get("/api/tiles").json().path("tiles").spliterator(), false)
                .filter(tile -> tile.path("id").asLong() == id)
                .findFirst()
                .orElse(Http.JSON.missingNode());
    }

    private static double sum(JsonNode list, String field) {
        return StreamSupport.stream(list.spliterator(), false)
                .mapToDouble(one -> one.path(field).asDouble())
                .sum();
    }
}
