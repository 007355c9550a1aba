package fairember.core.loadsearch;

import fairember.core.input.Figures;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadProblem;

/** Says why some bakes cannot share a load. */
final class Reasons {
    private final Table table;
    private final Slots slots;

    Reasons(Table table, Slots slots) {
        this.table = table;
        this.slots = slots;
    }

    /** The first reason against a load of these; empty when there is none. */
    String unfit(int oven, int[] bakes, int[] counts) {
        for (int i = 0; i < bakes.length; i++) {
            Bake a = table.planned.get(bakes[i]);
            if (!table.fitsOven[oven][bakes[i]]) {
                return a.name() + " does not fit that oven, or the oven's hours are too short";
            }
            if (counts[i] < table.least[bakes[i]]) {
                return "at least %d of %s must share a load".formatted(table.least[bakes[i]], a.name());
            }
            for (int k = 0; k < i; k++) {
                String pair = pair(bakes[k], bakes[i]);
                if (!pair.isEmpty()) {
                    return pair;
                }
            }
        }
        return slots.fitsAll(oven, bakes, counts) ? "" : "there is no room on the tray";
    }

    /** Why two bakes never share a load; empty when they may. */
    String pair(int i, int j) {
        Bake a = table.planned.get(i);
        Bake b = table.planned.get(j);
        if (table.ancestor[i][j] || table.ancestor[j][i]) {
            boolean built = table.ancestor[i][j];
            return "%s is built on %s".formatted(built ? a.name() : b.name(), built ? b.name() : a.name());
        }
        double low = Math.max(a.low().c(), b.low().c());
        double high = Math.min(a.high().c(), b.high().c());
        if (low > high) {
            return "no temperature suits both: one needs %s °C or more, another %s °C or less"
                    .formatted(Figures.show(low), Figures.show(high));
        }
        double bakingTime = Math.max(a.bakingTime().min(), b.bakingTime().min());
        double most = Math.min(a.most().min(), b.most().min());
        if (bakingTime > most) {
            return "no baking time suits both: one needs %s, another takes %s at most"
                    .formatted(minutes(bakingTime), minutes(most));
        }
        for (LoadProblem.Apart apart : table.problem.apart()) {
            boolean named = (apart.one().equals(a.key()) && apart.other().equals(b.key()))
                    || (apart.one().equals(b.key()) && apart.other().equals(a.key()));
            if (named) {
                return "you keep %s and %s apart".formatted(a.name(), b.name());
            }
        }
        return "";
    }

    static String minutes(double min) {
        return Figures.show(Math.round(min * 10) / 10.0, "min");
    }
}
