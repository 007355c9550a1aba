package fairember.app.shelf;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.bake.ClayWindow;
import fairember.core.input.Gathering;
import fairember.core.input.Words;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.stock.ClayRange;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A clay range and what its packet says; hours in the air are given of clay that is not baked. */
public record RangeForm(
        String name,
        double lowC,
        double highC,
        double ceilingC,
        double per6MmMin,
        double leastMin,
        double mostMin,
        double greatestMm,
        double densityGPerCm3,
        @Nullable Double driesH) {

    /** The range as the core takes it; refused with everything that is wrong. */
    public ClayRange parse(long id) {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        var low = g.at("", () -> new Temperature(ClayWindow.LOW.check(lowC)));
        var high = g.at("", () -> new Temperature(ClayWindow.HIGH.check(highC)));
        var ceiling = g.at("", () -> new Temperature(ClayWindow.CEILING.check(ceilingC)));
        var per6Mm = g.at("", () -> new Minutes(ClayWindow.PER_6_MM.check(per6MmMin)));
        var least = g.at("", () -> new Minutes(ClayWindow.LEAST.check(leastMin)));
        var most = g.at("", () -> new Minutes(ClayWindow.MOST.check(mostMin)));
        var greatest = g.at("", () -> new Length(ClayWindow.GREATEST.check(greatestMm)));
        var density = g.at("", () -> new Density(densityGPerCm3));
        double air = or(driesH, 0.0);
        g.at("", () -> ClayWindow.DRIES.check(air));
        g.orRefuse();
        ClayWindow window = new ClayWindow(
                low.orElseThrow(),
                high.orElseThrow(),
                ceiling.orElseThrow(),
                per6Mm.orElseThrow(),
                least.orElseThrow(),
                most.orElseThrow(),
                greatest.orElseThrow(),
                air > 0 ? Optional.of(new Minutes(air * 60)) : Optional.empty());
        return new ClayRange(id, name, window, density.orElseThrow());
    }
}
