package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The clock of these tests stands at 11:07 on 26 November 2026; the demo's flags have been in since 10:56. */
public class ProbeTest extends ServerTest {
    private String token() {
        if (!http().get("/api/ovens/1/probe").json().has("token")) {
            http().post("/api/ovens/1/probe/token", null);
        }
        return http().get("/api/ovens/1/probe").json().path("token").asString();
    }

    private Http.Answer send(String token, String type, String body) {
        return http().send(
                        "POST", "/api/probe/readings", body, "Authorization", "Bearer " + token, "Content-Type", type);
    }

    private static String reading(String at, Object c) {
        return "{\"at\":\"" + at + "\",\"tempC\":" + c + "}";
    }

    @Test
    public void readingsInAnyOrderAreTakenOnceAndAbsurdOnesSaidByTheirPlace() {
        String body = "{\"readings\":["
                + String.join(
                        ",",
                        List.of(
                                reading("2026-11-20T10:00:02", 125.5),
                                reading("2026-11-20T10:00:01", 125.4),
                                reading("2026-11-20T10:00:02", 99),
                                reading("2026-11-20T10:00:03", 5000),
                                reading("2036-11-20T10:00:03", 120),
                                "{\"tempC\":120}"))
                + "]}";
        JsonNode taken = send(token(), "application/json", body).json();
        assertThat(taken.path("taken").asInt()).isEqualTo(2);
        assertThat(taken.path("again").asInt()).isEqualTo(1);
        List<Integer> refused = new ArrayList<>();
        taken.path("refused").forEach(r -> {
            refused.add(r.path("at").asInt());
            assertThat(r.path("fix").asString()).isNotBlank();
        });
        assertThat(refused).containsExactly(3, 4, 5);
        JsonNode again = send(token(), "text/csv", "at,temp_c\n2026-11-20T10:00:02,125.5\n2026-11-20T10:00:04,oven\n")
                .json();
        assertThat(again.path("taken").asInt()).isZero();
        assertThat(again.path("again").asInt()).isEqualTo(1);
        assertThat(again.path("refused").size()).isEqualTo(1);
    }

    @Test
    public void aWrongTokenOpensNothingAndARenewedOneShutsTheOldOut() {
        String body = "{\"readings\":[]}";
        assertThat(send("error", "application/json", body).status()).isEqualTo(401);
        assertThat(http().post("/api/probe/readings", Map.of("readings", List.of()))
                        .status())
                .isEqualTo(401);
        String old = token();
        http().post("/api/ovens/1/probe/token", null);
        assertThat(send(old, "application/json", body).status()).isEqualTo(401);
        assertThat(send(token(), "application/json", body).status()).isEqualTo(200);
        assertThat(send(token(), "text/csv", "when,what\n1,2\n").status()).isEqualTo(422);
        assertThat(send(token(), "application/json", "{\"readings\":null}").status())
                .isEqualTo(422);
        assertThat(http().get("/api/ovens/9/probe").status()).isEqualTo(404);
        assertThat(http().get("/api/baking/loads/99/record").status()).isEqualTo(404);
    }

    @Test
    public void theRecordOfALoadIsItsReadingsTheMiddleOfItsSlowestDesignAndItsCsv() {
        // The one of the demo; other tests leave loads that no probe was in.
        JsonNode past = StreamSupport.stream(
                        http().get("/api/baking").json().path("logged").spliterator(), false)
                .filter(load -> load.path("id").asInt() == 3)
                .findFirst()
                .orElseThrow();
        JsonNode record = http().get("/api/baking/loads/" + past.path("id").asLong() + "/record")
                .json();
        assertThat(record.path("points").size()).isGreaterThan(50);
        assertThat(record.path("slowest").asString()).isNotBlank();
        assertThat(record.path("inWindowMin").asDouble())
                .isBetween(1.0, past.path("bakingMin").asDouble() + 1);
        assertThat(record.path("countingMin").asDouble())
                .isLessThanOrEqualTo(record.path("inWindowMin").asDouble() + 1);
        assertThat(record.path("centreC").asDouble())
                .isLessThanOrEqualTo(record.path("hottestC").asDouble());
        String csv = http().get("/api/baking/loads/" + past.path("id").asLong() + "/readings.csv")
                .text();
        assertThat(csv).startsWith("at,temp_c\r\n");
        JsonNode taken = http().send(
                        "POST",
                        "/api/baking/loads/" + past.path("id").asLong() + "/readings",
                        csv,
                        "Content-Type",
                        "text/csv")
                .json();
        assertThat(taken.path("taken").asInt()).isZero();
        assertThat(taken.path("again").asInt()).isEqualTo((int) csv.lines().count() - 1);
    }

    @Test
    public void theCalendarHasEveryLoadOnce() {
        String file = http().get("/api/baking/calendar.ics").text();
        int loads = http().get("/api/baking").json().path("planned").size();
        assertThat(file).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        assertThat(file.lines().filter(l -> l.startsWith("SUMMARY:Load "))).hasSize(loads);
    }
}
