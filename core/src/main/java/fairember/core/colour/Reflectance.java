package fairember.core.colour;

import fairember.core.quantity.Share;
import java.util.Arrays;
import java.util.List;

/** A reflectance spectrum: 36 bands, 380 to 730 nm by 10, each 0 to 1. Immutable. */
public final class Reflectance {
    private final double[] bands;

    Reflectance(double[] bands) {
        this.bands = bands.clone();
    }

    /** The mean of several, each by its area; together more than 0. */
    static Reflectance mean(List<Reflectance> several, double[] areas) {
        double all = Arrays.stream(areas).sum();
        double[] mean = new double[several.get(0).bands.length];
        for (int s = 0; s < areas.length; s++) {
            for (int i = 0; i < mean.length; i++) {
                mean[i] += areas[s] / all * several.get(s).bands[i];
            }
        }
        return new Reflectance(mean);
    }

    double band(int i) {
        return bands[i];
    }

    double[] bands() {
        return bands.clone();
    }

    /** Y, how light it is to the eye. */
    public Share luminance() {
        return new Share(Math.max(0, Math.min(1, Spectra.times(Spectra.TO_XYZ, bands)[1])));
    }

    /** As a screen shows it; what it cannot show is clipped. */
    public Srgb srgb() {
        return Srgb.ofLinear(linearRgb());
    }

    double[] linearRgb() {
        return Spectra.times(Spectra.TO_RGB, bands);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Reflectance that && Arrays.equals(bands, that.bands);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(bands);
    }

    @Override
    public String toString() {
        return "Reflectance" + Arrays.toString(bands);
    }
}
