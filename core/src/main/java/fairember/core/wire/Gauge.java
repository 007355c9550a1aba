package fairember.core.wire;

import fairember.core.input.Span;

/**
 * The thickness of a wire.
 *
 * @param mm diameter, 0.1 to 6 mm
 */
public record Gauge(double mm) {
    public static final Span SPAN = Span.of("gaugeMm", "wire", 0.1, 6, "mm");

    public Gauge {
        SPAN.check(mm);
    }

    /** By its number in the American wire gauge: 0.127·92^((36 − n)/39) mm, exact by definition. */
    public static Gauge ofNumber(int number) {
        return new Gauge(0.127 * Math.pow(92, (36 - number) / 39.0));
    }

    /** The nearest number in the American wire gauge. */
    public int number() {
        return (int) Math.round(36 - 39 * Math.log(mm / 0.127) / Math.log(92));
    }
}
