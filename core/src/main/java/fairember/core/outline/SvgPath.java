package fairember.core.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.PathParser;

/** Path data as a path of lines, quadratic and cubic curves; arcs by their centre, exact for half circles too. */
final class SvgPath extends DefaultPathHandler {
    private final Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    private double x;
    private double y;
    private double startX;
    private double startY;
    private double controlX;
    private double controlY;
    private char last = 'M';

    private SvgPath() {}

    /** @throws org.apache.batik.parser.ParseException when it cannot be read */
    static Path2D read(String data) {
        SvgPath reading = new SvgPath();
        PathParser parser = new PathParser();
        parser.setPathHandler(reading);
        parser.parse(data);
        return reading.path;
    }

    private void at(double toX, double toY, char command) {
        x = toX;
        y = toY;
        last = command;
    }

    @Override
    public void movetoRel(float dx, float dy) {
        move(x + dx, y + dy);
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        move(toX, toY);
    }

    private void move(double toX, double toY) {
        path.moveTo(toX, toY);
        startX = toX;
        startY = toY;
        at(toX, toY, 'M');
    }

    @Override
    public void closePath() {
        path.closePath();
        at(startX, startY, 'Z');
    }

    @Override
    public void linetoRel(float dx, float dy) {
        line(x + dx, y + dy);
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        line(toX, toY);
    }

    @Override
    public void linetoHorizontalRel(float dx) {
        line(x + dx, y);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        line(toX, y);
    }

    @Override
    public void linetoVerticalRel(float dy) {
        line(x, y + dy);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        line(x, toY);
    }

    private void line(double toX, double toY) {
        path.lineTo(toX, toY);
        at(toX, toY, 'L');
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float dx, float dy) {
        cubic(x + x1, y + y1, x + x2, y + y2, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float toX, float toY) {
        cubic(x1, y1, x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float dx, float dy) {
        cubic(mirroredX('C'), mirroredY('C'), x + x2, y + y2, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float toX, float toY) {
        cubic(mirroredX('C'), mirroredY('C'), x2, y2, toX, toY);
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        path.curveTo(x1, y1, x2, y2, toX, toY);
        controlX = x2;
        controlY = y2;
        at(toX, toY, 'C');
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float dx, float dy) {
        quadratic(x + x1, y + y1, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float toX, float toY) {
        quadratic(x1, y1, toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float dx, float dy) {
        quadratic(mirroredX('Q'), mirroredY('Q'), x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(mirroredX('Q'), mirroredY('Q'), toX, toY);
    }

    private void quadratic(double x1, double y1, double toX, double toY) {
        path.quadTo(x1, y1, toX, toY);
        controlX = x1;
        controlY = y1;
        at(toX, toY, 'Q');
    }

    private double mirroredX(char kind) {
        return last == kind ? 2 * x - controlX : x;
    }

    private double mirroredY(char kind) {
        return last == kind ? 2 * y - controlY : y;
    }

    @Override
    public void arcRel(float rx, float ry, float turn, boolean large, boolean sweep, float dx, float dy) {
        arc(rx, ry, turn, large, sweep, x + dx, y + dy);
    }

    @Override
    public void arcAbs(float rx, float ry, float turn, boolean large, boolean sweep, float toX, float toY) {
        arc(rx, ry, turn, large, sweep, toX, toY);
    }

    /** From end points to centre, as the SVG recommendation gives it (implementation notes, elliptical arcs). */
    private void arc(double rx, double ry, double turn, boolean large, boolean sweep, double toX, double toY) {
        if (rx == 0 || ry == 0) {
            line(toX, toY);
            return;
        }
        double phi = Math.toRadians(turn);
        double cos = Math.cos(phi);
        double sin = Math.sin(phi);
        double halfX = (x - toX) / 2;
        double halfY = (y - toY) / 2;
        double x1 = cos * halfX + sin * halfY;
        double y1 = -sin * halfX + cos * halfY;
        double wide = Math.abs(rx);
        double high = Math.abs(ry);
        double reach = x1 * x1 / (wide * wide) + y1 * y1 / (high * high);
        if (reach == 0) {
            return;
        }
        double grow = Math.max(1, Math.sqrt(reach));
        wide *= grow;
        high *= grow;
        double off = Math.sqrt(Math.max(0, 1 / (reach / (grow * grow)) - 1)) * (large == sweep ? -1 : 1);
        double cx = off * wide * y1 / high;
        double cy = -off * high * x1 / wide;
        double from = Math.toDegrees(Math.atan2((y1 - cy) / high, (x1 - cx) / wide));
        double to = Math.toDegrees(Math.atan2((-y1 - cy) / high, (-x1 - cx) / wide));
        double extent = to - from;
        if (sweep && extent < 0) {
            extent += 360;
        } else if (!sweep && extent > 0) {
            extent -= 360;
        }
        Arc2D arc = new Arc2D.Double(-wide, -high, 2 * wide, 2 * high, -from, -extent, Arc2D.OPEN);
        AffineTransform place = AffineTransform.getTranslateInstance((x + toX) / 2, (y + toY) / 2);
        place.rotate(phi);
        place.translate(cx, cy);
        path.append(place.createTransformedShape(arc), true);
        at(toX, toY, 'A');
    }
}
