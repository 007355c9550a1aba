package fairember.core.design;

import fairember.core.input.Gathering;
import java.util.List;

/** Checks that the assemblies of a design make one tree, and that everything else of it is done to one of them. */
final class AssemblyChecks {
    private final Gathering gathering;
    private final List<Assembly> assemblies;

    AssemblyChecks(Gathering gathering, List<Assembly> assemblies) {
        this.gathering = gathering;
        this.assemblies = assemblies;
    }

    /** Assemblies make one tree with the whole piece as its root; all that is baked, put in or done is done to one of them. */
    void check(List<Stage> stages, List<Part> parts, List<Step> steps, List<NonClay> nonClay) {
        for (int i = 0; i < stages.size(); i++) {
            assembly("stages[" + i + "]", stages.get(i).assembly());
        }
        gathering.orRefuse();
        AssemblyTree tree = new AssemblyTree(assemblies, stages);
        for (int i = 0; i < assemblies.size(); i++) {
            joined(i, tree);
        }
        for (int i = 0; i < parts.size(); i++) {
            point("parts[" + i + "]", parts.get(i).from(), tree);
        }
        for (int i = 0; i < steps.size(); i++) {
            point("steps[" + i + "]", steps.get(i).at(), tree);
        }
        for (int i = 0; i < nonClay.size(); i++) {
            point("nonClay[" + i + "]", nonClay.get(i).from(), tree);
        }
    }

    private void joined(int index, AssemblyTree tree) {
        String field = "assemblies[" + index + "].into";
        BuildPoint into = assemblies.get(index).into();
        if (index == 0 && into != null) {
            gathering.error(
                    field,
                    "an assembly",
                    "nothing, for the whole piece",
                    "Leave this empty: the first assembly is the whole piece.");
        }
        if (index > 0 && into == null) {
            gathering.error(
                    field, "nothing", "an assembly of the design", "Choose the assembly that this one is joined to.");
        }
        if (into == null || !point(field, into, tree)) {
            return;
        }
        if (assemblies.get(into.assembly()).separate()) {
            gathering.error(
                    field,
                    assemblies.get(into.assembly()).name() + ", a set of separate parts",
                    "an assembly whose parts are joined",
                    "Join it to another assembly, or turn off 'set of separate parts' for that one.");
        }
        if (AssemblyTree.loops(assemblies, index)) {
            gathering.error(
                    field,
                    assemblies.get(into.assembly()).name() + ", which is joined to it in turn",
                    "an assembly that leads to the whole piece",
                    "Join one of the two to the whole piece.");
        }
    }

    private boolean point(String field, BuildPoint point, AssemblyTree tree) {
        if (!assembly(field, point.assembly())) {
            return false;
        }
        int most = tree.bakes(point.assembly()).size();
        if (point.bake() > most) {
            gathering.error(
                    field + ".bake",
                    "bake " + (point.bake() + 1),
                    most == 0 ? "no bake: it has none of its own" : "bake 1 to " + most + ", or after the last",
                    "Choose a bake of this assembly.");
            return false;
        }
        return true;
    }

    private boolean assembly(String field, int found) {
        if (found < 0 || found >= assemblies.size()) {
            gathering.error(
                    field + ".assembly",
                    "assembly " + (found + 1),
                    "assembly 1 to " + assemblies.size(),
                    "Choose an assembly of the design.");
            return false;
        }
        return true;
    }
}
