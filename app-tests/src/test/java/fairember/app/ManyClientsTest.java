package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Several windows at once: no change that was taken is lost, and of two to the same edition one is given. */
public class ManyClientsTest extends ServerTest {
    private static <T> List<T> atOnce(int clients, Callable<T> work) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(clients);
        try {
            List<Future<T>> futures = pool.invokeAll(
                    IntStream.range(0, clients).mapToObj(i -> work).toList());
            List<T> results = new ArrayList<>();
            for (Future<T> future : futures) {
                results.add(future.get());
            }
            return results;
        } finally {
            pool.shutdownNow();
        }
    }

    @Test
    public void everyCountOfFourClientsIsKept() throws Exception {
        http().put("/api/bench/job", Map.of("batchId", 3, "designId", 3, "step", 3));
        int before = http().get("/api/bench").json().path("job").path("done").asInt();
        List<Integer> taken = atOnce(4, () -> {
            int good = 0;
            for (int i = 0; i < 5; i++) {
                good += http().post("/api/bench/count", Map.of("done", 1)).status() == 200 ? 1 : 0;
            }
            return good;
        });
        int sum = taken.stream().mapToInt(Integer::intValue).sum();
        assertThat(sum).isEqualTo(20 - before);
        assertThat(http().get("/api/bench").json().path("job").path("done").asInt())
                .isEqualTo(20);
        for (int i = 0; i < sum; i++) {
            http().undo();
        }
        http().delete("/api/bench/job");
    }

    @Test
    public void ofManyEditsToOneEditionJustOneIsTaken() throws Exception {
        JsonNode saved = http().get("/api/mixes/9").json();
        AtomicInteger number = new AtomicInteger();
        List<Integer> statuses = atOnce(6, () -> {
            ObjectNode mix = saved.path("mix").deepCopy().asObject();
            mix.put("name", "Brass " + number.incrementAndGet());
            return http().put("/api/mixes/9?edition=" + saved.path("edition").asInt(), mix)
                    .status();
        });
        assertThat(statuses.stream().filter(s -> s == 200)).hasSize(1);
        assertThat(statuses.stream().filter(s -> s == 409)).hasSize(5);
        http().undo();
    }

    @Test
    public void readingGoesOnWhileOthersWriteAndNobodyWaitsForEver() throws Exception {
        List<Boolean> done = atOnce(8, () -> {
            for (int i = 0; i < 2; i++) {
                if (http().get("/api/designs").status() != 200
                        || http().get("/api/ovens").status() != 200
                        || http().get("/api/baking").status() != 200
                        || http().get("/api/batches/3").status() != 200) {
                    return false;
                }
            }
            return true;
        });
        assertThat(done).containsOnly(true);
    }

    /** Each client adds a letter to one thing until it is taken; what another was quicker with is read again. */
    @Test
    public void ofFiftyClientsNoChangeIsLostWithoutAWord() throws Exception {
        JsonNode saved = http().get("/api/trials").json().get(0);
        String path = "/api/trials/" + saved.path("id").asLong();
        AtomicInteger next = new AtomicInteger();
        List<Integer> taken = atOnce(50, () -> {
            int mine = next.getAndIncrement();
            for (int tries = 1; ; tries++) {
                JsonNode now =
                        first(http().get("/api/trials").json(), saved.path("id").asLong());
                ObjectNode trial = now.path("trial").deepCopy().asObject();
                trial.put("note", trial.path("note").asString() + (char) ('A' + mine % 26));
                Http.Answer answer =
                        http().put(path + "?edition=" + now.path("edition").asInt(), trial);
                assertThat(answer.status()).as(answer.text()).isIn(200, 409);
                if (answer.status() == 409) {
                    assertThat(answer.json().path("current").path("edition").asInt())
                            .isGreaterThan(now.path("edition").asInt());
                }
                if (answer.status() == 200) {
                    return tries;
                }
            }
        });
        assertThat(taken).hasSize(50);
        JsonNode after =
                first(http().get("/api/trials").json(), saved.path("id").asLong());
        assertThat(after.path("trial").path("note").asString())
                .hasSize(saved.path("trial").path("note").asString().length() + 50);
        assertThat(after.path("edition").asInt())
                .isEqualTo(saved.path("edition").asInt() + 50);
        for (int i = 0; i < 50; i++) {
            http().undo();
        }
    }

    /** Twenty clients order more and more of everything at once: what the batches count on is never more than there is. */
    @Test
    public void whatTwentyClientsReserveAtOnceIsNeverMoreThanTheShelfHas() throws Exception {
        List<Integer> open = List.of(3, 4, 5);
        List<JsonNode> begun =
                open.stream().map(id -> http().get("/api/batches/" + id).json()).toList();
        AtomicInteger next = new AtomicInteger();
        List<Integer> saved = atOnce(20, () -> {
            int mine = next.getAndIncrement();
            String path = "/api/batches/" + open.get(mine % open.size());
            JsonNode now = begun.get(mine % open.size());
            JsonNode form = now.path("batch");
            for (int tries = 1; ; tries++) {
                ObjectNode batch = form.deepCopy().asObject();
                ObjectNode line = batch.path("lines").path(0).asObject();
                line.put("quantity", line.path("quantity").asInt() + 1);
                Http.Answer answer =
                        http().put(path + "?edition=" + now.path("edition").asInt(), batch);
                assertThat(answer.status()).as(answer.text()).isIn(200, 409, 503);
                if (answer.status() == 503) {
                    // A slow machine says that it is asked for too much at once: nothing is saved then, and it is asked
                    // again.
                    assertThat(answer.text()).contains("try again");
                    continue;
                }
                if (answer.status() == 200) {
                    if (mine % 10 == 0) {
                        reservedIsThere(open);
                    }
                    return tries;
                }
                now = answer.json().path("current");
                form = now.path("form");
            }
        });
        assertThat(saved).hasSize(20);
        assertThat(reservedIsThere(open)).isGreaterThan(9);
        for (int i = 0; i < 20; i++) {
            http().undo();
        }
    }

    /** Each batch finds of each clay what those before it leave, and no more; how many needs were looked at. */
    private int reservedIsThere(List<Integer> batches) {
        int looked = 0;
        for (int id : batches) {
            for (JsonNode clay : http().get("/api/batches/" + id)
                    .json()
                    .path("plan")
                    .path("needs")
                    .path("clays")) {
                looked++;
                double there = clay.path("onShelfG").asDouble();
                double left = there - clay.path("reservedG").asDouble();
                double taken = clay.path("fromOpenG").asDouble();
                for (JsonNode blocks : clay.path("open")) {
                    taken += blocks.path("massG").asDouble()
                            * blocks.path("count").asInt();
                }
                assertThat(left).as(clay.toString()).isBetween(-1e-6, there + 1e-6);
                assertThat(taken).as(clay.toString()).isLessThanOrEqualTo(left + 1e-6);
            }
        }
        return looked;
    }

    private static JsonNode first(JsonNode all, long id) {
        for (JsonNode saved : all) {
            if (saved.path("id").asLong() == id) {
                return saved;
            }
        }
        throw new AssertionError(id);
    }

    /** What is checked holds until it is written: one load in an oven, one who takes it out, two ovens in all. */
    @Test
    public void whatIsCheckedHoldsUntilItIsWritten() throws Exception {
        JsonNode before = http().get("/api/baking").json().path("inOvens").path(0);
        if (before.isObject()) {
            http().takeOut(before.path("id").asLong());
        }
        Map<String, Object> load = Map.of(
                "tempC",
                125,
                "bakingMin",
                180,
                "items",
                List.of(Map.of("batchId", 3, "designId", 1, "stage", 0, "count", 1)));
        JsonNode answered = http().answered(load);
        List<Http.Answer> starts = atOnce(10, () -> http().post("/api/baking/loads", answered));
        List<Http.Answer> started =
                starts.stream().filter(a -> a.status() == 201).toList();
        assertThat(started).as(starts.toString()).hasSize(1);
        assertThat(http().get("/api/baking").json().path("inOvens").size()).isEqualTo(1);
        long in = started.get(0).json().path("id").asLong();
        List<Integer> outs = atOnce(8, () -> http().takeOut(in).status());
        assertThat(outs.stream().filter(status -> status == 200)).hasSize(1);
        JsonNode oven = http().get("/api/ovens/1").json().path("oven");
        List<Integer> ovens = atOnce(10, () -> http().post("/api/ovens", oven).status());
        assertThat(ovens.stream().filter(status -> status == 201)).hasSize(1);
        assertThat(http().get("/api/ovens").json().size()).isEqualTo(2);
        for (int i = 0; i < 3 + (before.isObject() ? 1 : 0); i++) {
            http().undo();
        }
        assertThat(http().get("/api/ovens").json().size()).isEqualTo(1);
    }

    /** One writes a design whose parts all have one count, and then another; nobody ever reads both in one answer. */
    @Test
    public void aViewIsOfOneMomentHoweverMuchIsWritten() throws Exception {
        AtomicInteger number = new AtomicInteger();
        List<Boolean> whole = atOnce(5, () -> {
            boolean writes = number.getAndIncrement() == 0;
            for (int i = 0; i < 20; i++) {
                JsonNode saved = http().get("/api/designs/1").json();
                if (writes) {
                    ObjectNode design = saved.path("design").deepCopy().asObject();
                    int count = 2 + i % 5;
                    design.path("parts").forEach(part -> part.asObject().put("spares", count));
                    http().put("/api/designs/1?edition=" + saved.path("edition").asInt(), design);
                } else {
                    List<Integer> counts = new ArrayList<>();
                    saved.path("design")
                            .path("parts")
                            .forEach(part -> counts.add(part.path("spares").asInt(0)));
                    if (counts.stream().distinct().count() != 1) {
                        return false;
                    }
                }
            }
            return true;
        });
        assertThat(whole).containsOnly(true);
        for (int i = 0; i < 20; i++) {
            http().undo();
        }
    }

    @Test
    public void editionsNeverBeginAgainAndNobodyUndoesTheStepOfAnother() {
        long id = http().post(
                        "/api/trials", http().get("/api/trials").json().get(0).path("trial"))
                .json()
                .path("id")
                .asLong();
        int edition =
                first(http().get("/api/trials").json(), id).path("edition").asInt();
        JsonNode trial = first(http().get("/api/trials").json(), id).path("trial");
        http().put(
                        "/api/trials/" + id + "?edition=" + edition,
                        trial.deepCopy().asObject().put("note", "a"));
        long step = http().get("/api/changes/last").json().path("undoStep").asLong();
        assertThat(http().remove("/api/trials/" + id).status()).isEqualTo(200);
        assertThat(http().post("/api/changes/undo?step=" + step, null).status()).isEqualTo(409);
        http().undo();
        assertThat(first(http().get("/api/trials").json(), id).path("edition").asInt())
                .isGreaterThan(edition + 1);
        assertThat(http().put("/api/trials/" + id + "?edition=" + (edition + 1), trial)
                        .status())
                .isEqualTo(409);
        http().undo();
        http().undo();
    }
}
