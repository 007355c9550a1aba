package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.input.InputError;
import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Length;
import java.util.Arrays;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Shapes that follow drawn lines: cords and strips along them, forms by their front and side. */
public class DrawnShapesTest {
    private static final Percentage TENTH_PERCENT = Percentage.withPercentage(0.1);
    private static final double PI = Math.PI;

    private static Length mm(double mm) {
        return new Length(mm);
    }

    private static DrawnLine straight(double... xy) {
        return new DrawnLine(Arrays.stream(xy).boxed().toList(), false);
    }

    private static DrawnLine oval(double wide, double high) {
        double[] xy = new double[2 * 360];
        for (int i = 0; i < 360; i++) {
            xy[2 * i] = wide / 2 * Math.cos(Math.toRadians(i));
            xy[2 * i + 1] = high / 2 * Math.sin(Math.toRadians(i));
        }
        return straight(xy);
    }

    private static DrawnLine rectangle(double wide, double high) {
        return straight(0, 0, wide, 0, wide, high, 0, high);
    }

    private static DrawnLine triangle(double wide, double high) {
        return straight(0, 0, wide, 0, wide / 2, high);
    }

    /** Ball of 20; ellipsoid 20 × 12 × 30; cone of 6 and 4; elliptic cylinder of 20 × 10; block nearly, for large n; wedge. */
    @DataProvider
    public Object[][] known() {
        Ellipsoid pressed = new Ellipsoid(mm(20), mm(12), mm(30));
        return new Object[][] {
            {oval(20, 20), oval(20, 20), 20, 2.0, PI * 8000 / 6, PI * 400, 20.0, 10.0},
            {
                oval(20, 30),
                oval(12, 30),
                30,
                2.0,
                pressed.volume().mm3(),
                pressed.surface().mm2(),
                12.0,
                15.0
            },
            {triangle(6, 4), triangle(6, 4), 4, 2.0, 12 * PI, 24 * PI, 3.0, 1.0},
            {rectangle(20, 30), rectangle(20, 30), 30, 2.0, 3000 * PI, 800 * PI, 20.0, 15.0},
            // A wedge on a round base: the rectangle of the front, the triangle of the side; a third less than half is
            // cut off.
            {rectangle(20, 30), triangle(20, 30), 30, 2.0, 1500 * PI, null, null, 10.0},
        };
    }

    @Test(dataProvider = "known")
    public void aFormByFrontAndSideIsTheKnownOneWithinAThousandth(
            DrawnLine front,
            DrawnLine side,
            double high,
            double n,
            double volume,
            Double surface,
            Double ball,
            double up) {
        FrontAndSide form = new FrontAndSide(front, side, mm(high), n);
        assertThat(form.volume().mm3()).isCloseTo(volume, TENTH_PERCENT);
        assertThat(form.centroidHeight().mm()).isCloseTo(up, Percentage.withPercentage(0.2));
        if (surface != null) {
            assertThat(form.surface().mm2()).isCloseTo(surface, TENTH_PERCENT);
            assertThat(form.thickestSection().mm()).isCloseTo(ball, Percentage.withPercentage(1));
        }
    }

    /** A pair of legs is two pieces of every level; drawn at another size it is the same form; a large n is nearly a block. */
    @Test
    public void legsSizesAndCorners() {
        DrawnLine legs = straight(0, 0, 6, 0, 6, 10, 14, 10, 14, 0, 20, 0, 20, 16, 0, 16);
        FrontAndSide form = new FrontAndSide(legs, rectangle(8, 16), mm(16), 2);
        assertThat(form.level(5)).hasSize(2);
        assertThat(form.volume().mm3()).isCloseTo(PI / 4 * (2 * 6 * 8 * 10 + 20 * 8 * 6), TENTH_PERCENT);
        FrontAndSide drawnLarge = new FrontAndSide(legs.times(3), rectangle(80, 160), mm(16), 2);
        assertThat(drawnLarge.volume().mm3()).isCloseTo(form.volume().mm3(), within(1e-6));
        assertThat(drawnLarge.box()).isEqualTo(form.box());
        FrontAndSide square = new FrontAndSide(rectangle(20, 30), rectangle(10, 30), mm(30), 20);
        assertThat(square.volume().mm3()).isBetween(0.985 * 6000, 6000.0);
        assertThat(new FrontAndSide(rectangle(20, 30), rectangle(10, 30), mm(30), 1).fill())
                .isCloseTo(0.5, within(1e-12));
    }

    /** The room in a ball is a ball; in a long form the wall is nowhere thicker than asked, and as thin as is found on a finer grid. */
    @Test
    public void theRoomForFoilLiesOneWallInsideBothOutlines() {
        FrontAndSide ball = new FrontAndSide(oval(30, 30), oval(30, 30), mm(30), 2);
        Inset even = ball.inset(mm(4), Floor.COVERED).orElseThrow();
        assertThat(even.volume().mm3()).isCloseTo(PI / 6 * 22 * 22 * 22, Percentage.withPercentage(0.3));
        assertThat(even.thinnest().mm()).isCloseTo(4, within(0.1));
        assertThat(even.thickest().diameter().mm()).isCloseTo(4, within(0.6));
        DrawnLine off = straight(0, 0, 20, 0, 20, 30, 10, 30);
        FrontAndSide uneven = new FrontAndSide(rectangle(40, 30), off, mm(30), 2);
        Inset.Core core =
                uneven.inset(mm(3), Floor.COVERED).orElseThrow().cores().get(0);
        assertThat(core.raisedMm()).isCloseTo(3, within(1e-6));
        assertThat(core.solid().box().width().mm()).isCloseTo(34, within(0.05));
        // The slope of the side leans in toward the one who looks; the room moves away from it.
        assertThat(core.frontMm()).isLessThan(-0.05);
        assertThat(uneven.inset(mm(9), Floor.COVERED)).isEmpty();
    }

    /** A straight line is a cord or a block; a smooth arc through a circle's points has the circle's length. */
    @Test
    public void cordsAndStripsAreAsLongAsTheirLine() {
        LineCord cord = new LineCord(straight(0, 0, 18, 24), mm(4));
        assertThat(cord.volume()).isEqualTo(new Cord(mm(4), mm(30)).volume());
        assertThat(cord.surface()).isEqualTo(new Cord(mm(4), mm(30)).surface());
        LineStrip strip = new LineStrip(straight(0, 0, 30, 0), mm(6), mm(2));
        Block block = new Block(mm(30), mm(6), mm(2));
        assertThat(strip.volume()).isEqualTo(block.volume());
        assertThat(strip.surface()).isEqualTo(block.surface());
        assertThat(strip.box()).isEqualTo(block.box());
        double[] arc = new double[2 * 7];
        for (int i = 0; i < 7; i++) {
            arc[2 * i] = 20 * Math.cos(i * PI / 6);
            arc[2 * i + 1] = 20 * Math.sin(i * PI / 6);
        }
        DrawnLine half = new DrawnLine(Arrays.stream(arc).boxed().toList(), true);
        assertThat(new LineCord(half, mm(3)).centreLine().mm()).isCloseTo(20 * PI, Percentage.withPercentage(0.5));
        // Its middle lies 2·r/π above the diameter, which is d/2 above the box's lower edge.
        Point3 middle = new LineCord(half, mm(3)).centroid();
        assertThat(middle.acrossMm()).isCloseTo(0, within(0.001));
        assertThat(Shapes.area(new LineStrip(half, mm(3), mm(1)).plan().get(0)))
                .isCloseTo(3 * 20 * PI, Percentage.withPercentage(1));
    }

    @Test
    public void aRingOfLineHasAHole() {
        DrawnLine square = straight(0, 0, 20, 0, 20, 20, 0, 20, 0, 0);
        LineStrip frame = new LineStrip(square, mm(2), mm(1));
        assertThat(frame.plan()).hasSize(2);
        assertThat(frame.volume().mm3()).isCloseTo(160, within(1e-9));
    }

    @Test
    public void whatIsNoLineIsRefused() {
        assertThat(found(() -> new LineCord(straight(0, 0, 10, 10, 10, 0, 0, 10), mm(2))))
                .isEqualTo("a line that crosses itself");
        assertThat(found(() -> straight(0, 0))).isEqualTo("1 points");
        assertThat(found(() -> straight(0, 0, 1))).isEqualTo("half a point");
        assertThat(found(() -> straight(0, 0, 0, 0, 5, 5))).isEqualTo("point 2 in the same place as the one before");
        assertThat(found(() -> straight(0, 0, 500, 0))).isEqualTo("500 mm");
        assertThat(found(() -> straight(0, 0, Double.NaN, 0))).startsWith("not a number");
        assertThat(found(() -> new FrontAndSide(straight(0, 0, 9, 9), rectangle(3, 3), mm(9), 2)))
                .isEqualTo("2 points");
        assertThat(found(() -> new FrontAndSide(straight(0, 0, 9, 9, 9, 0, 0, 9), rectangle(3, 3), mm(9), 2)))
                .contains("crosses");
        DrawnLine flat = rectangle(400, 0.01);
        assertThat(found(() -> new FrontAndSide(flat, flat, mm(300), 2))).endsWith("mm across at this height");
        assertThat(found(() -> ShapeKind.LINE_CORD.make(List.of(2.0)))).isEqualTo("0");
        assertThat(found(() -> ShapeKind.BALL.make(List.of(2.0), null, List.of(Shapes.WAVE))))
                .isEqualTo("1");
    }

    private static String found(ThrowingCallable call) {
        List<InputError> errors = Refusals.of(call);
        return errors.get(0).found();
    }
}
