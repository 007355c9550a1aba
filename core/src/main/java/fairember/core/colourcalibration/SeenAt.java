package fairember.core.colourcalibration;

import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;

/**
 * A colour that was seen, and how sure it is: predictions are given from it as (ΔL/S_L, ΔC/S_C, ΔH/S_H)/σ, with the scales at the
 * seen colour, so that they are smooth in the prediction.
 *
 * @param lab what was seen
 * @param sigma in ΔE00: 1.5 of a measured colour, 4 of a packet, a photo or an eye
 */
record SeenAt(Lab lab, double sigma) {
    static final double MEASURED = 1.5;
    static final double BY_EYE = 4;

    private static final double GREY = 2;

    static SeenAt of(Lab lab, boolean measured) {
        return new SeenAt(lab, measured ? MEASURED : BY_EYE);
    }

    double[] residual(Lab predicted) {
        double c0 = lab.chroma();
        double c = predicted.chroma();
        double da = predicted.a() - lab.a();
        double db = predicted.b() - lab.b();
        double along = c * c0 + lab.a() * predicted.a() + lab.b() * predicted.b();
        double turn = lab.a() * predicted.b() - lab.b() * predicted.a();
        // A grey has no hue to turn: what is off is given along a and b.
        double dc = c0 < GREY ? da : c - c0;
        double dh = c0 < GREY ? db : turn * Math.sqrt(2 / Math.max(1e-9, along));
        double sl = ColourDifference.lightnessScale(lab.l());
        double sc = 1 + 0.045 * c0;
        double sh = 1 + 0.015 * c0;
        return new double[] {(predicted.l() - lab.l()) / sl / sigma, dc / sc / sigma, dh / sh / sigma};
    }
}
