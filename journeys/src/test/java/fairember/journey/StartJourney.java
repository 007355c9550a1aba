package fairember.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The packed application in whole processes: one has a folder, a killed one leaves nothing behind, whatever the folder is called. */
public class StartJourney {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Pattern ADDRESS = Pattern.compile("http://localhost:\\d+");

    /** A process, and what it says first: where it is, or why it did not start. */
    private record Started(Process process, String message) {
        /** Asks it, and gives what it answers. */
        JsonNode ask(String path) throws IOException, InterruptedException {
            return answered(HttpRequest.newBuilder(at(path)).GET());
        }

        URI at(String path) {
            Matcher address = ADDRESS.matcher(message);
            assertThat(address.find()).as(message).isTrue();
            return URI.create(address.group() + path);
        }
    }

    private static JsonNode answered(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer =
                HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    /** As the script starts it, on a machine that knows no letters beyond the plain ones. */
    private static Started start(Path temporary, Path folder) throws IOException {
        List<String> line = new ArrayList<>(List.of(
                "bash", "-c", ". ../scripts/tools.sh; speak_utf8; start_java \"$@\"", "start", folder.toString()));
        Path packed = Path.of(System.getProperty("fairember.started"));
        line.addAll(List.of("-XX:-UsePerfData", "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC"));
        line.addAll(List.of("-Dspring.aot.enabled=true", "-XX:SharedArchiveFile=" + packed.resolve("classes.jsa")));
        line.addAll(
                List.of("-jar", packed.resolve("app").resolve("fairember.jar").toString()));
        line.addAll(List.of("--server.port=0", "--fairember.demo=true", "--fairember.data=" + folder));
        ProcessBuilder builder = new ProcessBuilder(line).redirectErrorStream(true);
        builder.environment().put("LC_ALL", "POSIX");
        builder.environment().put("JAVA_TOOL_OPTIONS", "-Djava.io.tmpdir=" + temporary);
        Process process = builder.start();
        BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
        StringBuilder message = new StringBuilder();
        for (String said = out.readLine(); said != null; said = out.readLine()) {
            message.append(said).append('\n');
            if (said.contains("Fair Ember ")) {
                break;
            }
        }
        return new Started(process, message.toString());
    }

    @Test
    public void aSecondStartIsRefusedAndAKilledOneLeavesNothingElsewhere() throws Exception {
        Path temporary = Files.createTempDirectory("fairember-system");
        Path folder = Files.createTempDirectory("fairember-start").resolve("Küche été? 100 %");
        Started first = start(temporary, folder);
        try {
            ObjectNode settings =
                    first.ask("/api/settings").path("settings").deepCopy().asObject();
            String renamed = JSON.writeValueAsString(settings.put("name", "SavedKind"));
            answered(HttpRequest.newBuilder(first.at("/api/settings?edition=1"))
                    .header("Content-Type", "application/json")
                    .PUT(HttpRequest.BodyPublishers.ofString(renamed)));
            // The solver's own library is unpacked for this.
            first.ask("/api/baking");
            Started second = start(temporary, folder);
            assertThat(second.process().waitFor()).isEqualTo(1);
            assertThat(second.message())
                    .contains("open in another running Fair Ember")
                    .contains(folder.toString());
        } finally {
            first.process().destroyForcibly().waitFor();
        }
        assertThat(temporary).isEmptyDirectory();
        Path own = folder.resolve("tmp");
        assertThat(own).isNotEmptyDirectory();
        Started third = start(temporary, folder);
        try {
            assertThat(third.ask("/api/settings").path("settings").path("name").asString())
                    .isEqualTo("SavedKind");
            // What the killed one left is gone; the new one has its own.
            assertThat(Objects.requireNonNull(own.toFile().list())).hasSizeLessThanOrEqualTo(1);
        } finally {
            third.process().destroyForcibly().waitFor();
        }
    }
}
