package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line of a design's checks.
 *
 * @param words what is looked at, 1 to 60 characters
 * @param before what it is ticked
 * @param stage the bake, counted from 0 among those of the design; null unless it is before one bake of several
 * @param slipped day on which it was last forgotten; null when it never was
 */
public record CheckLine(
        @Name String words,
        @Default("LAST_BAKE") CheckTime before,
        @Nullable Integer stage,
        @Nullable LocalDate slipped) {
    public static final Span STAGE = Span.count("stage", "bake", 0, Design.MOST_STAGES - 1);

    /**
     * A line that says when it is ticked.
     *
     * @throws InvalidInputException when it is before a bake and does not say which
     */
    public CheckLine {
        words = Words.name("words", words);
        if (before == CheckTime.BAKE && stage == null) {
            throw new InvalidInputException("stage", "no bake", "a bake of this design", "Choose the bake.");
        }
    }

    /** A line before the last bake. */
    static CheckLine of(String words) {
        return new CheckLine(words, CheckTime.LAST_BAKE, null, null);
    }

    /** Lines before the last bake. */
    public static List<CheckLine> all(List<String> words) {
        return words.stream().map(CheckLine::of).toList();
    }

    /** Whether it is ticked before something goes in the oven. */
    public boolean beforeOven() {
        return before == CheckTime.LAST_BAKE || before == CheckTime.BAKE;
    }

    /** Whether it is ticked before a stage of a design. */
    public boolean isBefore(int bake, AssemblyTree tree) {
        Integer own = stage;
        return switch (before) {
            case BAKE -> own != null && own == bake;
            case LAST_BAKE -> tree.checkedBefore(bake);
            case VARNISH, PACKING -> false;
        };
    }
}
