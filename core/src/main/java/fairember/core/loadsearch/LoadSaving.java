package fairember.core.loadsearch;

import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import fairember.core.input.Figures;
import fairember.core.ovenload.Bake;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Finds the one change of one bake, a few degrees or minutes, that would let a whole load go into another: the load would
 * be saved and nothing would be later. The change is tried, not guessed.
 */
final class LoadSaving {
    private static final double MOST_C = 10;
    private static final double MOST_LONGER = 1.5;
    private static final int MOST_LOADS = 16;

    private final Table table;
    private final Draft draft;
    private final Outcome now;

    LoadSaving(Table table, Draft draft, Outcome now) {
        this.table = table;
        this.draft = draft;
        this.now = now;
    }

    /** What would free a load of the draft; empty when no one small change does. */
    Optional<Advice> of(int p, List<Integer> order) {
        Slot slot = draft.loads[p];
        if (slot.pinned || draft.loads.length > MOST_LOADS) {
            return Optional.empty();
        }
        for (int i = 0; i < order.size(); i++) {
            int t = order.get(i);
            if (t == p || draft.loads[t].pinned) {
                continue;
            }
            for (int j : slot.bakes) {
                Optional<Advice> found = warmer(p, t, j, i + 1);
                if (found.isPresent()) {
                    return found;
                }
            }
            Optional<Advice> found = longer(p, t, i + 1);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** A bake at the temperature of the other load. */
    private Optional<Advice> warmer(int p, int t, int j, int number) {
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        for (Slot slot : List.of(draft.loads[p], draft.loads[t])) {
            for (int k : slot.bakes) {
                low = k == j ? low : Math.max(low, table.low[k]);
                high = k == j ? high : Math.min(high, table.high[k]);
            }
        }
        double off = Math.max(low - table.high[j], table.low[j] - high);
        if (low > high || off <= 0 || off > MOST_C) {
            return Optional.empty();
        }
        double at = table.high[j] < low ? low : high;
        Bake bake = table.planned.get(j);
        Bake changed = changed(bake, new Temperature(at), bake.most());
        return !frees(p, t, j, changed)
                ? Optional.empty()
                : Optional.of(said(
                        bake,
                        "Bake %s at %s instead of %s to share load %d: one load fewer."
                                .formatted(
                                        bake.name(),
                                        Figures.show(at),
                                        Figures.show(table.high[j] < low ? table.high[j] : table.low[j], "°C"),
                                        number)));
    }

    /** A bake that stays as long as the other load needs. */
    private Optional<Advice> longer(int p, int t, int number) {
        int need = 0;
        int tightest = -1;
        for (Slot slot : List.of(draft.loads[p], draft.loads[t])) {
            for (int k : slot.bakes) {
                need = Math.max(need, table.need[k]);
                tightest = tightest < 0 || table.most[k] < table.most[tightest] ? k : tightest;
            }
        }
        if (tightest < 0 || table.most[tightest] >= need || need > MOST_LONGER * table.most[tightest]) {
            return Optional.empty();
        }
        Bake bake = table.planned.get(tightest);
        Bake changed = changed(bake, null, new Minutes(table.minutes(need)));
        return !frees(p, t, tightest, changed)
                ? Optional.empty()
                : Optional.of(said(
                        bake,
                        "Allow %s to bake for %s instead of at most %s to share load %d: one load fewer."
                                .formatted(
                                        bake.name(),
                                        Reasons.minutes(table.minutes(need)),
                                        Reasons.minutes(bake.most().min()),
                                        number)));
    }

    private static Advice said(Bake bake, String message) {
        return new Advice(
                "would-free", Grade.TIP, message, "Do this only if the packet allows it.", List.of(bake.name()));
    }

    private static Bake changed(Bake b, @Nullable Temperature at, Minutes most) {
        return new Bake(
                b.key(),
                b.name(),
                b.count(),
                b.least(),
                b.unit(),
                b.turns(),
                at == null ? b.low() : at,
                at == null ? b.high() : at,
                b.bakingTime(),
                most,
                b.hands(),
                b.after(),
                b.due());
    }

    /** Tries the change: whether all of one load fits the other and nothing is later. */
    private boolean frees(int p, int t, int j, Bake changed) {
        List<Bake> bakes = new ArrayList<>(table.planned);
        bakes.set(j, changed);
        Table other = new Table(table.problem, bakes);
        Slots slots = new Slots(other);
        Slot grown = draft.loads[t];
        Slot source = draft.loads[p];
        for (int i = 0; i < source.bakes.length && grown != null; i++) {
            grown = slots.with(grown, source.bakes[i], source.counts[i]);
        }
        if (grown == null) {
            return false;
        }
        Outcome then = new Timetable(other).time(draft.with(t, grown).removed(p));
        return then != null && then.left() <= now.left() && then.slip() <= now.slip() && then.late() <= now.late();
    }
}
