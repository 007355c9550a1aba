package fairember.core.heat;

import fairember.core.measure.Minutes;
import fairember.core.measure.Span;
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
            Stuff stuff,
            double gives,
            OvenCurve curve,
            double startC,
            Minutes length,
            double lowC,
            double highC) {
        LENGTH.check(length.min());
        ROOM.check(startC);
        Cells cells = new Cells(body, stuff, gives, CELLS, startC);
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
        return watch.told(body);
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
        private boolean inside;

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
            if (Math.abs(air - coldest) > NEAR_C) {
                near = null;
            } else if (near == null) {
                near = seconds / 60;
            }
            if (warm == null && coldest >= lowC) {
                warm = seconds / 60;
            }
            boolean now = coldest >= lowC && cells.hottest() <= highC;
            counting += inside && now ? (seconds - before) / 60 : 0;
            inside = now;
            before = seconds;
            hottest = Math.max(hottest, cells.hottest());
        }

        HeatedPiece told(HeatBody body) {
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
