package fairember.core.recipe;

import java.util.ArrayList;
import java.util.List;

/** Every way to put whole parts together, each once: 1:1 stands for 2:2 too. */
final class Ratios {
    /** Parts of the j-th choice in the r-th way, {@code parts[j][r]}. */
    final double[][] parts;

    /** How many settings there are. */
    final int settings;

    private Ratios(List<int[]> all, int kinds) {
        settings = all.size();
        parts = new double[kinds][settings];
        for (int r = 0; r < settings; r++) {
            for (int j = 0; j < kinds; j++) {
                parts[j][r] = all.get(r)[j];
            }
        }
    }

    /** All coprime parts of a number of kinds, each at least 1, that add up to at most {@code most}. */
    static Ratios of(int kinds, int most) {
        List<int[]> all = new ArrayList<>();
        add(all, new int[kinds], 0, most);
        return new Ratios(all, kinds);
    }

    private static void add(List<int[]> all, int[] parts, int at, int left) {
        if (at == parts.length) {
            int divisor = 0;
            for (int part : parts) {
                divisor = gcd(divisor, part);
            }
            if (divisor == 1) {
                all.add(parts.clone());
            }
            return;
        }
        for (int part = 1; part <= left - (parts.length - at - 1); part++) {
            parts[at] = part;
            add(all, parts, at + 1, left - part);
        }
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
