package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.Text;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Minutes;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A step of a design, done for the whole batch before the next.
 *
 * @param name 1 to 60 characters
 * @param station where it is done; a handwork one
 * @param setup minutes once for the batch, 0 to 480
 * @param each minutes for one design, 0 to 480
 * @param waiting minutes until the next step can be done, besides what its coats take to dry, 0 to 10 080
 * @param uses supplies that it takes, up to {@value #MOST_USES}
 * @param hotAir whether hot air from a gun is used on it at the bench: its minutes are hands' minutes, and need no oven
 * @param kind what is done, as far as the order of steps depends on it
 * @param part the part it is for, counted from 0, or null
 * @param perBlank how many of that part one blank gives, such as 2 of a disc that is cut in half; 1 to 200
 * @param jig that it is done with, or null
 * @param tools that lie ready for it, up to {@value #MOST_LETTERS} letters
 * @param caution of the maker's own, up to {@value #MOST_LETTERS} letters
 * @param at the assembly it is done to, and the bake of that assembly it must be done before
 */
public record Step(
        @Name String name,
        Station station,
        Minutes setup,
        Minutes each,
        @Default("false") boolean hotAir,
        @Default("OTHER") StepKind kind,
        @Default("0") Minutes waiting,
        @Default("[]") List<StepUse> uses,
        @Nullable Integer part,
        @Default("1") int perBlank,
        @Nullable Jig jig,
        @Default("") @Text(most = MOST_LETTERS) String tools,
        @Default("") @Text(most = MOST_LETTERS) String caution,
        @Inline BuildPoint at) {
    public static final Span SETUP = Span.of("setupMin", "set-up", 0, 480, "min");
    public static final Span WAITING = Span.of("waitingMin", "waiting after it", 0, 10_080, "min");
    public static final Span PER_BLANK = Span.count("perBlank", "from one blank", 1, 200);
    private static final int MOST_USES = 20;
    /** Letters of a note on a step. */
    public static final int MOST_LETTERS = 200;

    public static final Span EACH = Span.of("eachMin", "minutes per piece", 0, 480, "min");

    /** The same of no kind that has a place in the order. */
    public Step(String name, Station station, Minutes setup, Minutes each, BuildPoint at) {
        this(name, station, setup, each, StepKind.OTHER, at);
    }

    /** A step that uses nothing and waits for nothing. */
    public Step(String name, Station station, Minutes setup, Minutes each, StepKind kind, BuildPoint at) {
        this(name, station, setup, each, false, kind, Minutes.ZERO, List.of(), null, 1, null, "", "", at);
    }

    /**
     * A step of handwork.
     *
     * @throws InvalidInputException when the station is not one of handwork, or minutes are outside their span
     */
    public Step {
        name = Words.name("name", name);
        if (!station.handwork()) {
            throw new InvalidInputException(
                    "station",
                    station.label(),
                    "Cores, Mix, Weigh out, Shape, Finish or Fit",
                    "Choose the station where the work is done.");
        }
        SETUP.check(setup.min());
        EACH.check(each.min());
        WAITING.check(waiting.min());
        PER_BLANK.check(perBlank);
        tools = tools.strip();
        caution = caution.strip();
        uses = List.copyOf(uses);
        if (uses.size() > MOST_USES) {
            throw new InvalidInputException(
                    "uses", uses.size() + " supplies", "up to " + MOST_USES, "Split the step into two.");
        }
    }

    /** The same where hands take so many times as long. */
    public Step times(double factor) {
        return new Step(
                name,
                station,
                new Minutes(Math.min(SETUP.high(), setup.min() * factor)),
                new Minutes(Math.min(EACH.high(), each.min() * factor)),
                hotAir,
                kind,
                waiting,
                uses,
                part,
                perBlank,
                jig,
                tools,
                caution,
                at);
    }

    /** Minutes to make its jig, when there is none yet. */
    public Minutes jigLeft() {
        return jig == null ? Minutes.ZERO : jig.left();
    }

    /** Blanks that so many of its part are cut from. */
    public int blanks(int parts) {
        return (parts + perBlank - 1) / perBlank;
    }
}
