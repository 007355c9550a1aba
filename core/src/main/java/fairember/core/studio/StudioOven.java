package fairember.core.studio;

import fairember.core.batch.WorkHours;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.heat.Air;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.ovencalibration.DialCorrection;
import fairember.core.ovencalibration.DialReading;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.TraySpot;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * An oven of the studio, its trays, and what is known of its heat.
 *
 * @param clearance above the first tray
 * @param gap between things on a tray
 * @param preheat minutes to get to temperature
 * @param preheatKwh energy to get there
 * @param keepHotKw power to stay there
 * @param readings what a thermometer read at settings of the dial
 * @param moreClearances above the other trays
 * @param unload minutes to take a load out
 * @param cold whether things go in before it is heated
 * @param spots places of its trays that are warmer or cooler
 * @param air whether its air is still
 * @param opens when it may run, at any day; null when it runs whenever somebody is in the studio
 * @param closes null when {@code opens} is
 */
public record StudioOven(
        @Name String name,
        Length trayWidth,
        Length trayDepth,
        Length clearance,
        Length gap,
        Minutes preheat,
        double preheatKwh,
        double keepHotKw,
        @Default("[]") List<DialReading> readings,
        @Default("[]") List<Length> moreClearances,
        @Default("0") Minutes unload,
        @Default("false") boolean cold,
        @Default("[]") List<TraySpot> spots,
        @Default("STILL") Air air,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes) {
    static final Span TRAY_WIDTH = Oven.TRAY_WIDTH;
    static final Span TRAY_DEPTH = Oven.TRAY_DEPTH;
    static final Span CLEARANCE = Oven.CLEARANCE;
    static final Span MORE_CLEARANCES = CLEARANCE.named("moreClearancesMm");
    static final Span GAP = Oven.GAP;
    static final Span PREHEAT = Oven.PREHEAT;
    static final Span PREHEAT_KWH = Oven.PREHEAT_KWH;
    static final Span KEEP_HOT_KW = Oven.KEEP_HOT_KW;
    static final Span UNLOAD = Oven.UNLOAD;

    /**
     * An oven whose figures go together.
     *
     * @throws InvalidInputException with everything that does not
     */
    public StudioOven {
        readings = List.copyOf(readings);
        moreClearances = List.copyOf(moreClearances);
        spots = List.copyOf(spots);
        Gathering g = new Gathering();
        List<DialReading> read = readings;
        LocalTime from = opens;
        LocalTime to = closes;
        int trays = moreClearances.size() + 1;
        g.at("", () -> dial(read));
        g.at("", () -> hours(from, to));
        g.at("moreClearancesMm", () -> Oven.SHELVES.check(trays));
        g.within(Oven.SPOTS, spots.size());
        g.orRefuse();
    }

    /** The oven as loads are planned for it. */
    public Oven oven() {
        return new Oven(
                name,
                trayWidth,
                trayDepth,
                Stream.concat(Stream.of(clearance), moreClearances.stream()).toList(),
                gap,
                preheat,
                unload,
                new Energy(preheatKwh),
                keepHotKw,
                cold,
                spots);
    }

    /** The hours of its own in which it may run; nothing when there are none. */
    public Optional<WorkHours> hours() {
        return hours(opens, closes);
    }

    private static Optional<WorkHours> hours(@Nullable LocalTime from, @Nullable LocalTime to) {
        if (from == null && to == null) {
            return Optional.empty();
        }
        if (from == null || to == null) {
            throw new InvalidInputException(from == null ? "opens" : "closes", "nothing", "a value", "Enter a value.");
        }
        return Optional.of(WorkHours.daily(from, to));
    }

    /** What the readings say of the dial; nothing before the first. */
    public Optional<DialCorrection> dial() {
        return dial(readings);
    }

    private static Optional<DialCorrection> dial(List<DialReading> readings) {
        return readings.isEmpty() ? Optional.empty() : Optional.of(DialCorrection.of(readings));
    }

    /** Where the dial goes for a temperature, as far as anybody has read it. */
    public double setting(double wantedC) {
        return dial().map(dial -> dial.settingFor(wantedC)).orElse(wantedC);
    }
}
