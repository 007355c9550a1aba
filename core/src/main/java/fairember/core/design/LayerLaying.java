package fairember.core.design;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import java.util.ArrayList;
import java.util.List;

/** Lays every layer of a design over what it covers, and puts every part that sits on another on its top. */
final class LayerLaying {
    private final List<Assembly> assemblies;
    private final Armature armature;

    LayerLaying(List<Assembly> assemblies, Armature armature) {
        this.assemblies = assemblies;
        this.armature = armature;
    }

    /** The parts with every layer over what it covers and every other on what it sits on; that comes before it in the list. */
    List<Part> laid(Gathering gathering, List<Part> parts) {
        List<Part> laid = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            Layer layer = part.layer();
            Sits sits = part.sits();
            if (layer == null && sits != null) {
                laid.add(gathering
                        .at("parts[" + i + "].sits", () -> part.on(seat(sits, laid), sits))
                        .orElse(part));
            } else if (layer == null) {
                laid.add(part);
            } else {
                String field = "parts[" + i + "].layer";
                laid.add(gathering
                        .at(field, () -> part.over(covered(layer, laid), layer))
                        .orElse(part));
            }
        }
        return List.copyOf(laid);
    }

    private static Part seat(Sits sits, List<Part> above) {
        if (sits.on() < 0 || sits.on() >= above.size()) {
            throw new InvalidInputException(
                    "on",
                    "part " + (sits.on() + 1),
                    above.isEmpty()
                            ? "nothing, for the first part"
                            : "1 to " + above.size() + ", one above it in the list",
                    "In the list, move the part it sits on above this one.");
        }
        return above.get(sits.on());
    }

    /** What a layer covers, among the parts above it in the list, what is not clay, and the assemblies. */
    Part covered(Layer layer, List<Part> above) {
        List<String> names = names(layer.kind(), above);
        int over = layer.over();
        if (over < 0 || over >= names.size()) {
            boolean part = layer.kind() == Layer.Kind.PART;
            throw new InvalidInputException(
                    "over",
                    (part ? "part " : "thing ") + (over + 1),
                    names.isEmpty()
                            ? part ? "nothing, for the first part" : "nothing: there is none"
                            : "1 to " + names.size() + (part ? ", one above it in the list" : ""),
                    part ? "Move the covered part up in the list." : "Choose one of the things in this design.");
        }
        return switch (layer.kind()) {
            case PART -> above.get(over);
            case NON_CLAY -> armature.nonClay().get(over).body();
            case INSERT -> armature.inserts().get(over).covering();
            case ASSEMBLY -> assembly(layer, above);
        };
    }

    private List<String> names(Layer.Kind kind, List<Part> above) {
        return switch (kind) {
            case PART -> above.stream().map(Part::name).toList();
            case NON_CLAY -> armature.nonClay().stream().map(NonClay::name).toList();
            case INSERT -> armature.inserts().stream().map(Insert::name).toList();
            case ASSEMBLY -> assemblies.stream().map(Assembly::name).toList();
        };
    }

    private Part assembly(Layer layer, List<Part> above) {
        String name = assemblies.get(layer.over()).name();
        List<Part> parts = above.stream()
                .filter(part -> AssemblyTree.goesInto(assemblies, part.from().assembly(), layer.over()))
                .toList();
        if (parts.isEmpty()) {
            throw new InvalidInputException(
                    "over",
                    name + ", of which no part stands above this one in the list",
                    "an assembly with parts above it in the list",
                    "Move its parts up in the list, or choose another assembly.");
        }
        return AssemblyForm.of(name, parts, layer.thick());
    }
}
