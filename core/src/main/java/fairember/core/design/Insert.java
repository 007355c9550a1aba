package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.foilcore.Sleeve;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Rod;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something upright that a design is built on or round: a pencil, a pen, a pick, a stick.
 *
 * @param name 1 to 60 characters
 * @param thick its thickness
 * @param length of all of it, 1 to 400 mm
 * @param covered length that clay covers
 * @param mass of it, 0 to 500 g
 * @param stays whether it stays in through the oven
 * @param ceiling the hottest it may get when it stays in, or null when it may get as hot as the clay
 * @param contents what must come out of it first, such as an ink refill; may be empty
 * @param turns of foil round it, so that the design slides off, 0 to 30
 * @param sheet thickness of the clay wrapped round it
 * @param seam by which the sheet overlaps
 * @param acrossMm right of the design's axis, −400 to 400
 * @param upMm its lower end above the ground, −400 to 400
 */
public record Insert(
        @Name String name,
        Length thick,
        Length length,
        Length covered,
        Mass mass,
        boolean stays,
        @Nullable Temperature ceiling,
        @Default("") String contents,
        int turns,
        Length sheet,
        Length seam,
        double acrossMm,
        double upMm)
        implements HeatLimited {
    private static final double FOIL_MM = 0.016;
    public static final Span THICK = Sleeve.ACROSS;
    public static final Span COVERED = Sleeve.COVERED;
    public static final Span TURNS = Sleeve.TURNS;
    public static final Span SHEET = Sleeve.THICKNESS;
    public static final Span SEAM = Sleeve.SEAM;
    public static final Span LENGTH = Span.of("lengthMm", "length", 1, 400, "mm");
    public static final Span MASS = Span.of("massG", "weight", 0, 500, "g");
    public static final Span CEILING = Span.of("ceilingC", "highest safe temperature", 40, 300, "°C");
    public static final Span ACROSS = Placement.ACROSS;
    public static final Span UP = Span.of("upMm", "height of its lower end", -400, 400, "mm");

    /**
     * An insert that can be.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public Insert {
        Gathering gathering = new Gathering();
        String given = name;
        String inside = contents.strip();
        Temperature hottest = ceiling;
        name = gathering.at("", () -> Words.name("name", given)).orElse("");
        gathering.within(LENGTH, length.mm());
        gathering.within(MASS, mass.g());
        gathering.within(ACROSS, acrossMm);
        gathering.within(UP, upMm);
        if (hottest != null) {
            gathering.within(CEILING, hottest.c());
        }
        if (!inside.isEmpty()) {
            gathering.at("", () -> Words.name("contents", inside));
        }
        gathering.orRefuse();
        contents = inside;
    }

    /** Its covered length with the foil round it, 16 µm a turn, as a part: what clay is laid over. */
    Part covering() {
        double outer = thick.mm() + 2 * turns * FOIL_MM;
        Placement at = Placement.MIDDLE.at(acrossMm, upMm + length.mm() - covered.mm(), 0);
        return new Part(name, new Rod(new Length(outer), covered), 1, 0, BuildPoint.START, 0, null, null, at);
    }

    /** What must be ticked before the oven. */
    List<String> checkLines() {
        List<String> lines = new ArrayList<>();
        if (!contents.isEmpty()) {
            lines.add("Take out before baking: " + contents);
        }
        if (!stays) {
            lines.add(turns > 0 ? "Slide out, leave the sleeve: " + name : "Slide out: " + name);
        }
        return lines;
    }
}
