package fairember.core.loadsearch;

import static fairember.core.loadsearch.Relaxation.minus;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a relaxed problem knows of the loads of its only oven. */
final class OneOven {
    private final Table table;
    private final Bounds bounds;
    private final Sharing sharing;
    private final CpModel model;
    private final int horizon;
    private final int fixed;
    private final BoolVar[] divided;
    /** Whether the last loads of two bakes are one; null where they cannot be. */
    private final BoolVar[][] together;

    OneOven(Table table, Bounds bounds, CpModel model, int horizon) {
        this.table = table;
        this.bounds = bounds;
        this.sharing = new Sharing(table);
        this.model = model;
        this.horizon = horizon;
        this.fixed = table.preheat[0] + table.unload[0];
        this.divided = new BoolVar[table.bakes];
        this.together = new BoolVar[table.bakes][table.bakes];
    }

    /**
     * Ties the last loads of bakes to each other.
     *
     * @param shaped when all of each bake is shaped
     * @param heat when the oven is switched on for its last load
     * @param out when that is out
     */
    void tie(Relaxation.Loads loads, IntVar[] shaped, IntVar[] heat, IntVar[] out) {
        for (int j = 0; j < table.bakes; j++) {
            load(j, heat[j], out[j]);
            model.addGreaterOrEqual(minus(heat[j], shaped[j]), -table.lead(0));
            for (int k = 0; k < j; k++) {
                if (!inLine(j, k)) {
                    BoolVar one = oneOrInTurn(heat[j], out[j], heat[k], out[k], sharing.apart(j, k), null);
                    together[j][k] = one;
                    together[k][j] = one;
                }
            }
        }
        for (int j = 0; j < table.bakes; j++) {
            divided[j] = model.newBoolVar("d" + j);
            if (loads == Relaxation.Loads.UNDIVIDED || table.count[j] < 2 * table.least[j]) {
                model.addEquality(divided[j], 0);
            } else {
                // Where one load holds all of it, that of the other part takes as long again.
                int more = sharing.fewest(j) > 1 ? 0 : sharing.whole(0, j);
                model.addGreaterOrEqual(minus(out[j], shaped[j]), bounds.tail(j) + more)
                        .onlyEnforceIf(divided[j]);
            }
        }
        for (int j = 0; j < table.bakes; j++) {
            room(j);
        }
        if (loads == Relaxation.Loads.WITH_EARLIER) {
            for (int j = 0; j < table.bakes; j++) {
                if (table.count[j] >= 2 * table.least[j]) {
                    earlier(j, shaped, heat, out);
                }
            }
        }
    }

    /** Whether one of two bakes waits for the other. */
    private boolean inLine(int j, int k) {
        return table.ancestor[j][k] || table.ancestor[k][j];
    }

    /** A load that holds some of a bake. */
    private void load(int j, IntVar on, IntVar end) {
        IntVar bakingTime = model.newIntVar(table.need[j], table.most[j], "");
        model.addEquality(
                end, LinearExpr.newBuilder().add(on).add(bakingTime).add(fixed).build());
    }

    /**
     * Two loads are one, or one follows the other.
     *
     * @param apart whether they cannot be one
     * @param when what it depends on, or null when it is always so
     * @return whether they are one; null where they cannot be
     */
    private @Nullable BoolVar oneOrInTurn(
            IntVar on, IntVar end, IntVar otherOn, IntVar otherEnd, boolean apart, @Nullable BoolVar when) {
        BoolVar first = model.newBoolVar("");
        BoolVar second = model.newBoolVar("");
        model.addLessOrEqual(minus(end, otherOn), 0).onlyEnforceIf(first);
        model.addLessOrEqual(minus(otherEnd, on), 0).onlyEnforceIf(second);
        List<Literal> ways = new ArrayList<>(List.of(first, second));
        BoolVar one = null;
        if (!apart) {
            one = model.newBoolVar("");
            model.addEquality(on, otherOn).onlyEnforceIf(one);
            model.addEquality(end, otherEnd).onlyEnforceIf(one);
            ways.add(one);
        }
        if (when == null) {
            model.addExactlyOne(ways.toArray(Literal[]::new));
        } else {
            ways.add(when.not());
            model.addBoolOr(ways.toArray(Literal[]::new));
        }
        return one;
    }

    /** What goes in with a bake leaves room for it: all of what is not divided, the least part of what is. */
    private void room(int j) {
        long all = (long) Math.ceil(table.ovenArea[0]);
        long own = Math.min(all, whole(j));
        LinearExprBuilder filled = LinearExpr.newBuilder();
        filled.add(own).addTerm(divided[j], Math.min(own, part(j)) - own);
        for (int k = 0; k < table.bakes; k++) {
            BoolVar with = together[j][k];
            if (with != null) {
                long least = Math.min(all, part(k));
                BoolVar undivided = model.newBoolVar("");
                model.addBoolOr(new Literal[] {with.not(), divided[k], undivided});
                filled.addTerm(with, least).addTerm(undivided, Math.min(all, whole(k)) - least);
            }
        }
        model.addLessOrEqual(filled, all);
    }

    /** The load before the last of a bake that is divided, in turn with the last loads of all others or one with them. */
    private void earlier(int j, IntVar[] shaped, IntVar[] heat, IntVar[] out) {
        IntVar on = model.newIntVar(0, horizon, "");
        IntVar end = model.newIntVar(0, horizon, "");
        load(j, on, end);
        model.addGreaterOrEqual(minus(on, shaped[j]), -table.lead(0)).onlyEnforceIf(divided[j]);
        model.addLessOrEqual(minus(end, heat[j]), 0).onlyEnforceIf(divided[j]);
        for (int k = 0; k < table.bakes; k++) {
            if (k != j && !inLine(j, k)) {
                oneOrInTurn(on, end, heat[k], out[k], sharing.apart(j, k), divided[j]);
            }
        }
    }

    private long whole(int j) {
        return (long) Math.floor(table.count[j] * table.area[0][j]);
    }

    private long part(int j) {
        return (long) Math.floor(table.least[j] * table.area[0][j]);
    }
}
