package fairember.core.design;

import fairember.core.input.Span;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;

/**
 * The air in which paint dries.
 *
 * @param temperature 5 to 40 °C
 * @param humidity 10 to 95 %
 */
public record Room(Temperature temperature, Share humidity) {
    public static final Span TEMPERATURE = Span.of("roomC", "room", 5, 40, "°C");
    public static final Span HUMIDITY = Span.of("humidityPercent", "humidity", 10, 95, "%");
    /** What drying times on a bottle are said for. */
    public static final Room USUAL = new Room(new Temperature(20), Share.ofPercent(50));

    private static final double MAGNUS_A = 17.62;
    private static final double MAGNUS_B = 243.12;
    private static final double MAGNUS_HPA = 6.112;
    private static final double LEAST = 0.4;
    private static final double MOST = 4;

    public Room {
        TEMPERATURE.check(temperature.c());
        HUMIDITY.check(humidity.percent());
    }

    /** How much drier the air could be, as a pressure in hPa: what is missing to saturation (Magnus' formula). */
    public double deficit() {
        double t = temperature.c();
        return MAGNUS_HPA * Math.exp(MAGNUS_A * t / (MAGNUS_B + t)) * (1 - humidity.of1());
    }

    /** How many times as long a coat that dries with its water takes here as in the usual room; 0.4 to 4. */
    public double slowness() {
        return Math.min(MOST, Math.max(LEAST, USUAL.deficit() / deficit()));
    }
}
