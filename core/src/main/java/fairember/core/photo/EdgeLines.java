package fairember.core.photo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The closed lines in a picture along which it is as light as a threshold, between its points (marching squares: Lorensen and
 * Cline 1987, in two dimensions). Each has what is dark on its left.
 */
final class EdgeLines {
    private static final int NONE = -1;

    private final PaperLight light;
    private final double threshold;
    /** For each edge between two points, the edge that the line goes to from it; edges to the right first, then those down. */
    private final int[] next;

    private EdgeLines(PaperLight light, double threshold) {
        this.light = light;
        this.threshold = threshold;
        this.next = new int[2 * light.wide * light.high];
        Arrays.fill(next, NONE);
    }

    /** A closed line: its corners from the left and the top of the picture, in points. */
    static final class Line {
        private final double[] x;
        private final double[] y;

        private Line(double[] x, double[] y) {
            this.x = x;
            this.y = y;
        }

        int size() {
            return x.length;
        }

        double x(int i) {
            return x[i];
        }

        double y(int i) {
            return y[i];
        }

        /** Its area in square points: above 0 where what is dark lies inside. */
        double area() {
            double twice = 0;
            for (int i = 0; i < x.length; i++) {
                int j = (i + 1) % x.length;
                twice += x[i] * y[j] - x[j] * y[i];
            }
            return -twice / 2;
        }

        /** Whether it goes round a place; by the parity of what is crossed to the right of it. */
        boolean holds(double atX, double atY) {
            boolean inside = false;
            for (int i = 0, j = x.length - 1; i < x.length; j = i++) {
                boolean crosses = y[i] > atY != y[j] > atY;
                if (crosses && atX < (x[j] - x[i]) * (atY - y[i]) / (y[j] - y[i]) + x[i]) {
                    inside = !inside;
                }
            }
            return inside;
        }
    }

    static List<Line> of(PaperLight light, double threshold) {
        EdgeLines lines = new EdgeLines(light, threshold);
        for (int y = 0; y < light.high - 1; y++) {
            for (int x = 0; x < light.wide - 1; x++) {
                lines.square(x, y);
            }
        }
        return lines.closed();
    }

    private boolean dark(int x, int y) {
        return light.at(x, y) < threshold;
    }

    private int right(int x, int y) {
        return y * light.wide + x;
    }

    private int down(int x, int y) {
        return light.wide * light.high + y * light.wide + x;
    }

    /** The pieces of line in the square between four points. */
    private void square(int x, int y) {
        int top = right(x, y);
        int bottom = right(x, y + 1);
        int left = down(x, y);
        int right = down(x + 1, y);
        int kind = (dark(x, y) ? 8 : 0)
                + (dark(x + 1, y) ? 4 : 0)
                + (dark(x + 1, y + 1) ? 2 : 0)
                + (dark(x, y + 1) ? 1 : 0);
        switch (kind) {
            case 1 -> next[bottom] = left;
            case 2 -> next[right] = bottom;
            case 3 -> next[right] = left;
            case 4 -> next[top] = right;
            case 6 -> next[top] = bottom;
            case 7 -> next[top] = left;
            case 8 -> next[left] = top;
            case 9 -> next[bottom] = top;
            case 11 -> next[right] = top;
            case 12 -> next[left] = right;
            case 13 -> next[bottom] = right;
            case 14 -> next[left] = bottom;
            case 5, 10 -> saddle(x, y, kind == 10, new int[] {top, right, bottom, left});
            default -> {
                // All alike: no line.
            }
        }
    }

    /** Two dark points across from each other: joined where the middle is dark. */
    private void saddle(int x, int y, boolean topLeft, int[] edges) {
        double middle = (light.at(x, y) + light.at(x + 1, y) + light.at(x, y + 1) + light.at(x + 1, y + 1)) / 4;
        int top = edges[0];
        int right = edges[1];
        int bottom = edges[2];
        int left = edges[3];
        if (topLeft == middle < threshold) {
            // Both ways the pieces cut off top right and bottom left.
            next[topLeft ? right : top] = topLeft ? top : right;
            next[topLeft ? left : bottom] = topLeft ? bottom : left;
        } else {
            next[topLeft ? left : top] = topLeft ? top : left;
            next[topLeft ? right : bottom] = topLeft ? bottom : right;
        }
    }

    private List<Line> closed() {
        boolean[] seen = new boolean[next.length];
        List<Line> lines = new ArrayList<>();
        for (int start = 0; start < next.length; start++) {
            if (next[start] == NONE || seen[start]) {
                continue;
            }
            List<Integer> edges = new ArrayList<>();
            int at = start;
            while (at != NONE && !seen[at]) {
                seen[at] = true;
                edges.add(at);
                at = next[at];
            }
            if (at == start) {
                lines.add(line(edges));
            }
        }
        return lines;
    }

    private Line line(List<Integer> edges) {
        double[] xs = new double[edges.size()];
        double[] ys = new double[edges.size()];
        int points = light.wide * light.high;
        for (int i = 0; i < xs.length; i++) {
            int edge = edges.get(i);
            boolean down = edge >= points;
            int x = edge % points % light.wide;
            int y = edge % points / light.wide;
            double one = light.at(x, y);
            double other = down ? light.at(x, y + 1) : light.at(x + 1, y);
            double along = (threshold - one) / (other - one);
            xs[i] = x + 0.5 + (down ? 0 : along);
            ys[i] = y + 0.5 + (down ? along : 0);
        }
        return new Line(xs, ys);
    }
}
