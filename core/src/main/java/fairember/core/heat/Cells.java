package fairember.core.heat;

import java.util.Arrays;

/**
 * The clay of a body in cells from the middle out, and the foil inside them as one node: finite volumes in r with areas r^g, the
 * surface taking heat through 1/(1/h + Δr/2k). What the body lies on is a node beside the outermost cell; under a plate it is a node
 * below the lowest cell, and the cells go through the whole thickness. One step is solved at once (L. H. Thomas's elimination of
 * three diagonals).
 */
final class Cells {
    private static final double MM = 1000;

    private final int many;
    /** The clay: from this unknown to before that one. */
    private final int first;

    private final int last;
    private final boolean plate;
    private final boolean cored;
    private final double[] capacity;
    /** Conductance from unknown i to i + 1; none from the last. */
    private final double[] joins;
    /** Conductance from each unknown to the air. */
    private final double[] airs;

    final double[] temperature;
    private final double[] right;

    /** Seconds of the step that was taken last, and how implicit it was: the next is mostly like it. */
    private double lastSeconds;

    private double lastImplicit;
    /** For steps like that: capacity by the second, the elimination's lower and upper factors, and one over each pivot. */
    private final double[] perSecond;

    private final double[] lower;
    private final double[] upper;
    private final double[] inverse;

    /**
     * Cells at one temperature.
     *
     * @param clay cells of clay, 3 or more
     * @param ovenC of what the body lies on when that is heated with the oven
     */
    Cells(HeatBody body, Material material, double gives, int clay, double startC, double ovenC) {
        Seat seat = body.seat();
        plate = seat != null && seat.underPlate(body.narrowing()) && body.core().g() <= 0;
        double outer = (plate ? 2 : 1) * body.reach().mm() / MM;
        double inner = plate ? 0 : body.within().mm() / MM;
        double g = plate ? 0 : body.narrowing();
        double step = (outer - inner) / clay;
        cored = body.core().g() > 0 && inner > 0;
        first = cored || plate ? 1 : 0;
        last = first + clay;
        many = last + (seat != null && !plate ? 1 : 0);
        capacity = new double[many];
        joins = new double[many];
        airs = new double[many];
        temperature = new double[many];
        right = new double[many];
        perSecond = new double[many];
        lower = new double[many];
        upper = new double[many];
        inverse = new double[many];
        double halfStep = step / (2 * material.conducts());
        for (int i = 0; i < clay; i++) {
            double from = inner + i * step;
            double volume = (Math.pow(from + step, g + 1) - Math.pow(from, g + 1)) / (g + 1);
            capacity[first + i] = material.perVolume() * volume;
            if (i < clay - 1) {
                joins[first + i] = Math.pow(from + step, g) * material.conducts() / step;
            }
        }
        double face = Math.pow(outer, g);
        double touching = seat != null && !plate ? seat.share() : 0;
        airs[last - 1] = face * (1 - touching) / (1 / gives + halfStep);
        if (cored) {
            // The body's area is r^g times this, so that the foil is scaled as the clay is.
            double scale = body.area() / (MM * MM) / face;
            capacity[0] = body.core().g() / MM * Material.FOIL_HOLDS / scale;
            joins[0] = Math.pow(inner, g) * material.conducts() / (step / 2);
        }
        Arrays.fill(temperature, startC);
        if (seat != null) {
            int node = plate ? 0 : last;
            double area = plate ? 1 : face * touching;
            capacity[node] = area * seat.holds();
            joins[plate ? 0 : last - 1] = area / (1 / seat.toClay() + halfStep);
            airs[node] = area * seat.toAir(gives);
            temperature[node] = seat.hot() ? ovenC : startC;
        }
    }

    /**
     * Goes on by a step.
     *
     * @param implicit share of the new temperatures in the flow: 1 for backward Euler, ½ for Crank-Nicolson
     */
    void step(double seconds, double implicit, double airBefore, double airAfter) {
        if (seconds != lastSeconds || implicit != lastImplicit) {
            factor(seconds, implicit);
        }
        double explicit = 1 - implicit;
        double fromBelow = 0;
        for (int i = 0; i < many; i++) {
            double toAbove = i < many - 1 ? joins[i] * (temperature[i + 1] - temperature[i]) : 0;
            double flow = airs[i] * (airBefore - temperature[i]) - fromBelow + toAbove;
            double value = perSecond[i] * temperature[i] + explicit * flow + implicit * airs[i] * airAfter;
            right[i] = (i == 0 ? value : value - lower[i] * right[i - 1]) * inverse[i];
            fromBelow = toAbove;
        }
        temperature[many - 1] = right[many - 1];
        for (int i = many - 2; i >= 0; i--) {
            temperature[i] = right[i] - upper[i] * temperature[i + 1];
        }
    }

    /** Factors the three diagonals of all steps of one kind. */
    private void factor(double seconds, double implicit) {
        lastSeconds = seconds;
        lastImplicit = implicit;
        for (int i = 0; i < many; i++) {
            double below = i == 0 ? 0 : joins[i - 1];
            perSecond[i] = capacity[i] / seconds;
            lower[i] = -implicit * below;
            double diagonal = perSecond[i] + implicit * (below + joins[i] + airs[i]);
            inverse[i] = 1 / (i == 0 ? diagonal : diagonal - lower[i] * upper[i - 1]);
            upper[i] = -implicit * joins[i] * inverse[i];
        }
    }

    /** The middle of the clay; its inside over a core, its coldest layer on a plate that lies. */
    double centre() {
        if (plate) {
            return coldestCell();
        }
        return cored ? temperature[first] : (9 * temperature[first] - temperature[first + 1]) / 8;
    }

    /** The outermost cell. */
    double outside() {
        return temperature[last - 1];
    }

    /** The coldest clay. */
    double coldest() {
        return Math.min(centre(), coldestCell());
    }

    private double coldestCell() {
        double least = Double.POSITIVE_INFINITY;
        for (int i = first; i < last; i++) {
            least = Math.min(least, temperature[i]);
        }
        return least;
    }

    /** The hottest clay. */
    double hottest() {
        double most = centre();
        for (int i = first; i < last; i++) {
            most = Math.max(most, temperature[i]);
        }
        return most;
    }
}
