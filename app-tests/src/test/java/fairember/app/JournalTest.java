package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes are kept, undone and redone; nothing is overwritten unseen or removed while it is used. */
public class JournalTest extends ServerTest {
    private static String url(String path, JsonNode saved) {
        return path + "?edition=" + saved.path("edition").asInt();
    }

    @DataProvider
    public Object[][] items() {
        return new Object[][] {
            {"/api/designs/1", "design", "name", "Lighthouse, tall"},
            {"/api/mixes/5", "mix", "name", "Fog"},
            {"/api/batches/4", "batch", "dueOn", "2026-12-24"},
            {"/api/settings", "settings", "name", "Another bench"},
            {"/api/ovens/1", "oven", "trayWidthMm", "280"},
        };
    }

    @Test(dataProvider = "items")
    public void aChangeIsKeptUndoneAndRedone(String path, String form, String field, String value) {
        JsonNode before = http().get(path).json();
        ObjectNode changed = before.path(form).deepCopy().asObject();
        if (changed.path(field).isNumber()) {
            changed.put(field, Double.parseDouble(value));
        } else {
            changed.put(field, value);
        }
        assertThat(http().put(url(path, before), changed).status()).isEqualTo(200);
        assertThat(http().get(path).json().path(form)).isEqualTo(changed);
        String words = http().get("/api/changes/last").json().path("undo").asString();
        assertThat(words).contains(field.equals("dueOn") ? "2026-12-24" : value);
        http().undo();
        assertThat(http().get(path).json().path(form)).isEqualTo(before.path(form));
        http().redo();
        assertThat(http().get(path).json().path(form)).isEqualTo(changed);
        http().undo();
    }

    /** A design of a batch that is not finished changes the plan; one that nobody makes changes only itself. */
    @Test
    public void anAnswerSaysWhatItChangedAndWhatCanBeUndone() {
        JsonNode made = http().get("/api/designs/1").json();
        ObjectNode taller = made.path("design").deepCopy().asObject();
        taller.put("name", "Lighthouse, höher");
        JsonNode changed = http().put(url("/api/designs/1", made), taller).changed();
        assertThat(changed.path("keys").toString()).isEqualTo("[\"design/1\",\"plan\"]");
        assertThat(changed.path("last"))
                .isEqualTo(http().get("/api/changes/last").json());
        assertThat(changed.path("last").path("undo").asString()).contains("höher");
        JsonNode undone = http().undo().changed();
        assertThat(undone.path("keys")).isEqualTo(changed.path("keys"));
        assertThat(undone.path("last"))
                .isEqualTo(http().get("/api/changes/last").json());
        JsonNode added = http().post("/api/designs", made.path("design")).changed();
        assertThat(added.path("keys").size()).isEqualTo(1);
        assertThat(added.path("keys").path(0).asString()).startsWith("design/");
        http().undo();
        assertThat(http().get("/api/designs").changed().isMissingNode()).isTrue();
        assertThat(http().put("/api/designs/1?edition=-1", taller).changed().isMissingNode())
                .isTrue();
    }

    /** The longest notes, in letters that a header cannot hold as they are; the words of the change stay short. */
    @Test
    public void theLongestWordsOfAChangeFitIntoItsAnswer() {
        ObjectNode trial = http().get("/api/trials").json().path(0).deepCopy().asObject();
        ObjectNode form = trial.path("trial").deepCopy().asObject();
        String path = "/api/trials/" + trial.path("id").asLong();
        for (String letter : new String[] {"ü", "–", "é"}) {
            Http.Answer changed = http().change(path, form.put("note", letter.repeat(400)));
            assertThat(changed.status()).as(changed.text()).isEqualTo(200);
            assertThat(changed.changed().path("last").path("undo").asString()).hasSizeLessThan(300);
        }
        Http.Answer undone = http().undo();
        assertThat(undone.status()).as(undone.text()).isEqualTo(200);
        assertThat(undone.changed().path("last").path("redo").asString()).contains("é");
        http().undo();
        http().undo();
    }

    @Test
    public void whatWasAddedAndRemovedComesBackWithItsNumber() {
        JsonNode design = http().get("/api/designs/3").json().path("design");
        long id = http().post("/api/designs", design).json().path("id").asLong();
        assertThat(http().remove("/api/designs/" + id).status()).isEqualTo(200);
        assertThat(http().get("/api/designs/" + id).status()).isEqualTo(404);
        http().undo();
        assertThat(http().get("/api/designs/" + id).json().path("design")).isEqualTo(design);
        http().undo();
        assertThat(http().get("/api/designs/" + id).status()).isEqualTo(404);
        long next = http().post("/api/designs", design).json().path("id").asLong();
        assertThat(next).isGreaterThan(id);
        http().undo();
    }

    @Test
    public void aChangeToAnOldEditionIsAConflictAndTheNewerOneStays() {
        JsonNode saved = http().get("/api/mixes/4").json();
        ObjectNode first = saved.path("mix").deepCopy().asObject();
        first.put("name", "Lamp");
        assertThat(http().put(url("/api/mixes/4", saved), first).status()).isEqualTo(200);
        ObjectNode second = saved.path("mix").deepCopy().asObject();
        second.put("name", "Yellow");
        Http.Answer conflict = http().put(url("/api/mixes/4", saved), second);
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.json().path("detail").asString()).contains("another window");
        assertThat(http().get("/api/mixes/4").json().path("mix").path("name").asString())
                .isEqualTo("Lamp");
        http().undo();
    }

    @DataProvider
    public Object[][] used() {
        return new Object[][] {
            {"/api/mixes/1"},
            {"/api/shelf/clays/1"},
            {"/api/shelf/ranges/1"},
            {"/api/shelf/findings/1"},
            {"/api/designs/1"},
            {"/api/batches/3"}
        };
    }

    @Test(dataProvider = "used")
    public void whatIsUsedIsNotRemoved(String path) {
        Http.Answer refused = http().remove(path);
        assertThat(refused.status()).as(refused.text()).isEqualTo(409);
        assertThat(refused.json().path("detail").asString()).contains("uses this");
    }

    @Test
    public void aRefusedChangeLeavesNothingBehind() {
        JsonNode saved = http().get("/api/designs/2").json();
        ObjectNode broken = saved.path("design").deepCopy().asObject();
        broken.path("parts").get(0).asObject().put("mixId", 99);
        JsonNode last = http().get("/api/changes/last").json();
        assertThat(http().put(url("/api/designs/2", saved), broken).status()).isEqualTo(422);
        assertThat(http().get("/api/designs/2").json()).isEqualTo(saved);
        assertThat(http().get("/api/changes/last").json()).isEqualTo(last);
    }
}
