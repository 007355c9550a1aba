package fairember.core.claysheet;

import fairember.core.quantity.Mass;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How many logs, sheets or fillings are made, and what of the clay is lost. */
public final class WorkedClayWorkings {
    private WorkedClayWorkings() {}

    /**
     * Logs, sheets or fillings for grams that are used.
     *
     * @param used more than 0
     */
    public static Workings of(WorkedClay clay, Mass used) {
        WorkedClay.Made made = clay.made(used);
        return Workings.of("How many " + clay.kind().many() + " to make")
                .given("u", "used", used.g(), "g", Source.WORKED)
                .given("o", "in one", clay.one().g(), "g", Source.WORKED)
                .given("w", "cut off each", clay.wasted().g(), "g", Source.WORKED)
                .given("r", "lost once", clay.wastedOnce().g(), "g", Source.WORKED)
                .given("n", "how many, whole: u/(o − w), rounded up", made.times(), "", Source.WORKED)
                .worked("m", "clay that goes in", made.all().g(), "g", "u + n·w + r")
                .given("t", "minutes for one", clay.making().min(), "min", Source.ENTERED)
                .worked("T", "minutes in all", made.minutes().min(), "min", "n·t")
                .done();
    }
}
