package fairember.core.beginning;

import fairember.core.bake.ClayWindow;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.MixWaste;
import fairember.core.price.Rates;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.ClayRange;
import fairember.core.stock.StockClay;
import fairember.core.studio.GuessKind;
import fairember.core.studio.StudioOven;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Finds what in a plan is still a guess, and makes the plan again with each one otherwise, to see what it is worth to know it. */
public final class Guessing {
    /** What an hour costs in a new studio, minor units. */
    public static final Money HOUR = new Money(1600);
    /** The waste a new studio is taken to have. */
    public static final Share WASTE = Share.ofPercent(8);

    private static final double OTHER_RATE = 2;
    private static final double DEARER = 1.5;
    private static final double DEARER_HOUR = 1.25;
    private static final double SLOWER = 4.0 / 3;
    private static final double MOST_WASTE = 60;
    private static final double SMALLER_TRAY = 0.75;

    private final PlanBasis basis;
    private final Plan plan;
    private final List<Guess> guesses = new ArrayList<>();

    private Guessing(PlanBasis basis, Plan plan) {
        this.basis = basis;
        this.plan = plan;
    }

    /**
     * What is still a guess, that which changes the plan most first.
     *
     * @param plan of the basis
     * @param confirmed what the maker has said is right
     */
    public static List<Guess> of(PlanBasis basis, Plan plan, Set<GuessKind> confirmed) {
        Guessing guessing = new Guessing(basis, plan);
        guessing.packets();
        guessing.clayPrice();
        guessing.hour();
        guessing.minutes();
        guessing.oven();
        guessing.waste();
        return guessing.guesses.stream()
                .filter(guess -> !confirmed.contains(guess.kind()))
                .sorted(Comparator.comparingDouble(Guess::worth).reversed())
                .toList();
    }

    private Set<StockClay> clays() {
        Set<StockClay> clays = new LinkedHashSet<>();
        plan.needs().clays().forEach(need -> clays.add(need.clay()));
        return clays;
    }

    private void packets() {
        Set<ClayRange> ready = new LinkedHashSet<>();
        clays().stream().map(StockClay::range).filter(ReadyPacket::isReady).forEach(ready::add);
        for (ClayRange range : ready) {
            ClayWindow window = range.window();
            double minutes = window.per6Mm().min();
            ClayRange slower =
                    new ClayRange(range.id(), range.name(), twiceAsLong(window), range.density(), range.printed());
            add(
                    GuessKind.PACKET,
                    "%s: %s to %s °C, %s min for each 6 mm"
                            .formatted(
                                    range.name(),
                                    Figures.show(window.low().c()),
                                    Figures.show(window.high().c()),
                                    Figures.show(minutes)),
                    "your packet says %s min for each 6 mm".formatted(Figures.show(minutes * OTHER_RATE)),
                    at -> at.with((StockClay clay) -> clay.range().equals(range) ? clay.of(slower) : clay));
        }
    }

    private static ClayWindow twiceAsLong(ClayWindow window) {
        double least = window.least().min() * OTHER_RATE;
        return new ClayWindow(
                window.low(),
                window.high(),
                window.ceiling(),
                new Minutes(window.per6Mm().min() * OTHER_RATE),
                new Minutes(least),
                new Minutes(Math.max(least, window.most().min())),
                window.greatest(),
                window.dries());
    }

    private void clayPrice() {
        boolean ready = clays().stream().flatMap(clay -> clay.blocks().stream()).anyMatch(ReadyPacket::isReady);
        if (ready) {
            StockClay clay = clays().iterator().next();
            add(
                    GuessKind.CLAY_PRICE,
                    "a block of %s g costs"
                            .formatted(Figures.show(clay.bestValue().mass().g())),
                    clay.bestValue().price(),
                    "it costs half as much again",
                    at -> at.with((StockClay one) -> one.priced(DEARER)));
        }
    }

    private void hour() {
        Rates rates = basis.rates();
        if (rates.hour().equals(HOUR)) {
            Rates dearer = new Rates(
                    rates.hour().times(DEARER_HOUR),
                    rates.kwh(),
                    rates.waste(),
                    rates.margin(),
                    rates.step(),
                    rates.wear());
            add(
                    GuessKind.HOUR,
                    "an hour of your work costs",
                    rates.hour(),
                    "you ask a quarter more",
                    at -> at.with(dearer, basis.waste()));
        }
    }

    private void minutes() {
        long learned = basis.designs().stream()
                .flatMap(design -> basis.learned().steps(design).stream())
                .filter(step -> step.batches() > 0)
                .count();
        if (learned == 0) {
            add(
                    GuessKind.MINUTES,
                    "minutes of the steps, from a ready list",
                    "you take a third longer",
                    at -> at.slower(SLOWER));
        }
    }

    private void oven() {
        StudioOven oven = basis.oven();
        if (ReadyOven.isReady(oven)) {
            Length wide = oven.trayWidth().times(SMALLER_TRAY);
            Length deep = oven.trayDepth().times(SMALLER_TRAY);
            StudioOven smaller = new StudioOven(
                    oven.name(),
                    wide,
                    deep,
                    oven.clearance(),
                    oven.gap(),
                    oven.preheat(),
                    oven.preheatKwh(),
                    oven.keepHotKw(),
                    oven.readings(),
                    oven.moreClearances(),
                    oven.unload(),
                    oven.cold(),
                    List.of(),
                    oven.air(),
                    oven.opens(),
                    oven.closes());
            add(
                    GuessKind.OVEN,
                    "one tray of %s × %s mm".formatted(tray(oven.trayWidth()), tray(oven.trayDepth())),
                    "it is %s × %s mm".formatted(tray(wide), tray(deep)),
                    at -> at.with(smaller));
        }
    }

    private static String tray(Length side) {
        return "%.0f".formatted(side.mm());
    }

    private void waste() {
        MixWaste waste = basis.waste();
        if (waste.hands().equals(WASTE) && basis.learned().wastes().isEmpty()) {
            Share twice = Share.ofPercent(Math.min(MOST_WASTE, 2 * WASTE.percent()));
            Rates rates = basis.rates();
            Rates wasteful = new Rates(rates.hour(), rates.kwh(), twice, rates.margin(), rates.step(), rates.wear());
            add(
                    GuessKind.WASTE,
                    "%s %% of every mix stays on hands and tools".formatted(Figures.show(WASTE.percent())),
                    "it is twice as much",
                    at -> at.with(wasteful, new MixWaste(twice, waste.machine(), waste.scaleStep())));
        }
    }

    private void add(GuessKind kind, String value, String instead, Function<PlanBasis, PlanBasis> changed) {
        add(kind, value, null, instead, changed);
    }

    private void add(
            GuessKind kind,
            String value,
            @Nullable Money money,
            String instead,
            Function<PlanBasis, PlanBasis> changed) {
        List<Guess.Effect> effects;
        try {
            effects = effects(changed.apply(basis).plan());
        } catch (InvalidInputException impossible) {
            // So much off, the plan could not be made at all: nothing can be said of it.
            effects = List.of();
        }
        guesses.add(new Guess(kind, value, money, instead, effects));
    }

    private List<Guess.Effect> effects(Plan other) {
        List<Guess.Effect> effects = new ArrayList<>();
        effect(effects, Guess.Figure.PRICE, one -> (double) one.price().minor(), other);
        effect(effects, Guess.Figure.BAKE, Plan::longestBakeMin, other);
        effect(effects, Guess.Figure.FINISH, this::untilFinished, other);
        effect(
                effects,
                Guess.Figure.LOADS,
                one -> (double) one.schedule().loads().size(),
                other);
        effect(effects, Guess.Figure.CLAY, one -> one.clay().g(), other);
        return effects;
    }

    private double untilFinished(Plan one) {
        return Duration.between(basis.now(), one.schedule().finish()).toMinutes();
    }

    private void effect(List<Guess.Effect> effects, Guess.Figure figure, Function<Plan, Double> of, Plan other) {
        double from = of.apply(plan);
        double to = of.apply(other);
        if (Math.abs(to - from) > 1e-6) {
            effects.add(new Guess.Effect(figure, from, to));
        }
    }
}
