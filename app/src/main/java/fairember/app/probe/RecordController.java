package fairember.app.probe;

import fairember.app.live.LiveUpdates;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Records of loads, live and afterwards. */
@RestController
@RequestMapping("/api/baking")
class RecordController {
    private final LoadRecords records;
    private final ProbeDoor door;
    private final LiveUpdates live;

    RecordController(LoadRecords records, ProbeDoor door, LiveUpdates live) {
        this.records = records;
        this.door = door;
        this.live = live;
    }

    @GetMapping("/loads/{id}/record")
    RecordView record(@PathVariable long id) {
        return records.record(id);
    }

    /** Its readings; for spreadsheets with decimal commas also with semicolons and a byte-order mark. */
    @GetMapping(path = "/loads/{id}/readings.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@PathVariable long id, @RequestParam(defaultValue = "false") boolean decimalCommas) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=load-" + id + ".csv")
                .body(records.csv(id, decimalCommas));
    }

    /** Takes the readings of a probe that kept them to itself, for the oven this load was in. */
    @PostMapping(
            path = "/loads/{id}/readings",
            consumes = {"text/csv", MediaType.APPLICATION_OCTET_STREAM_VALUE})
    TakenView upload(@PathVariable long id, @RequestBody String csv) {
        return door.take(records.ovenOf(id), door.read(csv));
    }

    /** Says, as server-sent events named read, each time a probe has read something. */
    @GetMapping(path = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live() {
        return live.open();
    }
}
