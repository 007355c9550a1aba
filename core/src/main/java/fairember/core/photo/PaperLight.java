package fairember.core.photo;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;

/**
 * How dark a picture of paper is at each of its points, as a share of the light on the paper there: 1 is bare paper, 0 is black. The
 * light on the paper changes slowly: it is fitted by a surface of the second degree, over and over without what is darker than it.
 *
 * <pre>ln light = a + b·x + c·y + d·x² + e·xy + f·y²</pre>
 */
final class PaperLight {
    /** Points that are looked at in each direction for the fit. */
    private static final int GRID = 60;

    private static final int ROUNDS = 6;
    /** What is darker than this share of the fit is no paper. */
    private static final double PAPER = 0.88;

    private static final int TERMS = 6;

    final int wide;
    final int high;
    private final double[] share;

    private PaperLight(int wide, int high, double[] share) {
        this.wide = wide;
        this.high = high;
        this.share = share;
    }

    /** Of paper with something on it, at least 16 × 16 points. */
    static PaperLight of(BufferedImage picture) {
        int wide = picture.getWidth();
        int high = picture.getHeight();
        double[] light = smooth(luminance(picture), wide, high);
        double[] surface = fitted(light, wide, high);
        double[] share = new double[light.length];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                int at = y * wide + x;
                share[at] = light[at] / Math.exp(value(surface, terms(x, y, wide, high)));
            }
        }
        return new PaperLight(wide, high, share);
    }

    double at(int x, int y) {
        return share[y * wide + x];
    }

    /** The share that parts the paper from what lies on it best: between-class variance at its greatest (Otsu 1979). */
    double threshold() {
        int[] counted = new int[256];
        for (double s : share) {
            counted[(int) Math.max(0, Math.min(255, s * 200))]++;
        }
        double sum = 0;
        for (int i = 0; i < counted.length; i++) {
            sum += (double) i * counted[i];
        }
        double below = 0;
        double sumBelow = 0;
        double best = -1;
        double from = 0;
        double to = 0;
        for (int i = 0; i < counted.length - 1; i++) {
            below += counted[i];
            sumBelow += (double) i * counted[i];
            double above = share.length - below;
            if (below == 0 || above == 0) {
                continue;
            }
            double apart = sumBelow / below - (sum - sumBelow) / above;
            double between = below * above * apart * apart;
            // Between two heaps with nothing in them all are as good: the middle of them.
            if (between > best * (1 + 1e-12)) {
                best = between;
                from = i;
            }
            if (between >= best * (1 - 1e-12)) {
                to = i;
            }
        }
        return ((from + to) / 2 + 1) / 200;
    }

    private static double[] luminance(BufferedImage picture) {
        int wide = picture.getWidth();
        int[] row = new int[wide];
        double[] light = new double[wide * picture.getHeight()];
        for (int y = 0; y < picture.getHeight(); y++) {
            picture.getRGB(0, y, wide, 1, row, 0, wide);
            for (int x = 0; x < wide; x++) {
                // ITU-R BT.601, on the encoded values: what is an edge to the eye is one here.
                light[y * wide + x] =
                        0.299 * (row[x] >> 16 & 0xff) + 0.587 * (row[x] >> 8 & 0xff) + 0.114 * (row[x] & 0xff) + 1;
            }
        }
        return light;
    }

    /** Each point as the mean of the nine about it, against the grain of a photo. */
    private static double[] smooth(double[] light, int wide, int high) {
        double[] smooth = new double[light.length];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                double sum = 0;
                for (int dy = -1; dy <= 1; dy++) {
                    for (int dx = -1; dx <= 1; dx++) {
                        int nearY = Math.max(0, Math.min(high - 1, y + dy));
                        int nearX = Math.max(0, Math.min(wide - 1, x + dx));
                        sum += light[nearY * wide + nearX];
                    }
                }
                smooth[y * wide + x] = sum / 9;
            }
        }
        return smooth;
    }

    private static double[] fitted(double[] light, int wide, int high) {
        int across = Math.min(GRID, wide);
        int down = Math.min(GRID, high);
        double[][] terms = new double[across * down][];
        double[] logs = new double[across * down];
        for (int i = 0; i < across; i++) {
            for (int j = 0; j < down; j++) {
                int x = (int) ((i + 0.5) * wide / across);
                int y = (int) ((j + 0.5) * high / down);
                terms[j * across + i] = terms(x, y, wide, high);
                logs[j * across + i] = Math.log(light[y * wide + x]);
            }
        }
        double[] sorted = logs.clone();
        Arrays.sort(sorted);
        // Most of such a picture is paper.
        double[] surface = new double[TERMS];
        surface[0] = sorted[(int) (0.8 * (sorted.length - 1))];
        double least = Math.log(0.6);
        for (int round = 0; round < ROUNDS; round++) {
            int[] paper = paper(terms, logs, surface, least);
            if (paper.length < 4 * TERMS) {
                break;
            }
            double[][] rows = Arrays.stream(paper).mapToObj(i -> terms[i]).toArray(double[][]::new);
            double[] values = Arrays.stream(paper).mapToDouble(i -> logs[i]).toArray();
            DecompositionSolver solver = new QRDecomposition(new Array2DRowRealMatrix(rows, false), 1e-9).getSolver();
            if (!solver.isNonSingular()) {
                break;
            }
            surface = solver.solve(new ArrayRealVector(values, false)).toArray();
            least = Math.log(PAPER);
        }
        return surface;
    }

    private static int[] paper(double[][] terms, double[] logs, double[] surface, double least) {
        int[] found = new int[logs.length];
        int count = 0;
        for (int i = 0; i < logs.length; i++) {
            double above = logs[i] - value(surface, terms[i]);
            if (above > least && above < -least) {
                found[count++] = i;
            }
        }
        return Arrays.copyOf(found, count);
    }

    private static double[] terms(int atX, int atY, int wide, int high) {
        double x = (atX + 0.5) / wide - 0.5;
        double y = (atY + 0.5) / high - 0.5;
        return new double[] {1, x, y, x * x, x * y, y * y};
    }

    private static double value(double[] surface, double[] terms) {
        double sum = 0;
        for (int i = 0; i < TERMS; i++) {
            sum += surface[i] * terms[i];
        }
        return sum;
    }
}
