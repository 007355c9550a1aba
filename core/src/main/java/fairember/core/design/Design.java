package fairember.core.design;

import fairember.core.bake.BakingMethod;
import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockSize;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A design that can be made again.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param collection it is sold in, up to 60 characters; may be empty
 * @param kind of thing
 * @param pose on the tray
 * @param parts one to {@value #MOST_PARTS}
 * @param stages of baking, in order, one to {@value #MOST_STAGES}; the last one is a full cure of the whole design
 * @param steps in order
 * @param fittings findings
 * @param checks to tick before the last bake, each 1 to 60 characters
 * @param armature inserts, wires and the pin it hangs from
 * @param price asked for one, or null to have it calculated from the margin
 * @param bakingMethod how it is baked; null as the studio bakes
 * @param drawn whether one of a pair of earrings is drawn or both; null when nobody said, or when it is no pair
 */
public record Design(
        @SavedUnder long id,
        @Name String name,
        @Default("") String collection,
        DesignKind kind,
        Pose pose,
        List<Part> parts,
        List<Stage> stages,
        List<Step> steps,
        List<Fitting> fittings,
        List<String> checks,
        @Inline Armature armature,
        @Nullable Money price,
        @Nullable BakingMethod bakingMethod,
        @Nullable Drawn drawn) {
    public static final Span PRICE = BlockSize.PRICE;
    static final int MOST_PARTS = 200;
    static final int MOST_STAGES = 8;
    static final int MOST_STEPS = 60;

    /** A design that is baked as the studio bakes. */
    public Design(
            long id,
            String name,
            String collection,
            DesignKind kind,
            Pose pose,
            List<Part> parts,
            List<Stage> stages,
            List<Step> steps,
            List<Fitting> fittings,
            List<String> checks,
            Armature armature,
            @Nullable Money price) {
        this(id, name, collection, kind, pose, parts, stages, steps, fittings, checks, armature, price, null, null);
    }

    /**
     * A design whose parts, stages and steps go together.
     *
     * @throws InvalidInputException with everything that does not
     */
    public Design {
        name = Words.name("name", name);
        collection = collection.isBlank() ? "" : Words.name("collection", collection);
        parts = List.copyOf(parts);
        stages = List.copyOf(stages);
        steps = List.copyOf(steps);
        fittings = List.copyOf(fittings);
        checks = List.copyOf(checks);
        Gathering gathering = new Gathering();
        Money asked = price;
        if (asked != null) {
            gathering.within(PRICE, (double) asked.minor());
        }
        counted(gathering, "parts", parts.size(), 1, MOST_PARTS);
        counted(gathering, "stages", stages.size(), 1, MOST_STAGES);
        counted(gathering, "steps", steps.size(), 0, MOST_STEPS);
        counted(gathering, "fittings", fittings.size(), 0, MOST_STEPS);
        counted(gathering, "inserts", armature.inserts().size(), 0, Armature.MOST);
        counted(gathering, "wires", armature.wires().size(), 0, Armature.MOST);
        counted(gathering, "checks", checks.size(), 0, MOST_STEPS);
        for (int i = 0; i < checks.size(); i++) {
            String line = checks.get(i);
            gathering.at("checks[" + i + "]", () -> Words.name("", line));
        }
        for (int i = 0; i < parts.size(); i++) {
            within(gathering, "parts[" + i + "].stage", parts.get(i).stage(), stages.size() - 1);
            nested(gathering, i, parts);
        }
        for (int i = 0; i < steps.size(); i++) {
            within(gathering, "steps[" + i + "].stage", steps.get(i).stage(), stages.size());
        }
        if (!stages.isEmpty() && stages.get(stages.size() - 1).loose()) {
            gathering.error(
                    "stages",
                    "a last bake of separate parts",
                    "the whole piece",
                    "End with a bake of the whole piece.");
        }
        gathering.orRefuse();
    }

    private static void counted(Gathering gathering, String field, int found, int least, int most) {
        if (found < least || found > most) {
            gathering.error(
                    field, Integer.toString(found), least + " to " + most, "Change the number of " + field + ".");
        }
    }

    private static void within(Gathering gathering, String field, int found, int last) {
        if (found < 0 || found > last) {
            gathering.error(field, "stage " + (found + 1), "stage 1 to " + (last + 1), "Choose a bake of the design.");
        }
    }

    /** A part is built around one that comes before it in the list, so that no part is inside itself. */
    private static void nested(Gathering gathering, int index, List<Part> parts) {
        Integer around = parts.get(index).around();
        if (around != null && (around < 0 || around >= index)) {
            gathering.error(
                    "parts[" + index + "].around",
                    "part " + (around + 1),
                    index == 0 ? "nothing, for the first part" : "part 1 to " + index + ", one above it in the list",
                    "Move the inner part up in the list.");
        }
    }

    /** The same design of other parts. */
    Design with(List<Part> newParts, Armature newArmature) {
        return new Design(
                id,
                name,
                collection,
                kind,
                pose,
                newParts,
                stages,
                steps,
                fittings,
                checks,
                newArmature,
                price,
                bakingMethod,
                drawn);
    }

    /** All lines to tick before the last bake: its own, then those of its inserts. */
    public List<String> checkLines() {
        List<String> lines = new ArrayList<>(checks);
        armature.inserts().forEach(insert -> lines.addAll(insert.checkLines()));
        return List.copyOf(lines);
    }

    /** The stage that cures the whole design. */
    public int lastStage() {
        return stages.size() - 1;
    }
}
