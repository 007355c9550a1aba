package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Two makers at one bench: each undoes their own changes. */
public class MakersUndoTest extends ServerTest {
    private static final Map<String, Integer> TOWERS = Map.of("batchId", 3, "designId", 1, "step", 3);
    private static final Map<String, Integer> BANDS = Map.of("batchId", 3, "designId", 1, "step", 4);

    private Http.Answer as(int maker, String method, String path, Object body) {
        return http().send(method, path, body, "Maker", Integer.toString(maker));
    }

    private int done(int maker) {
        return http().get("/api/bench?maker=" + maker)
                .json()
                .path("job")
                .path("done")
                .asInt();
    }

    private long undoStep(int maker) {
        return as(maker, "GET", "/api/changes/last", null)
                .json()
                .path("undoStep")
                .asLong();
    }

    @Test
    public void eachMakerUndoesTheirOwnAndCountsOfBothStay() {
        as(1, "PUT", "/api/bench/job?maker=1", TOWERS);
        as(2, "PUT", "/api/bench/job?maker=2", BANDS);
        int towers = done(1);
        int bands = done(2);
        as(1, "POST", "/api/bench/count?maker=1", Map.of("done", 1));
        as(2, "POST", "/api/bench/count?maker=2", Map.of("done", 1));
        as(2, "POST", "/api/bench/count?maker=2", Map.of("done", 1));
        // The first maker's count is not the last change, and both of the second's stay.
        assertThat(as(1, "POST", "/api/changes/undo?step=" + undoStep(1), null).status())
                .isEqualTo(200);
        assertThat(done(1)).isEqualTo(towers);
        assertThat(done(2)).isEqualTo(bands + 2);
        long redo =
                as(1, "GET", "/api/changes/last", null).json().path("redoStep").asLong();
        as(1, "POST", "/api/changes/redo?step=" + redo, null);
        assertThat(done(1)).isEqualTo(towers + 1);
        assertThat(done(2)).isEqualTo(bands + 2);
        assertThat(undoStep(1)).isNotEqualTo(undoStep(2));
        assertThat(as(2, "POST", "/api/changes/undo?step=" + undoStep(1), null).status())
                .isEqualTo(409);
        assertThat(as(3, "GET", "/api/changes/last", null).text()).contains("1 or 2");
    }

    @Test
    public void whatTheOtherMakerHasBuiltOnIsNotUndone() {
        JsonNode settings = http().get("/api/settings").json();
        ObjectNode form = (ObjectNode) settings.path("settings").deepCopy();
        form.put("hourMinor", 1234);
        as(1, "PUT", "/api/settings?edition=" + settings.path("edition").asInt(), form);
        form.put("kwhMinor", 77);
        as(
                2,
                "PUT",
                "/api/settings?edition="
                        + http().get("/api/settings").json().path("edition").asInt(),
                form);
        Http.Answer refused = as(1, "POST", "/api/changes/undo?step=" + undoStep(1), null);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("changed again since", "Let the other maker undo first");
        assertThat(http().get("/api/settings")
                        .json()
                        .path("settings")
                        .path("hourMinor")
                        .asInt())
                .isEqualTo(1234);
        as(2, "POST", "/api/changes/undo?step=" + undoStep(2), null);
        assertThat(as(1, "POST", "/api/changes/undo?step=" + undoStep(1), null).status())
                .isEqualTo(200);
    }
}
