package fairember.core.ovenload;

import fairember.core.measure.Refused;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** How many bakes must come before each. */
final class Precedence {
    private static final int VISITING = -1;

    private Precedence() {}

    /**
     * Length of the longest chain of bakes before each bake.
     *
     * @throws Refused when keys repeat, are unknown, or bakes wait for each other in a ring
     */
    static Map<String, Integer> depths(List<Bake> bakes) {
        Map<String, Bake> byKey = new HashMap<>();
        for (Bake bake : bakes) {
            if (byKey.put(bake.key(), bake) != null) {
                throw new Refused("key", bake.key() + " twice", "each key once", "Give every bake its own key.");
            }
        }
        Map<String, Integer> depths = new HashMap<>();
        for (Bake bake : bakes) {
            depth(bake, byKey, depths);
        }
        return depths;
    }

    private static int depth(Bake bake, Map<String, Bake> byKey, Map<String, Integer> depths) {
        Integer known = depths.putIfAbsent(bake.key(), VISITING);
        if (known != null && known == VISITING) {
            throw new Refused(
                    "after", bake.name() + " waits for itself", "bakes in an order", "Take one of the waits out.");
        }
        if (known != null) {
            return known;
        }
        int depth = 0;
        for (String key : bake.after()) {
            Bake before = byKey.get(key);
            if (before == null) {
                throw new Refused("after", key, "the key of a bake in this plan", "Name a bake that is planned.");
            }
            depth = Math.max(depth, 1 + depth(before, byKey, depths));
        }
        depths.put(bake.key(), depth);
        return depth;
    }
}
