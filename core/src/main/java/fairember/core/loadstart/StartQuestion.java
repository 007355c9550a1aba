package fairember.core.loadstart;

/**
 * A question before a load goes in.
 *
 * @param item of the load that it is about, counted from 0; -1 for the oven
 * @param line of the checks, or which small parts, it is about, counted from 0; -1 for other doubts
 * @param asked what is in doubt, in words
 * @param yes what the maker says to let the load in
 * @param skippable whether a reason may be given in place of that
 */
public record StartQuestion(Doubt doubt, int item, int line, String asked, String yes, boolean skippable) {
    /** Whether an answer is to this question. */
    public boolean answeredBy(StartAnswer answer) {
        return answer.doubt() == doubt
                && answer.item() == item
                && answer.line() == line
                && (skippable || answer.reason().isEmpty());
    }

    /** Question and answer as they are logged with the load. */
    public String note(StartAnswer answer) {
        return answer.reason().isEmpty()
                ? "%s Answer: %s".formatted(asked, yes)
                : "%s Skipped, because: %s".formatted(asked, answer.reason());
    }
}
