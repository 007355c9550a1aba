package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.database.StudioSettings;
import fairember.app.document.SavedKind;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.core.ovensim.OvenFault;
import fairember.core.ovensim.OvenPreset;
import fairember.core.ovensim.SimulatedOven;
import fairember.core.studio.LoggedLoad;
import fairember.core.studio.OvenProbe;
import fairember.core.studio.StudioOven;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Simulated ovens: while a load is in one, it heats by the model and its probe says what it reads once a second of the
 * studio's time, through the same door and with a token as a real one would. In the demo studio they are on from the start.
 */
@Service
class SimulatedProbes {
    private static final Logger LOG = LoggerFactory.getLogger(SimulatedProbes.class);

    /** So much is made up for at once when it was not looked at for a while. */
    private static final Duration MOST_BEHIND = Duration.ofHours(9);

    private static final int MOST_AT_ONCE = 3600;

    /** The clock is kept every a number of seconds while it goes faster than the wall's. */
    private static final int SAVE_EVERY = 5;

    private final ProbeStore store;
    private final LoadStore loads;
    private final OvenStore ovens;
    private final StudioClock clock;
    private final JsonMapper mapper;
    private final SimulatedStore simulated;
    private final TransactionTemplate transaction;
    private final boolean demo;
    private final HttpClient http = HttpClient.newHttpClient();
    private final Map<Long, Running> running = new ConcurrentHashMap<>();
    private final ScheduledExecutorService ticking = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "simulated ovens");
        thread.setDaemon(true);
        return thread;
    });
    private int ticked;
    private volatile int port;
    private volatile @Nullable Future<?> ticks;

    /** An oven with a load in it, and up to when it was simulated. */
    private static final class Running {
        final long load;
        final OvenPreset preset;
        final SimulatedOven oven;
        Instant upTo;

        Running(long load, OvenPreset preset, SimulatedOven oven, Instant upTo) {
            this.load = load;
            this.preset = preset;
            this.oven = oven;
            this.upTo = upTo;
        }
    }

    SimulatedProbes(
            ProbeStore store,
            LoadStore loads,
            OvenStore ovens,
            StudioClock clock,
            JsonMapper mapper,
            SimulatedStore simulated,
            TransactionTemplate transaction,
            StudioSettings studio) {
        this.store = store;
        this.loads = loads;
        this.ovens = ovens;
        this.clock = clock;
        this.mapper = mapper;
        this.simulated = simulated;
        this.transaction = transaction;
        this.demo = studio.demo();
    }

    @EventListener
    void started(WebServerInitializedEvent server) {
        simulated.goOn(clock);
        port = server.getWebServer().getPort();
        ticks = ticking.scheduleWithFixedDelay(this::tick, 1, 1, TimeUnit.SECONDS);
    }

    SimulatedForm settings(long ovenId) {
        SimulatedForm usual = new SimulatedForm(demo, OvenPreset.HOUSEHOLD, OvenFault.NONE, 1);
        SimulatedForm set = simulated.find(ovenId).orElse(usual);
        return new SimulatedForm(set.on(), set.preset(), set.fault(), clock.speed());
    }

    void set(long ovenId, SimulatedForm form) {
        transaction.executeWithoutResult(status -> {
            simulated.put(ovenId, form);
            if (form.speed() != clock.speed()) {
                clock.speed(form.speed());
                simulated.keep(clock);
            }
        });
    }

    private void tick() {
        try {
            if (clock.speed() != 1 && ++ticked % SAVE_EVERY == 0) {
                transaction.executeWithoutResult(status -> simulated.keep(clock));
            }
            List<SavedKind.Saved<LoggedLoad>> in = loads.inOvens();
            running.keySet().removeIf(id -> in.stream().noneMatch(l -> l.value().ovenId() == id));
            for (SavedKind.Saved<LoggedLoad> load : in) {
                long id = load.value().ovenId();
                if (settings(id).on()) {
                    goOn(id, load);
                }
            }
        } catch (IOException | RuntimeException trouble) {
            LOG.warn("A simulated oven could not take its next step: {}", trouble.toString());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void goOn(long id, SavedKind.Saved<LoggedLoad> load) throws IOException, InterruptedException {
        SimulatedForm form = settings(id);
        Running now = running.get(id);
        if (now == null || now.load != load.id() || now.preset != form.preset()) {
            now = begin(id, load, form);
            running.put(id, now);
        }
        now.oven.fault(form.fault());
        Instant until = clock.instant();
        List<Given> readings = new ArrayList<>();
        int steps = 0;
        while (!now.upTo.plusSeconds(1).isAfter(until) && steps++ < MOST_AT_ONCE) {
            now.upTo = now.upTo.plusSeconds(1);
            now.oven.go(1);
            String at = now.upTo.toString();
            now.oven.read().ifPresent(c -> readings.add(new Given(at, Math.round(c * 10) / 10.0)));
        }
        if (!readings.isEmpty()) {
            send(id, readings);
        }
    }

    /** A hot oven whose door was just opened for the load; it begins when the load went in, or where readings end. */
    private Running begin(long id, SavedKind.Saved<LoggedLoad> load, SimulatedForm form) {
        StudioOven measures = ovens.find(id).orElseThrow().value();
        double wanted = load.value().temp().c();
        SimulatedOven oven = SimulatedOven.loaded(form.preset(), measures.setting(wanted), load.id());
        Instant in = load.value().inAt().truncatedTo(ChronoUnit.SECONDS);
        Instant last = store.last(id)
                .map(row -> Instant.ofEpochSecond(row.atMs() / 1000))
                .orElse(in);
        Instant behind = clock.instant().minus(MOST_BEHIND).truncatedTo(ChronoUnit.SECONDS);
        Instant from = last.isAfter(in) ? last : in;
        oven.go((double) Math.min(3600, Math.max(0, Duration.between(in, from).toSeconds())));
        return new Running(load.id(), form.preset(), oven, from.isBefore(behind) ? behind : from);
    }

    /** A reading as a probe sends it. */
    private record Given(String at, double tempC) {}

    private String token(long id) {
        return store.token(id).orElseGet(() -> {
            OvenProbe fresh = store.fresh();
            transaction.executeWithoutResult(status -> store.put(id, fresh));
            return fresh.token();
        });
    }

    private void send(long id, List<Given> readings) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/probe/readings"))
                .header("Content-Type", "application/json")
                .header("Authorization", "Bearer " + token(id))
                .POST(HttpRequest.BodyPublishers.ofString(mapper.writeValueAsString(Map.of("readings", readings))))
                .build();
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            LOG.warn("The door answered a simulated probe with {}", answer.statusCode());
        }
    }

    /** While there still is a door to knock at. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        Future<?> last = ticks;
        if (last != null) {
            last.cancel(true);
        }
        ticking.shutdownNow();
        if (clock.speed() != 1) {
            transaction.executeWithoutResult(status -> simulated.keep(clock));
        }
    }
}
