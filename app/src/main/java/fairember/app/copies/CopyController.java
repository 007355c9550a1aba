package fairember.app.copies;

import fairember.app.clock.StudioClock;
import fairember.app.database.StudioCopies;
import fairember.app.database.UnfitFileException;
import fairember.app.journal.MissingException;
import fairember.core.input.InvalidInputException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Saves a whole copy of the studio, and opens one in its place. */
@RestController
@RequestMapping("/api/studio")
class CopyController {
    private static final long MOST = 1L << 30;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");

    private final StudioCopies copies;
    private final StudioClock clock;

    CopyController(StudioCopies copies, StudioClock clock) {
        this.copies = copies;
        this.clock = clock;
    }

    /** Which studio this is: a word that only it has, and its copies. */
    record StudioView(String id) {}

    @GetMapping
    StudioView studio() {
        return new StudioView(copies.studioId());
    }

    /** The studio as it is at this moment, one SQLite file. Writing goes on in the meantime. */
    @GetMapping("/copy")
    ResponseEntity<StreamingResponseBody> save() throws IOException {
        Path copy = copies.save();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .contentLength(Files.size(copy))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=fairember-" + stamp() + ".db")
                .body(out -> send(copy, out));
    }

    private static void send(Path copy, OutputStream out) throws IOException {
        try {
            Files.copy(copy, out);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    private String stamp() {
        return LocalDateTime.ofInstant(Instant.now(), clock.getZone()).format(STAMP);
    }

    /**
     * A copy that is kept in the studio's folder.
     *
     * @param name of its file
     */
    record SavedCopyView(String name, Instant savedAt, long bytes) {}

    /** The copies in the studio's folder: what it held each time before another was opened; the newest first. */
    @GetMapping("/copies")
    List<SavedCopyView> savedCopies() throws IOException {
        List<SavedCopyView> views = new ArrayList<>();
        for (Path file : copies.saved()) {
            views.add(new SavedCopyView(
                    file.getFileName().toString(),
                    StudioCopies.savedAt(file).truncatedTo(ChronoUnit.SECONDS),
                    Files.size(file)));
        }
        return views;
    }

    /** What was opened; the studio as it was before is kept in this file of its folder. */
    record OpenedCopyView(String before) {}

    /** Checks a copy and puts it in place of the studio, all of it or nothing; the studio as it was is saved first. */
    @PostMapping(path = "/copy", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    OpenedCopyView open(HttpServletRequest request) throws IOException {
        return opened(request.getInputStream());
    }

    /** Opens one of the copies that are kept in the studio's folder. */
    @PostMapping("/copies/{name}")
    OpenedCopyView reopen(@PathVariable String name) throws IOException {
        Path copy = copies.saved().stream()
                .filter(file -> file.getFileName().toString().equals(name))
                .findFirst()
                .orElseThrow(() -> new MissingException("copy", name));
        try (InputStream in = Files.newInputStream(copy)) {
            return opened(in);
        }
    }

    private OpenedCopyView opened(InputStream copy) throws IOException {
        Path draft = copies.draft();
        try {
            write(copy, draft);
            Path before = copies.open(draft, "before-" + stamp());
            return new OpenedCopyView(before.getFileName().toString());
        } catch (UnfitFileException unfit) {
            String message = String.valueOf(unfit.getMessage()).replace(draft.toString(), "This file");
            throw new InvalidInputException(
                    "file", message, "a copy of a Fair Ember studio", "Choose a file that was saved as a copy.");
        } finally {
            for (String beside : new String[] {"", "-wal", "-shm", "-journal"}) {
                Files.deleteIfExists(draft.resolveSibling(draft.getFileName() + beside));
            }
        }
    }

    private static void write(InputStream in, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            byte[] part = new byte[1 << 16];
            long written = 0;
            for (int n = in.read(part); n >= 0; n = in.read(part)) {
                written += n;
                if (written > MOST) {
                    throw new InvalidInputException(
                            "file", "more than 1 GB", "up to 1 GB", "Choose a file that was saved as a copy.");
                }
                out.write(part, 0, n);
            }
        }
    }
}
