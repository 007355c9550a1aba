package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A solid turned any way is the same body: its views, its sections and its cores agree with each other. */
public class PosedTest {
    private static final double SLACK_MM = 3 * Outline.FLATNESS_MM;

    /** A solid of every kind, turned every way. */
    @DataProvider
    public Object[][] posed() {
        SplittableRandom random = new SplittableRandom(5);
        List<Object[]> rows = new ArrayList<>();
        for (ShapeKind kind : ShapeKind.values()) {
            Solid solid = Shapes.of(kind, random);
            for (Facing facing : Facing.values()) {
                rows.add(new Object[] {new Posed(solid, facing)});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    private static double least(List<Outline> outlines, boolean up) {
        return points(outlines).stream()
                .mapToDouble(p -> up ? p.upMm() : p.acrossMm())
                .min()
                .orElseThrow();
    }

    private static double most(List<Outline> outlines, boolean up) {
        return points(outlines).stream()
                .mapToDouble(p -> up ? p.upMm() : p.acrossMm())
                .max()
                .orElseThrow();
    }

    private static List<Outline.Point> points(List<Outline> outlines) {
        return outlines.stream().flatMap(o -> o.points().stream()).toList();
    }

    /** Cords are drawn as ribbons whose ends may reach over by their thickness. */
    private static double slack(Posed posed) {
        return SLACK_MM
                + (posed.solid() instanceof Strand
                        ? posed.solid().thickestSection().mm()
                        : 0);
    }

    @Test(dataProvider = "posed")
    public void theFrontIsAsWideAndHighAsTheBoxAndTheSideAsDeep(Posed posed) {
        Box box = posed.box();
        double slack = slack(posed);
        List<Outline> front = posed.front();
        assertThat(most(front, false) - least(front, false))
                .isCloseTo(box.width().mm(), within(slack));
        assertThat(most(front, true) - least(front, true))
                .isCloseTo(box.height().mm(), within(slack));
        assertThat(least(front, true)).isCloseTo(0, within(slack));
        List<Outline> side = posed.side();
        assertThat(most(side, false) - least(side, false)).isCloseTo(box.depth().mm(), within(slack));
        assertThat(most(side, true) - least(side, true)).isCloseTo(box.height().mm(), within(slack));
    }

    @Test(dataProvider = "posed")
    public void theSectionNeverReachesOutOfTheFront(Posed posed) {
        double slack = slack(posed);
        List<Outline> section = posed.section();
        List<Outline> front = posed.front();
        assertThat(least(section, false)).isGreaterThanOrEqualTo(least(front, false) - slack);
        assertThat(most(section, false)).isLessThanOrEqualTo(most(front, false) + slack);
        assertThat(least(section, true)).isGreaterThanOrEqualTo(least(front, true) - slack);
        assertThat(most(section, true)).isLessThanOrEqualTo(most(front, true) + slack);
    }

    private static double distance(Point3 a, Point3 b) {
        return Math.sqrt(Math.pow(a.acrossMm() - b.acrossMm(), 2)
                + Math.pow(a.frontMm() - b.frontMm(), 2)
                + Math.pow(a.upMm() - b.upMm(), 2));
    }

    private static double handed(Point3 o, Point3 a, Point3 b, Point3 c) {
        double[] x = {a.acrossMm() - o.acrossMm(), b.acrossMm() - o.acrossMm(), c.acrossMm() - o.acrossMm()};
        double[] y = {a.frontMm() - o.frontMm(), b.frontMm() - o.frontMm(), c.frontMm() - o.frontMm()};
        double[] z = {a.upMm() - o.upMm(), b.upMm() - o.upMm(), c.upMm() - o.upMm()};
        return x[0] * (y[1] * z[2] - y[2] * z[1])
                - x[1] * (y[0] * z[2] - y[2] * z[0])
                + x[2] * (y[0] * z[1] - y[1] * z[0]);
    }

    /** No facing is a mirror image: distances stay, and so does the sign of the volume of four points. */
    @Test(dataProvider = "posed")
    public void turningMovesTheBodyAsOneAndNeverMirrorsIt(Posed posed) {
        SplittableRandom random = new SplittableRandom(11);
        List<Point3> own = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            own.add(new Point3(random.nextDouble(-9, 9), random.nextDouble(-9, 9), random.nextDouble(0, 20)));
        }
        List<Point3> turned = own.stream().map(posed::turned).toList();
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < i; j++) {
                assertThat(distance(turned.get(i), turned.get(j)))
                        .isCloseTo(distance(own.get(i), own.get(j)), within(1e-9));
            }
        }
        assertThat(handed(turned.get(0), turned.get(1), turned.get(2), turned.get(3)))
                .isCloseTo(handed(own.get(0), own.get(1), own.get(2), own.get(3)), within(1e-6));
    }

    /** Even-odd rule over all rings. */
    private static boolean inside(List<Outline> rings, double x, double y) {
        boolean inside = false;
        for (Outline ring : rings) {
            List<Outline.Point> p = ring.points();
            for (int i = 0; i < p.size(); i++) {
                Outline.Point a = p.get(i);
                Outline.Point b = p.get((i + 1) % p.size());
                boolean crosses = a.upMm() > y != b.upMm() > y;
                if (crosses
                        && x < (b.acrossMm() - a.acrossMm()) * (y - a.upMm()) / (b.upMm() - a.upMm()) + a.acrossMm()) {
                    inside = !inside;
                }
            }
        }
        return inside;
    }

    @Test(dataProvider = "posed")
    public void aCoveredCoreIsDrawnInsideItsPart(Posed posed) {
        Solid solid = posed.solid();
        if (!solid.kind().takesCore()) {
            return;
        }
        Length wall = new Length(0.3 * solid.thickestSection().mm());
        for (Inset.Core core : solid.inset(wall, Floor.COVERED).orElseThrow().cores()) {
            for (Outline.Point point : points(posed.section(core))) {
                assertThat(inside(posed.section(), point.acrossMm(), point.upMm()))
                        .as("%s in %s", point, posed)
                        .isTrue();
            }
        }
    }

    private static double off(Outline.Point p, Outline.Point a, Outline.Point b) {
        double dx = b.acrossMm() - a.acrossMm();
        double dy = b.upMm() - a.upMm();
        double length = dx * dx + dy * dy;
        double t = length == 0
                ? 0
                : Math.min(1, Math.max(0, ((p.acrossMm() - a.acrossMm()) * dx + (p.upMm() - a.upMm()) * dy) / length));
        return Math.hypot(p.acrossMm() - a.acrossMm() - t * dx, p.upMm() - a.upMm() - t * dy);
    }

    /** Every corner that was left out lies as near to the coarser outline as was asked, and none was made up. */
    @Test(dataProvider = "posed")
    public void aCoarserOutlineStraysNoFartherThanItMay(Posed posed) {
        for (Outline outline : posed.front()) {
            for (double may : new double[] {0.02, 0.125, 0.5}) {
                List<Outline.Point> kept = outline.coarser(may).points();
                assertThat(kept).isSubsetOf(outline.points()).hasSizeGreaterThanOrEqualTo(3);
                for (Outline.Point point : outline.points()) {
                    double nearest = Double.POSITIVE_INFINITY;
                    for (int i = 0; i < kept.size(); i++) {
                        nearest = Math.min(nearest, off(point, kept.get(i), kept.get((i + 1) % kept.size())));
                    }
                    assertThat(nearest).isLessThanOrEqualTo(may + 1e-9);
                }
            }
        }
    }
}
