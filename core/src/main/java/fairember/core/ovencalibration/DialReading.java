package fairember.core.ovencalibration;

import fairember.core.input.Gathering;
import fairember.core.input.Span;

/**
 * A thermometer in the oven, read when the heat had settled.
 *
 * @param dialC what the dial was set to, 40 to 260 °C
 * @param readC what the thermometer read, 30 to 300 °C
 */
public record DialReading(double dialC, double readC) {
    public static final Span DIAL = Span.of("dialC", "dial", 40, 260, "°C");
    public static final Span READ = Span.of("readC", "thermometer", 30, 300, "°C");

    public DialReading {
        Gathering g = new Gathering();
        g.within(DIAL, dialC);
        g.within(READ, readC);
        g.orRefuse();
    }
}
