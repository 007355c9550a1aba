package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The range a field shows is the range it has: both ends are taken, and what lies beyond is refused at that field. */
public class LimitsTest extends ServerTest {
    /** Group of the limits, field, where the thing is, its form, the path of the field in it. */
    @DataProvider
    public Object[][] fields() {
        List<Object[]> rows = new ArrayList<>();
        for (String field :
                List.of("wastePercent", "marginPercent", "longAndLowMin", "partBakeMin", "foilUm", "foilWidthMm")) {
            rows.add(new Object[] {"settings", field, "/api/settings", "settings", field});
        }
        for (String field : List.of(
                "hourMinor", "kwhMinor", "stepMinor", "foilLengthM", "foilPriceMinor", "machineG", "scaleStepG")) {
            rows.add(new Object[] {"settings", field, "/api/settings", "settings", field});
        }
        for (String field : List.of(
                "trayWidthMm", "trayDepthMm", "clearanceMm", "gapMm", "preheatMin", "preheatKwh", "keepHotKw")) {
            rows.add(new Object[] {"settings", field, "/api/ovens/1", "oven", field});
        }
        rows.add(new Object[] {"part", "count", "/api/designs/1", "design", "parts/0/count"});
        rows.add(new Object[] {"placement", "acrossMm", "/api/designs/1", "design", "parts/0/placement/acrossMm"});
        rows.add(new Object[] {"placement", "upMm", "/api/designs/1", "design", "parts/0/placement/upMm"});
        rows.add(new Object[] {"placement", "frontMm", "/api/designs/1", "design", "parts/0/placement/frontMm"});
        rows.add(new Object[] {"placement", "tiltDeg", "/api/designs/1", "design", "parts/0/placement/tiltDeg"});
        rows.add(new Object[] {"stage", "coolingMin", "/api/designs/1", "design", "stages/0/coolingMin"});
        rows.add(new Object[] {"step", "setupMin", "/api/designs/1", "design", "steps/0/setupMin"});
        rows.add(new Object[] {"step", "eachMin", "/api/designs/1", "design", "steps/0/eachMin"});
        rows.add(new Object[] {"fitting", "count", "/api/designs/1", "design", "fittings/0/count"});
        rows.add(new Object[] {"mix", "parts", "/api/mixes/5", "mix", "parts/0/parts"});
        rows.add(new Object[] {"batch", "quantity", "/api/batches/4", "batch", "lines/0/quantity"});
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "fields")
    public void bothEndsAreTakenAndBeyondThemIsRefused(
            String group, String field, String url, String form, String path) {
        JsonNode span =
                http().get("/api/limits").json().path("spans").path(group).path(field);
        double low = span.path("low").asDouble();
        double high = span.path("high").asDouble();
        assertThat(low).as(span.toString()).isLessThan(high);
        for (double good : new double[] {low, high}) {
            Http.Answer answer = put(url, form, path, good, span.path("whole").asBoolean());
            assertThat(answer.status())
                    .as("%s = %s: %s", path, good, answer.text())
                    .isEqualTo(200);
            http().undo();
        }
        double step = span.path("whole").asBoolean() ? 1 : Math.max(0.001, (high - low) / 1000);
        for (double bad : new double[] {low - step, high + step}) {
            Http.Answer answer = put(url, form, path, bad, span.path("whole").asBoolean());
            assertThat(answer.status())
                    .as("%s = %s: %s", path, bad, answer.text())
                    .isEqualTo(422);
            assertThat(answer.text()).contains("\"" + dotted(path) + "\"");
        }
    }

    private Http.Answer put(String url, String form, String path, double value, boolean whole) {
        JsonNode saved = http().get(url).json();
        JsonNode changed = saved.path(form).deepCopy();
        String[] steps = path.split("/", -1);
        JsonNode at = changed;
        for (int i = 0; i < steps.length - 1; i++) {
            at = steps[i].matches("\\d+") ? at.path(Integer.parseInt(steps[i])) : at.path(steps[i]);
        }
        ObjectNode target = at.asObject();
        if (whole) {
            target.put(steps[steps.length - 1], Math.round(value));
        } else {
            target.put(steps[steps.length - 1], value);
        }
        return http().put(url + "?edition=" + saved.path("edition").asInt(), changed);
    }

    private static String dotted(String path) {
        return path.replaceAll("/(\\d+)", "[$1]").replace('/', '.');
    }

    /** Sizes that go together in every shape. */
    private static final JsonNode LINE = Http.JSON.readTree("[0, 0, 12, 0, 14, 9, 2, 8]");

    private static final JsonNode SIZES = Http.JSON.readTree("""
            {"diameterMm":20,"lengthMm":40,"widthMm":20,"depthMm":15,"heightMm":8,"thicknessMm":3,"bottomMm":20,"topMm":12,
             "widestAtMm":15,"pressedMm":4,"outerMm":30,"tubeMm":6,"cordMm":3,"windingMm":16,"turns":3,"pitchMm":4,"strands":2,"pieces":2,"aroundMm":8,"stripMm":4,"squareness":3}
            """);

    @Test
    public void everyShapeHasItsDimensionsAndEveryChoiceItsWords() {
        JsonNode limits = http().get("/api/limits").json();
        assertThat(limits.path("shapes").size()).isGreaterThanOrEqualTo(9);
        for (JsonNode shape : limits.path("shapes")) {
            assertThat(shape.path("label").asString()).isNotBlank();
            assertThat(shape.path("dimensions").size()).isPositive();
            ObjectNode dimensions = Http.JSON.createObjectNode();
            for (JsonNode dimension : shape.path("dimensions")) {
                String field = dimension.path("span").path("field").asString();
                dimensions.put(field, SIZES.path(field).asDouble());
            }
            ObjectNode body = Http.JSON.createObjectNode();
            body.put("kind", shape.path("kind").asString());
            body.set("dimensions", dimensions);
            if (shape.path("kind").asString().equals("CUT_OUT")) {
                body.set("outline", Http.JSON.readTree("[[0,0,30,0,30,20,0,20]]"));
            }
            ArrayNode lines = Http.JSON.createArrayNode();
            shape.path("lines")
                    .forEach(words -> lines.addObject().put("smooth", true).set("xy", LINE));
            if (!lines.isEmpty()) {
                body.set("lines", lines);
            }
            assertThat(http().post("/api/sums/shape", body).status()).isEqualTo(200);
        }
        limits.path("choices")
                .forEach(choices -> choices.forEach(
                        choice -> assertThat(choice.path("label").asString()).isNotBlank()));
    }
}
