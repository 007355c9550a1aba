package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.BeforeClass;
import tools.jackson.databind.JsonNode;

/** A server with the demo studio on a free port, in a temporary folder, on a Thursday morning. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "fairember.plans-improved=WHEN_ASKED",
            // What is never sent to its end is waited for less long than in a studio.
            "server.tomcat.connection-timeout=2s"
        })
@Import(ApiDescription.class)
abstract class ServerTest extends AbstractTestNGSpringContextTests {
    private static final Path FOLDER = temporary();
    private static byte[] begun;

    @LocalServerPort
    private int port;

    @DynamicPropertySource
    static void properties(DynamicPropertyRegistry registry) {
        registry.add("fairember.data", FOLDER::toString);
        registry.add("fairember.now", () -> "2026-11-26T11:07");
    }

    static Path folder() {
        return FOLDER;
    }

    int port() {
        return port;
    }

    Http http() {
        return new Http("http://localhost:" + port);
    }

    /** Grams to mix for grams that end up in designs, by the settings of the studio. */
    double toMix(double netG) {
        JsonNode settings = http().get("/api/settings").json().path("settings");
        return netG * (1 + settings.path("wastePercent").asDouble() / 100)
                + settings.path("machineG").asDouble(0);
    }

    /** Every class begins with the same studio, whichever classes its process ran before. */
    @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
    void beginAnew() {
        if (begun == null) {
            begun = http().bytes("/api/studio/copy");
            return;
        }
        Http.Answer opened = http().send("POST", "/api/studio/copy", begun, "Content-Type", "application/octet-stream");
        assertThat(opened.status()).as(opened.text()).isEqualTo(200);
    }

    private static Path temporary() {
        try {
            Runtime.getRuntime().addShutdownHook(new Thread(ServerTest::clear));
            return Files.createTempDirectory("fairember-test");
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /** When all tests of this process are over: they share one server. */
    private static void clear() {
        try (Stream<Path> files = Files.walk(FOLDER)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException | UncheckedIOException gone) {
            // What the server itself removes in the meantime needs no removing.
        }
    }
}
