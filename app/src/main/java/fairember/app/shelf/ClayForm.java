package fairember.app.shelf;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.colour.Effect;
import fairember.core.colour.Habit;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.measure.Gathering;
import fairember.core.measure.Mass;
import fairember.core.measure.Money;
import fairember.core.measure.Refused;
import fairember.core.measure.Words;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayLine;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A clay on the shelf. */
public record ClayForm(
        String name,
        long lineId,
        String rawHex,
        String curedHex,
        Opacity opacity,
        Strength strength,
        @Nullable Effect effect,
        double openG,
        List<BlockForm> blocks) {

    /** A size of block. */
    public record BlockForm(double massG, long priceMinor, int onShelf) {
        BlockSize parse() {
            BlockSize.MASS.check(massG);
            return new BlockSize(new Mass(massG), new Money(priceMinor), onShelf);
        }
    }

    /** The clay as the core takes it; refused with everything that is wrong. */
    public StockClay parse(long id, Map<Long, ClayLine> lines) {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var line = g.at("", () -> line(lines));
        var raw = g.at("", () -> Srgb.parse("rawHex", given("rawHex", rawHex)));
        var cured = g.at("", () -> Srgb.parse("curedHex", given("curedHex", curedHex)));
        var checkedOpacity = g.at("", () -> given("opacity", opacity));
        var checkedStrength = g.at("", () -> given("strength", strength));
        var open = g.at("", () -> new Mass(StockClay.OPEN.check(openG)));
        var told = g.at("", () -> all("blocks", blocks));
        List<Supplier<BlockSize>> suppliers = told.orElse(List.of()).stream()
                .<Supplier<BlockSize>>map(block -> block::parse)
                .toList();
        List<BlockSize> sizes = g.all("blocks", suppliers);
        g.orRefuse();
        return new StockClay(
                id,
                checkedName.orElseThrow(),
                line.orElseThrow(),
                new Pigment(
                        raw.orElseThrow(),
                        cured.orElseThrow(),
                        checkedOpacity.orElseThrow(),
                        checkedStrength.orElseThrow(),
                        or(effect, Effect.PLAIN),
                        Habit.NONE),
                open.orElseThrow(),
                sizes);
    }

    private ClayLine line(Map<Long, ClayLine> lines) {
        ClayLine line = lines.get(lineId);
        if (line == null) {
            throw new Refused("lineId", "line " + lineId, "a line on the shelf", "Choose the line it belongs to.");
        }
        return line;
    }
}
