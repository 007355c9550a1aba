package fairember.core.loadstart;

import fairember.core.document.Default;
import fairember.core.document.Text;

/**
 * What the maker says to a question: yes to what it offers, or a reason to skip it.
 *
 * @param item of the load, counted from 0; -1 for the oven
 * @param line of the checks, counted from 0; -1 for other doubts
 * @param reason empty for yes, up to 200 characters
 */
public record StartAnswer(
        Doubt doubt,
        @Default("-1") int item,
        @Default("-1") int line,
        @Text(most = 200) @Default("") String reason) {}
