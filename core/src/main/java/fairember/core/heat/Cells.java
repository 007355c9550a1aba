package fairember.core.heat;

import java.util.Arrays;

/**
 * The clay of a body in cells from the middle out, and the foil inside them as one node: finite volumes in r with areas r^g, the
 * surface taking heat through 1/(1/h + Δr/2k). One step is solved at once (L. H. Thomas's elimination of three diagonals).
 */
final class Cells {
    private static final double MM = 1000;

    private final int many;
    private final boolean cored;
    private final double[] capacity;
    /** Conductance from unknown i to i + 1; the last is to the air. */
    private final double[] joins;

    final double[] temperature;
    private final double[] upper;
    private final double[] right;

    /**
     * Cells at one temperature.
     *
     * @param clay cells of clay, 3 or more
     */
    Cells(HeatBody body, Material material, double gives, int clay, double startC) {
        double outer = body.reach().mm() / MM;
        double inner = body.within().mm() / MM;
        double g = body.narrowing();
        double step = (outer - inner) / clay;
        cored = body.core().g() > 0 && inner > 0;
        many = clay + (cored ? 1 : 0);
        capacity = new double[many];
        joins = new double[many];
        temperature = new double[many];
        upper = new double[many];
        right = new double[many];
        int first = cored ? 1 : 0;
        for (int i = 0; i < clay; i++) {
            double from = inner + i * step;
            double volume = (Math.pow(from + step, g + 1) - Math.pow(from, g + 1)) / (g + 1);
            capacity[first + i] = material.perVolume() * volume;
            double face = Math.pow(from + step, g);
            joins[first + i] = i < clay - 1
                    ? face * material.conducts() / step
                    : face / (1 / gives + step / (2 * material.conducts()));
        }
        if (cored) {
            // The body's area is r^g times this, so that the foil is scaled as the clay is.
            double scale = body.area() / (MM * MM) / Math.pow(outer, g);
            capacity[0] = body.core().g() / MM * Material.FOIL_HOLDS / scale;
            joins[0] = Math.pow(inner, g) * material.conducts() / (step / 2);
        }
        Arrays.fill(temperature, startC);
    }

    /**
     * Goes on by a step.
     *
     * @param implicit share of the new temperatures in the flow: 1 for backward Euler, ½ for Crank-Nicolson
     */
    void step(double seconds, double implicit, double airBefore, double airAfter) {
        double explicit = 1 - implicit;
        for (int i = 0; i < many; i++) {
            double below = i == 0 ? 0 : joins[i - 1];
            double above = joins[i];
            double next = i == many - 1 ? airBefore : temperature[i + 1];
            double flow =
                    above * (next - temperature[i]) - (i == 0 ? 0 : below * (temperature[i] - temperature[i - 1]));
            double diagonal = capacity[i] / seconds + implicit * (below + above);
            double value = capacity[i] / seconds * temperature[i] + explicit * flow;
            if (i == many - 1) {
                value += implicit * above * airAfter;
            }
            double lower = -implicit * below;
            double pivot = i == 0 ? diagonal : diagonal - lower * upper[i - 1];
            upper[i] = i == many - 1 ? 0 : -implicit * above / pivot;
            right[i] = (i == 0 ? value : value - lower * right[i - 1]) / pivot;
        }
        for (int i = many - 1; i >= 0; i--) {
            temperature[i] = i == many - 1 ? right[i] : right[i] - upper[i] * temperature[i + 1];
        }
    }

    /** The middle of the clay, or its inside over a core. */
    double centre() {
        int first = cored ? 1 : 0;
        return cored ? temperature[first] : (9 * temperature[first] - temperature[first + 1]) / 8;
    }

    /** The outermost cell. */
    double outside() {
        return temperature[many - 1];
    }

    /** The coldest clay. */
    double coldest() {
        double least = centre();
        for (int i = cored ? 1 : 0; i < many; i++) {
            least = Math.min(least, temperature[i]);
        }
        return least;
    }

    /** The hottest clay. */
    double hottest() {
        double most = centre();
        for (int i = cored ? 1 : 0; i < many; i++) {
            most = Math.max(most, temperature[i]);
        }
        return most;
    }
}
