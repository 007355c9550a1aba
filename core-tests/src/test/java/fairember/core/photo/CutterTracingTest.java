package fairember.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.input.InvalidInputException;
import fairember.core.outline.CutShape;
import fairember.core.outline.Cutter;
import fairember.core.outline.CutterFamily;
import fairember.core.quantity.Length;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A cutter that is drawn on paper in uneven light has, traced, the size that it was drawn at. */
public class CutterTracingTest {
    private static final int SIDE = 700;
    private static final double DOTS_PER_MM = 8;
    private static final CutterTracing.Known KNOWN =
            new CutterTracing.Known(new Spot(0.1, 0.95), new Spot(0.9, 0.95), new Length(0.8 * SIDE / DOTS_PER_MM));
    private static final Spot MIDDLE = new Spot(0.5, 0.5);

    private static Path2D path(CutShape shape) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        CutShape.Ring ring = shape.rings().get(0);
        for (int i = 0; i < ring.size(); i++) {
            if (i == 0) {
                path.moveTo(ring.x(0), ring.y(0));
            } else {
                path.lineTo(ring.x(i), ring.y(i));
            }
        }
        path.closePath();
        return path;
    }

    /** The cutter seen from above, its wall outside of its outline; light falls off across the paper, and there is grain. */
    private static BufferedImage photo(CutShape shape, double wallMm, SplittableRandom random) {
        BufferedImage picture = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = picture.createGraphics();
        drawn.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawn.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        drawn.setColor(Color.WHITE);
        drawn.fillRect(0, 0, SIDE, SIDE);
        drawn.translate(SIDE / 2.0, SIDE / 2.0);
        drawn.scale(DOTS_PER_MM, -DOTS_PER_MM);
        drawn.translate(0, -shape.height().mm() / 2);
        Path2D path = path(shape);
        drawn.setColor(new Color(70, 70, 76));
        drawn.setStroke(new BasicStroke((float) (2 * wallMm), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        drawn.draw(path);
        if (wallMm > 0.01) {
            drawn.setColor(Color.WHITE);
        }
        drawn.fill(path);
        double right = random.nextDouble(-0.4, 0.4);
        double down = random.nextDouble(-0.3, 0.3);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                double light = 0.75 * (1 + right * (x / (double) SIDE - 0.5) + down * (y / (double) SIDE - 0.5))
                        + random.nextDouble(-0.02, 0.02);
                int rgb = picture.getRGB(x, y);
                int grey = (int) Math.max(0, Math.min(255, (rgb & 0xff) * light));
                picture.setRGB(x, y, grey << 16 | grey << 8 | grey);
            }
        }
        return picture;
    }

    @DataProvider
    public Object[][] families() {
        return Arrays.stream(CutterFamily.values())
                .map(family -> new Object[] {family, family.ordinal() % 2})
                .toArray(Object[][]::new);
    }

    private static CutShape cutter(CutterFamily family, SplittableRandom random) {
        double wide = random.nextDouble(15, 40);
        return CutShape.of(new Cutter(family, wide, wide * random.nextDouble(1.1, 1.4), 5, wide * 0.6, 2)
                .outline()
                .rings()
                .subList(0, 1));
    }

    @Test(dataProvider = "families")
    public void aCutterIsAsLargeAsItWasDrawn(CutterFamily family, int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        CutShape shape = cutter(family, random);
        double wall = random.nextDouble(0.6, 1.5);
        BufferedImage photo = photo(shape, wall, random);
        CutterTracing inside = CutterTracing.trace(photo, MIDDLE, KNOWN, CutterTracing.Edge.INSIDE);
        CutterTracing outside = CutterTracing.trace(photo, MIDDLE, KNOWN, CutterTracing.Edge.OUTSIDE);
        assertThat(inside.dot().mm()).isCloseTo(1 / DOTS_PER_MM, within(1e-9));
        // Along its whole edge it is true to half a dot; tips are rounded off by what smooths the grain.
        double half = inside.dot().mm() / 2;
        assertThat(inside.outline().area().mm2())
                .isCloseTo(shape.area().mm2(), within(half * shape.edge().mm()));
        assertThat(inside.outline().width().mm()).isCloseTo(shape.width().mm(), within(0.6));
        assertThat(outside.outline().width().mm())
                .isBetween(shape.width().mm() + 2 * wall - 0.4, shape.width().mm() + 2 * wall + 0.2);
        assertThat(outside.outline().area().mm2())
                .isGreaterThan(inside.outline().area().mm2());
        assertThat(inside.outline().rings()).hasSize(1);
        assertThat(inside.outline().rings().get(0).size()).isLessThan(400);
        assertThat(inside.line()).isNotEmpty().hasSizeLessThan(700);
    }

    /** Clay that was cut out, or a print of the cutter: dark all over, one edge. */
    @Test
    public void whatIsDarkAllOverHasOneEdge() {
        SplittableRandom random = new SplittableRandom(7);
        CutShape shape = cutter(CutterFamily.HEART, random);
        BufferedImage photo = photo(shape, 0, random);
        for (CutterTracing.Edge edge : CutterTracing.Edge.values()) {
            CutShape traced = CutterTracing.trace(photo, MIDDLE, KNOWN, edge).outline();
            assertThat(traced.area().mm2())
                    .isCloseTo(shape.area().mm2(), within(shape.edge().mm() * 0.05));
        }
    }

    @Test
    public void whatHasNoLineRoundItOrNoLengthIsRefused() {
        SplittableRandom random = new SplittableRandom(3);
        BufferedImage photo = photo(cutter(CutterFamily.ROUND, random), 1, random);
        assertThatThrownBy(() -> CutterTracing.trace(photo, new Spot(0.05, 0.05), KNOWN, CutterTracing.Edge.INSIDE))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("no closed line round this place");
        CutterTracing.Known tiny = new CutterTracing.Known(MIDDLE, new Spot(0.51, 0.5), new Length(10));
        assertThatThrownBy(() -> CutterTracing.trace(photo, MIDDLE, tiny, CutterTracing.Edge.INSIDE))
                .hasMessageContaining("7 points of the photo");
        BufferedImage bare = new BufferedImage(60, 60, BufferedImage.TYPE_INT_RGB);
        assertThatThrownBy(() -> CutterTracing.trace(
                        bare,
                        MIDDLE,
                        new CutterTracing.Known(new Spot(0, 0), new Spot(1, 1), new Length(10)),
                        CutterTracing.Edge.INSIDE))
                .isInstanceOf(InvalidInputException.class);
    }
}
