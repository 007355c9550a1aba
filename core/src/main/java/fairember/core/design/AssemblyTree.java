package fairember.core.design;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What the assemblies of a design say of its bakes: what each holds, which must be over before it, and which steps feed it.
 * Assemblies and stages are counted from 0 as they stand in the design.
 */
public final class AssemblyTree {
    private final List<Assembly> assemblies;
    private final List<Stage> stages;
    private final List<List<Integer>> bakes;

    AssemblyTree(List<Assembly> assemblies, List<Stage> stages) {
        this.assemblies = assemblies;
        this.stages = stages;
        this.bakes = IntStream.range(0, assemblies.size())
                .mapToObj(a -> IntStream.range(0, stages.size())
                        .filter(s -> stages.get(s).assembly() == a)
                        .boxed()
                        .toList())
                .toList();
    }

    /** All stages, each after those it waits for. */
    public List<Integer> inOrder() {
        Set<Integer> order = new LinkedHashSet<>();
        IntStream.range(0, stages.size()).forEach(stage -> after(stage, order));
        return List.copyOf(order);
    }

    private void after(int stage, Set<Integer> order) {
        if (!order.contains(stage)) {
            waitsFor(stage).forEach(before -> after(before, order));
            order.add(stage);
        }
    }

    /** The stages of an assembly, in order. */
    public List<Integer> bakes(int assembly) {
        return bakes.get(assembly);
    }

    /** Where a stage stands. */
    public BuildPoint point(int stage) {
        int assembly = stages.get(stage).assembly();
        return new BuildPoint(assembly, bakes.get(assembly).indexOf(stage));
    }

    /** All stages that what is at a point goes through, in order; what is laid by for packing goes through its own alone. */
    public List<Integer> way(BuildPoint from) {
        List<Integer> own = bakes.get(from.assembly());
        List<Integer> way = new ArrayList<>(own.subList(Math.min(from.bake(), own.size()), own.size()));
        joinedTo(from.assembly()).ifPresent(next -> way.addAll(way(next)));
        return way;
    }

    /** The same after a stage. */
    public List<Integer> wayAfter(int stage) {
        BuildPoint at = point(stage);
        return way(new BuildPoint(at.assembly(), at.bake() + 1));
    }

    /** Whether what is put in at a point is in the oven in a stage. */
    public boolean holds(int stage, BuildPoint from) {
        return way(from).contains(stage);
    }

    /** Whether something at a point is made of what has been through a stage. */
    public boolean follows(BuildPoint point, int stage) {
        BuildPoint at = point(stage);
        Optional<BuildPoint> on = Optional.of(new BuildPoint(at.assembly(), at.bake() + 1));
        while (on.isPresent()) {
            if (on.get().assembly() == point.assembly()) {
                return point.bake() >= on.get().bake();
            }
            on = joinedTo(on.get().assembly());
        }
        return false;
    }

    /** The stages that must be over before a stage. */
    public List<Integer> waitsFor(int stage) {
        return waitsFor(point(stage));
    }

    /** The stages that must be over before what is done at a point: the one before of its assembly, and those of what is joined there. */
    public List<Integer> waitsFor(BuildPoint point) {
        List<Integer> before = new ArrayList<>();
        if (point.bake() > 0) {
            before.add(bakes.get(point.assembly()).get(point.bake() - 1));
        }
        joinedAt(point).forEach(child -> before.addAll(endingBakes(child)));
        return before;
    }

    /** The stages that nothing waits for. */
    public List<Integer> last() {
        List<Integer> last = new ArrayList<>();
        finals().forEach(assembly -> last.addAll(endingBakes(assembly)));
        return last;
    }

    /** Whether the checks before the last bake are due before a stage. */
    public boolean checkedBefore(int stage) {
        List<Integer> own = bakes.get(0);
        return own.isEmpty() ? last().contains(stage) : own.get(own.size() - 1) == stage;
    }

    /** The points whose steps are done for a stage after all that it waits for, innermost first. */
    public List<BuildPoint> feeding(int stage) {
        BuildPoint at = point(stage);
        List<BuildPoint> points = new ArrayList<>();
        joinedAt(at).forEach(child -> points.addAll(ending(child)));
        points.add(at);
        return points;
    }

    /** The points whose steps no stage waits for, innermost first. */
    public List<BuildPoint> finishing() {
        List<BuildPoint> points = new ArrayList<>();
        finals().forEach(assembly -> points.addAll(ending(assembly)));
        return points;
    }

    /** The whole piece, and what is packed beside it. */
    private List<Integer> finals() {
        return IntStream.range(0, assemblies.size())
                .filter(a -> joinedTo(a).isEmpty())
                .boxed()
                .toList();
    }

    private BuildPoint end(int assembly) {
        return new BuildPoint(assembly, bakes.get(assembly).size());
    }

    private List<BuildPoint> ending(int assembly) {
        List<BuildPoint> points = new ArrayList<>();
        joinedAt(end(assembly)).forEach(child -> points.addAll(ending(child)));
        points.add(end(assembly));
        return points;
    }

    private List<Integer> endingBakes(int assembly) {
        return waitsFor(end(assembly));
    }

    /** The assemblies that are joined at a point. */
    public List<Integer> joinedAt(BuildPoint point) {
        return IntStream.range(1, assemblies.size())
                .filter(a -> joinedTo(a).filter(point::equals).isPresent())
                .boxed()
                .toList();
    }

    /** Where an assembly goes on in a greater one. */
    Optional<BuildPoint> joinedTo(int assembly) {
        Assembly one = assemblies.get(assembly);
        return one.joint() == Joint.PACKED ? Optional.empty() : Optional.ofNullable(one.into());
    }

    /** Whether what is in an assembly is part of the whole piece when it stands finished. */
    public boolean inWhole(int assembly) {
        return assembly == 0
                || joinedTo(assembly).filter(next -> inWhole(next.assembly())).isPresent();
    }

    /** Whether an assembly is another, or is joined to it, or to one that is; what is packed beside a piece is not. */
    static boolean goesInto(List<Assembly> assemblies, int assembly, int other) {
        int at = assembly;
        for (int steps = 0; steps <= assemblies.size() && at < assemblies.size(); steps++) {
            if (at == other) {
                return true;
            }
            BuildPoint into = assemblies.get(at).into();
            if (into == null || assemblies.get(at).joint() == Joint.PACKED) {
                return false;
            }
            at = into.assembly();
        }
        return false;
    }

    /** Whether joining on and on from an assembly never comes to an end. */
    static boolean loops(List<Assembly> assemblies, int from) {
        int at = from;
        for (int steps = 0; steps <= assemblies.size(); steps++) {
            BuildPoint into = assemblies.get(at).into();
            if (into == null || into.assembly() >= assemblies.size()) {
                return false;
            }
            at = into.assembly();
        }
        return true;
    }
}
