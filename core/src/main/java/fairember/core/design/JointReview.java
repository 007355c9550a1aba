package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.StageKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether what is joined is raw or cured as its joint says, and whether all of a design is cured in the end. */
final class JointReview {
    private final Design design;
    private final List<MeasuredPart> parts;
    private final List<MeasuredStage> stages;
    private final AssemblyTree tree;

    private JointReview(Design design, List<MeasuredPart> parts, List<MeasuredStage> stages) {
        this.design = design;
        this.parts = parts;
        this.stages = stages;
        this.tree = design.tree();
    }

    static List<Advice> advice(Design design, List<MeasuredPart> parts, List<MeasuredStage> stages) {
        JointReview review = new JointReview(design, parts, stages);
        List<Advice> advice = new ArrayList<>(review.neverCured());
        for (int i = 1; i < design.assemblies().size(); i++) {
            review.joint(i, design.assemblies().get(i)).ifPresent(advice::add);
        }
        return advice;
    }

    /** Parts that are only set, or never see the oven. */
    private List<Advice> neverCured() {
        List<String> weak = parts.stream()
                .filter(p -> tree.way(p.part().from()).stream().noneMatch(this::cures))
                .map(p -> p.part().name())
                .toList();
        if (weak.isEmpty()) {
            return List.of();
        }
        return List.of(Advice.stop(
                "never-cured",
                "%s: none of its bakes cures %s. Clay that is not cured stays weak."
                        .formatted(design.name(), weak.size() == parts.size() ? "the clay" : String.join(", ", weak)),
                "Give this clay a full bake.",
                design.name()));
    }

    private boolean cures(int stage) {
        return stages.get(stage).need().kind() == StageKind.FULL_BAKE
                || stages.get(stage).need().drying().isPresent();
    }

    private Optional<Advice> joint(int index, Assembly assembly) {
        BuildPoint into = assembly.into();
        if (into == null) {
            return Optional.empty();
        }
        List<List<Integer>> here = pasts(new BuildPoint(index, tree.bakes(index).size()));
        List<List<Integer>> there = pasts(into);
        List<List<Integer>> both = Stream.concat(here.stream(), there.stream()).toList();
        boolean anyRaw = both.stream().anyMatch(List::isEmpty);
        boolean allRaw = both.stream().allMatch(List::isEmpty);
        return switch (assembly.joint()) {
            case COLD ->
                both.stream().allMatch(past -> past.stream().anyMatch(this::cures))
                        ? Optional.empty()
                        : Optional.of(Advice.stop(
                                "cold-raw",
                                says(assembly, into, "joined cold to", "some of that clay is not cured yet"),
                                "Give both a full bake before you glue them, or join them raw.",
                                design.name()));
            case RAW ->
                allRaw
                        ? Optional.empty()
                        : Optional.of(Advice.caution(
                                "joint-cured",
                                says(assembly, into, "joined raw to", "some of that clay is already baked"),
                                "Choose 'raw clay on cured clay', and put bake-set adhesive in the joint.",
                                design.name()));
            case CURED ->
                anyRaw != allRaw || there.isEmpty()
                        ? Optional.empty()
                        : Optional.of(Advice.caution(
                                "joint-alike",
                                says(
                                        assembly,
                                        into,
                                        "joined to",
                                        allRaw ? "all of that clay is still raw" : "all of that clay is already baked"),
                                allRaw ? "Choose 'raw clay on raw clay'." : "Choose a cold joint.",
                                design.name()));
            case PACKED -> Optional.empty();
        };
    }

    private String says(Assembly assembly, BuildPoint into, String how, String but) {
        return "%s: %s is %s %s, but %s."
                .formatted(
                        design.name(),
                        assembly.name(),
                        how,
                        design.assemblies().get(into.assembly()).name(),
                        but);
    }

    /** For each part in an assembly by a point of it: the stages it has been through. */
    private List<List<Integer>> pasts(BuildPoint point) {
        List<List<Integer>> pasts = new ArrayList<>();
        for (MeasuredPart measured : parts) {
            BuildPoint from = measured.part().from();
            if (reaches(from, point)) {
                pasts.add(tree.way(from).stream()
                        .filter(stage -> tree.follows(point, stage))
                        .toList());
            }
        }
        return pasts;
    }

    /** Whether what is put in at one point is in an assembly by another point; what is only joined there is not. */
    private boolean reaches(BuildPoint from, BuildPoint point) {
        Optional<BuildPoint> at = Optional.of(from);
        while (at.isPresent() && at.get().assembly() != point.assembly()) {
            at = tree.joinedTo(at.get().assembly());
        }
        return at.filter(met -> met.bake() < point.bake() || (met.equals(from) && met.bake() == point.bake()))
                .isPresent();
    }
}
