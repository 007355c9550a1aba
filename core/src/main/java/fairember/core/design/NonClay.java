package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Solid;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something of a design that is not clay: a board, a box, a spring, an eye, a stand; or what only holds it in the oven, such as a
 * cup or a prop; or a small part that is made of a design of its own.
 *
 * @param name 1 to 60 characters
 * @param shape at true size
 * @param count copies in one design, 1 to 200
 * @param mass of one copy, 0 to 5000 g
 * @param from where it is put in: its assembly, and the first of that assembly's bakes it is there for
 * @param oven whether it is in the oven
 * @param support whether it only holds the piece in the oven, and is no part of it
 * @param ceiling the hottest it may get in the oven, or null when nobody knows
 * @param designId the design that it is made of, in the same batch; it then weighs what one of that does; or null
 * @param findingId the finding on the shelf that it is, which is then counted and paid for; or null
 * @param placement where it stands
 */
public record NonClay(
        @Name String name,
        Solid shape,
        int count,
        Mass mass,
        @Inline BuildPoint from,
        @Default("IN") Oven oven,
        @Default("false") boolean support,
        @Nullable Temperature ceiling,
        @RefersTo("design") @Nullable Long designId,
        @RefersTo("finding") @Nullable Long findingId,
        Placement placement)
        implements HeatLimited {
    public static final Span COUNT = Part.COUNT;
    public static final Span MASS = Span.of("massG", "weight", 0, 5000, "g");
    public static final Span CEILING = Insert.CEILING;

    /** Where it is while the clay is baked. */
    public enum Oven {
        IN("in the oven with it"),
        TAKEN_OUT("taken out before each bake, then put back"),
        AFTER("put on after the last bake");

        private final String label;

        Oven(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * Something that can be.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public NonClay {
        Gathering gathering = new Gathering();
        String given = name;
        name = gathering.at("", () -> Words.name("name", given)).orElse("");
        gathering.within(COUNT, (double) count);
        gathering.within(MASS, mass.g());
        Temperature hottest = ceiling;
        if (hottest != null) {
            gathering.within(CEILING, hottest.c());
        }
        if (support && oven != Oven.IN) {
            gathering.error(
                    "oven",
                    "a support that is not in the oven",
                    "a support in the oven, or a part of the piece",
                    "Keep it in the oven, or turn off 'only holds it in the oven'.");
        }
        if (support && findingId != null) {
            gathering.error(
                    "findingId",
                    "a support that is counted with each piece",
                    "no finding, for what only holds the piece in the oven",
                    "Leave the finding out, or turn off 'only holds it in the oven'.");
        }
        if (designId != null && (support || findingId != null)) {
            gathering.error(
                    "designId",
                    support ? "a support that is made with each piece" : "a finding that is made of a design too",
                    "a design, a finding or a support: one of them",
                    support
                            ? "Choose no design, or turn off 'only holds it in the oven'."
                            : "Choose a finding or a design, not both.");
        }
        gathering.orRefuse();
    }

    /** Whether it is in the oven in a stage. */
    boolean bakedIn(AssemblyTree tree, int stage) {
        return oven == Oven.IN && tree.holds(stage, from);
    }

    /** Where it is put on a piece. */
    public BuildPoint putOn(AssemblyTree tree) {
        return oven == Oven.AFTER ? new BuildPoint(0, tree.bakes(0).size()) : from;
    }

    /** The same with a hottest temperature. */
    NonClay safeUpTo(@Nullable Temperature hottest) {
        return new NonClay(name, shape, count, mass, from, oven, support, hottest, designId, findingId, placement);
    }

    /** The same elsewhere. */
    NonClay at(Placement elsewhere) {
        return new NonClay(name, shape, count, mass, from, oven, support, ceiling, designId, findingId, elsewhere);
    }

    /** The same as a part, for what asks only where things are and how large. */
    public Part body() {
        return new Part(name, shape, count, 0, from, 0, null, null, placement);
    }

    /** What must be ticked before the oven, if anything. */
    Optional<String> checkLine() {
        if (support) {
            return Optional.of("Support in place: " + name);
        }
        return oven == Oven.TAKEN_OUT ? Optional.of("Take out before baking: " + name) : Optional.empty();
    }
}
