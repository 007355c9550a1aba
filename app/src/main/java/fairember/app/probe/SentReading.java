package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.web.CsvText;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A reading as a probe given it, before anybody has looked whether it can be.
 *
 * @param at when; null when that cannot be read
 * @param tempC what; null when that cannot be read
 * @param foundAt the time as it was written
 * @param foundC the temperature as it was written
 */
record SentReading(@Nullable Instant at, @Nullable Double tempC, String foundAt, String foundC) {
    private static final Map<String, DoubleUnaryOperator> UNITS =
            Map.of("", c -> c, "C", c -> c, "°C", c -> c, "F", f -> (f - 32) / 1.8, "°F", f -> (f - 32) / 1.8);
    private static final double COLDEST_C = -40;
    private static final double HOTTEST_C = 400;
    private static final int AHEAD_S = 300;
    private static final long OLDEST_S = 3660L * 24 * 3600;

    static SentReading of(Instant at, double tempC) {
        return new SentReading(at, tempC, at.toString(), Figures.show(tempC));
    }

    static SentReading of(@Nullable JsonNode json, ZoneId zone) {
        if (json == null || !json.isObject()) {
            String found = json == null ? "nothing" : shortened(json.toString());
            return new SentReading(null, null, found, found);
        }
        JsonNode at = json.path("at");
        JsonNode c = json.path("tempC");
        return new SentReading(
                at.isString() ? time(at.asString(), zone) : null,
                c.isNumber() ? (Double) c.asDouble() : null,
                found(at),
                found(c));
    }

    static SentReading of(@Nullable String at, @Nullable String c, boolean semicolons, ZoneId zone) {
        return new SentReading(
                at == null ? null : time(at, zone),
                c == null ? null : number(c, semicolons),
                at == null || at.isBlank() ? "nothing" : shortened(at),
                c == null || c.isBlank() ? "nothing" : shortened(c));
    }

    private static String found(JsonNode value) {
        return value.isMissingNode() || value.isNull() ? "nothing" : shortened(value.toString());
    }

    private static String shortened(String found) {
        return found.length() > 40 ? found.substring(0, 40) + "…" : found;
    }

    private static @Nullable Instant time(String text, ZoneId zone) {
        try {
            return StudioClock.parse(text.strip(), zone);
        } catch (DateTimeException none) {
            return null;
        }
    }

    private static @Nullable Double number(String text, boolean semicolons) {
        try {
            return CsvText.number("temp_c", text, semicolons, UNITS);
        } catch (InvalidInputException none) {
            return null;
        }
    }

    /** What is wrong with it, as the reading at a place; null when it can be kept. */
    TakenView.@Nullable RefusedReadingView error(int place, Instant now) {
        if (at == null) {
            return new TakenView.RefusedReadingView(
                    place,
                    "at: " + foundAt,
                    "a time such as 2026-11-26T11:07:30 or 2026-11-26T11:07:30+01:00",
                    "Send the time of the reading.");
        }
        if (tempC == null || !Double.isFinite(tempC) || tempC < COLDEST_C || tempC > HOTTEST_C) {
            return new TakenView.RefusedReadingView(
                    place,
                    tempC == null ? "temperature: " + foundC : Figures.show(tempC, "°C"),
                    Figures.show(COLDEST_C) + " to " + Figures.show(HOTTEST_C, "°C"),
                    "Check the probe and its lead.");
        }
        if (at.isAfter(now.plusSeconds(AHEAD_S)) || at.isBefore(now.minusSeconds(OLDEST_S))) {
            return new TakenView.RefusedReadingView(
                    place, foundAt, "a time from ten years ago to now, " + now, "Set the probe's clock.");
        }
        return null;
    }
}
