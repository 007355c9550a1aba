package fairember.app.demo;

import fairember.app.database.StudioSettings;
import fairember.app.keeping.Keeping;
import fairember.app.ways.WaysStore;
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
 * Fills a new studio: with the demo, or with nothing but sensible ways and a common oven. Both are files of kept things;
 * "@day+12" in them is twelve days from now, "@instant-94" ninety-four minutes ago. It is done before the first question is answered.
 */
@Component
class FirstStart implements SmartInitializingSingleton {
    private static final Pattern WHEN = Pattern.compile("@(day|instant)([+-]\\d+)");

    private final StudioSettings settings;
    private final WaysStore ways;
    private final Keeping keeping;
    private final JsonMapper mapper;
    private final Clock clock;
    private final DemoReadings readings;
    private final TransactionTemplate transaction;

    FirstStart(
            StudioSettings settings,
            WaysStore ways,
            Keeping keeping,
            JsonMapper mapper,
            Clock clock,
            DemoReadings readings,
            TransactionTemplate transaction) {
        this.settings = settings;
        this.ways = ways;
        this.keeping = keeping;
        this.mapper = mapper;
        this.clock = clock;
        this.readings = readings;
        this.transaction = transaction;
    }

    @Override
    public void afterSingletonsInstantiated() {
        transaction.executeWithoutResult(status -> {
            if (ways.find(WaysStore.ID).isEmpty()) {
                fill(settings.demo() ? "/demo/studio.json" : "/demo/empty.json");
                readings.fill();
            }
        });
    }

    private void fill(String file) {
        LocalDateTime now = LocalDateTime.now(clock).withSecond(0).withNano(0);
        String dated = WHEN.matcher(text(file)).replaceAll(found -> when(found, now));
        for (JsonNode kept : mapper.readTree(dated)) {
            keeping.plant(kept.path("kind").asString(), kept.path("id").asLong(), kept.path("form"));
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
