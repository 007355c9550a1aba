package fairember.app.sums;

import static fairember.app.web.Given.or;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.loadsearch.Effort;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import fairember.core.ovenload.Makers;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Stretch;
import fairember.core.ovenload.TraySpot;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A whole problem of oven loads.
 *
 * @param makers one pair of hands at any hour when absent
 * @param order what to have as little of, the first before all the others; lateness, loads, kWh, finish when absent
 * @param effort how long to look; with the solver's proof when absent
 */
record LoadsSumForm(
        List<PlanOvenForm> ovens,
        @Nullable MakersForm makers,
        List<PlanBakeForm> bakes,
        @Nullable List<PairForm> apart,
        @Nullable List<PinnedLoadForm> pins,
        @Nullable List<Objective> order,
        @Nullable Effort effort) {
    private static final int MOST_BAKES = 300;
    private static final int MOST_OVENS = 4;
    private static final int MOST_ITEMS = 5000;

    /** Minutes of a plan: 60 days. */
    private static final Span TIME = Span.of("", "time", 0, 86_400, "min");

    /** A stretch of hours. */
    record HoursForm(double fromMin, double toMin) {
        private Stretch parse() {
            Gathering g = new Gathering();
            g.at("fromMin", () -> TIME.check(fromMin));
            g.at("toMin", () -> TIME.check(toMin));
            g.orRefuse();
            return Stretch.ofMinutes(fromMin, toMin);
        }
    }

    /**
     * An oven.
     *
     * @param clearancesMm free height above each tray
     * @param cold whether things go in before it is heated; else when it is hot
     * @param hours in which whole loads must lie; any hour when absent
     * @param spots places of its trays that are warmer or cooler; none when absent
     */
    record PlanOvenForm(
            String name,
            double trayWidthMm,
            double trayDepthMm,
            List<Double> clearancesMm,
            double gapMm,
            double preheatMin,
            double unloadMin,
            double preheatKwh,
            double keepHotKw,
            @Nullable Boolean cold,
            @Nullable List<HoursForm> hours,
            @Nullable List<TraySpot> spots) {
        private LoadProblem.OvenUse parse() {
            Oven oven = new Oven(
                    name,
                    new Length(Oven.TRAY_WIDTH.check(trayWidthMm)),
                    new Length(Oven.TRAY_DEPTH.check(trayDepthMm)),
                    clearancesMm.stream().map(Length::new).toList(),
                    new Length(Oven.GAP.check(gapMm)),
                    new Minutes(Oven.PREHEAT.check(preheatMin)),
                    new Minutes(Oven.UNLOAD.check(unloadMin)),
                    new Energy(Oven.PREHEAT_KWH.check(preheatKwh)),
                    keepHotKw,
                    or(cold, false),
                    or(spots, List.of()));
            return new LoadProblem.OvenUse(oven, LoadsSumForm.hours(hours));
        }
    }

    /**
     * Who shapes.
     *
     * @param atOnce tasks of the hands at once; 0 for no limit
     * @param hours in which they work; any hour when absent
     * @param breaks whether a task may stop at closing and go on at the next opening; false when absent
     */
    record MakersForm(
            int atOnce,
            @Nullable List<HoursForm> hours,
            @Nullable Boolean breaks) {
        private Makers parse() {
            return new Makers(atOnce, LoadsSumForm.hours(hours), or(breaks, false));
        }
    }

    /** Two bakes, by key, that must not share a load. */
    record PairForm(String one, String other) {}

    /** A load that is to stay as it is, in an oven counted from 0; without a time only what is in it. */
    record PinnedLoadForm(
            int oven, List<PinnedItemForm> items, @Nullable Double inMin) {
        private LoadProblem.PinnedLoad parse() {
            Double at = inMin;
            return new LoadProblem.PinnedLoad(
                    oven,
                    items.stream()
                            .map(i -> new LoadProblem.PinnedItem(BakeKey.of(i.key()), i.count()))
                            .toList(),
                    at == null ? Optional.empty() : Optional.of(new Minutes(TIME.check(at))));
        }
    }

    /** A number of things of a bake. */
    record PinnedItemForm(String key, int count) {}

    private static List<Stretch> hours(@Nullable List<HoursForm> given) {
        Gathering g = new Gathering();
        List<Stretch> parsed = each(g, "hours", given, HoursForm::parse);
        g.orRefuse();
        return parsed;
    }

    /**
     * The problem as the core takes it.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    LoadProblem parse() {
        Gathering g = new Gathering();
        if (ovens.size() > MOST_OVENS) {
            g.error("ovens", ovens.size() + " ovens", "up to " + MOST_OVENS, "Plan with fewer ovens.");
        }
        if (bakes.size() > MOST_BAKES) {
            g.error("bakes", bakes.size() + " bakes", "up to " + MOST_BAKES, "Plan fewer at a time.");
        }
        g.orRefuse();
        List<LoadProblem.OvenUse> checkedOvens = each(g, "ovens", ovens, PlanOvenForm::parse);
        MakersForm given = makers;
        Makers checkedMakers =
                given == null ? Makers.ONE : g.at("makers", given::parse).orElse(Makers.ONE);
        List<Bake> checkedBakes = each(g, "bakes", bakes, PlanBakeForm::parse);
        List<LoadProblem.Apart> checkedApart =
                each(g, "apart", apart, p -> new LoadProblem.Apart(BakeKey.of(p.one()), BakeKey.of(p.other())));
        List<LoadProblem.PinnedLoad> checkedPins = each(g, "pins", pins, PinnedLoadForm::parse);
        List<Objective> objectives = or(order, LoadProblem.USUAL);
        if (new HashSet<>(objectives).size() < objectives.size()) {
            g.error("order", "an objective twice", "each objective once", "Name each objective once.");
        }
        int items = checkedBakes.stream().mapToInt(Bake::count).sum();
        if (items > MOST_ITEMS) {
            g.error("bakes", items + " items in total", "up to " + MOST_ITEMS, "Plan fewer at a time.");
        }
        g.orRefuse();
        return new LoadProblem(checkedOvens, checkedMakers, checkedBakes, checkedApart, checkedPins, objectives);
    }

    private static <F, T> List<T> each(Gathering g, String field, @Nullable List<F> forms, Function<F, T> parse) {
        List<F> given = or(forms, List.<F>of());
        return g.all(
                field,
                given.stream().<Supplier<T>>map(form -> () -> parse.apply(form)).toList());
    }
}
