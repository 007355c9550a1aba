package fairember.app.demo;

import fairember.app.database.StudioSettings;
import fairember.app.journal.Journal;
import fairember.app.settings.SettingsStore;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Objects;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Fills a new studio: with the demo, or with nothing but sensible settings and a common oven. Both are files of entry things;
 * "@day+12" in them is twelve days from now, "@instant-94" ninety-four minutes ago. It is done before the first question is answered.
 */
@Component
class FirstStart implements SmartInitializingSingleton {
    private static final Pattern WHEN = Pattern.compile("@(day|instant)([+-]\\d+)");

    private final StudioSettings start;
    private final SettingsStore settings;
    private final Journal journal;
    private final JsonMapper mapper;
    private final Clock clock;
    private final DemoReadings readings;
    private final TransactionTemplate transaction;

    FirstStart(
            StudioSettings start,
            SettingsStore settings,
            Journal journal,
            JsonMapper mapper,
            Clock clock,
            DemoReadings readings,
            TransactionTemplate transaction) {
        this.start = start;
        this.settings = settings;
        this.journal = journal;
        this.mapper = mapper;
        this.clock = clock;
        this.readings = readings;
        this.transaction = transaction;
    }

    @Override
    public void afterSingletonsInstantiated() {
        transaction.executeWithoutResult(status -> {
            if (settings.find(SettingsStore.ID).isEmpty()) {
                fill(start.demo() ? "/demo/studio.json" : "/demo/empty.json");
                readings.fill();
            }
        });
    }

    private void fill(String file) {
        LocalDateTime now = LocalDateTime.now(clock).withSecond(0).withNano(0);
        String dated = WHEN.matcher(text(file)).replaceAll(found -> when(found, now));
        for (JsonNode entry : mapper.readTree(dated)) {
            journal.plant(entry.path("kind").asString(), entry.path("id").asLong(), entry.path("form"));
        }
    }

    private String when(MatchResult found, LocalDateTime now) {
        long offset = Long.parseLong(found.group(2));
        if (found.group(1).equals("instant")) {
            return now.plusMinutes(offset).atZone(clock.getZone()).toInstant().toString();
        }
        LocalDate day = now.toLocalDate().plusDays(offset);
        return day.toString();
    }

    private static String text(String file) {
        try (InputStream stream = Objects.requireNonNull(FirstStart.class.getResourceAsStream(file))) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
