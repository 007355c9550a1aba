package fairember.core.trial;

import fairember.core.colour.Srgb;
import fairember.core.document.Name;
import fairember.core.document.Text;
import fairember.core.input.Gathering;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finishes or tints tried side by side on one day.
 *
 * @param rows 1 to {@value #MOST_ROWS}, one of them chosen at most
 */
public record Trial(
        @Name String name,
        LocalDate madeOn,
        @Text(most = 400) String note,
        List<TrialRow> rows) {
    private static final int MOST_ROWS = 24;

    public Trial {
        rows = List.copyOf(rows);
        Gathering g = new Gathering();
        if (rows.isEmpty() || rows.size() > MOST_ROWS) {
            g.error("rows", rows.size() + " rows", "1 to " + MOST_ROWS, "Give each variant one row.");
        }
        if (rows.stream().filter(TrialRow::chosen).count() > 1) {
            g.error("rows", "more than one chosen variant", "one or none", "Choose one of them.");
        }
        g.orRefuse();
    }

    /**
     * One that was tried.
     *
     * @param hex its colour, when it was looked at
     * @param chosen whether it is the one to make
     */
    public record TrialRow(
            @Name String name,
            @Nullable Srgb hex,
            @Text(most = 400) String note,
            boolean chosen) {}
}
