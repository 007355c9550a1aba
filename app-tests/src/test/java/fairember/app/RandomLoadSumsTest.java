package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Problems made by lot, asked for as anybody would, and each answer held against what was asked. */
public class RandomLoadSumsTest extends ServerTest {
    private static final double HAIR = 1e-6;

    @DataProvider
    public Object[][] lots() {
        Object[][] lots = new Object[40][];
        for (int i = 0; i < lots.length; i++) {
            lots[i] = new Object[] {i};
        }
        return lots;
    }

    private static List<JsonNode> list(JsonNode nodes) {
        return StreamSupport.stream(nodes.spliterator(), false).toList();
    }

    @Test(dataProvider = "lots")
    public void everyAnswerKeepsWhatWasAsked(int lot) {
        ObjectNode problem = LoadSums.problem(new SplittableRandom(lot));
        Http.Answer answer = http().post("/api/sums/loads", problem);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        Map<String, JsonNode> bakes = new HashMap<>();
        problem.path("bakes").forEach(b -> bakes.put(b.path("key").asString(), b));
        List<JsonNode> loads = list(answer.json().path("loads"));
        Map<String, Integer> counted = new HashMap<>();
        for (JsonNode load : loads) {
            load.path("items")
                    .forEach(i -> counted.merge(
                            i.path("key").asString(), i.path("count").asInt(), Integer::sum));
            JsonNode oven = problem.path("ovens").path(load.path("oven").asInt());
            heat(load, oven, bakes);
            hours(load, oven);
            trays(load, oven, bakes);
        }
        // All of a bake or none of it; and what is left out is said.
        String said = answer.json().path("advice").toString();
        bakes.forEach((key, bake) -> {
            int count = counted.getOrDefault(key, 0);
            assertThat(count).isIn(0, bake.path("count").asInt());
            assertThat(count > 0 || said.contains("bake " + key.substring(1))).isTrue();
        });
        apart(loads);
        order(loads, list(answer.json().path("hands")), bakes);
        problem.path("apart")
                .forEach(pair -> assertThat(loads)
                        .noneMatch(load -> list(load.path("items")).stream()
                                .map(i -> i.path("key").asString())
                                .toList()
                                .containsAll(List.of(
                                        pair.path("one").asString(),
                                        pair.path("other").asString()))));
        values(answer.json(), loads, bakes);
    }

    private static void heat(JsonNode load, JsonNode oven, Map<String, JsonNode> bakes) {
        for (JsonNode item : load.path("items")) {
            JsonNode bake = bakes.get(item.path("key").asString());
            assertThat(load.path("tempC").asDouble())
                    .isBetween(bake.path("lowC").asDouble(), bake.path("highC").asDouble());
            assertThat(load.path("bakingMin").asDouble())
                    .isBetween(
                            bake.path("bakingMin").asDouble() - HAIR,
                            bake.path("mostMin").asDouble() + HAIR);
            assertThat(item.path("count").asInt())
                    .isGreaterThanOrEqualTo(Math.min(
                            bake.path("least").asInt(), bake.path("count").asInt()));
        }
        double preheat = oven.path("preheatMin").asDouble();
        double from = load.path("heatFromMin").asDouble();
        double in = load.path("inMin").asDouble();
        assertThat(in - from).isCloseTo(oven.path("cold").asBoolean() ? 0 : preheat, within(HAIR));
        assertThat(load.path("endMin").asDouble() - from)
                .isCloseTo(
                        preheat
                                + load.path("bakingMin").asDouble()
                                + oven.path("unloadMin").asDouble(),
                        within(HAIR));
        assertThat(load.path("energyKwh").asDouble())
                .isCloseTo(
                        oven.path("preheatKwh").asDouble()
                                + oven.path("keepHotKw").asDouble()
                                        * load.path("bakingMin").asDouble()
                                        / 60,
                        within(HAIR));
    }

    private static void hours(JsonNode load, JsonNode oven) {
        if (oven.has("hours")) {
            assertThat(list(oven.path("hours")))
                    .anyMatch(h -> h.path("fromMin").asDouble()
                                    <= load.path("heatFromMin").asDouble() + HAIR
                            && load.path("endMin").asDouble() <= h.path("toMin").asDouble() + HAIR);
        }
    }

    private static void trays(JsonNode load, JsonNode oven, Map<String, JsonNode> bakes) {
        Map<String, Integer> laid = new HashMap<>();
        List<JsonNode> places = list(load.path("places"));
        double gap = oven.path("gapMm").asDouble();
        for (JsonNode a : places) {
            JsonNode bake = bakes.get(a.path("key").asString());
            laid.merge(a.path("key").asString(), 1, Integer::sum);
            double clearance =
                    oven.path("clearancesMm").path(a.path("shelf").asInt()).asDouble();
            assertThat(bake.path("heightMm").asDouble()).isLessThanOrEqualTo(clearance);
            double[] sides = {a.path("widthMm").asDouble(), a.path("depthMm").asDouble()};
            double[] own = {
                bake.path("widthMm").asDouble(), bake.path("depthMm").asDouble()
            };
            boolean as = sides[0] == own[0] && sides[1] == own[1];
            boolean turned = bake.path("turns").asBoolean() && sides[0] == own[1] && sides[1] == own[0];
            assertThat(as || turned).isTrue();
            assertThat(a.path("leftMm").asDouble() + sides[0])
                    .isLessThanOrEqualTo(oven.path("trayWidthMm").asDouble() + HAIR);
            assertThat(a.path("backMm").asDouble() + sides[1])
                    .isLessThanOrEqualTo(oven.path("trayDepthMm").asDouble() + HAIR);
            for (JsonNode b : places) {
                assertThat(a == b || beside(a, b, gap) || beside(b, a, gap)).isTrue();
            }
        }
        load.path("items")
                .forEach(i -> assertThat(laid.get(i.path("key").asString()))
                        .isEqualTo(i.path("count").asInt()));
    }

    private static boolean beside(JsonNode a, JsonNode b, double gap) {
        return a.path("shelf").asInt() != b.path("shelf").asInt()
                || a.path("leftMm").asDouble() + a.path("widthMm").asDouble() + gap
                        <= b.path("leftMm").asDouble() + HAIR
                || a.path("backMm").asDouble() + a.path("depthMm").asDouble() + gap
                        <= b.path("backMm").asDouble() + HAIR;
    }

    /** No oven has two loads at once. */
    private static void apart(List<JsonNode> loads) {
        for (JsonNode a : loads) {
            for (JsonNode b : loads) {
                assertThat(a == b
                                || a.path("oven").asInt() != b.path("oven").asInt()
                                || a.path("endMin").asDouble()
                                        <= b.path("heatFromMin").asDouble() + HAIR
                                || b.path("endMin").asDouble()
                                        <= a.path("heatFromMin").asDouble() + HAIR)
                        .isTrue();
            }
        }
    }

    /** Hands before heat, and what is waited for out and cooled before hands. */
    private static void order(List<JsonNode> loads, List<JsonNode> hands, Map<String, JsonNode> bakes) {
        Map<String, Double> first = new HashMap<>();
        Map<String, Double> last = new HashMap<>();
        for (JsonNode load : loads) {
            load.path("items").forEach(i -> {
                first.merge(i.path("key").asString(), load.path("inMin").asDouble(), Math::min);
                last.merge(i.path("key").asString(), load.path("endMin").asDouble(), Math::max);
            });
        }
        Map<String, Double> begins = new HashMap<>(first);
        for (JsonNode shaping : hands) {
            String key = shaping.path("key").asString();
            assertThat(shaping.path("endMin").asDouble()
                            - shaping.path("beginMin").asDouble())
                    .isCloseTo(bakes.get(key).path("handsMin").asDouble(), within(HAIR));
            assertThat(shaping.path("endMin").asDouble()).isLessThanOrEqualTo(first.get(key) + HAIR);
            begins.put(key, shaping.path("beginMin").asDouble());
        }
        first.keySet()
                .forEach(key -> bakes.get(key)
                        .path("after")
                        .forEach(wait -> assertThat(begins.get(key))
                                .isGreaterThanOrEqualTo(
                                        last.get(wait.path("key").asString())
                                                + wait.path("coolingMin").asDouble()
                                                - HAIR)));
    }

    private static void values(JsonNode plan, List<JsonNode> loads, Map<String, JsonNode> bakes) {
        Map<String, Double> done = new HashMap<>();
        for (JsonNode load : loads) {
            load.path("items")
                    .forEach(i -> done.merge(
                            i.path("key").asString(), load.path("endMin").asDouble(), Math::max));
        }
        double late = done.entrySet().stream()
                .mapToDouble(e -> Math.max(
                        0, e.getValue() - bakes.get(e.getKey()).path("dueMin").asDouble()))
                .sum();
        double kwh =
                loads.stream().mapToDouble(l -> l.path("energyKwh").asDouble()).sum();
        double finish = loads.stream()
                .mapToDouble(l -> l.path("endMin").asDouble())
                .max()
                .orElse(0);
        double[] values = {late, loads.size(), kwh, finish};
        List<String> objectives = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            JsonNode score = plan.path("objectives").path(i);
            objectives.add(score.path("objective").asString());
            assertThat(score.path("value").asDouble()).isCloseTo(values[i], within(1e-4));
            assertThat(score.path("bound").asDouble()).isLessThanOrEqualTo(values[i] + 1e-4);
        }
        assertThat(new TreeSet<>(objectives)).hasSize(4);
    }

    /** Whatever stands in such a body, it is answered or refused. */
    @Test
    public void noBrokenProblemMakesTheServerFail() {
        SplittableRandom random = new SplittableRandom(23);
        for (int i = 0; i < 250; i++) {
            ObjectNode problem = LoadSums.problem(random).put("effort", "RULES");
            for (int k = 0; k <= random.nextInt(3); k++) {
                Broken.somewhere(problem, random);
            }
            Http.Answer answer = http().post("/api/sums/loads", problem);
            assertThat(answer.status()).as(problem + " gave " + answer.text()).isIn(200, 400, 422);
            if (answer.status() != 200) {
                assertThat(answer.json().path("errors").path(0).path("fix").asString())
                        .as(problem + " gave " + answer.text())
                        .isNotBlank();
            }
        }
    }
}
