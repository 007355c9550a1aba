package fairember.core.photo;

import fairember.core.colour.Srgb;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Comparator;

/**
 * The light of a small square of a picture: the mean of what is left when the lightest and the darkest tenth, glare and dust, are out.
 *
 * @param red light, 0 to 1
 * @param green light, 0 to 1
 * @param blue light, 0 to 1
 * @param uneven standard deviation over the mean of the channel where that is largest, 0 or more
 * @param burnt share of its points where a channel is at its end, 0 to 1
 */
record PhotoPatch(double red, double green, double blue, double uneven, double burnt) {
    private static final double SIDE = 0.03;
    private static final int LEAST_SIDE = 7;
    private static final double LEFT_OUT = 0.1;
    private static final int FULL = 254;
    /** A card is as even as this. */
    static final double MOST_UNEVEN_CARD = 0.12;
    /** Below this a channel is noise. */
    private static final double DARK = 0.02;

    static PhotoPatch of(BufferedImage picture, Spot spot) {
        int width = picture.getWidth();
        int height = picture.getHeight();
        int side = (int) Math.min(Math.min(width, height), Math.max(LEAST_SIDE, SIDE * Math.min(width, height)));
        int left = (int) Math.min(width - side, Math.max(0, Math.round(spot.across() * width - side / 2.0)));
        int top = (int) Math.min(height - side, Math.max(0, Math.round(spot.down() * height - side / 2.0)));
        int[] points = picture.getRGB(left, top, side, side, null, 0, side);
        double[][] light = Arrays.stream(points)
                .mapToObj(PhotoPatch::light)
                .sorted(Comparator.comparingDouble(PhotoPatch::luminance))
                .toArray(double[][]::new);
        long burnt = Arrays.stream(points).filter(PhotoPatch::full).count();
        int out = (int) (LEFT_OUT * light.length);
        return mean(Arrays.copyOfRange(light, out, light.length - out), (double) burnt / points.length);
    }

    private static PhotoPatch mean(double[][] light, double burnt) {
        double[] sum = new double[3];
        double[] squares = new double[3];
        for (double[] point : light) {
            for (int i = 0; i < 3; i++) {
                sum[i] += point[i] / light.length;
                squares[i] += point[i] * point[i] / light.length;
            }
        }
        double uneven = 0;
        for (int i = 0; i < 3; i++) {
            double spread = Math.sqrt(Math.max(0, squares[i] - sum[i] * sum[i]));
            uneven = Math.max(uneven, spread / Math.max(DARK, sum[i]));
        }
        return new PhotoPatch(sum[0], sum[1], sum[2], uneven, burnt);
    }

    double luminance() {
        return luminance(new double[] {red, green, blue});
    }

    /** Whether another place gives back the same light but for a share of it in each channel, and is as even. */
    boolean alike(PhotoPatch other, double share) {
        return uneven <= MOST_UNEVEN_CARD
                && near(red, other.red, share)
                && near(green, other.green, share)
                && near(blue, other.blue, share);
    }

    private static boolean near(double one, double other, double share) {
        return Math.abs(one - other) <= share * Math.max(DARK, other);
    }

    private static double luminance(double[] light) {
        return 0.2126729 * light[0] + 0.7151522 * light[1] + 0.0721750 * light[2];
    }

    private static double[] light(int rgb) {
        return new double[] {Srgb.light(rgb >> 16 & 255), Srgb.light(rgb >> 8 & 255), Srgb.light(rgb & 255)};
    }

    private static boolean full(int rgb) {
        return Math.max(rgb >> 16 & 255, Math.max(rgb >> 8 & 255, rgb & 255)) >= FULL;
    }
}
