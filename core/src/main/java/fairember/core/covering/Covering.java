package fairember.core.covering;

import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import fairember.core.quantity.Volume;

/**
 * A layer of clay over a share of a form: a skin, a jacket, a band or a patch.
 *
 * <pre>
 * V = s·(A·t + M·t² + 4π/3·t³)     exact at s = 1, with rounded edges (Steiner)
 * sheet = s·(A + M·t + π·t²)·(1 + trim)     the layer's middle surface
 * </pre>
 *
 * @param form that is covered
 * @param share s, of its surface
 * @param thick t
 * @param trim of the sheet that is cut off, as a share
 * @param density of the clay
 * @param volume V
 * @param mass of the layer
 * @param sheet to roll
 */
public record Covering(
        CoveredForm form,
        Share share,
        Length thick,
        Share trim,
        Density density,
        Volume volume,
        Mass mass,
        Area sheet) {
    public static final Span SHARE = Span.of("sharePercent", "share of the surface", 1, 100, "%");
    public static final Span THICK = Span.of("thickMm", "thickness of the layer", 0.3, 20, "mm");
    public static final Span TRIM = Span.of("trimPercent", "trimmed off", 0, 100, "%");

    /**
     * Works a layer out.
     *
     * @throws fairember.core.input.InvalidInputException when a number is outside its span
     */
    public static Covering of(CoveredForm form, Share share, Length thick, Share trim, Density density) {
        SHARE.check(share.percent());
        double t = THICK.check(thick.mm());
        TRIM.check(trim.percent());
        double s = share.of1();
        double all = form.surface().mm2() * t + form.meanCurvature() * t * t + 4 * Math.PI / 3 * t * t * t;
        Volume volume = new Volume(s * all);
        Area sheet = new Area(s * form.surfaceAt(t / 2) * (1 + trim.of1()));
        return new Covering(form, share, thick, trim, density, volume, density.of(volume), sheet);
    }

    /** What of the form's own surface lies under the layer. */
    public Area covered() {
        return new Area(form.surface().mm2() * share.of1());
    }
}
