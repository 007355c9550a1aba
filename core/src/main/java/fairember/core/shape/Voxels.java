package fairember.core.shape;

/** A box of small cubes, some of them filled; how far each filled one is from the nearest empty one. */
public final class Voxels {
    /** Farther than any cube is from another. */
    private static final double FAR = 1e9;

    private final int nx;
    private final int ny;
    private final int nz;
    private final boolean[] filled;

    /** Empty cubes, so many along each side; whatever is outside is empty too. */
    public Voxels(int nx, int ny, int nz) {
        this.nx = nx;
        this.ny = ny;
        this.nz = nz;
        this.filled = new boolean[nx * ny * nz];
    }

    public int index(int x, int y, int z) {
        return (z * ny + y) * nx + x;
    }

    public void set(int x, int y, int z, boolean full) {
        filled[index(x, y, z)] = full;
    }

    /** Whether a cube is filled; none outside the box is. */
    public boolean get(int x, int y, int z) {
        return x >= 0 && x < nx && y >= 0 && y < ny && z >= 0 && z < nz && filled[index(x, y, z)];
    }

    /**
     * The squares of the distances from each cube to the nearest empty one, in sides of a cube, middle to middle; exact
     * (Felzenszwalb and Huttenlocher 2012: the lower envelope of parabolas, one axis after the other).
     */
    public double[] squaredDistances() {
        double[] d = new double[filled.length];
        for (int i = 0; i < d.length; i++) {
            d[i] = filled[i] ? FAR : 0;
        }
        Envelope envelope = new Envelope(Math.max(nx, Math.max(ny, nz)) + 2);
        for (int z = 0; z < nz; z++) {
            for (int y = 0; y < ny; y++) {
                envelope.line(d, index(0, y, z), 1, nx);
            }
        }
        for (int z = 0; z < nz; z++) {
            for (int x = 0; x < nx; x++) {
                envelope.line(d, index(x, 0, z), nx, ny);
            }
        }
        for (int y = 0; y < ny; y++) {
            for (int x = 0; x < nx; x++) {
                envelope.line(d, index(x, y, 0), nx * ny, nz);
            }
        }
        return d;
    }

    /** The lower envelope of the parabolas over one row of cubes, in room that is used for one row after the other. */
    private static final class Envelope {
        private final double[] f;
        private final int[] at;
        private final double[] begins;

        Envelope(int most) {
            f = new double[most];
            at = new int[most];
            begins = new double[most + 1];
        }

        /** One row of cubes with an empty one before its first and one after its last. */
        void line(double[] d, int from, int stride, int count) {
            int n = count + 2;
            double most = 0;
            for (int i = 0; i < count; i++) {
                f[i + 1] = d[from + i * stride];
                most = Math.max(most, f[i + 1]);
            }
            if (most == 0) {
                return;
            }
            f[n - 1] = 0;
            begins[0] = Double.NEGATIVE_INFINITY;
            begins[1] = Double.POSITIVE_INFINITY;
            int k = 0;
            for (int q = 1; q < n; q++) {
                double meets = meets(f, q, at[k]);
                while (meets <= begins[k]) {
                    k--;
                    meets = meets(f, q, at[k]);
                }
                k++;
                at[k] = q;
                begins[k] = meets;
                begins[k + 1] = Double.POSITIVE_INFINITY;
            }
            k = 0;
            for (int q = 1; q <= count; q++) {
                while (begins[k + 1] < q) {
                    k++;
                }
                double far = q - at[k];
                d[from + (q - 1) * stride] = far * far + f[at[k]];
            }
        }
    }

    /** Where the parabola over one cube begins to lie under the one over an earlier cube. */
    private static double meets(double[] f, int q, int before) {
        return (f[q] + (double) q * q - (f[before] + (double) before * before)) / (2.0 * (q - before));
    }
}
