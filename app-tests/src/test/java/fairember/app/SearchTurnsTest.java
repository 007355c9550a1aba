package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Two searches run at once, the others wait and say so; pages are answered in the meantime; whose caller has gone gives its turn back. */
public class SearchTurnsTest extends ServerTest {
    private static final String FIND =
            "{\"targetHex\":\"#7fa3a1\",\"face\":\"CURED\",\"mostKinds\":2,\"mostParts\":8,\"wantedG\":50,\"onHandOnly\":false}";

    private Socket asks(String body) throws IOException {
        Socket socket = new Socket("localhost", port());
        RawHttp.send(
                socket,
                "POST /api/sums/loads HTTP/1.1\r\nHost: localhost:%d\r\nContent-Type: application/json\r\nContent-Length: %d\r\n\r\n%s"
                        .formatted(port(), body.length(), body));
        return socket;
    }

    @Test
    public void aThirdSearchWaitsUntilACallerHasGone() throws IOException, InterruptedException {
        SplittableRandom random = new SplittableRandom(11);
        List<Socket> callers = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            callers.add(asks(LoadSums.lengthy(random).toString()));
        }
        // A blank is sent once it is worked on, to see whether anybody is there.
        for (Socket caller : callers) {
            assertThat(caller.getInputStream().read()).isPositive();
        }
        Http.Answer asked = http().post("/api/finds", FIND);
        assertThat(asked.status()).as(asked.text()).isBetween(200, 202);
        String find = "/api/finds/" + asked.json().path("id").asLong();
        assertThat(http().get("/api/bench").status()).isEqualTo(200);
        assertThat(http().get("/api/designs").status()).isEqualTo(200);
        assertThat(http().get("/api/baking").status()).isEqualTo(200);
        assertThat(http().get(find).json().path("waiting").asBoolean()).isTrue();
        for (Socket caller : callers) {
            caller.close();
        }
        JsonNode found = http().get(find).json();
        for (int i = 0; i < 200 && found.path("recipes").isEmpty(); i++) {
            Thread.sleep(100);
            found = http().get(find).json();
        }
        assertThat(found.path("waiting").asBoolean()).isFalse();
        assertThat(found.path("recipes").isEmpty()).isFalse();
    }
}
