package fairember.app.design;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.input.Gathering;
import fairember.core.quantity.Length;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.function.Supplier;

/** A design of wire, bent flat. */
public record WireForm(String name, double gaugeMm, Metal metal, int count, List<LegForm> legs) {
    /** A straight length and the bend after it, to the left. */
    public record LegForm(double lengthMm, double turnDeg) {
        private Wire.Leg parse() {
            return new Wire.Leg(new Length(Wire.Leg.LENGTH.check(lengthMm)), turnDeg);
        }
    }

    public Wire parse() {
        Gathering g = new Gathering();
        var gauge = g.at("", () -> new Gauge(gaugeMm));
        var given = g.at("", () -> all("legs", legs)).orElse(List.of());
        List<Supplier<Wire.Leg>> suppliers =
                given.stream().<Supplier<Wire.Leg>>map(leg -> leg::parse).toList();
        List<Wire.Leg> checked = g.all("legs", suppliers);
        g.orRefuse();
        return new Wire(given("name", name), gauge.orElseThrow(), given("metal", metal), count, checked);
    }

    static WireForm of(Wire wire) {
        return new WireForm(
                wire.name(),
                wire.gauge().mm(),
                wire.metal(),
                wire.count(),
                wire.legs().stream()
                        .map(leg -> new LegForm(leg.length().mm(), leg.turnDeg()))
                        .toList());
    }
}
