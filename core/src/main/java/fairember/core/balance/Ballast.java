package fairember.core.balance;

import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * What would make a design stand better.
 *
 * @param way how
 * @param added weight it adds; none when it is only made wider
 * @param wider how much farther out the nearest edge of its foot must be; none when weight does it
 * @param tipDeg what it can lean then
 */
public record Ballast(Way way, Mass added, Length wider, double tipDeg) {
    /** The settings there are. */
    public enum Way {
        SOLID_FEET("leave the parts on the ground without a core"),
        HEAVY_BASE("add weight low in the base"),
        WIDE_BASE("make the base wider");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
