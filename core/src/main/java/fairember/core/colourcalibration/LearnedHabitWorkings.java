package fairember.core.colourcalibration;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** What the tiles have taught of how strongly a clay colours. */
public final class LearnedHabitWorkings {
    private LearnedHabitWorkings() {}

    /**
     * What was learned of a clay.
     *
     * @param clayId one that is known to {@code learned}
     */
    public static Workings of(LearnedClays learned, long clayId) {
        double strength = learned.habit(clayId).strength();
        return Workings.of("How strongly it colours")
                .given("n", "tiles with it", learned.tilesOf(clayId), "", Source.ENTERED)
                .given(
                        "s",
                        "what fits the tiles best, with the packet's word in the balance",
                        strength,
                        "",
                        Source.LEARNED)
                .worked("f", "times as strong as the packet says", Math.exp(strength), "", "exp(s)")
                .done();
    }
}
