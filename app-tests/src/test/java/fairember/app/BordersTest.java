package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Who is let in, how much is taken, and that a refusal, however it comes about, is a safe problem document. */
public class BordersTest extends ServerTest {
    private static final List<String> SAFE = List.of(
            "content-security-policy: default-src 'self'",
            "form-action 'self'",
            "x-content-type-options: nosniff",
            "cross-origin-resource-policy: same-origin",
            "cross-origin-opener-policy: same-origin",
            "cache-control: no-store");

    @DataProvider
    public Object[][] refusals() {
        String ours = "Host: localhost\r\n";
        String json = "Content-Type: application/json\r\nContent-Length: 2\r\n";
        return new Object[][] {
            {"GET /api/settings HTTP/1.1\r\nHost: studio.example\r\n", 403},
            {"POST /api/changes/undo?step=1 HTTP/1.1\r\n" + ours + "Origin: http://elsewhere.example\r\n", 403},
            {"POST /api/changes/undo?step=1 HTTP/1.1\r\n" + ours + "Sec-Fetch-Site: cross-site\r\n", 403},
            {"GET /api/settings HTTP/1.1\r\n" + ours + "Sec-Fetch-Site: cross-site\r\nSec-Fetch-Mode: no-cors\r\n", 403
            },
            {"DELETE /api/designs HTTP/1.1\r\n" + ours, 405},
            {"TRACE /api/designs HTTP/1.1\r\n" + ours, 405},
            {"GET /error HTTP/1.1\r\n" + ours, 404},
            {"POST /error HTTP/1.1\r\n" + ours, 404},
            {"GET /api/none HTTP/1.1\r\n" + ours, 404},
            {"GET /missing.png HTTP/1.1\r\n" + ours, 404},
            {"GET /api/designs/%zz HTTP/1.1\r\n" + ours, 400},
            {"GET /api/designs/one HTTP/1.1\r\n" + ours, 400},
            {"GET /api/ovens/1/dial HTTP/1.1\r\n" + ours, 400},
            {"GET /api/price/1?quantities=1,,2 HTTP/1.1\r\n" + ours, 422},
            {"GET /api/price/1?quantities=%20 HTTP/1.1\r\n" + ours, 422},
            {
                "PUT /api/settings?edition=1 HTTP/1.1\r\n" + ours + "Content-Type: text/plain\r\nContent-Length: 2\r\n",
                415
            },
            {"PUT /api/settings HTTP/1.1\r\n" + ours + json, 400},
            {"PUT /api/settings?edition=x HTTP/1.1\r\n" + ours + json, 400},
            {"DELETE /api/designs/1 HTTP/1.1\r\n" + ours, 400},
            {"DELETE /api/designs/1?edition=999999 HTTP/1.1\r\n" + ours, 409},
        };
    }

    @Test(dataProvider = "refusals")
    public void aRefusalIsASafeProblemThatSaysWhatIsAllowed(String request, int status) throws IOException {
        String body = request.contains("Content-Length") ? "{}" : "";
        String answer = RawHttp.ask(port(), request + "Connection: close\r\n\r\n" + body);
        assertThat(answer).startsWith("HTTP/1.1 " + status + " ");
        String head = answer.substring(0, answer.indexOf("\r\n\r\n")).toLowerCase(java.util.Locale.ROOT);
        assertThat(head).contains("content-type: application/problem+json");
        assertThat(head).contains(SAFE);
        JsonNode problem = Http.JSON.readTree(answer.substring(answer.indexOf('{'), answer.lastIndexOf('}') + 1));
        assertThat(problem.path("status").asInt()).isEqualTo(status);
        JsonNode error = problem.path("errors").path(0);
        for (String part : List.of("found", "allowed", "fix")) {
            assertThat(error.path(part).asString("")).as(part + " of " + answer).isNotBlank();
        }
    }

    @Test
    public void theAddressOfThisMachineIsKnownInAnyCase() throws IOException {
        assertThat(RawHttp.ask(port(), "GET /api/studio HTTP/1.1\r\nHost: LocalHost\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 200 ");
        assertThat(RawHttp.ask(
                        port(),
                        "GET /bench HTTP/1.1\r\nHost: localhost\r\nSec-Fetch-Site: cross-site\r\n"
                                + "Sec-Fetch-Mode: navigate\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 200 ")
                .contains("'nonce-");
    }

    /** What a request would accept changes nothing: it is done and answered, never done and refused. */
    @Test
    public void aWriteIsAnsweredWhateverItWouldAccept() {
        JsonNode saved = http().get("/api/machines").json().get(0);
        String path = "/api/machines/" + saved.path("id").asLong() + "?edition=";
        Http.Answer answer = http().send(
                        "PUT",
                        path + saved.path("edition").asInt(),
                        Map.of(
                                "name",
                                "Other machine",
                                "rollerMm",
                                150,
                                "settings",
                                saved.path("machine").path("settings")),
                        "Accept",
                        "image/png");
        assertThat(answer.status()).isEqualTo(200);
        http().undo();
    }

    @Test
    public void aBodyThatIsTooLargeIsRefusedWithoutBeingReadAndNothingIsChanged() {
        JsonNode before = http().get("/api/changes/last").json();
        String large = "{\"name\":\"" + "x".repeat(9_000_000) + "\"}";
        for (String path : List.of("/api/designs", "/api/outlines", "/api/sums/loads", "/api/designs/measure")) {
            Http.Answer answer = http().post(path, large);
            assertThat(answer.status()).as(path).isEqualTo(413);
            assertThat(answer.json().path("errors").path(0).path("allowed").asString())
                    .contains("MB");
        }
        assertThat(http().get("/api/changes/last").json()).isEqualTo(before);
        String csv = "at,temp_c\n" + "2026-11-20T10:00:02,125.5\n".repeat(800_000);
        assertThat(http().send("POST", "/api/baking/loads/1/readings", csv, "Content-Type", "text/csv")
                        .status())
                .isEqualTo(413);
    }

    /** More connections than the server has threads, each with half a body: everyone else is still answered. */
    @Test
    public void halfSentBodiesKeepNobodyOut() throws IOException {
        List<Socket> half = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                Socket socket = new Socket("localhost", port());
                half.add(socket);
                RawHttp.send(
                        socket,
                        "POST /api/sums/shape HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                + "Content-Length: 5000\r\n\r\n{\"kind\":");
            }
            assertThat(http().get("/api/studio").status()).isEqualTo(200);
            assertThat(http().get("/api/designs/1").status()).isEqualTo(200);
        } finally {
            for (Socket socket : half) {
                socket.close();
            }
        }
    }

    @Test
    public void aRequestThatIsNeverSentToItsEndIsGivenUp() throws IOException {
        String answer = RawHttp.ask(
                port(),
                "POST /api/sums/shape HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                        + "Content-Length: 5000\r\n\r\n{\"kind\":");
        assertThat(answer).startsWith("HTTP/1.1 4").contains("Send it again", "Nothing was changed");
    }

    @Test
    public void theStudiosFileIsItsOwnersAlone() throws IOException {
        for (String name : List.of("fairember.db", "fairember.db-wal", "fairember.db-shm")) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder().resolve(name))))
                    .as(name)
                    .isEqualTo("rw-------");
        }
    }
}
