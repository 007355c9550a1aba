package fairember.core.heat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.core.input.Span;
import fairember.core.quantity.Minutes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Conducts heat through a piece from any oven curve: finite volumes in one coordinate, Crank-Nicolson after four quarter steps of
 * backward Euler that calm the start (J. Crank and P. Nicolson, 1947; R. Rannacher, 1984). No per cent of cure is claimed: minutes
 * that count are minutes in which the coldest clay is inside the window.
 */
public final class Heating {
    public static final Span LENGTH = Span.of("minutes", "time in the oven", 1, 600, "min");
    public static final Span ROOM = Span.of("startC", "temperature before", 0, 60, "°C");
    static final int CELLS = 40;
    static final double STEP_S = 5;
    private static final int QUARTERS = 4;
    private static final double SAMPLED_S = 15;
    /** So near to the air counts as the same. */
    public static final double NEAR_C = 5;

    /** While a design is typed, all of its parts but one are asked about again. */
    private static final Cache<Question, Minutes> KNOWN =
            Caffeine.newBuilder().maximumSize(4096).build();

    private record Question(
            HeatBody body, Material material, double gives, double ovenC, double startC, Minutes most) {}

    private Heating() {}

    /**
     * Heats a piece.
     *
     * @param gives h of the air, W/(m²·K), more than 0
     * @param startC of the piece before
     * @param lowC from where on clay cures
     * @param highC where its window ends; minutes above do not count
     */
    public static HeatedPiece heat(
            HeatBody body,
            Material material,
            double gives,
            OvenCurve curve,
            double startC,
            Minutes length,
            double lowC,
            double highC) {
        LENGTH.check(length.min());
        ROOM.check(startC);
        Cells cells = new Cells(body, material, gives, CELLS, startC, curve.at(0));
        Watch watch = new Watch(lowC, highC);
        double end = length.min() * 60;
        watch.see(0, curve, cells);
        double at = 0;
        for (int quarter = 0; quarter < QUARTERS; quarter++) {
            at = go(cells, curve, at, STEP_S / QUARTERS, 1);
        }
        watch.see(at, curve, cells);
        while (at < end - 1e-9) {
            at = go(cells, curve, at, Math.min(STEP_S, end - at), 0.5);
            watch.see(at, curve, cells);
        }
        return watch.given(body);
    }

    /**
     * Minutes until the coldest clay is within {@link #NEAR_C} of an oven that is hot already and stays so.
     *
     * @param most minutes that are looked at
     * @return {@code most} when it is not near by then
     */
    public static Minutes near(
            HeatBody body, Material material, double gives, double ovenC, double startC, Minutes most) {
        return KNOWN.get(new Question(body, material, gives, ovenC, startC, most), Heating::answer);
    }

    private static Minutes answer(Question asked) {
        Cells cells = new Cells(asked.body, asked.material, asked.gives, CELLS, asked.startC, asked.ovenC);
        OvenCurve curve = OvenCurve.preheated(asked.ovenC);
        double at = 0;
        double gap = asked.ovenC - cells.coldest();
        for (int step = 0; at < asked.most.min() * 60; step++) {
            boolean start = step < QUARTERS;
            double next = go(cells, curve, at, start ? STEP_S / QUARTERS : STEP_S, start ? 1 : 0.5);
            double left = asked.ovenC - cells.coldest();
            if (left <= NEAR_C) {
                double share = gap <= NEAR_C ? 0 : (gap - NEAR_C) / (gap - left);
                return new Minutes((at + share * (next - at)) / 60);
            }
            at = next;
            gap = left;
        }
        return asked.most;
    }

    private static double go(Cells cells, OvenCurve curve, double at, double step, double implicit) {
        cells.step(step, implicit, curve.at(at / 60), curve.at((at + step) / 60));
        return at + step;
    }

    /** Notes what happens while it is heated. */
    private static final class Watch {
        private final double lowC;
        private final double highC;
        private final List<HeatedPiece.Sample> samples = new ArrayList<>();
        private @Nullable Double near;
        private @Nullable Double warm;
        private double counting;
        private double hottest = Double.NEGATIVE_INFINITY;
        private double before;
        private double nearBefore;
        private double warmBefore;
        private double countsBefore = -1;

        Watch(double lowC, double highC) {
            this.lowC = lowC;
            this.highC = highC;
        }

        void see(double seconds, OvenCurve curve, Cells cells) {
            double air = curve.at(seconds / 60);
            double coldest = cells.coldest();
            if (samples.isEmpty()
                    || seconds / 60 - samples.get(samples.size() - 1).min() >= SAMPLED_S / 60 - 1e-9) {
                samples.add(new HeatedPiece.Sample(seconds / 60, air, cells.centre(), cells.outside()));
            }
            double isNear = NEAR_C - Math.abs(air - coldest);
            double isWarm = coldest - lowC;
            double counts = Math.min(isWarm, highC - cells.hottest());
            if (isNear < 0) {
                near = null;
            } else if (near == null) {
                near = crossing(seconds, nearBefore, isNear);
            }
            if (warm == null && isWarm >= 0) {
                warm = crossing(seconds, warmBefore, isWarm);
            }
            counting += (seconds - before) / 60 * shareAbove(countsBefore, counts);
            nearBefore = isNear;
            warmBefore = isWarm;
            countsBefore = counts;
            before = seconds;
            hottest = Math.max(hottest, cells.hottest());
        }

        /** Minutes at which a value that grew from {@code then} to {@code now} since the last look was 0. */
        private double crossing(double seconds, double then, double now) {
            double back = then < 0 ? now / (now - then) : 0;
            return (seconds - back * (seconds - before)) / 60;
        }

        /** The share of the time since the last look in which a value that went evenly was 0 or more. */
        private static double shareAbove(double then, double now) {
            if (then >= 0 && now >= 0) {
                return 1;
            }
            return then < 0 && now < 0 ? 0 : Math.max(then, now) / Math.abs(now - then);
        }

        HeatedPiece given(HeatBody body) {
            return new HeatedPiece(
                    body,
                    samples,
                    Optional.ofNullable(near).map(Minutes::new),
                    Optional.ofNullable(warm).map(Minutes::new),
                    new Minutes(counting),
                    hottest);
        }
    }
}
