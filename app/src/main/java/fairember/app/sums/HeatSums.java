package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.core.bake.ClayWindow;
import fairember.core.document.Default;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.FoilCoreSizing;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.foilcore.SizedCore;
import fairember.core.heat.Air;
import fairember.core.heat.HeatBody;
import fairember.core.heat.HeatedPiece;
import fairember.core.heat.Heating;
import fairember.core.heat.Material;
import fairember.core.heat.OvenCurve;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Solid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How heat crosses a design: all inputs in the request, nothing saved. */
@RestController
class HeatSums {
    /** More readings than a day at one in six seconds are thinned out before they are sent. */
    private static final int MOST_POINTS = 15_000;

    /** A reading of the oven. */
    record CurvePointForm(double min, double tempC) {}

    /**
     * A solid in an oven.
     *
     * @param shell of clay over a foil core; solid clay when not said
     * @param packing of the foil
     * @param curve the oven's temperature over time
     * @param start of the design before
     * @param conductivityWPerMk of the clay; 0.22 when not said
     * @param heatCapacityJPerKgK of the clay; 1200 when not said
     */
    record HeatSumForm(
            Solid shape,
            @Nullable Length shell,
            @Default("FIRM") Packing packing,
            Density density,
            Air air,
            List<CurvePointForm> curve,
            @Default("20") Temperature start,
            @Nullable Double conductivityWPerMk,
            @Nullable Double heatCapacityJPerKgK,
            double minutes,
            Temperature low,
            Temperature high) {
        static final Span SHELL = CoreSpec.SHELL;
        static final Span DENSITY = Density.SPAN;
        static final Span START = Heating.ROOM;
        static final Span MINUTES = Heating.LENGTH;
        static final Span LOW = ClayWindow.LOW;
        static final Span HIGH = ClayWindow.HIGH;
    }

    /** The air, the middle and the outside at a time. */
    record HeatSampleView(double min, double airC, double centreC, double outsideC) {}

    /**
     * How the solid was heated.
     *
     * @param nearMin when its coldest clay was within 5 °C of the air; nothing when it never was
     * @param warmMin when its coldest clay came into the window
     * @param countingMin in which all of its clay was inside the window
     * @param narrowing g, how the area shrinks on the way in: 0 plate, 1 rod, 2 ball
     */
    record HeatSumView(
            List<HeatSampleView> samples,
            @Nullable Double nearMin,
            @Nullable Double warmMin,
            double countingMin,
            double hottestC,
            double narrowing) {
        static HeatSumView of(HeatedPiece heated) {
            return new HeatSumView(
                    heated.samples().stream()
                            .map(s -> new HeatSampleView(s.min(), s.airC(), s.centreC(), s.outsideC()))
                            .toList(),
                    heated.near().map(Minutes::min).orElse(null),
                    heated.warm().map(Minutes::min).orElse(null),
                    heated.counting().min(),
                    heated.hottest(),
                    heated.body().narrowing());
        }
    }

    @PostMapping("/api/sums/heat")
    HeatSumView heat(@RequestBody HeatSumForm form) {
        if (form.high().c() < form.low().c()) {
            throw new InvalidInputException(
                    "highC",
                    form.high().c() + " °C",
                    form.low().c() + " °C or more",
                    "Put the lower temperature first.");
        }
        return HeatSumView.of(Heating.heat(
                body(form),
                new Material(
                        or(form.conductivityWPerMk(), Material.USUAL_CONDUCTIVITY),
                        or(form.heatCapacityJPerKgK(), Material.USUAL_TIMES),
                        form.density()),
                form.air().gives(),
                curve(form.curve()),
                form.start().c(),
                new Minutes(form.minutes()),
                form.low().c(),
                form.high().c()));
    }

    private static OvenCurve curve(List<CurvePointForm> points) {
        if (points.size() > MOST_POINTS) {
            throw new InvalidInputException(
                    "curve", points.size() + " readings", "up to " + MOST_POINTS, "Send every tenth reading.");
        }
        return new OvenCurve(points.stream()
                .map(p -> new OvenCurve.Point(p.min(), p.tempC()))
                .toList());
    }

    private static HeatBody body(HeatSumForm form) {
        Length shell = form.shell();
        if (shell == null) {
            return HeatBody.of(form.shape());
        }
        FoilRoll roll = FoilRoll.priceless(new Length(0.016), new Length(300), PackedFoil.USUAL);
        SizedCore core = FoilCoreSizing.size(
                "core",
                form.shape(),
                new CoreSpec(shell, form.packing()),
                roll,
                new Length(ClayWindow.GREATEST.high()));
        return HeatBody.shell(form.shape(), shell, core.foil());
    }
}
