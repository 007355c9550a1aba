package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** The packed application in whole processes: one has a folder, a killed one leaves nothing behind, whatever the folder is called. */
public class StartJourney {
    private static final Pattern ADDRESS = Pattern.compile("http://localhost:\\d+");

    /** A process, and what it says first: where it is, or why it did not start. */
    private record Started(Process process, String message) {
        Http http() {
            Matcher address = ADDRESS.matcher(message);
            assertThat(address.find()).as(message).isTrue();
            return new Http(address.group());
        }
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
            Http http = first.http();
            ObjectNode settings =
                    http.get("/api/settings").json().path("settings").deepCopy().asObject();
            assertThat(http.put("/api/settings?edition=1", settings.put("name", "SavedKind"))
                            .status())
                    .isEqualTo(200);
            // The solver's own library is unpacked for this.
            assertThat(http.get("/api/baking").status()).isEqualTo(200);
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
            assertThat(third.http()
                            .get("/api/settings")
                            .json()
                            .path("settings")
                            .path("name")
                            .asString())
                    .isEqualTo("SavedKind");
            // What the killed one left is gone; the new one has its own.
            assertThat(Objects.requireNonNull(own.toFile().list())).hasSizeLessThanOrEqualTo(1);
        } finally {
            third.process().destroyForcibly().waitFor();
        }
    }
}
