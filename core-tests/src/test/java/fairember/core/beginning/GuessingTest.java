package fairember.core.beginning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.batch.WorkHours;
import fairember.core.colour.Srgb;
import fairember.core.daybook.Learned;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignScaling;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.MixWaste;
import fairember.core.price.Rates;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.StockClay;
import fairember.core.studio.GuessKind;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A first plan of every kind of thing, and what it is worth to know what was only guessed. */
public class GuessingTest {
    private static final LocalDateTime NINE = LocalDateTime.of(2026, 3, 2, 9, 0);
    private static final Rates RATES =
            new Rates(Guessing.HOUR, new Money(34), Guessing.WASTE, Share.ofPercent(45), new Money(1), new Money(50));

    private static Beginning beginning(DesignKind kind, double times, ReadyPacket packet, int quantity) {
        Length height = Beginning.usualHeight(kind).times(times);
        return new Beginning(kind, height, new Srgb(200, 190, 170), packet, quantity, LocalDate.of(2026, 3, 20));
    }

    private static PlanBasis basis(Beginning of) {
        return new PlanBasis(
                List.of(of.design(of.plain().id())),
                Map.of(0L, of.quantity()),
                List.of(of.plain()),
                UnaryOperator.identity(),
                Samples.ROLL,
                Samples.PACKET,
                RATES,
                MixWaste.ofHands(Guessing.WASTE),
                WorkHours.daily(LocalTime.of(9, 0), LocalTime.of(17, 0)),
                1,
                ReadyOven.COUNTERTOP.oven(),
                Learned.NOTHING,
                NINE,
                NINE.plusDays(18));
    }

    private static List<Guess> guesses(PlanBasis basis) {
        return Guessing.of(basis, basis.plan(), Set.of());
    }

    @DataProvider
    public Object[][] beginnings() {
        return Arrays.stream(DesignKind.values())
                .flatMap(kind -> Arrays.stream(ReadyPacket.values()).map(packet -> {
                    double times = List.of(0.8, 1.0, 1.5).get((kind.ordinal() + packet.ordinal()) % 3);
                    return new Object[] {beginning(kind, times, packet, 7)};
                }))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "beginnings")
    public void everyKindComesToAPlanOfItsHeight(Beginning of) {
        Design design = of.design(of.plain().id());
        assertThat(DesignScaling.heightOf(design).mm()).isCloseTo(of.height().mm(), within(0.3));
        PlanBasis basis = basis(of);
        Plan plan = basis.plan();
        assertThat(plan.clay().g())
                .isCloseTo(plan.designs().get(0).clay().g() * 7 * (1 + Guessing.WASTE.of1()), within(0.5));
        assertThat(plan.schedule().loads()).isNotEmpty();
        assertThat(plan.price().minor())
                .isGreaterThan(plan.costs().get(0).cost().minor());
        List<Guess> guesses = guesses(basis);
        assertThat(guesses).extracting(Guess::kind).containsExactlyInAnyOrder(GuessKind.values());
        assertThat(guesses).isSortedAccordingTo((a, b) -> Double.compare(b.worth(), a.worth()));
        for (Guess guess : guesses) {
            assertThat(guess.effects())
                    .allSatisfy(effect -> assertThat(effect.from()).isNotEqualTo(effect.to()));
        }
    }

    /** What a guess says it is worth is what the plan becomes when the other figure is typed in. */
    @Test
    public void theWorthOfAGuessIsWhatThePlanBecomes() {
        PlanBasis basis = basis(beginning(DesignKind.CHARM, 1.6, ReadyPacket.FIRM, 90));
        List<Guess> guesses = guesses(basis);
        Rates dearer =
                new Rates(new Money(2000), RATES.kwh(), RATES.waste(), RATES.margin(), RATES.step(), RATES.wear());
        assertThat(effect(guesses, GuessKind.HOUR, Guess.Figure.PRICE).to())
                .isEqualTo(basis.with(dearer, basis.waste()).plan().price().minor());
        StockClay clay = basis.plan().needs().clays().get(0).clay();
        assertThat(clay.bestValue().price()).isEqualTo(new Money(260));
        double clayEach = basis.plan().costs().get(0).rungs().get(0).cost().minor();
        Guess.Effect price = effect(guesses, GuessKind.CLAY_PRICE, Guess.Figure.PRICE);
        // Half as much again for the clay, over what is left of the price beside the margin; each rung is rounded.
        assertThat(price.to() - price.from()).isCloseTo(clayEach / 2 / (1 - 0.45), within(3.0));
        Guess.Effect grams = effect(guesses, GuessKind.WASTE, Guess.Figure.CLAY);
        assertThat(grams.to() / grams.from()).isCloseTo(1.16 / 1.08, within(1e-9));
        Guess.Effect bake = effect(guesses, GuessKind.PACKET, Guess.Figure.BAKE);
        assertThat(bake.to()).isCloseTo(2 * bake.from(), within(1e-6));
        assertThat(effect(guesses, GuessKind.OVEN, Guess.Figure.LOADS).to()).isGreaterThan(1);
        Guess.Effect finish = effect(guesses, GuessKind.MINUTES, Guess.Figure.FINISH);
        assertThat(finish.to()).isGreaterThan(finish.from());
    }

    private static Guess.Effect effect(List<Guess> guesses, GuessKind kind, Guess.Figure figure) {
        return guesses.stream()
                .filter(guess -> guess.kind() == kind)
                .flatMap(guess -> guess.effects().stream())
                .filter(effect -> effect.figure() == figure)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatWasTypedInOrConfirmedIsNoGuess() {
        PlanBasis basis = basis(beginning(DesignKind.ORNAMENT, 1, ReadyPacket.SOFT, 12));
        PlanBasis typed = basis.with((StockClay clay) -> clay.of(Samples.FIRM).priced(1.01))
                .with(
                        new Rates(
                                new Money(1500),
                                RATES.kwh(),
                                RATES.waste(),
                                RATES.margin(),
                                RATES.step(),
                                RATES.wear()),
                        MixWaste.ofHands(Share.ofPercent(5)));
        assertThat(guesses(typed)).extracting(Guess::kind).containsExactlyInAnyOrder(GuessKind.MINUTES, GuessKind.OVEN);
        for (GuessKind kind : GuessKind.values()) {
            assertThat(Guessing.of(basis, basis.plan(), EnumSet.of(kind)))
                    .extracting(Guess::kind)
                    .hasSize(GuessKind.values().length - 1)
                    .doesNotContain(kind);
        }
    }

    /** What cannot be made so small is said of the height, in the maker's terms. */
    @Test
    public void aHeightThatNoPartCanHaveIsRefusedAtTheHeight() {
        for (DesignKind kind : DesignKind.values()) {
            Beginning tiny =
                    new Beginning(kind, new Length(1), Beginning.PALE, ReadyPacket.FIRM, 3, LocalDate.of(2026, 3, 20));
            assertThatThrownBy(() -> tiny.design(0))
                    .isInstanceOfSatisfying(
                            InvalidInputException.class,
                            wrong -> assertThat(wrong.errors().get(0).field()).isEqualTo("heightMm"));
        }
    }

    @Test
    public void aBeginningOutOfRangeIsRefusedWithAllThatIsWrong() {
        assertThatThrownBy(() -> new Beginning(
                        DesignKind.CHARM,
                        new Length(4000),
                        Beginning.PALE,
                        ReadyPacket.FIRM,
                        0,
                        LocalDate.of(2026, 1, 1)))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        wrong -> assertThat(wrong.errors())
                                .extracting(error -> error.field())
                                .containsExactly("heightMm", "quantity"));
    }
}
