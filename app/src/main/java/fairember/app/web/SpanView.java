package fairember.app.web;

import fairember.core.input.Span;

/** What one field may be, as it goes out. */
public record SpanView(String field, String label, double low, double high, String unit, boolean whole) {
    public static SpanView of(Span span) {
        return new SpanView(span.field(), span.label(), span.low(), span.high(), span.unit(), span.whole());
    }
}
