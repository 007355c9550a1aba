package fairember.app.oven;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.batch.WorkHours;
import fairember.core.heat.Air;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
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
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * An oven and its trays: {@code clearanceMm} above the first, {@code moreClearancesMm} above the others. Things go in
 * when it is hot, unless it is {@code cold}; its air is still unless it is given; it runs whenever somebody is in the
 * studio, unless hours of its own are given.
 */
public record OvenForm(
        String name,
        double trayWidthMm,
        double trayDepthMm,
        double clearanceMm,
        double gapMm,
        double preheatMin,
        double preheatKwh,
        double keepHotKw,
        @Nullable List<ReadingForm> readings,
        @Nullable List<Double> moreClearancesMm,
        @Nullable Double unloadMin,
        @Nullable Boolean cold,
        @Nullable List<SpotForm> spots,
        @Nullable Air air,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes) {
    /** Each stands in a list, so its field is its place there. */
    private static final Span OTHER_CLEARANCE =
            Span.of("", Oven.CLEARANCE.label(), Oven.CLEARANCE.low(), Oven.CLEARANCE.high(), Oven.CLEARANCE.unit());

    /** What a thermometer read at a setting of the dial. */
    public record ReadingForm(double dialC, double readC) {
        DialReading parse() {
            return new DialReading(dialC, readC);
        }
    }

    /** How much warmer than the middle of the tray it is at a place; cooler is negative. */
    public record SpotForm(double leftMm, double backMm, double warmerC) {
        public TraySpot parse() {
            return new TraySpot(
                    new Length(TraySpot.LEFT.check(leftMm)), new Length(TraySpot.BACK.check(backMm)), warmerC);
        }
    }

    private List<TraySpot> traySpots() {
        List<SpotForm> given = all("spots", or(spots, List.of()));
        Gathering g = new Gathering();
        List<TraySpot> parsed = g.all(
                "spots", given.stream().<Supplier<TraySpot>>map(s -> s::parse).toList());
        g.orRefuse();
        return parsed;
    }

    /** The hours of its own in which it may run; nothing when none are given. */
    public Optional<WorkHours> hours() {
        if (opens == null && closes == null) {
            return Optional.empty();
        }
        return Optional.of(WorkHours.daily(given("opens", opens), given("closes", closes)));
    }

    /** What the readings say of the dial; nothing before the first. */
    public Optional<DialCorrection> dial() {
        List<ReadingForm> given = all("readings", or(readings, List.of()));
        Gathering g = new Gathering();
        List<DialReading> parsed = g.all(
                "readings",
                given.stream().<Supplier<DialReading>>map(r -> r::parse).toList());
        g.orRefuse();
        return parsed.isEmpty() ? Optional.empty() : Optional.of(DialCorrection.of(parsed));
    }

    /** Where the dial goes for a temperature, as far as anybody has read it. */
    public double setting(double wantedC) {
        return dial().map(dial -> dial.settingFor(wantedC)).orElse(wantedC);
    }

    /** The oven as the core takes it; refused with everything that is wrong. */
    public Oven parse() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        var width = g.at("", () -> new Length(Oven.TRAY_WIDTH.check(trayWidthMm)));
        var depth = g.at("", () -> new Length(Oven.TRAY_DEPTH.check(trayDepthMm)));
        var clearance = g.at("", () -> new Length(Oven.CLEARANCE.check(clearanceMm)));
        var gap = g.at("", () -> new Length(Oven.GAP.check(gapMm)));
        var preheat = g.at("", () -> new Minutes(Oven.PREHEAT.check(preheatMin)));
        var energy = g.at("", () -> new Energy(Oven.PREHEAT_KWH.check(preheatKwh)));
        g.at("", () -> Oven.KEEP_HOT_KW.check(keepHotKw));
        g.at("", this::dial);
        var places = g.at("", this::traySpots);
        g.at("", this::hours);
        var unload = g.at("", () -> new Minutes(Oven.UNLOAD.check(or(unloadMin, 0.0))));
        List<Double> more = g.at("", () -> all("moreClearancesMm", or(moreClearancesMm, List.of())))
                .orElse(List.of());
        List<Length> others = g.all(
                "moreClearancesMm",
                more.stream()
                        .<Supplier<Length>>map(mm -> () -> new Length(OTHER_CLEARANCE.check(mm)))
                        .toList());
        g.at("moreClearancesMm", () -> Oven.SHELVES.check(more.size() + 1));
        g.orRefuse();
        return new Oven(
                name,
                width.orElseThrow(),
                depth.orElseThrow(),
                Stream.concat(clearance.stream(), others.stream()).toList(),
                gap.orElseThrow(),
                preheat.orElseThrow(),
                unload.orElseThrow(),
                energy.orElseThrow(),
                keepHotKw,
                or(cold, false),
                places.orElseThrow());
    }
}
