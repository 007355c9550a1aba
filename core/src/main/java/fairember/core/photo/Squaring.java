package fairember.core.photo;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.awt.image.BufferedImage;
import java.util.List;

/** Squares up a picture that was taken at an angle. */
public final class Squaring {
    private static final int MOST_PX = 2000;
    private static final double LEAST_SHARE = 0.002;

    private final double[] x;
    private final double[] y;
    /** The projective map from a unit square to the picture, Heckbert 1989, section 2.2.3. */
    private final double a, b, d, e, g, h;

    private Squaring(double[] x, double[] y) {
        this.x = x;
        this.y = y;
        double dx1 = x[1] - x[2];
        double dx2 = x[3] - x[2];
        double dy1 = y[1] - y[2];
        double dy2 = y[3] - y[2];
        double sx = x[0] - x[1] + x[2] - x[3];
        double sy = y[0] - y[1] + y[2] - y[3];
        double det = dx1 * dy2 - dy1 * dx2;
        g = (sx * dy2 - sy * dx2) / det;
        h = (dx1 * sy - dy1 * sx) / det;
        a = x[1] - x[0] + g * x[1];
        b = x[3] - x[0] + h * x[3];
        d = y[1] - y[0] + g * y[1];
        e = y[3] - y[0] + h * y[3];
    }

    /**
     * What lies between four corners, seen straight from above.
     *
     * @param corners top left, top right, bottom right, bottom left
     * @param ratio width over height of what they are the corners of; 0 when that is not known: then as their sides are long in the
     *     picture
     * @throws InvalidInputException on "corners" when they are not four, in a line, or not in this order
     */
    public static BufferedImage square(BufferedImage picture, List<Spot> corners, double ratio) {
        check(picture, corners);
        double[] x = corners.stream()
                .mapToDouble(corner -> corner.across() * picture.getWidth())
                .toArray();
        double[] y = corners.stream()
                .mapToDouble(corner -> corner.down() * picture.getHeight())
                .toArray();
        return new Squaring(x, y).drawn(picture, ratio);
    }

    private static void check(BufferedImage picture, List<Spot> corners) {
        if (corners.size() != 4) {
            throw refused(corners.size() + " corners", "Mark all four corners.");
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            Spot before = corners.get((i + 3) % 4);
            Spot at = corners.get(i);
            Spot after = corners.get((i + 1) % 4);
            double turn = (at.across() - before.across()) * (after.down() - at.down())
                    - (at.down() - before.down()) * (after.across() - at.across());
            least = Math.min(least, turn);
        }
        if (!(least > LEAST_SHARE)) {
            throw refused(
                    least > -LEAST_SHARE ? "corners in a line" : "corners that cross",
                    "Move each corner to its own corner of the sheet: top left, top right, bottom right, bottom left.");
        }
        if (Math.min(picture.getWidth(), picture.getHeight()) < 2) {
            throw refused(Figures.show(picture.getWidth()) + " points", "Choose a larger picture.");
        }
    }

    private static InvalidInputException refused(String found, String fix) {
        return new InvalidInputException("corners", found, "the four corners of a rectangle, in order", fix);
    }

    private double side(int from, int to) {
        return Math.hypot(x[to] - x[from], y[to] - y[from]);
    }

    private BufferedImage drawn(BufferedImage picture, double ratio) {
        double wide = Math.max(side(0, 1), side(3, 2));
        double high = Math.max(side(0, 3), side(1, 2));
        if (ratio > 0) {
            high = wide / ratio;
        }
        double fit = Math.min(1, MOST_PX / Math.max(wide, high));
        int columns = Math.max(2, (int) Math.round(wide * fit));
        int rows = Math.max(2, (int) Math.round(high * fit));
        BufferedImage square = new BufferedImage(columns, rows, BufferedImage.TYPE_INT_RGB);
        for (int row = 0; row < rows; row++) {
            double v = (row + 0.5) / rows;
            for (int column = 0; column < columns; column++) {
                double u = (column + 0.5) / columns;
                double w = g * u + h * v + 1;
                square.setRGB(
                        column,
                        row,
                        between(picture, (a * u + b * v + x[0]) / w - 0.5, (d * u + e * v + y[0]) / w - 0.5));
            }
        }
        return square;
    }

    /** The colour between four points. */
    private static int between(BufferedImage picture, double across, double down) {
        double px = Math.max(0, Math.min(picture.getWidth() - 1.0, across));
        double py = Math.max(0, Math.min(picture.getHeight() - 1.0, down));
        int left = (int) Math.min(picture.getWidth() - 2.0, Math.floor(px));
        int top = (int) Math.min(picture.getHeight() - 2.0, Math.floor(py));
        double right = px - left;
        double low = py - top;
        int colour = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double upper = mixed(picture.getRGB(left, top), picture.getRGB(left + 1, top), shift, right);
            double lower = mixed(picture.getRGB(left, top + 1), picture.getRGB(left + 1, top + 1), shift, right);
            colour |= (int) Math.round(upper + (lower - upper) * low) << shift;
        }
        return colour;
    }

    private static double mixed(int one, int other, int shift, double share) {
        double from = one >> shift & 0xff;
        return from + ((other >> shift & 0xff) - from) * share;
    }
}
