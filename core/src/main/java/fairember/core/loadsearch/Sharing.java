package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What bakes need of the ovens, whenever that is: how many loads, how long each, and with which others they can have one in common. */
final class Sharing {
    private final Table table;

    Sharing(Table table) {
        this.table = table;
    }

    /** Ticks of a load of this bake alone in an oven, with heating and unloading. */
    int whole(int o, int j) {
        return table.preheat[o] + table.need[j] + table.unload[o];
    }

    /** The same in the oven in which that is least. */
    int shortest(int j) {
        int least = Table.NEVER;
        for (int o = 0; o < table.ovens; o++) {
            least = table.fitsOven[o][j] ? Math.min(least, whole(o, j)) : least;
        }
        return least;
    }

    /** Bakes no two of which can share a load, this one among them; long ones first. */
    List<Integer> clique(int seed) {
        List<Integer> clique = new ArrayList<>(List.of(seed));
        List<Integer> others = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            if (j != seed && apart(seed, j)) {
                others.add(j);
            }
        }
        others.sort(Comparator.<Integer>comparingInt(j -> -shortest(j) * fewest(j))
                .thenComparing(Comparator.naturalOrder()));
        for (int j : others) {
            if (clique.stream().allMatch(k -> apart(k, j))) {
                clique.add(j);
            }
        }
        return clique;
    }

    /** Whether two bakes can have no load in common, however few of each are in it. */
    boolean apart(int i, int j) {
        if (table.clash[i][j]) {
            return true;
        }
        for (int o = 0; o < table.ovens; o++) {
            double both = table.least[i] * table.area[o][i] + table.least[j] * table.area[o][j];
            if (table.fitsOven[o][i] && table.fitsOven[o][j] && both <= table.ovenArea[o] * (1 + 1e-9)) {
                return false;
            }
        }
        return true;
    }

    /** The fewest loads a bake needs, by area and by what the packer lays. */
    int fewest(int j) {
        double most = 1;
        for (int o = 0; o < table.ovens; o++) {
            if (table.fitsOven[o][j]) {
                most = Math.max(most, Math.floor(table.ovenArea[o] / table.area[o][j] + 1e-9));
            }
        }
        return (int) Math.ceil(table.count[j] / most);
    }

    /** The least share of an oven's trays that a bake covers. */
    double share(int j) {
        double least = Double.POSITIVE_INFINITY;
        for (int o = 0; o < table.ovens; o++) {
            if (table.fitsOven[o][j]) {
                least = Math.min(least, table.count[j] * table.area[o][j] / table.ovenArea[o]);
            }
        }
        return least;
    }
}
