package fairember.app.oven;

import static fairember.app.web.Given.given;

import fairember.core.measure.Energy;
import fairember.core.measure.Gathering;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Words;
import fairember.core.ovenload.Oven;

/** An oven and its tray. */
public record OvenForm(
        String name,
        double trayWidthMm,
        double trayDepthMm,
        double clearanceMm,
        double gapMm,
        double preheatMin,
        double preheatKwh,
        double holdKw) {

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
        g.at("", () -> Oven.HOLD_KW.check(holdKw));
        g.orRefuse();
        return new Oven(
                name,
                width.orElseThrow(),
                depth.orElseThrow(),
                clearance.orElseThrow(),
                gap.orElseThrow(),
                preheat.orElseThrow(),
                energy.orElseThrow(),
                holdKw);
    }
}
