package fairember.core.colourcalibration;

import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;

/**
 * A clay that tiles may teach about.
 *
 * @param id its number in the studio
 * @param pigment its swatches and class; what it learned before is not used
 * @param swatchMeasured whether its swatches were measured, not read off a packet or a photo
 */
public record ClayPrior(long id, Pigment pigment, boolean swatchMeasured) {
    /** Whether a fault of strength can be given from this clay: strengths are given against an opaque one. */
    boolean opaque() {
        return pigment.opacity() == Opacity.OPAQUE;
    }
}
