package fairember.app.sums;

import fairember.core.measure.Density;
import fairember.core.measure.Span;
import fairember.core.measure.Volume;

/** A volume of clay to portion. */
record PortionSumForm(double volumeMm3, double densityGPerCm3) {
    private static final Span VOLUME = Span.of("volumeMm3", "volume", 0.001, 1e8, "mm³");

    Volume clay() {
        return new Volume(VOLUME.check(volumeMm3));
    }

    Density density() {
        return new Density(densityGPerCm3);
    }
}
