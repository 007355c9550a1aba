package fairember.core.workings;

import java.util.ArrayList;
import java.util.List;

/**
 * The steps that made a figure: given values first, then worked ones, each over the symbols above it. Formulas use
 * + − · / ^ ² ³ ⅓ √( min( max( atan( ceil( exp( and π, so a test can evaluate them.
 *
 * @param title the figure, in words
 * @param lines the steps in order
 */
public record Workings(String title, List<Line> lines) {
    public Workings {
        lines = List.copyOf(lines);
    }

    public static Steps of(String title) {
        return new Steps(title);
    }

    /** Collects steps in the order they are given. */
    public static final class Steps {
        private final String title;
        private final List<Line> lines = new ArrayList<>();

        private Steps(String title) {
            this.title = title;
        }

        public Steps given(String symbol, String label, double value, String unit, Source source) {
            lines.add(new Line(symbol, label, value, unit, source, ""));
            return this;
        }

        public Steps worked(String symbol, String label, double value, String unit, String formula) {
            lines.add(new Line(symbol, label, value, unit, Source.WORKED, formula));
            return this;
        }

        public Workings done() {
            return new Workings(title, lines);
        }
    }
}
