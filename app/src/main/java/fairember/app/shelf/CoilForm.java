package fairember.app.shelf;

import static fairember.app.web.Given.given;

import fairember.core.input.Gathering;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.WireCoil;

/** Coils of one wire on the shelf. */
public record CoilForm(String name, double gaugeMm, Metal metal, double lengthM, int onShelf, long priceMinor) {
    /** The coil as the core takes it; refused with everything that is wrong. */
    public WireCoil parse() {
        Gathering g = new Gathering();
        var gauge = g.at("", () -> new Gauge(gaugeMm));
        var drawn = g.at("", () -> given("metal", metal));
        g.at("", () -> WireCoil.LENGTH.check(lengthM));
        g.at("", () -> WireCoil.ON_SHELF.check(onShelf));
        g.orRefuse();
        return new WireCoil(
                given("name", name),
                gauge.orElseThrow(),
                drawn.orElseThrow(),
                new Length(lengthM * 1000),
                onShelf,
                new Money(priceMinor));
    }
}
