package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The daybook over HTTP: lines, losses, what is learned from them, and the file of lines. */
public class DaybookTest extends ServerTest {
    private static final Map<String, Integer> TOWERS = Map.of("batchId", 3, "designId", 1, "step", 3);

    private static Map<String, Object> time(String at, String until, int pieces) {
        Map<String, Object> line = new HashMap<>(Map.of(
                "kind",
                "TIME",
                "at",
                at,
                "until",
                until,
                "batchId",
                3,
                "designId",
                1,
                "step",
                4,
                "station",
                "SHAPE",
                "stepName",
                "bands and gallery"));
        line.put("pieces", pieces);
        return line;
    }

    private JsonNode job() {
        return http().get("/api/bench").json().path("job");
    }

    private JsonNode latest() {
        return http().get("/api/daybook?most=1").json().path("lines").path(0);
    }

    private double planned(long batch, String step) {
        for (JsonNode task :
                http().get("/api/batches/" + batch).json().path("plan").path("tasks")) {
            if (task.path("name").asString().equals(step)) {
                return task.path("minutesMin").asDouble() / task.path("pieces").asInt();
            }
        }
        throw new AssertionError(step);
    }

    @Test
    public void whatIsTimedAndCountedBecomesALineAndOneUndoTakesItBack() {
        http().put("/api/bench/job", TOWERS);
        int done = job().path("done").asInt();
        http().put("/api/bench/timer", Map.of("running", true));
        http().post("/api/bench/count", Map.of("done", 2));
        http().put("/api/bench/timer", Map.of("running", false));
        JsonNode line = latest();
        assertThat(line.path("line").path("pieces").asInt()).isEqualTo(2);
        assertThat(line.path("line").path("stepName").asString()).isEqualTo("towers over cores");
        assertThat(line.path("batchName").asString()).isEqualTo("Harbour Light Fair");
        // Counted after the timer was stopped: it belongs to that time.
        http().post("/api/bench/count", Map.of("done", 1));
        assertThat(latest().path("line").path("pieces").asInt()).isEqualTo(3);
        JsonNode earlier = http().get("/api/daybook/" + line.path("id").asLong() + "/earlier")
                .json();
        assertThat(earlier.path(0).path("line").path("pieces").asInt()).isEqualTo(2);
        http().undo();
        assertThat(latest().path("line").path("pieces").asInt()).isEqualTo(2);
        assertThat(job().path("done").asInt()).isEqualTo(done + 2);
        http().undo();
        assertThat(latest().path("id").asLong()).isNotEqualTo(line.path("id").asLong());
        http().put("/api/bench/timer", Map.of("running", false, "discard", true));
        assertThat(latest().path("id").asLong()).isNotEqualTo(line.path("id").asLong());
        http().undo();
        Http.Answer ahead =
                http().put("/api/bench/timer", Map.of("running", false, "stoppedAt", "2031-01-01T10:00:00Z"));
        assertThat(ahead.status()).isEqualTo(422);
        assertThat(ahead.text()).contains("stoppedAt", "a time before now");
    }

    @Test(dependsOnMethods = "whatIsTimedAndCountedBecomesALineAndOneUndoTakesItBack")
    public void aLostPieceIsOneFewerUntilItIsMadeAgain() {
        http().put("/api/bench/job", TOWERS);
        int wanted = job().path("wanted").asInt();
        long line =
                http().post("/api/bench/losses", Map.of()).json().path("lineId").asLong();
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted - 1);
        http().put("/api/bench/losses/" + line, Map.of("reason", "CRACKED", "again", true));
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted);
        assertThat(job().path("again").asInt()).isEqualTo(1);
        assertThat(latest().path("line").path("reason").asString()).isEqualTo("CRACKED");
        // Its core, its clay and its portion have to be made once more.
        assertThat(open(1, "press cores")).isEqualTo(1);
        assertThat(open(1, "weigh out")).isEqualTo(1);
        http().undo();
        http().undo();
        assertThat(open(1, "press cores")).isZero();
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted);
    }

    /** The batch counts by the line: corrected there, it is corrected everywhere. */
    @Test(dependsOnMethods = "aLostPieceIsOneFewerUntilItIsMadeAgain")
    public void aLossThatIsCorrectedOrRemovedIsCountedAgain() {
        int wanted = job().path("wanted").asInt();
        String path = "/api/daybook/"
                + http().post("/api/bench/losses", Map.of())
                        .json()
                        .path("lineId")
                        .asLong();
        ObjectNode line = (ObjectNode) latest().path("line").deepCopy();
        assertThat(http().change(path, line.put("pieces", 3)).status()).isEqualTo(200);
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted - 3);
        Http.Answer tooMany = http().change(path, line.put("pieces", 99));
        assertThat(tooMany.status()).isEqualTo(422);
        assertThat(tooMany.text()).contains("pieces", "All of them are already counted.");
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted - 3);
        http().remove(path);
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted);
        for (int i = 0; i < 3; i++) {
            http().undo();
        }
        assertThat(job().path("wanted").asInt()).isEqualTo(wanted);
    }

    /** Pieces of a step of a design that are still to be done. */
    private int open(long design, String step) {
        for (JsonNode task : http().get("/api/batches/3").json().path("plan").path("tasks")) {
            if (task.path("designId").asLong() == design
                    && task.path("name").asString().equals(step)) {
                return task.path("pieces").asInt();
            }
        }
        return 0;
    }

    @Test
    public void everyPlanGoesByWhatWasLoggedUnlessTheStudioSaysOtherwise() {
        double own = planned(5, "bands and gallery");
        List<Long> added = new ArrayList<>();
        for (String day : List.of("10", "11", "12")) {
            added.add(http().post(
                            "/api/daybook",
                            time("2026-11-%sT09:00:00Z".formatted(day), "2026-11-%sT10:00:00Z".formatted(day), 12))
                    .json()
                    .path("id")
                    .asLong());
        }
        double learned = planned(5, "bands and gallery");
        assertThat(learned).isGreaterThan(1.05 * own);
        JsonNode step = learnedStep("bands and gallery");
        assertThat(step.path("batches").asInt()).isEqualTo(2);
        assertThat(step.path("lowMin").asDouble())
                .isLessThan(step.path("expectedMin").asDouble());
        assertThat(step.path("highMin").asDouble())
                .isGreaterThan(step.path("expectedMin").asDouble());
        JsonNode review = http().get("/api/batches/3/review").json();
        assertThat(review.path("causes").path(0).path("what").asString()).startsWith("bands and gallery");
        JsonNode settings = http().get("/api/settings").json();
        var off = settings.path("settings").deepCopy();
        ((ObjectNode) off).put("learns", false);
        http().put("/api/settings?edition=" + settings.path("edition").asInt(), off);
        assertThat(planned(5, "bands and gallery")).isCloseTo(3 + 2.0 / 6, offset(0.01));
        http().undo();
        added.forEach(id -> http().remove("/api/daybook/" + id));
        assertThat(planned(5, "bands and gallery")).isCloseTo(own, offset(1e-6));
    }

    private JsonNode learnedStep(String name) {
        for (JsonNode step : http().get("/api/daybook/learned").json().path("steps")) {
            if (step.path("name").asString().equals(name)) {
                return step;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    public void whatSlippedBecomesACheckWithTheDayItDid() {
        long lesson = http().post(
                        "/api/daybook",
                        Map.of("kind", "LESSON", "at", "2026-11-10T09:00:00Z", "words", "Loop upright", "designId", 1))
                .json()
                .path("id")
                .asLong();
        http().post("/api/daybook/" + lesson + "/check", Map.of("words", "Loop upright"));
        JsonNode checks = http().get("/api/designs/1").json().path("design").path("checks");
        assertThat(checks.path(checks.size() - 1).path("words").asString()).isEqualTo("Loop upright");
        assertThat(checks.path(checks.size() - 1).path("slipped").asString()).isEqualTo("2026-11-10");
        assertThat(http().post("/api/daybook/" + lesson + "/check", Map.of("words", "x".repeat(61)))
                        .text())
                .contains("Shorten the name");
        http().undo();
        assertThat(http().get("/api/designs/1").json().path("design").path("checks"))
                .hasSize(checks.size() - 1);
        http().undo();
    }

    @Test
    public void finishingTakesFromTheShelfWhatWasUsedOnceAndUndoPutsItBack() {
        JsonNode before = http().get("/api/shelf").json();
        JsonNode batch = http().get("/api/batches/4").json();
        JsonNode needs = batch.path("plan").path("needs");
        String path = "/api/batches/4?edition=";
        ObjectNode form = (ObjectNode) batch.path("batch").deepCopy();
        JsonNode onBench = http().put(path + batch.path("edition").asInt(), form.put("state", "ON_BENCH"))
                .json();
        JsonNode finished = http().put(path + onBench.path("edition").asInt(), form.put("state", "FINISHED"))
                .json();
        JsonNode after = http().get("/api/shelf").json();
        for (JsonNode need : needs.path("clays")) {
            double there = onShelf(before, need.path("clayId").asLong());
            double left = Math.max(0, there - need.path("neededG").asDouble());
            assertThat(onShelf(after, need.path("clayId").asLong())).isCloseTo(left, offset(0.01));
        }
        assertThat(supply(after, "Rinse glue")).isEqualTo(supply(before, "Rinse glue") - 18);
        JsonNode again = http().put(path + finished.path("edition").asInt(), form.put("state", "ON_BENCH"))
                .json();
        http().put(path + again.path("edition").asInt(), form.put("state", "FINISHED"));
        assertThat(supply(http().get("/api/shelf").json(), "Rinse glue")).isEqualTo(supply(after, "Rinse glue"));
        for (int i = 0; i < 4; i++) {
            http().undo();
        }
        assertThat(supply(http().get("/api/shelf").json(), "Rinse glue")).isEqualTo(supply(before, "Rinse glue"));
    }

    private static double onShelf(JsonNode shelf, long clayId) {
        for (JsonNode clay : shelf.path("clays")) {
            if (clay.path("id").asLong() == clayId) {
                return clay.path("onShelfG").asDouble();
            }
        }
        throw new AssertionError(clayId);
    }

    private static double supply(JsonNode shelf, String name) {
        for (JsonNode supply : shelf.path("supplies")) {
            if (supply.path("supply").path("name").asString().equals(name)) {
                return supply.path("supply").path("onShelf").asDouble();
            }
        }
        throw new AssertionError(name);
    }

    @Test
    public void aLineThatCannotBeIsRefusedWithAllThatIsWrong() {
        Http.Answer backwards = http().post("/api/daybook", time("2026-11-10T11:00:00Z", "2026-11-10T09:00:00Z", 12));
        assertThat(backwards.status()).isEqualTo(422);
        assertThat(backwards.text()).contains("Put the end after the beginning.");
        Http.Answer night = http().post("/api/daybook", time("2026-11-10T09:00:00Z", "2026-11-11T09:00:00Z", 12));
        assertThat(night.text()).contains("24 hours without a pause", "Enter when the work really ended.");
        Http.Answer empty = http().post("/api/daybook", Map.of("kind", "WEIGHING", "at", "2026-11-10T09:00:00Z"));
        assertThat(empty.text()).contains("mixId", "netG", "usedG");
        Http.Answer stranger = http().post(
                        "/api/daybook",
                        Map.of("kind", "LESSON", "at", "2026-11-10T09:00:00Z", "words", "x", "batchId", 99));
        assertThat(stranger.text()).contains("an existing batch");
        Http.Answer ahead =
                http().post("/api/daybook", Map.of("kind", "LESSON", "at", "2031-11-10T09:00:00Z", "words", "x"));
        assertThat(ahead.text()).contains("a time up to tomorrow");
    }

    @Test
    public void theFileOfLinesComesBackAsItWent() {
        String text = http().get("/api/daybook/lines.csv").text();
        int lines = text.split("\r\n").length - 1;
        String german = http().get("/api/daybook/lines.csv?decimalCommas=true").text();
        assertThat(german).startsWith("\uFEFFat;until;").contains(";188,52;");
        for (String file : List.of(text, german)) {
            Http.Answer taken = csv(file);
            assertThat(taken.status()).as(taken.text()).isEqualTo(200);
            assertThat(taken.json().path("lines").asInt()).isEqualTo(lines);
            // Many lines of one kind are one key: a header has no room for a file of them.
            assertThat(taken.changed().path("keys").toString()).isEqualTo("[\"plan\",\"daybook\"]");
            String twice = http().get("/api/daybook/lines.csv").text();
            assertThat(twice.split("\r\n")).hasSize(2 * lines + 1);
            http().undo();
            assertThat(http().get("/api/daybook/lines.csv").text()).isEqualTo(text);
        }
    }

    private Http.Answer csv(String text) {
        return http().send("POST", "/api/daybook/lines.csv", text, "Content-Type", "text/csv;charset=UTF-8");
    }

    @Test
    public void aFileWithOneBadLineIsRefusedWhole() {
        int before = http().get("/api/daybook/lines.csv").text().split("\r\n").length;
        String header = "at,until,kind,batch,design,station,step,pieces,net_g\n";
        Http.Answer bad = csv(header
                + "2026-11-10 09:00,2026-11-10 10:00,time,Harbour Light Fair,Lighthouse ornament,Shape,bands and gallery,6,\n"
                + "2026-13-10 09:00,,lesson,,,,,,\n"
                + "2026-11-10 09:00,,weighed,,,,,,12 mm\n"
                + "2026-11-10 09:00,,weighed,,,,,,\"1,000\"\n"
                + "2026-11-10 09:00,,walked,,,,,,\n"
                + "2026-11-10 09:00,2026-11-10 10:00,time,Harbour Night Fair,,,,six,\n");
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.text())
                .contains(
                        "lines[2].at",
                        "lines[3].net_g",
                        "Its unit may follow it",
                        "lines[4].net_g",
                        "1000 for a thousand",
                        "lines[5].kind",
                        "time, rework, interruption, lost")
                .contains("lines[6].batch", "Harbour Night Fair")
                .doesNotContain("lines[1]");
        assertThat(csv("when,what\n1,2\n").text()).contains("the columns at, kind");
        assertThat(csv("at,kind\n\"unclosed").text()).contains("a file that is not CSV");
        assertThat(http().get("/api/daybook/lines.csv").text().split("\r\n")).hasSize(before);
        assertThat(csv(header
                                + "2026-11-10 09:00,2026-11-10 10:00,TIME,harbour light fair,Lighthouse ornament,SHAPE,bands and gallery,6,\n")
                        .status())
                .isEqualTo(200);
        http().undo();
    }
}
