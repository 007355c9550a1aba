package fairember.core.shape;

/** The wall between an ellipse and the one whose semi-axes are each less by s: nowhere thicker than s, thinner between. */
final class UnevenWall {
    private static final int STEPS = 180;

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
        double golden = (Math.sqrt(5) - 1) / 2;
        double low = Math.max(0, near - 0.8);
        double high = Math.min(Math.PI / 2, near + 0.8);
        for (int i = 0; i < 40; i++) {
            double left = high - golden * (high - low);
            double right = low + golden * (high - low);
            boolean leftNearer = away(a, b, x, y, left) < away(a, b, x, y, right);
            low = leftNearer ? low : left;
            high = leftNearer ? right : high;
        }
        return away(a, b, x, y, (low + high) / 2);
    }

    private static double away(double a, double b, double x, double y, double angle) {
        return Math.hypot(a * Math.cos(angle) - x, b * Math.sin(angle) - y);
    }
}
