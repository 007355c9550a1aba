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
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayRange;
import fairember.core.stock.Lot;
import fairember.core.stock.StockClay;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A clay on the shelf. */
public record ClayForm(
        String name,
        long rangeId,
        String rawHex,
        String curedHex,
        Opacity opacity,
        Strength strength,
        @Nullable Effect effect,
        double openG,
        List<BlockForm> blocks,
        @Nullable Boolean sold,
        @Nullable Boolean swatchMeasured,
        @Nullable Double dropG,
        @Nullable List<LotForm> lots,
        @Nullable Integer lotInUse) {
    private static final int MOST_LOTS = 20;

    /** A lot that looks different from what the clay usually is. */
    public record LotForm(String name, LocalDate boughtOn, String rawHex, String curedHex) {
        private Parsed parse() {
            Gathering g = new Gathering();
            var checked = g.at("", () -> Words.name("name", given("name", name)));
            g.at("", () -> given("boughtOn", boughtOn));
            var raw = g.at("", () -> Srgb.parse("rawHex", given("rawHex", rawHex)));
            var cured = g.at("", () -> Srgb.parse("curedHex", given("curedHex", curedHex)));
            g.orRefuse();
            return new Parsed(checked.orElseThrow(), raw.orElseThrow(), cured.orElseThrow());
        }

        private record Parsed(String name, Srgb raw, Srgb cured) {}
    }

    /** A size of block. */
    public record BlockForm(double massG, long priceMinor, int onShelf) {
        BlockSize parse() {
            BlockSize.MASS.check(massG);
            return new BlockSize(new Mass(massG), new Money(priceMinor), onShelf);
        }
    }

    /** The clay as the core takes it; refused with everything that is wrong. */
    public StockClay parse(long id, Map<Long, ClayRange> ranges) {
        Gathering g = new Gathering();
        var checkedName = g.at("", () -> Words.name("name", given("name", name)));
        var range = g.at("", () -> range(ranges));
        var raw = g.at("", () -> Srgb.parse("rawHex", given("rawHex", rawHex)));
        var cured = g.at("", () -> Srgb.parse("curedHex", given("curedHex", curedHex)));
        var checkedOpacity = g.at("", () -> given("opacity", opacity));
        var checkedStrength = g.at("", () -> given("strength", strength));
        var open = g.at("", () -> new Mass(StockClay.OPEN.check(openG)));
        var given = g.at("", () -> all("blocks", blocks));
        List<Supplier<BlockSize>> suppliers = given.orElse(List.of()).stream()
                .<Supplier<BlockSize>>map(block -> block::parse)
                .toList();
        List<BlockSize> sizes = g.all("blocks", suppliers);
        var drop = g.at("", () -> new Mass(StockClay.DROP.check(or(dropG, StockClay.USUAL_DROP_G))));
        Optional<LotForm.Parsed> lot = lot(g);
        g.orRefuse();
        Pigment usual = new Pigment(
                raw.orElseThrow(),
                cured.orElseThrow(),
                checkedOpacity.orElseThrow(),
                checkedStrength.orElseThrow(),
                or(effect, Effect.PLAIN),
                Habit.NONE);
        return new StockClay(
                id,
                checkedName.orElseThrow(),
                range.orElseThrow(),
                lot.map(l -> usual.ofLot(l.raw(), l.cured())).orElse(usual),
                open.orElseThrow(),
                sizes,
                or(sold, true),
                lot.map(l -> new Lot(l.name(), usual)).orElse(null),
                dropG == null ? null : drop.orElseThrow());
    }

    /** The lot in use, when one is; all of them are checked. */
    private Optional<LotForm.Parsed> lot(Gathering g) {
        List<LotForm> given =
                g.at("", () -> all("lots", or(lots, List.<LotForm>of()))).orElse(List.of());
        if (given.size() > MOST_LOTS) {
            g.error("lots", given.size() + " lots", "up to " + MOST_LOTS, "Remove the oldest lots.");
        }
        List<Supplier<LotForm.Parsed>> suppliers =
                given.stream().<Supplier<LotForm.Parsed>>map(l -> l::parse).toList();
        List<LotForm.Parsed> parsed = g.all("lots", suppliers);
        if (lotInUse == null) {
            return Optional.empty();
        }
        if (lotInUse < 0 || lotInUse >= given.size()) {
            g.error(
                    "lotInUse",
                    "lot " + (lotInUse + 1),
                    given.isEmpty() ? "none, because this clay has no lots" : "1 to " + given.size(),
                    "Choose a lot of this clay.");
        }
        return lotInUse >= 0 && lotInUse < parsed.size() ? Optional.of(parsed.get(lotInUse)) : Optional.empty();
    }

    private ClayRange range(Map<Long, ClayRange> ranges) {
        ClayRange range = ranges.get(rangeId);
        if (range == null) {
            throw new InvalidInputException(
                    "rangeId", "range " + rangeId, "a clay range on the shelf", "Choose a clay range.");
        }
        return range;
    }
}
