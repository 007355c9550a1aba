package fairember.core.claysheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where the rods of a cane lie when it is cut across, before they are pressed together: the first in the middle, each next as near to
 * the middle as it goes while it touches two others. For a picture; the sums are by area.
 *
 * @param rods in the order they are packed
 * @param across diameter of the circle round them, mm
 */
public record CaneSection(List<Round> rods, double across) {
    /** With more rods than this no picture is of use. */
    public static final int MOST = 200;

    private static final double TOUCH = 1e-6;

    /**
     * A rod, cut across.
     *
     * @param kind its place among the kinds of rods
     * @param x from the middle, mm
     * @param y from the middle, mm
     * @param radius mm
     */
    public record Round(int kind, double x, double y, double radius) {
        private double out() {
            return Math.hypot(x, y);
        }

        private double gap(Round other) {
            return Math.hypot(x - other.x, y - other.y) - radius - other.radius;
        }
    }

    public CaneSection {
        rods = List.copyOf(rods);
    }

    /** How they lie; none when there are more than {@value #MOST}. */
    public static CaneSection of(Cane cane) {
        int all = cane.rods().stream().mapToInt(Cane.Rods::count).sum();
        if (all > MOST) {
            return new CaneSection(List.of(), 0);
        }
        List<Round> packed = new ArrayList<>();
        for (int kind = 0; kind < cane.rods().size(); kind++) {
            Cane.Rods rods = cane.rods().get(kind);
            for (int i = 0; i < rods.count(); i++) {
                packed.add(next(packed, kind, rods.diameter().mm() / 2));
            }
        }
        return around(packed);
    }

    private static Round next(List<Round> packed, int kind, double radius) {
        if (packed.isEmpty()) {
            return new Round(kind, 0, 0, radius);
        }
        if (packed.size() == 1) {
            Round first = packed.get(0);
            return new Round(kind, first.x() + first.radius() + radius, first.y(), radius);
        }
        return IntStream.range(0, packed.size())
                .boxed()
                .flatMap(i -> IntStream.range(0, i)
                        .boxed()
                        .flatMap(j -> touching(packed.get(i), packed.get(j), kind, radius)))
                .sorted(Comparator.comparingDouble(Round::out))
                .filter(round -> packed.stream().allMatch(other -> round.gap(other) > -TOUCH))
                .findFirst()
                .orElseThrow();
    }

    /** The two places where a rod touches two others. */
    private static Stream<Round> touching(Round one, Round other, int kind, double radius) {
        double dx = other.x() - one.x();
        double dy = other.y() - one.y();
        double apart = Math.hypot(dx, dy);
        double r1 = one.radius() + radius;
        double r2 = other.radius() + radius;
        if (apart > r1 + r2 || apart < Math.abs(r1 - r2)) {
            return Stream.of();
        }
        double along = (r1 * r1 - r2 * r2 + apart * apart) / (2 * apart);
        double beside = Math.sqrt(Math.max(0, r1 * r1 - along * along));
        double x = one.x() + along * dx / apart;
        double y = one.y() + along * dy / apart;
        return Stream.of(
                new Round(kind, x - beside * dy / apart, y + beside * dx / apart, radius),
                new Round(kind, x + beside * dy / apart, y - beside * dx / apart, radius));
    }

    /** Moved so that the middle of all is the middle. */
    private static CaneSection around(List<Round> packed) {
        double all = packed.stream().mapToDouble(r -> r.radius() * r.radius()).sum();
        double x = packed.stream()
                        .mapToDouble(r -> r.radius() * r.radius() * r.x())
                        .sum()
                / all;
        double y = packed.stream()
                        .mapToDouble(r -> r.radius() * r.radius() * r.y())
                        .sum()
                / all;
        List<Round> moved = packed.stream()
                .map(r -> new Round(r.kind(), r.x() - x, r.y() - y, r.radius()))
                .toList();
        return new CaneSection(
                moved,
                2 * moved.stream().mapToDouble(r -> r.out() + r.radius()).max().orElse(0));
    }
}
