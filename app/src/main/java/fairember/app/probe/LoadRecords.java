package fairember.app.probe;

import fairember.app.clock.StudioClock;
import fairember.app.design.DesignStore;
import fairember.app.journal.MissingException;
import fairember.app.oven.LoadStore;
import fairember.app.oven.OvenStore;
import fairember.app.web.AdviceView;
import fairember.core.design.DesignHeating;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredStage;
import fairember.core.heat.Air;
import fairember.core.heat.Cooling;
import fairember.core.heat.HeatedPiece;
import fairember.core.heat.OvenCurve;
import fairember.core.loadrecord.LoadRecord;
import fairember.core.loadrecord.LoadRecording;
import fairember.core.loadrecord.Reading;
import fairember.core.loadrecord.Wanted;
import fairember.core.loadstart.TakingOut;
import fairember.core.quantity.Minutes;
import fairember.core.studio.LoadItem;
import fairember.core.studio.LoggedLoad;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Puts together what a load got: the air by its probe, and by that the middle of its slowest design. */
@Service
public class LoadRecords {
    private static final int LONGEST_MIN = 590;

    /** Of the minutes in the oven, so much must have been read to go by the probe. */
    private static final double ENOUGH_READ = 0.8;

    /** Seconds of the wall that a simulated probe may be behind. */
    private static final double LAG_S = 5;

    private final LoadStore loads;
    private final ProbeStore probes;
    private final DesignStore designs;
    private final OvenStore ovens;
    private final StudioClock clock;

    LoadRecords(LoadStore loads, ProbeStore probes, DesignStore designs, OvenStore ovens, StudioClock clock) {
        this.loads = loads;
        this.probes = probes;
        this.designs = designs;
        this.ovens = ovens;
        this.clock = clock;
    }

    /** A stage bake that is in the load. */
    private record Inside(String name, MeasuredDesign design, int stage) {
        MeasuredStage measured() {
            return design.stages().get(stage);
        }
    }

    RecordView record(long id) {
        Evaluated load = evaluated(id);
        return RecordView.of(
                load.load(),
                load.wanted(),
                load.record(),
                load.nowS(),
                load.slowest(),
                coolAt(load.load(), load.inside(), clock.instant()),
                AdviceView.all(load.record().alarms()));
    }

    /** What a load had until now, or until it came out. */
    public TakingOut.Had had(long id) {
        Evaluated load = evaluated(id);
        Optional<Slowest> read = Optional.ofNullable(load.slowest())
                .filter(slowest -> load.record().seenMin() >= ENOUGH_READ * load.nowS() / 60);
        return new TakingOut.Had(
                load.load().baking(),
                new Minutes(load.wanted().mostMin()),
                new Minutes(load.nowS() / 60),
                read.map(slowest -> new Minutes(load.record().atHeatMin())),
                read.map(slowest -> slowest.heated().counting()));
    }

    /**
     * A load by its readings.
     *
     * @param nowS seconds since it went in, or from in to out
     */
    private record Evaluated(
            LoggedLoad load,
            List<Inside> inside,
            Wanted wanted,
            LoadRecord record,
            @Nullable Slowest slowest,
            double nowS) {}

    private Evaluated evaluated(long id) {
        LoggedLoad load = loads.find(id)
                .orElseThrow(() -> new MissingException("load", id))
                .value();
        Instant end = load.outAt() == null ? clock.instant() : load.outAt();
        double nowS = seconds(load.inAt(), end);
        List<Inside> inside = inside(load);
        Wanted wanted = wanted(load, inside);
        LoadRecord record =
                LoadRecording.of(readings(load, end), wanted, nowS, load.outAt() == null, LAG_S * clock.speed());
        return new Evaluated(load, inside, wanted, record, slowest(load, inside, record.points(), nowS), nowS);
    }

    /**
     * The slowest design of a load.
     *
     * @param heated as far as it was read
     */
    record Slowest(String name, HeatedPiece heated) {}

    private List<Reading> readings(LoggedLoad load, Instant end) {
        return probes.between(load.ovenId(), load.inAt(), end).stream()
                .map(row -> new Reading((row.atMs() - load.inAt().toEpochMilli()) / 1000.0, row.tempC()))
                .toList();
    }

    private static double seconds(Instant from, Instant to) {
        return Math.max(0, Duration.between(from, to).toMillis() / 1000.0);
    }

    private List<Inside> inside(LoggedLoad load) {
        DesignStore.Measuring measuring = designs.measuring();
        List<Inside> inside = new ArrayList<>();
        for (LoadItem item : load.items()) {
            if (designs.find(item.designId()).isPresent()) {
                MeasuredDesign design = measuring.of(item.designId());
                if (item.stage() < design.stages().size()) {
                    inside.add(new Inside(design.design().name(), design, item.stage()));
                }
            }
        }
        return inside;
    }

    private static Wanted wanted(LoggedLoad load, List<Inside> inside) {
        double low = inside.stream()
                .mapToDouble(i -> i.measured().need().window().low().c())
                .max()
                .orElse(load.temp().c());
        double high = inside.stream()
                .mapToDouble(i -> i.measured().need().window().high().c())
                .min()
                .orElse(load.temp().c());
        double most = inside.stream()
                .mapToDouble(i -> i.measured().need().most().min())
                .min()
                .orElse(load.baking().min());
        return new Wanted(
                Math.min(low, load.temp().c()),
                Math.max(high, load.temp().c()),
                load.temp().c(),
                load.baking().min(),
                Math.max(most, load.baking().min()));
    }

    private @Nullable Slowest slowest(LoggedLoad load, List<Inside> inside, List<Reading> points, double nowS) {
        List<OvenCurve.Point> curve = new ArrayList<>();
        for (Reading point : points) {
            boolean later = curve.isEmpty()
                    || point.atS() / 60 > curve.get(curve.size() - 1).min();
            if (point.atS() >= 0 && later) {
                curve.add(new OvenCurve.Point(point.atS() / 60, point.c()));
            }
        }
        if (curve.isEmpty() || inside.isEmpty()) {
            return null;
        }
        Minutes length = new Minutes(Math.min(LONGEST_MIN, Math.max(1, nowS / 60)));
        Air air = ovens.find(load.ovenId()).map(oven -> oven.value().air()).orElse(Air.STILL);
        Slowest slowest = null;
        for (Inside in : inside) {
            HeatedPiece heated = DesignHeating.along(in.design(), in.stage(), air, new OvenCurve(curve), length);
            if (slowest == null || heated.counting().compareTo(slowest.heated().counting()) < 0) {
                slowest = new Slowest(in.name(), heated);
            }
        }
        return slowest;
    }

    /** When all of it can be handled. */
    private static @Nullable Instant coolAt(LoggedLoad load, List<Inside> inside, Instant now) {
        Instant due = load.dueOut().isAfter(now) ? load.dueOut() : now;
        Instant out = load.outAt() == null ? due : load.outAt();
        return inside.stream()
                .map(in -> DesignHeating.cooling(
                        in.design(),
                        in.stage(),
                        in.measured().stage().quench() ? Cooling.Way.QUENCH : Cooling.Way.SLOW))
                .max(Minutes::compareTo)
                .map(cooling -> out.plusSeconds(Math.round(cooling.min() * 60)))
                .orElse(null);
    }

    /** All readings of a load as CSV, as the door takes them. */
    String csv(long id, boolean decimalCommas) {
        LoggedLoad load = loads.find(id)
                .orElseThrow(() -> new MissingException("load", id))
                .value();
        Instant end = load.outAt() == null ? clock.instant() : load.outAt();
        StringBuilder csv = new StringBuilder(decimalCommas ? "\uFEFFat;temp_c\r\n" : "at,temp_c\r\n");
        for (Reading reading : readings(load, end)) {
            Instant at = load.inAt().plusMillis(Math.round(reading.atS() * 1000));
            String c = String.valueOf(reading.c());
            csv.append(DateTimeFormatter.ISO_OFFSET_DATE_TIME.format(at.atZone(clock.getZone())))
                    .append(decimalCommas ? ';' : ',')
                    .append(decimalCommas ? c.replace('.', ',') : c)
                    .append("\r\n");
        }
        return csv.toString();
    }

    /** The oven a load is or was in. */
    long ovenOf(long id) {
        return loads.find(id)
                .orElseThrow(() -> new MissingException("load", id))
                .value()
                .ovenId();
    }
}
