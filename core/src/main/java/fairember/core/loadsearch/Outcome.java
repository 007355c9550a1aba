package fairember.core.loadsearch;

import fairember.core.ovenload.Objective;
import java.util.List;

/**
 * What a draft comes to, compared in the order of the problem: fewer bakes left out, less moved of what is pinned, then
 * the objectives.
 *
 * @param left bakes that find no hours
 * @param slip ticks by which pinned loads go in late
 * @param late ticks of lateness
 * @param loads of all ovens
 * @param kwh of all loads
 * @param finish tick of the last end
 * @param order of the objectives
 */
record Outcome(int left, long slip, long late, int loads, double kwh, int finish, List<Objective> order)
        implements Comparable<Outcome> {
    private static final double SAME_KWH = 1e-9;
    private static final double WORTH_LATE_MIN = 5;
    private static final double WORTH_KWH = 0.03;
    private static final double WORTH_FINISH_MIN = 30;

    static Outcome of(List<Objective> order, int left, long slip, long late, int loads, double kwh, int finish) {
        return new Outcome(left, slip, late, loads, kwh, finish, order);
    }

    double value(Objective objective) {
        return switch (objective) {
            case LATENESS -> late;
            case LOADS -> loads;
            case KWH -> kwh;
            case FINISH -> finish;
        };
    }

    /**
     * Whether it is better by so much that a plan people go by may be changed for it.
     *
     * @param ticks of a minute
     */
    boolean isWorthAChange(Outcome from, double ticks) {
        if (left != from.left) {
            return left < from.left;
        }
        if (slip != from.slip) {
            return slip < from.slip;
        }
        for (Objective objective : order) {
            double gain = from.value(objective) - value(objective);
            double least = switch (objective) {
                case LATENESS -> WORTH_LATE_MIN * ticks;
                case LOADS -> 1;
                case KWH -> WORTH_KWH * from.kwh;
                case FINISH -> WORTH_FINISH_MIN * ticks;
            };
            if (Math.abs(gain) >= least && Math.abs(gain) > SAME_KWH) {
                return gain > 0;
            }
        }
        return false;
    }

    @Override
    public int compareTo(Outcome other) {
        if (left != other.left) {
            return Integer.compare(left, other.left);
        }
        if (slip != other.slip) {
            return Long.compare(slip, other.slip);
        }
        for (Objective objective : order) {
            double mine = value(objective);
            double theirs = other.value(objective);
            if (Math.abs(mine - theirs) > SAME_KWH) {
                return Double.compare(mine, theirs);
            }
        }
        return 0;
    }
}
