package fairember.app.settings;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.batch.WorkHours;
import fairember.core.batch.Workshop;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.mix.MixWaste;
import fairember.core.portion.Portioning;
import fairember.core.price.Rates;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Currency;
import java.util.EnumSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The studio's settings: what an hour costs, how it bakes, when it is open, how many work in it, which foil it uses. */
public record SettingsForm(
        String name,
        String currency,
        long hourMinor,
        long kwhMinor,
        double wastePercent,
        double marginPercent,
        long stepMinor,
        BakingMethod bakingMethod,
        double longAndLowMin,
        double partBakeMin,
        LocalTime opens,
        LocalTime closes,
        List<DayOfWeek> days,
        double foilUm,
        double foilWidthMm,
        double foilLengthM,
        long foilPriceMinor,
        @Nullable Double looseGPerCm3,
        @Nullable Double firmGPerCm3,
        @Nullable Double hardGPerCm3,
        @Nullable Double cordMm,
        @Nullable Double machineG,
        @Nullable Double scaleStepG,
        @Nullable Integer makers,
        @Nullable Boolean byHeat) {
    private static final double USUAL_CORD_MM = 6;

    /**
     * The settings as the core takes them.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    public Settings parse() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", this::parseCurrency);
        g.at("", () -> Rates.WASTE.check(wastePercent));
        g.at("", () -> Rates.MARGIN.check(marginPercent));
        g.orRefuse();
        var rates = g.at(
                "",
                () -> new Rates(
                        new Money(hourMinor),
                        new Money(kwhMinor),
                        Share.ofPercent(wastePercent),
                        Share.ofPercent(marginPercent),
                        new Money(stepMinor)));
        var rules = g.at(
                "",
                () -> new BakeRules(
                        given("bakingMethod", bakingMethod),
                        new Minutes(longAndLowMin),
                        new Minutes(partBakeMin),
                        or(byHeat, false)));
        var hours = g.at("", this::parseHours);
        int many = or(makers, 1);
        g.at("", () -> Workshop.MAKERS.check(many));
        PackedFoil usual = PackedFoil.USUAL;
        var packed = g.at(
                        "",
                        () -> PackedFoil.of(
                                or(looseGPerCm3, usual.loose().gPerCm3()),
                                or(firmGPerCm3, usual.firm().gPerCm3()),
                                or(hardGPerCm3, usual.hard().gPerCm3())))
                .orElse(usual);
        var roll = g.at("", () -> FoilRoll.of(foilUm, foilWidthMm, foilLengthM, new Money(foilPriceMinor), packed));
        var cord = g.at("", () -> new Length(Portioning.CORD.check(or(cordMm, USUAL_CORD_MM))));
        var waste = g.at(
                "",
                () -> new MixWaste(
                        Share.ofPercent(wastePercent),
                        new Mass(MixWaste.MACHINE.check(or(machineG, 0.0))),
                        new Mass(MixWaste.STEP.check(or(scaleStepG, MixWaste.USUAL_STEP_G)))));
        g.orRefuse();
        return new Settings(
                rates.orElseThrow(),
                rules.orElseThrow(),
                hours.orElseThrow(),
                many,
                roll.orElseThrow(),
                cord.orElseThrow(),
                waste.orElseThrow());
    }

    private WorkHours parseHours() {
        List<DayOfWeek> chosen = given("days", days);
        EnumSet<DayOfWeek> set = EnumSet.noneOf(DayOfWeek.class);
        set.addAll(chosen);
        return new WorkHours(given("opens", opens), given("closes", closes), set);
    }

    private Currency parseCurrency() {
        try {
            return Currency.getInstance(given("currency", currency));
        } catch (IllegalArgumentException unknown) {
            throw new InvalidInputException(
                    "currency", currency, "three letters such as EUR", "Enter the code of your currency.");
        }
    }
}
