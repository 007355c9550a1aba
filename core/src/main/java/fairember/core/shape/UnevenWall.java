package fairember.core.shape;

/** The wall between an ellipse and the one whose semi-axes are each less by s: nowhere thicker than s, thinner between. */
final class UnevenWall {
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    private static final int STEPS = 48;

    private UnevenWall() {}

    /** Least distance in mm between the two ellipses, by search over a quarter and over the outer one near each point. */
    static double thinnest(double a, double b, double s) {
        double least = s;
        for (int i = 1; i < STEPS; i++) {
            double angle = Math.PI / 2 * i / STEPS;
            double x = (a - s) * Math.cos(angle);
            double y = (b - s) * Math.sin(angle);
            least = Math.min(least, toEllipse(a, b, x, y, angle));
        }
        return least;
    }

    /** Distance of a point inside to an ellipse, by golden-section search around the parameter it came from. */
    private static double toEllipse(double a, double b, double x, double y, double near) {
        double low = Math.max(0, near - 0.6);
        double high = Math.min(Math.PI / 2, near + 0.6);
        double left = high - GOLDEN * (high - low);
        double right = low + GOLDEN * (high - low);
        double fromLeft = away(a, b, x, y, left);
        double fromRight = away(a, b, x, y, right);
        for (int i = 0; i < 28; i++) {
            if (fromLeft < fromRight) {
                high = right;
                right = left;
                fromRight = fromLeft;
                left = high - GOLDEN * (high - low);
                fromLeft = away(a, b, x, y, left);
            } else {
                low = left;
                left = right;
                fromLeft = fromRight;
                right = low + GOLDEN * (high - low);
                fromRight = away(a, b, x, y, right);
            }
        }
        return Math.sqrt(Math.min(fromLeft, fromRight));
    }

    /** Square of the distance. */
    private static double away(double a, double b, double x, double y, double angle) {
        double across = a * Math.cos(angle) - x;
        double up = b * Math.sin(angle) - y;
        return across * across + up * up;
    }
}
