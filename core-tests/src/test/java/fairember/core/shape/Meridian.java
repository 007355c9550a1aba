package fairember.core.shape;

import java.util.ArrayList;
import java.util.List;

/** Sums over a section outline turned round its upright axis: slow, plain, and sharing nothing with the closed forms. */
final class Meridian {
    private final List<Outline.Point> points;

    Meridian(Solid solid) {
        this.points = solid.section().get(0).points();
    }

    private interface Edge {
        double of(double r1, double z1, double r2, double z2);
    }

    private double sum(Edge edge) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            Outline.Point a = points.get(i);
            Outline.Point b = points.get((i + 1) % points.size());
            if (Math.min(a.acrossMm(), b.acrossMm()) > -1e-9) {
                sum += edge.of(a.acrossMm(), a.upMm(), b.acrossMm(), b.upMm());
            } else if (a.acrossMm() < 0 && b.acrossMm() > 0) {
                double share = -a.acrossMm() / (b.acrossMm() - a.acrossMm());
                sum += edge.of(0, a.upMm() + share * (b.upMm() - a.upMm()), b.acrossMm(), b.upMm());
            } else if (a.acrossMm() > 0 && b.acrossMm() < 0) {
                double share = a.acrossMm() / (a.acrossMm() - b.acrossMm());
                sum += edge.of(a.acrossMm(), a.upMm(), 0, a.upMm() + share * (b.upMm() - a.upMm()));
            }
        }
        return sum;
    }

    double volume() {
        return sum((r1, z1, r2, z2) -> Math.PI * (z2 - z1) * (r1 * r1 + r1 * r2 + r2 * r2) / 3);
    }

    double surface() {
        return sum((r1, z1, r2, z2) -> Math.PI * (r1 + r2) * Math.hypot(r2 - r1, z2 - z1));
    }

    /** Height of the centre of mass, each edge cut in fifty slices. */
    double centroid() {
        double moment = sum((r1, z1, r2, z2) -> {
            double part = 0;
            for (int i = 0; i < 50; i++) {
                double r = r1 + (r2 - r1) * (i + 0.5) / 50;
                double z = z1 + (z2 - z1) * (i + 0.5) / 50;
                part += Math.PI * r * r * z * (z2 - z1) / 50;
            }
            return part;
        });
        return moment / volume();
    }

    /** Distance from a point to the outline. */
    double distance(double x, double z) {
        return distance(x, z, -1);
    }

    /** Distance from a point to the outline without what lies on the ground. */
    double distanceAbove(double x, double z) {
        return distance(x, z, 1e-9);
    }

    private double distance(double x, double z, double ground) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            Outline.Point a = points.get(i);
            Outline.Point b = points.get((i + 1) % points.size());
            boolean dot = a.acrossMm() == b.acrossMm() && a.upMm() == b.upMm();
            if (dot || (a.upMm() <= ground && b.upMm() <= ground)) {
                continue;
            }
            double dx = b.acrossMm() - a.acrossMm();
            double dz = b.upMm() - a.upMm();
            double along = ((x - a.acrossMm()) * dx + (z - a.upMm()) * dz) / (dx * dx + dz * dz);
            double saved = Math.max(0, Math.min(1, along));
            double farX = x - a.acrossMm() - saved * dx;
            double farZ = z - a.upMm() - saved * dz;
            least = Math.min(least, farX * farX + farZ * farZ);
        }
        return Math.sqrt(least);
    }

    private boolean holds(double x, double z) {
        boolean in = false;
        for (int i = 0, j = points.size() - 1; i < points.size(); j = i++) {
            double zi = points.get(i).upMm();
            double zj = points.get(j).upMm();
            double xi = points.get(i).acrossMm();
            double xj = points.get(j).acrossMm();
            if (zi > z != zj > z && x < (xj - xi) * (z - zi) / (zj - zi) + xi) {
                in = !in;
            }
        }
        return in;
    }

    /** Radius of the ball about a place that reaches neither this outline nor what lies inside; negative in these. */
    private double room(List<Meridian> inner, List<Double> raised, double x, double z) {
        if (x < 0 || !holds(x, z)) {
            return -1;
        }
        double room = distance(x, z);
        for (int i = 0; i < inner.size(); i++) {
            if (inner.get(i).holds(x, z - raised.get(i))) {
                return -1;
            }
            room = Math.min(room, inner.get(i).distance(x, z - raised.get(i)));
        }
        return room;
    }

    /** Largest ball between this outline and those inside, each raised: a grid, then uphill from all places nearly as good. */
    double largestBall(List<Meridian> inner, List<Double> raised) {
        double width =
                points.stream().mapToDouble(Outline.Point::acrossMm).max().orElse(0);
        double height = points.stream().mapToDouble(Outline.Point::upMm).max().orElse(0);
        int n = 60;
        List<double[]> starts = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= n; j++) {
                double x = width * i / n;
                double z = height * j / n;
                starts.add(new double[] {room(inner, raised, x, z), x, z});
            }
        }
        starts.sort((a, b) -> Double.compare(b[0], a[0]));
        return 2
                * starts.stream()
                        .limit(24)
                        .mapToDouble(start -> uphill(inner, raised, start, width / n))
                        .max()
                        .orElse(0);
    }

    private double uphill(List<Meridian> inner, List<Double> raised, double[] start, double grid) {
        double best = start[0];
        double x = start[1];
        double z = start[2];
        for (double step = grid; step > grid / 1e5; ) {
            double bestX = x;
            double bestZ = z;
            for (int way = 0; way < 16; way++) {
                double atX = x + step * Math.cos(way * Math.PI / 8);
                double atZ = z + step * Math.sin(way * Math.PI / 8);
                double room = room(inner, raised, atX, atZ);
                if (room > best) {
                    best = room;
                    bestX = atX;
                    bestZ = atZ;
                }
            }
            step = bestX == x && bestZ == z ? step / 2 : step;
            x = bestX;
            z = bestZ;
        }
        return best;
    }
}
