package fairember.journey;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.util.FileSystemUtils;

/** The packed application as its users start it: a process of its own, a free port, a temporary folder. */
final class Studio implements AutoCloseable {
    private static final Pattern READY = Pattern.compile("Fair Ember is running at (http://localhost:\\d+)");

    private static Studio shared;
    private static byte[] begun;

    private final Path folder;
    private final boolean demo;
    private Process process;
    private String address;
    private int port;

    private Studio(Path folder, boolean demo) {
        this.folder = folder;
        this.demo = demo;
    }

    /**
     * The demo studio on Thursday 26 November 2026, soon after 11:07, as it was at its start: one server for all journeys
     * of a process that do not let its time run fast. It ends with its process.
     */
    static Studio shared() {
        if (shared == null) {
            shared = demo();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
            begun = shared.send(HttpRequest.newBuilder(shared.copy()).GET());
        } else {
            if (!shared.process.isAlive()) {
                shared.again();
            }
            shared.send(HttpRequest.newBuilder(shared.copy())
                    .header("Content-Type", "application/octet-stream")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(begun)));
        }
        return shared;
    }

    /** A demo studio that is this journey's alone. */
    static Studio demo() {
        return open(true);
    }

    static Studio empty() {
        return open(false);
    }

    private static Studio open(boolean demo) {
        try {
            Studio studio = new Studio(Files.createTempDirectory("fairember-journey"), demo);
            studio.start();
            return studio;
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    private void start() throws IOException {
        Path packed = Path.of(System.getProperty("fairember.started"));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Dspring.aot.enabled=true",
                "-XX:SharedArchiveFile=" + packed.resolve("classes.jsa"),
                "-jar",
                packed.resolve("app").resolve("fairember.jar").toString(),
                "--server.port=" + port,
                "--fairember.now=2026-11-26T11:07",
                "--fairember.plans-improved=WHEN_ASKED",
                "--fairember.data=" + folder,
                "--fairember.demo=" + demo));
        process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader lines = process.inputReader();
        StringBuilder said = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            said.append(line).append('\n');
            Matcher ready = READY.matcher(line);
            if (ready.find()) {
                address = ready.group(1);
                port = Integer.parseInt(address.substring(address.lastIndexOf(':') + 1));
                return;
            }
        }
        throw new IllegalStateException("It did not start: " + said);
    }

    String address() {
        return address;
    }

    boolean isShared() {
        return this == shared;
    }

    private URI copy() {
        return URI.create(address + "/api/studio/copy");
    }

    private byte[] send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> answer =
                    HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(new String(answer.body(), StandardCharsets.UTF_8));
            }
            return answer.body();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** Kills it without warning. */
    void kill() {
        try {
            process.destroyForcibly().waitFor(10, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** Kills it without warning and starts it again on the same folder, at the same address. */
    void restart() {
        kill();
        again();
    }

    /** Starts it again after it was killed. */
    void again() {
        try {
            start();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor(10, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        process.destroyForcibly();
        clear(folder);
    }

    /** Removes a temporary folder; what a process still holds or removes itself is left to the system. */
    static void clear(Path folder) {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException | UncheckedIOException held) {
            // It stands in the system's folder for what is temporary.
        }
    }
}
