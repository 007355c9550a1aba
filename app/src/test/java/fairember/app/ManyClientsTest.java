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

/** Several windows at once: no change that was taken is lost, and of two to the same edition one is told. */
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
        http().put("/api/bench/hand", Map.of("runId", 3, "pieceId", 3, "step", 3));
        int before = http().get("/api/bench").json().path("hand").path("done").asInt();
        List<Integer> taken = atOnce(4, () -> {
            int good = 0;
            for (int i = 0; i < 5; i++) {
                good += http().post("/api/bench/count", Map.of("done", 1, "lost", 0))
                                        .status()
                                == 200
                        ? 1
                        : 0;
            }
            return good;
        });
        int sum = taken.stream().mapToInt(Integer::intValue).sum();
        assertThat(sum).isEqualTo(20 - before);
        assertThat(http().get("/api/bench").json().path("hand").path("done").asInt())
                .isEqualTo(20);
        for (int i = 0; i < sum; i++) {
            http().undo();
        }
        http().delete("/api/bench/hand");
    }

    @Test
    public void ofManyEditsToOneEditionJustOneIsTaken() throws Exception {
        JsonNode held = http().get("/api/mixes/9").json();
        AtomicInteger number = new AtomicInteger();
        List<Integer> statuses = atOnce(6, () -> {
            ObjectNode mix = held.path("mix").deepCopy().asObject();
            mix.put("name", "Brass " + number.incrementAndGet());
            return http().put("/api/mixes/9?edition=" + held.path("edition").asInt(), mix)
                    .status();
        });
        assertThat(statuses.stream().filter(s -> s == 200)).hasSize(1);
        assertThat(statuses.stream().filter(s -> s == 409)).hasSize(5);
        http().undo();
    }

    @Test
    public void readingGoesOnWhileOthersWriteAndNobodyWaitsForEver() throws Exception {
        List<Boolean> done = atOnce(8, () -> {
            for (int i = 0; i < 12; i++) {
                if (http().get("/api/pieces").status() != 200
                        || http().get("/api/ovens").status() != 200
                        || http().get("/api/baking").status() != 200
                        || http().get("/api/runs/3").status() != 200) {
                    return false;
                }
            }
            return true;
        });
        assertThat(done).containsOnly(true);
    }
}
