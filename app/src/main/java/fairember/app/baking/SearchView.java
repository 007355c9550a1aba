package fairember.app.baking;

import java.util.List;

/**
 * A search for a better plan.
 *
 * @param state whether there is one and how it goes
 * @param seconds it has looked for so far
 * @param found better plans so far
 * @param scores of the best plan so far
 */
record SearchView(State state, double seconds, int found, List<DayView.ScoreView> scores) {
    /** How a search goes. */
    enum State {
        NONE,
        /** Two other searches are running; this one begins when one of them ends. */
        WAITING,
        LOOKING,
        DONE,
        STOPPED,
        FAILED
    }
}
