package fairember.app.daybook;

import fairember.app.clock.StudioClock;
import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.document.SavedKind;
import fairember.app.journal.Earlier;
import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.oven.LoadStore;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.LineKind;
import fairember.core.design.CheckLine;
import fairember.core.design.CheckTime;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.studio.LoggedLoad;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The daybook: what happened at the bench, line by line. */
@RestController
@RequestMapping("/api/daybook")
class DaybookController {
    /** Lines may be written for so long ahead: clocks differ, and summer time begins. */
    private static final long AHEAD_S = 24 * 3600;

    private static final Span MOST = Span.count("most", "lines", 1, 500);

    private final DaybookStore store;
    private final DaybookLines lines;
    private final DaybookCsv csv;
    private final LoadStore loads;
    private final DesignStore designs;
    private final Database database;
    private final Journal journal;
    private final StudioClock clock;

    DaybookController(
            DaybookStore store,
            DaybookLines lines,
            DaybookCsv csv,
            LoadStore loads,
            DesignStore designs,
            Database database,
            Journal journal,
            StudioClock clock) {
        this.store = store;
        this.lines = lines;
        this.csv = csv;
        this.loads = loads;
        this.designs = designs;
        this.database = database;
        this.journal = journal;
        this.clock = clock;
    }

    /** A line, with the names of what it is about. */
    record DaybookLineView(
            long id, int edition, DaybookLine line, String batchName, String designName, String mixName) {
        static DaybookLineView of(SavedKind.Saved<DaybookLine> saved, Names names) {
            DaybookLine line = saved.value();
            return new DaybookLineView(
                    saved.id(),
                    saved.edition(),
                    line,
                    names.of("batch", line.batchId()),
                    names.of("design", line.designId()),
                    names.of("mix", line.mixId()));
        }
    }

    /** A load of the oven in the daybook; it is kept with the oven's loads. */
    record BakeLineView(
            long loadId,
            Instant inAt,
            @Nullable Instant outAt,
            double tempC,
            double bakingMin,
            int things,
            List<String> of) {
        static BakeLineView of(SavedKind.Saved<LoggedLoad> saved, Names names) {
            LoggedLoad load = saved.value();
            return new BakeLineView(
                    saved.id(),
                    load.inAt(),
                    load.outAt(),
                    load.temp().c(),
                    load.baking().min(),
                    load.items().stream().mapToInt(item -> item.count()).sum(),
                    load.items().stream()
                            .map(item -> names.of("design", item.designId()))
                            .distinct()
                            .toList());
        }
    }

    /**
     * A page of the daybook, the latest first.
     *
     * @param earlier moment before which more lines may stand; null when this is all
     */
    record DaybookView(
            List<DaybookLineView> lines,
            List<BakeLineView> bakes,
            @Nullable Instant earlier) {}

    /** Lines before a moment, the latest first; of one batch or one kind, when that is asked. */
    @GetMapping
    DaybookView lines(
            @RequestParam(required = false) @Nullable Instant before,
            @RequestParam(required = false) @Nullable Long batchId,
            @RequestParam(required = false) @Nullable LineKind kind,
            @RequestParam(defaultValue = "100") int most) {
        MOST.check(most);
        Instant end = before == null ? Instant.MAX : before;
        Names names = new Names(database);
        List<SavedKind.Saved<DaybookLine>> found =
                store.before(before == null ? clock.instant().plusSeconds(AHEAD_S) : before, batchId, kind, most);
        boolean more = found.size() == most;
        Instant begin = more ? found.get(most - 1).value().at() : Instant.MIN;
        List<BakeLineView> bakes = kind != null
                ? List.of()
                : loads.all().stream()
                        .filter(load -> load.value().inAt().isBefore(end)
                                && !load.value().inAt().isBefore(begin))
                        .filter(load -> batchId == null
                                || load.value().items().stream().anyMatch(item -> item.batchId() == batchId))
                        .map(load -> BakeLineView.of(load, names))
                        .toList();
        return new DaybookView(
                found.stream().map(saved -> DaybookLineView.of(saved, names)).toList(), bakes, more ? begin : null);
    }

    /** The number of a line. */
    record AddedLineView(long id) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AddedLineView add(@RequestBody DaybookLine line) {
        return new AddedLineView(lines.add(written(line)));
    }

    private DaybookLine written(DaybookLine line) {
        line.refuseForgotten();
        if (line.at().isAfter(clock.instant().plusSeconds(AHEAD_S))) {
            throw new InvalidInputException(
                    "at", line.at().toString(), "a time up to tomorrow", "Enter when it happened.");
        }
        return line;
    }

    @PutMapping("/{id}")
    DaybookLineView replace(@PathVariable long id, @RequestParam int edition, @RequestBody DaybookLine line) {
        lines.replace(id, edition, written(line));
        return store.find(id)
                .map(saved -> DaybookLineView.of(saved, new Names(database)))
                .orElseThrow(() -> new MissingException("line", id));
    }

    @DeleteMapping("/{id}")
    void remove(@PathVariable long id, @RequestParam int edition) {
        lines.remove(id, edition);
    }

    /** A new line of checks: what is looked at, and before what. */
    record CheckForm(
            @Name String words, @Default("LAST_BAKE") CheckTime before) {}

    /** Makes a line of the checks of what a line is about: it was forgotten once. */
    @PostMapping("/{id}/check")
    void check(@PathVariable long id, @RequestBody CheckForm form) {
        journal.together(() -> {
            DaybookLine line = store.find(id)
                    .orElseThrow(() -> new MissingException("line", id))
                    .value();
            Long designId = line.designId();
            if (designId == null) {
                throw new InvalidInputException(
                        "designId", "no design", "a line about a design", "Say which design it was about.");
            }
            LocalDate slipped = line.at().atZone(clock.getZone()).toLocalDate();
            CheckLine check = new CheckLine(form.words(), form.before(), null, slipped);
            String words = "check '%s'".formatted(check.words());
            journal.change(designs, designId, words, design -> design.checking(check));
            return words;
        });
    }

    /** A line as it was before it was changed. */
    record EarlierLineView(Instant changedAt, DaybookLine line) {
        static EarlierLineView of(Earlier<DaybookLine> earlier) {
            return new EarlierLineView(earlier.at(), earlier.before());
        }
    }

    /** What a line was before each of its changes, the first change first. */
    @GetMapping("/{id}/earlier")
    List<EarlierLineView> earlier(@PathVariable long id) {
        if (store.find(id).isEmpty()) {
            throw new MissingException("line", id);
        }
        return journal.earlier(store, id).stream().map(EarlierLineView::of).toList();
    }

    /** All lines; for spreadsheets with decimal commas also with semicolons and a byte-order mark. */
    @GetMapping(path = "/lines.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> text(@RequestParam(defaultValue = "false") boolean decimalCommas) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=daybook.csv")
                .body(csv.text(decimalCommas));
    }

    /** How many lines were taken. */
    record TakenLinesView(int lines) {}

    /** Takes lines: all of them, in one step that can be undone, or none. */
    @PostMapping(
            path = "/lines.csv",
            consumes = {"text/csv", MediaType.APPLICATION_OCTET_STREAM_VALUE})
    TakenLinesView take(@RequestBody String text) {
        List<DaybookLine> lines = csv.read(text);
        journal.together(() -> {
            lines.forEach(line -> journal.add(store, line));
            journal.call("added " + lines.size() + " lines to the daybook");
            return "";
        });
        return new TakenLinesView(lines.size());
    }
}
