package fairember.core.claysheet;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One log, sheet or filling of worked clay.
 *
 * @param kind what it is
 * @param of grams of each mix in it, by the mix's number
 * @param wasted of it in each one: ends of a log, trimmings
 * @param wastedOnce besides, however many are made: what stays in the barrel
 * @param making minutes for one
 */
public record WorkedClay(Kind kind, Map<Long, Mass> of, Mass wasted, Mass wastedOnce, Minutes making) {
    /** What mixes are worked into. */
    public enum Kind {
        CANE("cane", "log", "logs"),
        BLEND("graduated blend", "sheet", "sheets"),
        SHEET("sheet", "sheet", "sheets"),
        CORDS("cords", "filling", "fillings");

        private final String label;
        private final String one;
        private final String many;

        Kind(String label, String one, String many) {
            this.label = label;
            this.one = one;
            this.many = many;
        }

        public String label() {
            return label;
        }

        /** So many of them: "1 log", "3 logs". */
        public String count(int times) {
            return times + " " + (times == 1 ? one : many);
        }

        /** What several of them are called. */
        String many() {
            return many;
        }
    }

    public WorkedClay {
        of = Collections.unmodifiableMap(new LinkedHashMap<>(of));
    }

    /** Grams of one, what is wasted of it with it. */
    public Mass one() {
        return of.values().stream().reduce(Mass.ZERO, Mass::plus);
    }

    /**
     * What has to be made for a number of grams that are used.
     *
     * @param times how many
     * @param used grams that end up in pieces
     * @param wasted grams that do not
     * @param minutes for all of them
     */
    public record Made(int times, Mass used, Mass wasted, Minutes minutes) {
        /** Grams that go in. */
        public Mass all() {
            return used.plus(wasted);
        }
    }

    /**
     * How many are made, and what goes in.
     *
     * <pre>n = ⌈used/(one − wasted)⌉     all = used + n·wasted + wasted once</pre>
     *
     * The last is made only as long as it is needed; its ends are as long as those of the others.
     */
    public Made made(Mass used) {
        if (used.g() <= 0) {
            return new Made(0, Mass.ZERO, Mass.ZERO, Minutes.ZERO);
        }
        int times = (int) Math.ceil(used.g() / (one().g() - wasted.g()) - 1e-9);
        return new Made(times, used, wasted.times(times).plus(wastedOnce), making.times(times));
    }
}
