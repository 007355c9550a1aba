package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.app.design.ShapeForm;
import fairember.core.bake.ClayWindow;
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
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
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

    private static final double USUAL_START_C = 20;

    /** A reading of the oven. */
    record CurvePointForm(double min, double tempC) {}

    /**
     * A solid in an oven.
     *
     * @param shellMm of clay over a foil core; solid clay when not said
     * @param packing of the foil; firm when not said
     * @param curve the oven's temperature over time
     * @param startC of the design before; 20 when not said
     * @param conductivityWPerMk of the clay; 0.22 when not said
     * @param heatCapacityJPerKgK of the clay; 1200 when not said
     */
    record HeatSumForm(
            ShapeForm shape,
            @Nullable Double shellMm,
            @Nullable Packing packing,
            double densityGPerCm3,
            Air air,
            List<CurvePointForm> curve,
            @Nullable Double startC,
            @Nullable Double conductivityWPerMk,
            @Nullable Double heatCapacityJPerKgK,
            double minutes,
            double lowC,
            double highC) {}

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
        Gathering g = new Gathering();
        var solid = g.at("shape", () -> given("", form.shape()).parse());
        var air = g.at("", () -> given("air", form.air()));
        var material = g.at(
                "",
                () -> new Material(
                        or(form.conductivityWPerMk(), Material.USUAL_CONDUCTIVITY),
                        or(form.heatCapacityJPerKgK(), Material.USUAL_TIMES),
                        new Density(Density.SPAN.check(form.densityGPerCm3()))));
        var curve = g.at("curve", () -> curve(form.curve()));
        g.at("", () -> Heating.LENGTH.check(form.minutes()));
        g.at("", () -> Heating.ROOM.check(or(form.startC(), USUAL_START_C)));
        g.at("", () -> ClayWindow.LOW.check(form.lowC()));
        g.at("", () -> ClayWindow.HIGH.check(form.highC()));
        g.orRefuse();
        if (form.highC() < form.lowC()) {
            throw new InvalidInputException(
                    "highC", form.highC() + " °C", form.lowC() + " °C or more", "Put the lower temperature first.");
        }
        return HeatSumView.of(Heating.heat(
                body(form, solid.orElseThrow()),
                material.orElseThrow(),
                air.orElseThrow().gives(),
                curve.orElseThrow(),
                or(form.startC(), USUAL_START_C),
                new Minutes(form.minutes()),
                form.lowC(),
                form.highC()));
    }

    private static OvenCurve curve(List<CurvePointForm> given) {
        List<CurvePointForm> points = all("curve", given);
        if (points.size() > MOST_POINTS) {
            throw new InvalidInputException(
                    "curve", points.size() + " readings", "up to " + MOST_POINTS, "Send every tenth reading.");
        }
        return new OvenCurve(points.stream()
                .map(p -> new OvenCurve.Point(p.min(), p.tempC()))
                .toList());
    }

    private static HeatBody body(HeatSumForm form, Solid solid) {
        if (form.shellMm() == null) {
            return HeatBody.of(solid);
        }
        CoreSpec spec =
                new CoreSpec(new Length(CoreSpec.SHELL.check(form.shellMm())), or(form.packing(), Packing.FIRM));
        FoilRoll roll = FoilRoll.of(16, 300, 10, Money.ZERO, PackedFoil.USUAL);
        SizedCore core = FoilCoreSizing.size("core", solid, spec, roll, new Length(ClayWindow.GREATEST.high()));
        return HeatBody.shell(solid, new Length(form.shellMm()), core.foil());
    }
}
