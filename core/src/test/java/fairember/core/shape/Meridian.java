package fairember.core.shape;

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
            double held = Math.max(0, Math.min(1, along));
            least = Math.min(least, Math.hypot(x - a.acrossMm() - held * dx, z - a.upMm() - held * dz));
        }
        return least;
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

    /** Largest ball between this outline and the inner one raised by the wall: a grid, then finer ones around its best. */
    double largestBall(Meridian inner, double wall) {
        double width =
                points.stream().mapToDouble(Outline.Point::acrossMm).max().orElse(0);
        double height = points.stream().mapToDouble(Outline.Point::upMm).max().orElse(0);
        double x0 = width / 2;
        double z0 = height / 2;
        double half = Math.max(width, height) / 2;
        double best = 0;
        for (int round = 0; round < 6; round++) {
            int n = round == 0 ? 120 : 20;
            double bestX = x0;
            double bestZ = z0;
            for (int i = -n; i <= n; i++) {
                for (int j = -n; j <= n; j++) {
                    double x = x0 + half * i / n;
                    double z = z0 + half * j / n;
                    if (x < 0 || !holds(x, z) || inner.holds(x, z - wall)) {
                        continue;
                    }
                    double r = Math.min(distance(x, z), inner.distance(x, z - wall));
                    if (r > best) {
                        best = r;
                        bestX = x;
                        bestZ = z;
                    }
                }
            }
            x0 = bestX;
            z0 = bestZ;
            half /= round == 0 ? 40 : 8;
        }
        return 2 * best;
    }
}
