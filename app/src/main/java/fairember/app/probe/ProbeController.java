package fairember.app.probe;

import fairember.app.journal.Journal;
import fairember.app.journal.MissingException;
import fairember.app.oven.OvenStore;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The door for probes, opened by a token, and what stands behind it for each oven. */
@RestController
class ProbeController {
    private static final String BEARER = "Bearer ";

    private final ProbeStore store;
    private final ProbeDoor door;
    private final SimulatedProbes simulated;
    private final OvenStore ovens;
    private final Journal journal;

    ProbeController(ProbeStore store, ProbeDoor door, SimulatedProbes simulated, OvenStore ovens, Journal journal) {
        this.store = store;
        this.door = door;
        this.simulated = simulated;
        this.ovens = ovens;
        this.journal = journal;
    }

    /** Takes readings of the probe that the token belongs to: {@code Authorization: Bearer <token>}. */
    @PostMapping(path = "/api/probe/readings", consumes = MediaType.APPLICATION_JSON_VALUE)
    TakenView readings(
            @RequestHeader(name = "Authorization", required = false) @Nullable String authorization,
            @RequestBody ProbeReadings form) {
        return door.take(oven(authorization), form);
    }

    /** The same as CSV with the columns at and temp_c. */
    @PostMapping(path = "/api/probe/readings", consumes = "text/csv")
    TakenView csv(
            @RequestHeader(name = "Authorization", required = false) @Nullable String authorization,
            @RequestBody String csv) {
        return door.take(oven(authorization), door.read(csv));
    }

    private long oven(@Nullable String authorization) {
        return Optional.ofNullable(authorization)
                .filter(given -> given.startsWith(BEARER))
                .flatMap(given -> store.ovenOf(given.substring(BEARER.length()).strip()))
                .orElseThrow(UnknownTokenException::new);
    }

    /**
     * The probe of an oven.
     *
     * @param token that opens the door; nothing before one was made
     * @param lastC what it read last; nothing before the first reading
     * @param simulated the oven that stands in for one
     */
    record ProbeView(@Nullable String token, @Nullable Double lastC, SimulatedForm simulated) {}

    @GetMapping("/api/ovens/{id}/probe")
    ProbeView probe(@PathVariable long id) {
        check(id);
        return new ProbeView(
                store.token(id).orElse(null),
                store.last(id).map(ProbeStore.Row::tempC).orElse(null),
                simulated.settings(id));
    }

    /** Gives the probe another token; the old one opens nothing any more. */
    @PostMapping("/api/ovens/{id}/probe/token")
    ProbeView renew(@PathVariable long id) {
        journal.together(() -> {
            check(id);
            journal.set(store, id, "new password for a probe", store.fresh());
            return id;
        });
        return probe(id);
    }

    /** Says whether an oven is simulated, of what kind, with which fault and how fast the studio's time goes. */
    @PutMapping("/api/ovens/{id}/probe/simulated")
    ProbeView simulate(@PathVariable long id, @RequestBody SimulatedForm form) {
        check(id);
        simulated.set(id, form);
        return probe(id);
    }

    private void check(long id) {
        if (ovens.find(id).isEmpty()) {
            throw new MissingException("oven", id);
        }
    }
}
