package fairember.core.design;

import fairember.core.input.Gathering;
import java.util.List;

/** What the parts of a design must be so that they go together. */
final class DesignChecks {
    private final Gathering gathering;
    private final List<Part> parts;
    private final List<Stage> stages;
    private final List<Step> steps;

    DesignChecks(Gathering gathering, List<Part> parts, List<Stage> stages, List<Step> steps) {
        this.gathering = gathering;
        this.parts = parts;
        this.stages = stages;
        this.steps = steps;
    }

    /** Notes everything that does not go together. */
    void check(
            List<Assembly> assemblies,
            List<Fitting> fittings,
            List<CheckLine> checks,
            Armature armature,
            List<Underlay> underlays) {
        counted(gathering, "parts", parts.size(), 1, Design.MOST_PARTS);
        counted(gathering, "assemblies", assemblies.size(), 1, Design.MOST_ASSEMBLIES);
        counted(gathering, "stages", "bakes", stages.size(), 1, Design.MOST_STAGES);
        counted(gathering, "steps", steps.size(), 0, Design.MOST_STEPS);
        counted(gathering, "fittings", "findings", fittings.size(), 0, Design.MOST_STEPS);
        counted(gathering, "inserts", armature.inserts().size(), 0, Armature.MOST);
        counted(gathering, "wires", armature.wires().size(), 0, Armature.MOST);
        counted(
                gathering,
                "nonClay",
                "things that are not clay",
                armature.nonClay().size(),
                0,
                Armature.MOST);
        counted(gathering, "checks", checks.size(), 0, Design.MOST_STEPS);
        for (int i = 0; i < steps.size(); i++) {
            Integer part = steps.get(i).part();
            if (part != null && (part < 0 || part >= parts.size())) {
                gathering.error(
                        "steps[" + i + "].part",
                        "part " + (part + 1),
                        "1 to " + parts.size(),
                        "Choose a part of this design.");
            }
        }
        long sides = underlays.stream().map(Underlay::side).distinct().count();
        if (sides < underlays.size()) {
            gathering.error(
                    "underlays",
                    underlays.size() + " pictures",
                    "one behind the front and one behind the side",
                    "First remove the picture that is there.");
        }
        for (int i = 0; i < checks.size(); i++) {
            Integer stage = checks.get(i).stage();
            if (stage != null && stage >= stages.size()) {
                gathering.error(
                        "checks[" + i + "].stage",
                        "bake " + (stage + 1),
                        "1 to " + stages.size(),
                        "Choose a bake of this design.");
            }
        }
        if (!assemblies.isEmpty()) {
            new AssemblyChecks(gathering, assemblies).check(stages, parts, steps, armature.nonClay());
        }
        for (int i = 0; i < parts.size(); i++) {
            nested(gathering, i, parts);
        }
    }

    private static void counted(Gathering gathering, String field, int found, int least, int most) {
        counted(gathering, field, field, found, least, most);
    }

    private static void counted(Gathering gathering, String field, String words, int found, int least, int most) {
        if (found < least || found > most) {
            gathering.error(
                    field, Integer.toString(found), least + " to " + most, "Change the number of " + words + ".");
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
}
