package fairember.core.design;

import fairember.core.bake.BakingMethod;
import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
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
 * @param assemblies it is made of, the whole piece first, one to {@value #MOST_ASSEMBLIES}
 * @param stages of baking, those of one assembly in order, one to {@value #MOST_STAGES}
 * @param steps in order
 * @param fittings findings
 * @param checks to tick before bakes, varnish and packing
 * @param armature inserts, wires and the pin it hangs from
 * @param price asked for one, or null to have it calculated from the margin
 * @param bakingMethod how it is baked; null as the studio bakes
 * @param underlays pictures that it is drawn against, one for each side at most
 * @param drawn whether one of a pair of earrings is drawn or both; null when nobody said, or when it is no pair
 */
public record Design(
        @SavedUnder long id,
        @Name String name,
        @Default("") String collection,
        DesignKind kind,
        Pose pose,
        List<Part> parts,
        @Default("[{\"name\": \"Whole piece\"}]") List<Assembly> assemblies,
        List<Stage> stages,
        List<Step> steps,
        List<Fitting> fittings,
        List<CheckLine> checks,
        @Inline Armature armature,
        @Nullable Money price,
        @Nullable BakingMethod bakingMethod,
        @Nullable Drawn drawn,
        @Default("[]") List<Underlay> underlays) {
    public static final Span PRICE = BlockSize.PRICE;
    static final int MOST_PARTS = 200;
    static final int MOST_STAGES = 24;
    static final int MOST_ASSEMBLIES = 24;
    static final int MOST_STEPS = 60;

    /** A design in one piece that is baked as the studio bakes, with all its checks before the last bake. */
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
        this(
                id,
                name,
                collection,
                kind,
                pose,
                parts,
                List.of(Assembly.WHOLE),
                stages,
                steps,
                fittings,
                CheckLine.all(checks),
                armature,
                price,
                null,
                null);
    }

    /** A design that is drawn against nothing. */
    public Design(
            long id,
            String name,
            String collection,
            DesignKind kind,
            Pose pose,
            List<Part> parts,
            List<Assembly> assemblies,
            List<Stage> stages,
            List<Step> steps,
            List<Fitting> fittings,
            List<CheckLine> checks,
            Armature armature,
            @Nullable Money price,
            @Nullable BakingMethod bakingMethod,
            @Nullable Drawn drawn) {
        this(
                id,
                name,
                collection,
                kind,
                pose,
                parts,
                assemblies,
                stages,
                steps,
                fittings,
                checks,
                armature,
                price,
                bakingMethod,
                drawn,
                List.of());
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
        assemblies = List.copyOf(assemblies);
        stages = List.copyOf(stages);
        steps = List.copyOf(steps);
        fittings = List.copyOf(fittings);
        checks = List.copyOf(checks);
        underlays = List.copyOf(underlays);
        Gathering gathering = new Gathering();
        Money asked = price;
        if (asked != null) {
            gathering.within(PRICE, (double) asked.minor());
        }
        new DesignChecks(gathering, parts, stages, steps).check(assemblies, fittings, checks, armature, underlays);
        parts = new LayerLaying(assemblies, armature).laid(gathering, parts);
        gathering.orRefuse();
    }

    /** What a part of this design that is a layer covers, as a part. */
    public Part covered(Part part, Layer layer) {
        return new LayerLaying(assemblies, armature).covered(layer, parts.subList(0, parts.indexOf(part)));
    }

    private Design with(
            List<Part> newParts,
            Armature newArmature,
            List<Step> newSteps,
            List<CheckLine> newChecks,
            List<Underlay> newUnderlays) {
        return new Design(
                id,
                name,
                collection,
                kind,
                pose,
                newParts,
                assemblies,
                stages,
                newSteps,
                fittings,
                newChecks,
                newArmature,
                price,
                bakingMethod,
                drawn,
                newUnderlays);
    }

    /** The same design of other parts. */
    Design with(List<Part> newParts, Armature newArmature) {
        return with(newParts, newArmature, steps, checks, underlays);
    }

    /** The same design with its pictures so many times as large. */
    Design underlaid(double factor) {
        return with(
                parts,
                armature,
                steps,
                checks,
                underlays.stream().map(one -> one.times(factor)).toList());
    }

    /** All lines to tick: its own, then those of its inserts and of what is not clay. */
    public List<CheckLine> checkLines() {
        List<CheckLine> lines = new ArrayList<>(checks);
        armature.inserts().forEach(insert -> lines.addAll(CheckLine.all(insert.checkLines())));
        armature.nonClay().forEach(thing -> thing.checkLine().map(CheckLine::of).ifPresent(lines::add));
        return List.copyOf(lines);
    }

    /** The same design with one more line of checks at the end of its own. */
    public Design checking(CheckLine line) {
        List<CheckLine> more = new ArrayList<>(checks);
        more.add(line);
        return with(parts, armature, steps, more, underlays);
    }

    /** The same design with other steps. */
    public Design with(List<Step> others) {
        return with(parts, armature, others, checks, underlays);
    }

    /** All that a finished one is of, clay or not, where it stands. */
    public List<Part> bodies() {
        List<Part> bodies = new ArrayList<>(parts);
        armature.nonClay().stream()
                .filter(thing -> !thing.support())
                .map(NonClay::body)
                .forEach(bodies::add);
        return List.copyOf(bodies);
    }

    /** The findings it needs, by their numbers on the shelf. */
    public List<Long> findingIds() {
        return Stream.concat(
                        fittings.stream().map(Fitting::findingId),
                        armature.nonClay().stream().map(NonClay::findingId).filter(Objects::nonNull))
                .distinct()
                .toList();
    }

    /** The supplies its steps use, by their numbers on the shelf. */
    public List<Long> supplyIds() {
        return steps.stream()
                .flatMap(step -> step.uses().stream())
                .map(StepUse::supplyId)
                .distinct()
                .toList();
    }

    /** The designs that its small parts are made of, by their numbers. */
    public List<Long> smallPartIds() {
        return armature.nonClay().stream()
                .map(NonClay::designId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** What its assemblies say of its bakes. */
    public AssemblyTree tree() {
        return new AssemblyTree(assemblies, stages);
    }

    /** Things on the tray in a stage for one design: 1, or the parts of a set of separate ones. */
    public int unitsEach(int stage) {
        if (!assemblies.get(stages.get(stage).assembly()).separate()) {
            return 1;
        }
        AssemblyTree tree = tree();
        return parts.stream()
                .filter(part -> tree.holds(stage, part.from()))
                .mapToInt(Part::count)
                .sum();
    }

    /** The pose of what is in a stage. */
    public Pose poseIn(int stage) {
        Pose own = stages.get(stage).pose();
        return own == null ? pose : own;
    }

    /** The name of a stage among those of all designs. */
    public String stageName(int stage) {
        return name + ", " + stages.get(stage).name();
    }
}
