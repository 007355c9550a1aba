package fairember.core.design;

/**
 * The room that an upright insert and its sleeve take up: a cylinder.
 *
 * @param insert its name
 * @param acrossMm of its axis, which stands in the plane of the front view
 * @param radiusMm over the sleeve
 * @param fromMm its lower end above the ground
 * @param toMm its upper end
 */
record BoreHole(String insert, double acrossMm, double radiusMm, double fromMm, double toMm) implements Body {
    static BoreHole of(MeasuredInsert measured) {
        Insert insert = measured.insert();
        return new BoreHole(
                insert.name(),
                insert.acrossMm(),
                measured.sleeve().outer().mm() / 2,
                insert.upMm(),
                insert.upMm() + insert.length().mm());
    }

    @Override
    public double[] reach() {
        return new double[] {acrossMm - radiusMm, -radiusMm, fromMm, acrossMm + radiusMm, radiusMm, toMm};
    }

    @Override
    public boolean outer(double across, double front, double up) {
        double right = across - acrossMm;
        return up >= fromMm && up < toMm && right * right + front * front < radiusMm * radiusMm;
    }

    /** Whether its box and that of another body have room in common. */
    boolean meets(Body other) {
        double[] own = reach();
        double[] its = other.reach();
        for (int i = 0; i < 3; i++) {
            if (own[i] >= its[i + 3] || its[i] >= own[i + 3]) {
                return false;
            }
        }
        return true;
    }
}
