package fairember.core.printout;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/** Lays gauges and bending templates out on pages of A4, each with a bar of 100 mm to check the print by. */
public final class GaugeSheets {
    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double MARGIN = 12;
    private static final double ROOM = WIDTH - 2 * MARGIN;
    private static final double TEXT = 3.2;
    private static final double GAP = 4;
    /** Bars of one cord take no more of a page than this. */
    private static final double MOST_BARS = 60;

    /** The bar to check the print by. */
    public static final double CHECK_MM = 100;

    static final String CHECK =
            "This bar must measure 100 mm. If it does not, print again at 100 %, not fitted to the page.";

    private final String title;
    private final List<Sheet> sheets = new ArrayList<>();
    private List<Sheet.Mark> marks = new ArrayList<>();
    private double down;

    private GaugeSheets(String title) {
        this.title = title;
        begin();
    }

    /**
     * A circle as large as the ball of each portion and a bar as long as its cord, folded when it is longer than the page. A
     * ball or cord that no page can baking time is named, not drawn.
     */
    public static List<Sheet> portions(String title, List<GaugeItem> items) {
        GaugeSheets made = new GaugeSheets(title);
        items.forEach(made::item);
        return made.done();
    }

    /**
     * Every wire bent flat at true size, its thickness that of the wire.
     *
     * @throws InvalidInputException on "wires" when one is too large for the page
     */
    public static List<Sheet> bends(String title, List<Wire> wires) {
        GaugeSheets made = new GaugeSheets(title);
        wires.forEach(made::wire);
        return made.done();
    }

    private void begin() {
        marks = new ArrayList<>();
        marks.add(new Sheet.Text(MARGIN, MARGIN + TEXT, 4, title));
        marks.add(new Sheet.Bar(MARGIN, MARGIN + 8, CHECK_MM, 2));
        marks.add(new Sheet.Text(MARGIN, MARGIN + 15, TEXT, CHECK));
        down = MARGIN + 22;
    }

    private List<Sheet> done() {
        turn();
        return List.copyOf(sheets);
    }

    private void turn() {
        sheets.add(new Sheet(WIDTH, HEIGHT, marks));
    }

    private void need(double tall) {
        if (down + tall > HEIGHT - MARGIN) {
            turn();
            begin();
        }
    }

    private void item(GaugeItem item) {
        double ball = item.ball().mm();
        double thick = item.cordThick().mm();
        boolean drawn = ball <= ROOM;
        int bars = (int) Math.ceil(item.cord().mm() / ROOM - 1e-9);
        double bar = thick + 1;
        boolean barred = bars * bar <= MOST_BARS;
        need(TEXT + 2 + (drawn ? ball + 2 : 0) + (barred ? bars * bar : 0) + GAP);
        String large = (drawn ? "" : "  (ball too large to draw)") + (barred ? "" : "  (cord too long to draw)");
        String words = "%s  %s  ball %s mm  cord %s × %s mm"
                .formatted(
                        item.name(),
                        item.words(),
                        tenth(ball),
                        tenth(thick),
                        tenth(item.cord().mm()));
        marks.add(new Sheet.Text(MARGIN, down + TEXT, TEXT, words + large));
        down += TEXT + 2;
        if (drawn) {
            marks.add(new Sheet.Circle(MARGIN + ball / 2, down + ball / 2, ball));
            down += ball + 2;
        }
        if (barred) {
            double left = item.cord().mm();
            for (int i = 0; i < bars; i++) {
                marks.add(new Sheet.Bar(MARGIN, down, Math.min(left, ROOM), thick));
                left -= ROOM;
                down += bar;
            }
        }
        down += GAP;
    }

    private void wire(Wire wire) {
        List<Wire.Corner> corners = wire.corners();
        double thick = wire.gauge().mm();
        double left = corners.stream().mapToDouble(Wire.Corner::acrossMm).min().orElse(0);
        double right = corners.stream().mapToDouble(Wire.Corner::acrossMm).max().orElse(0);
        double low = corners.stream().mapToDouble(Wire.Corner::upMm).min().orElse(0);
        double high = corners.stream().mapToDouble(Wire.Corner::upMm).max().orElse(0);
        double room = HEIGHT - 2 * MARGIN - 34;
        if (right - left + thick > ROOM || high - low + thick > room) {
            throw new InvalidInputException(
                    "wires",
                    "%s, bent %s × %s mm".formatted(wire.name(), tenth(right - left), tenth(high - low)),
                    "up to %s × %s mm on a page".formatted(tenth(ROOM), tenth(room)),
                    "Fold it more, or add it as two wires.");
        }
        need(TEXT + 4 + high - low + thick + GAP);
        String words = "%s  %d per piece  %s of %s mm  cut %s mm"
                .formatted(
                        wire.name(),
                        wire.count(),
                        wire.metal().label(),
                        Figures.show(thick),
                        tenth(wire.length().mm()));
        marks.add(new Sheet.Text(MARGIN, down + TEXT, TEXT, words));
        down += TEXT + 4;
        List<Double> path = new ArrayList<>();
        for (Wire.Corner corner : corners) {
            path.add(MARGIN + thick / 2 + corner.acrossMm() - left);
            path.add(down + thick / 2 + high - corner.upMm());
        }
        marks.add(new Sheet.Path(path, thick));
        down += high - low + thick + GAP;
    }

    private static String tenth(double value) {
        return Figures.show(Math.round(value * 10) / 10.0);
    }
}
