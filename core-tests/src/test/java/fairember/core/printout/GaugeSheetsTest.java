package fairember.core.printout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.quantity.Length;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class GaugeSheetsTest {
    private static <T extends Sheet.Mark> List<T> all(List<Sheet> sheets, Class<T> kind) {
        return sheets.stream()
                .flatMap(sheet -> sheet.marks().stream())
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    @Test
    public void everyBallAndCordIsOnThePaperAtItsSizeAndNothingOverlaps() {
        SplittableRandom random = new SplittableRandom(9);
        List<GaugeItem> items = new ArrayList<>();
        double cords = 0;
        for (int i = 0; i < 60; i++) {
            double ball = random.nextDouble(2, 60);
            double cord = Math.min(900, Math.pow(ball, 3) / 1.5 / 36);
            cords += cord;
            items.add(new GaugeItem("part " + i, "9 g", new Length(ball), new Length(cord), new Length(6)));
        }
        List<Sheet> sheets = GaugeSheets.portions("Gauge", items);
        assertThat(all(sheets, Sheet.Circle.class))
                .extracting(Sheet.Circle::diameterMm)
                .isEqualTo(items.stream().map(i -> i.ball().mm()).toList());
        List<Sheet.Bar> bars = all(sheets, Sheet.Bar.class);
        assertThat(bars.stream()
                        .filter(b -> b.thickMm() == 6)
                        .mapToDouble(Sheet.Bar::lengthMm)
                        .sum())
                .isCloseTo(cords, within(1e-6));
        assertThat(bars.stream().filter(b -> b.thickMm() == 2).map(Sheet.Bar::lengthMm))
                .hasSameSizeAs(sheets)
                .allMatch(length -> length == GaugeSheets.CHECK_MM);
        for (Sheet sheet : sheets) {
            double lowest = 0;
            for (Sheet.Mark mark : sheet.marks()) {
                double top = 0;
                double bottom = 0;
                if (mark instanceof Sheet.Circle c) {
                    top = c.downMm() - c.diameterMm() / 2;
                    bottom = c.downMm() + c.diameterMm() / 2;
                    assertThat(c.acrossMm() + c.diameterMm() / 2).isLessThanOrEqualTo(sheet.widthMm() - 10);
                } else if (mark instanceof Sheet.Bar b) {
                    top = b.downMm();
                    bottom = b.downMm() + b.thickMm();
                    assertThat(b.acrossMm() + b.lengthMm()).isLessThanOrEqualTo(sheet.widthMm() - 10);
                }
                if (bottom > 0) {
                    assertThat(top).isGreaterThanOrEqualTo(lowest);
                    assertThat(bottom).isLessThanOrEqualTo(sheet.heightMm() - 10);
                    lowest = bottom;
                }
            }
        }
    }

    @Test
    public void whatNoPageHoldsIsNamed() {
        GaugeItem huge = new GaugeItem("Hull", "", new Length(300), new Length(9000), new Length(6));
        List<Sheet> sheets = GaugeSheets.portions("Gauge", List.of(huge));
        assertThat(all(sheets, Sheet.Circle.class)).isEmpty();
        assertThat(all(sheets, Sheet.Text.class)).anyMatch(t -> t.words().contains("ball too large to draw"));
    }

    @Test
    public void aWireIsDrawnBentAsLongAsItIsCut() {
        Wire.Leg leg = new Wire.Leg(new Length(40), 120);
        Wire wire = new Wire("Frame", new Gauge(1.2), Metal.STEEL, 1, List.of(leg, leg, leg));
        Sheet.Path path =
                all(GaugeSheets.bends("Bends", List.of(wire)), Sheet.Path.class).get(0);
        double length = 0;
        for (int i = 2; i < path.corners().size(); i += 2) {
            length += Math.hypot(
                    path.corners().get(i) - path.corners().get(i - 2),
                    path.corners().get(i + 1) - path.corners().get(i - 1));
        }
        assertThat(length).isCloseTo(wire.length().mm(), within(1e-9));
        Wire large = new Wire("Long", new Gauge(1), Metal.STEEL, 1, List.of(new Wire.Leg(new Length(400), 0)));
        assertThat(Refusals.of(() -> GaugeSheets.bends("Bends", List.of(large)))
                        .get(0)
                        .field())
                .isEqualTo("wires");
    }
}
