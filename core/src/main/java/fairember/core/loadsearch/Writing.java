package fairember.core.loadsearch;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.HotPlaces;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Place;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.Score;
import fairember.core.ovenload.SparedPlaces;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Writes a draft out as a plan: times, places, reasons, scores. */
final class Writing {
    private final Table table;
    private final Slots slots;
    private final Draft draft;
    private final Timetable times;
    private final Outcome outcome;
    private final Reasons reasons;
    private final LoadSaving loadSaving;

    Writing(Table table, Slots slots, Draft draft) {
        this.table = table;
        this.slots = slots;
        this.draft = draft;
        this.times = new Timetable(table);
        Outcome timed = times.time(draft);
        if (timed == null) {
            throw new IllegalArgumentException("The draft is out of order");
        }
        this.outcome = timed;
        this.reasons = new Reasons(table, slots);
        this.loadSaving = new LoadSaving(table, draft, outcome);
    }

    LoadPlan plan(Map<Objective, Double> bounds, List<Advice> advice) {
        List<Integer> order = new ArrayList<>();
        for (int p = 0; p < draft.loads.length; p++) {
            order.add(p);
        }
        order.sort(Comparator.comparingInt((Integer p) -> times.heat[p])
                .thenComparingInt(p -> draft.loads[p].oven)
                .thenComparingInt(p -> p));
        List<PlannedLoad> loads = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            loads.add(load(order, i));
        }
        return new LoadPlan(hands(), loads, scores(bounds), advice);
    }

    List<Score> scores(Map<Objective, Double> bounds) {
        List<Score> scores = new ArrayList<>();
        for (Objective objective : table.order) {
            double unit = objective == Objective.LATENESS || objective == Objective.FINISH ? table.scale : 1;
            double value = outcome.value(objective);
            double bound = Math.min(value, bounds.getOrDefault(objective, 0.0));
            boolean proven = value - bound < (objective == Objective.KWH ? 1e-6 : 1 - 1e-6);
            scores.add(new Score(objective, value / unit, (proven ? value : bound) / unit, proven));
        }
        return scores;
    }

    private List<LoadPlan.Shaping> hands() {
        List<LoadPlan.Shaping> hands = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            if (table.work[j] > 0) {
                hands.add(new LoadPlan.Shaping(
                        table.planned.get(j).key(), at(times.handsBegin[j]), at(times.handsEnd[j])));
            }
        }
        hands.sort(Comparator.comparing(LoadPlan.Shaping::begin).thenComparing(LoadPlan.Shaping::key));
        return hands;
    }

    private Minutes at(int tick) {
        return new Minutes(table.minutes(tick));
    }

    private PlannedLoad load(List<Integer> order, int i) {
        int p = order.get(i);
        Slot slot = draft.loads[p];
        Oven oven = table.problem.ovens().get(slot.oven).oven();
        List<PlannedLoad.Item> items = new ArrayList<>();
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        for (int k = 0; k < slot.bakes.length; k++) {
            items.add(new PlannedLoad.Item(table.planned.get(slot.bakes[k]), slot.counts[k]));
            low = Math.max(low, table.low[slot.bakes[k]]);
            high = Math.min(high, table.high[slot.bakes[k]]);
        }
        HotPlaces hot = new HotPlaces(
                oven,
                new Temperature(low),
                items.stream().map(PlannedLoad.Item::bake).toList());
        List<Place> places = SparedPlaces.of(
                oven, hot, slots.lay(slot.oven, slot.bakes, slot.counts).orElseThrow());
        double covered = places.stream()
                .mapToDouble(place -> place.width().mm() * place.depth().mm())
                .sum();
        double tray =
                oven.trayWidth().mm() * oven.trayDepth().mm() * oven.shelves().size();
        int whole = table.preheat[slot.oven] + slot.bakingTime + table.unload[slot.oven];
        return new PlannedLoad(
                slot.oven,
                items,
                new Temperature(low),
                at(slot.bakingTime),
                at(times.heat[p]),
                at(times.heat[p] + table.lead(slot.oven)),
                at(times.heat[p] + whole),
                new Energy(slot.kwh),
                places,
                new Share(Math.min(1, covered / tray)),
                slot.pinned,
                Stream.concat(why(order, i, low, high).stream(), hot.advice(places).stream())
                        .toList());
    }

    private List<Advice> why(List<Integer> order, int i, double low, double high) {
        Slot slot = draft.loads[order.get(i)];
        List<Advice> why = new ArrayList<>();
        why.add(shared(slot, low, high));
        for (int j : slot.bakes) {
            if (times.first(j) == order.get(i)) {
                for (int earlier = 0; earlier < i; earlier++) {
                    String reason = against(order.get(earlier), j);
                    if (!reason.isEmpty()) {
                        String name = table.planned.get(j).name();
                        why.add(Advice.tip(
                                "not-earlier", "%s is not in load %d: %s.".formatted(name, earlier + 1, reason), name));
                    }
                }
            }
        }
        for (int k = 0; k < slot.bakes.length; k++) {
            int first = times.first(slot.bakes[k]);
            if (first != order.get(i)) {
                why.add(split(slot.bakes[k], slot.counts[k], first, order.indexOf(first)));
            }
        }
        loadSaving.of(order.get(i), order).ifPresent(why::add);
        return why;
    }

    /** Why a bake is not all in its first load. */
    private Advice split(int j, int here, int first, int number) {
        Slot slot = draft.loads[first];
        Bake bake = table.planned.get(j);
        boolean full = slots.with(slot, j, 1) == null;
        return Advice.tip(
                "split",
                "%d of %d %s are here: %s."
                        .formatted(
                                here,
                                bake.count(),
                                bake.name(),
                                full
                                        ? "the tray of load %d takes %d".formatted(number + 1, slot.countOf(j))
                                        : "with more of them in load %d, no plan was found that is as good"
                                                .formatted(number + 1)),
                bake.name());
    }

    /** Why a bake is not in a load before its own. */
    private String against(int p, int j) {
        Slot slot = draft.loads[p];
        for (int k : slot.bakes) {
            String pair = reasons.pair(k, j);
            if (!pair.isEmpty()) {
                return pair;
            }
        }
        int in = times.heat[p] + table.lead(slot.oven);
        if (times.handsEnd[j] > in) {
            return "it is shaped only after that load goes in";
        }
        if (slot.pinned) {
            return "that load is pinned";
        }
        if (!table.fitsOven[slot.oven][j]) {
            return "it does not fit that oven";
        }
        return slots.with(slot, j, table.least[j]) == null ? "there is no room on the tray" : "";
    }

    private Advice shared(Slot slot, double low, double high) {
        String[] names = new String[slot.bakes.length];
        Bake longest = table.planned.get(slot.bakes[0]);
        for (int k = 0; k < names.length; k++) {
            Bake bake = table.planned.get(slot.bakes[k]);
            names[k] = bake.name();
            longest = bake.bakingTime().compareTo(longest.bakingTime()) > 0 ? bake : longest;
        }
        String temperature = "%s to %s °C suits %s; the low end is used"
                .formatted(Figures.show(low), Figures.show(high), names.length == 1 ? names[0] : "all " + names.length);
        String bakingTime = names.length == 1
                ? "it needs " + Reasons.minutes(longest.bakingTime().min())
                : "%s needs the longest time, %s, within the limits of the others"
                        .formatted(
                                longest.name(),
                                Reasons.minutes(longest.bakingTime().min()));
        return Advice.tip("share", temperature + "; " + bakingTime + ".", names);
    }
}
