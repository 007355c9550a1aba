package fairember.core.studio;

import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.batch.WorkHours;
import fairember.core.batch.Workshop;
import fairember.core.design.Room;
import fairember.core.document.Default;
import fairember.core.document.InUnit;
import fairember.core.document.Name;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.PackedFoil;
import fairember.core.foilcore.Packing;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.MixWaste;
import fairember.core.portion.Portioning;
import fairember.core.price.CostInputs;
import fairember.core.price.Rates;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Currency;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The studio's settings: what an hour costs, how it bakes, when it is open, how many work in it, which foil it uses.
 *
 * @param currency three letters such as EUR
 * @param hour price of an hour's work
 * @param kwh price of a kilowatt-hour
 * @param waste share of every mix that stays on hands and tools
 * @param margin on the cost
 * @param step prices are rounded up to whole steps
 * @param longAndLow minutes of a bake long and low
 * @param partBake minutes of a part-bake
 * @param days of the week when somebody is there
 * @param foil thickness
 * @param foilLength on a new roll
 * @param loose how dense this maker presses foil loosely
 * @param cord thickness of the cords that portions are cut from
 * @param machine grams of a mix that stay in the roller machine
 * @param scaleStep smallest step of the scale
 * @param makers at work at once, 1 or 2
 * @param byHeat whether a bake is longer where the heat needs it to reach the middle
 * @param paint minutes that set paint on cured clay
 * @param room where paint dries
 * @param humidity of the air there
 * @param wear what sandpaper, swabs, gloves, blades and tools cost for an hour of work
 * @param foilLeft what is left of the roll; null when that is not counted
 * @param learns whether plans go by what the daybook has taught
 * @param units in which its figures are read and typed
 * @param confirmed guesses that the maker has said are right
 * @param lost share of the pieces begun that are never finished, where the daybook says nothing
 */
public record Settings(
        @Name String name,
        String currency,
        Money hour,
        Money kwh,
        Share waste,
        Share margin,
        Money step,
        BakingMethod bakingMethod,
        Minutes longAndLow,
        Minutes partBake,
        LocalTime opens,
        LocalTime closes,
        Set<DayOfWeek> days,
        @InUnit("Um") Length foil,
        Length foilWidth,
        @InUnit("M") Length foilLength,
        Money foilPrice,
        @Default("0.25") Density loose,
        @Default("0.5") Density firm,
        @Default("0.95") Density hard,
        @Default("6") Length cord,
        @Default("0") Mass machine,
        @Default("0.1") Mass scaleStep,
        @Default("1") int makers,
        @Default("false") boolean byHeat,
        @Default("10") Minutes paint,
        @Default("20") Temperature room,
        @Default("50") Share humidity,
        @Default("0") Money wear,
        @Default("0") Share lost,
        @Default("true") boolean learns,
        @Default("[]") Set<GuessKind> confirmed,
        @Default("{}") Units units,
        @Nullable @InUnit("M") Length foilLeft) {
    static final Span HOUR = Rates.HOUR;
    static final Span KWH = Rates.KWH;
    static final Span WASTE = Rates.WASTE;
    static final Span MARGIN = Rates.MARGIN;
    static final Span STEP = Rates.STEP;
    static final Span ROOM = Room.TEMPERATURE;
    static final Span HUMIDITY = Room.HUMIDITY;
    static final Span WEAR = Rates.WEAR;
    static final Span LOST = CostInputs.LOST;
    static final Span LONG_AND_LOW = BakeRules.LONG_AND_LOW;
    static final Span PART_BAKE = BakeRules.PART_BAKE;
    static final Span PAINT = BakeRules.PAINT;
    static final Span FOIL = FoilRoll.THICKNESS;
    static final Span FOIL_WIDTH = FoilRoll.WIDTH;
    static final Span FOIL_LENGTH = FoilRoll.LENGTH;
    static final Span FOIL_LEFT = Span.of("foilLeftM", "foil left on the roll", 0, 500, "m");
    static final Span FOIL_PRICE = FoilRoll.PRICE;
    static final Span LOOSE = Packing.LOOSE.span();
    static final Span FIRM = Packing.FIRM.span();
    static final Span HARD = Packing.HARD.span();
    static final Span CORD = Portioning.CORD;
    static final Span MACHINE = MixWaste.MACHINE;
    static final Span SCALE_STEP = MixWaste.STEP;
    static final Span MAKERS = Workshop.MAKERS;

    /**
     * Settings that go together.
     *
     * @throws InvalidInputException with everything that does not
     */
    public Settings {
        days = Set.copyOf(days);
        confirmed = Set.copyOf(confirmed);
        Gathering g = new Gathering();
        String code = currency;
        LocalTime from = opens;
        LocalTime to = closes;
        Set<DayOfWeek> open = days;
        g.at("", () -> known(code));
        g.at("", () -> new WorkHours(from, to, open));
        g.orRefuse();
    }

    private static Currency known(String code) {
        try {
            return Currency.getInstance(code);
        } catch (IllegalArgumentException unknown) {
            throw new InvalidInputException(
                    "currency", code, "three letters such as EUR", "Enter the code of your currency.");
        }
    }

    /** What work and energy cost, and what is asked on top. */
    public Rates rates() {
        return new Rates(hour, kwh, waste, margin, step, wear);
    }

    /** The air in which paint dries. */
    public Room air() {
        return new Room(room, humidity);
    }

    /** How the studio bakes. */
    public BakeRules rules() {
        return new BakeRules(bakingMethod, longAndLow, partBake, paint, byHeat);
    }

    /** When somebody is there. */
    public WorkHours hours() {
        return new WorkHours(opens, closes, days);
    }

    /** The foil and how it is pressed. */
    public FoilRoll roll() {
        return new FoilRoll(foil, foilWidth, foilLength, foilPrice, new PackedFoil(loose, firm, hard));
    }

    /** The same when so much foil was torn off the roll; nothing changes where it is not counted. */
    public Settings withoutFoil(Length torn) {
        if (foilLeft == null) {
            return this;
        }
        return new Settings(
                name,
                currency,
                hour,
                kwh,
                waste,
                margin,
                step,
                bakingMethod,
                longAndLow,
                partBake,
                opens,
                closes,
                days,
                foil,
                foilWidth,
                foilLength,
                foilPrice,
                loose,
                firm,
                hard,
                cord,
                machine,
                scaleStep,
                makers,
                byHeat,
                paint,
                room,
                humidity,
                wear,
                lost,
                learns,
                confirmed,
                units,
                new Length(Math.max(0, foilLeft.mm() - torn.mm())));
    }

    /** What of a mix does not end up in pieces. */
    public MixWaste mixWaste() {
        return new MixWaste(waste, machine, scaleStep);
    }
}
