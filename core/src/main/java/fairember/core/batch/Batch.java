package fairember.core.batch;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A batch: designs times quantities, when it begins and when it is due.
 *
 * @param lines up to {@value #MOST_LINES}, each design once
 */
public record Batch(
        @SavedUnder long id,
        @Name String name,
        BatchState state,
        LocalDate beginsOn,
        LocalDate dueOn,
        List<BatchLine> lines) {
    /** Most different designs in a batch. */
    private static final int MOST_LINES = 40;

    /**
     * A batch that can be.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public Batch {
        lines = List.copyOf(lines);
        Gathering g = new Gathering();
        if (lines.size() > MOST_LINES) {
            g.error("lines", lines.size() + " designs", "up to " + MOST_LINES, "Split this batch into two.");
        }
        Set<Long> seen = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!seen.add(lines.get(i).designId())) {
                g.error(
                        "lines[" + i + "].designId",
                        "a design twice",
                        "each design once",
                        "Put both counts on one line.");
            }
        }
        g.orRefuse();
    }

    /** The designs of its lines, by their numbers, in order. */
    public List<Long> designIds() {
        return lines.stream().map(BatchLine::designId).toList();
    }

    /** How many of each design are wanted, in the order of its lines. */
    public Map<Long, Integer> wanted() {
        Map<Long, Integer> wanted = new LinkedHashMap<>();
        lines.forEach(line -> wanted.put(line.designId(), line.quantity()));
        return wanted;
    }

    /** The designs whose first piece is made alone, by their numbers. */
    public Set<Long> firstAlone() {
        return lines.stream()
                .filter(BatchLine::firstAlone)
                .map(BatchLine::designId)
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * How many pieces of a design.
     *
     * @param firstAlone whether one piece goes through all its steps and bakes before the others are begun
     */
    public record BatchLine(
            @RefersTo("design") long designId,
            int quantity,
            @Default("false") boolean firstAlone) {
        public static final Span QUANTITY = Job.QUANTITY;

        /** Pieces that are all made together. */
        public BatchLine(long designId, int quantity) {
            this(designId, quantity, false);
        }
    }
}
