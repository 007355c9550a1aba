package fairember.app.daybook;

import fairember.core.daybook.DaybookLine;

/** Counts the lost pieces of a batch by the lines of the daybook that tell of them. */
public interface LossCounting {
    /**
     * Counts the pieces of a loss, or takes them back.
     *
     * @param loss a line that the batch counts by
     * @param times 1 to count them, -1 to take them back
     * @throws fairember.core.input.InvalidInputException when there would be more than are made
     */
    void count(DaybookLine loss, int times);
}
