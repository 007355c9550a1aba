package fairember.core.design;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import java.util.ArrayList;
import java.util.List;

/** Lays every layer of a design over what it covers. */
final class LayerLaying {
    private LayerLaying() {}

    /** The parts with every layer over what it covers; a part comes before it in the list. */
    static List<Part> laid(Gathering gathering, List<Part> parts, Armature armature) {
        List<Part> laid = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            Layer layer = part.layer();
            if (layer == null) {
                laid.add(part);
            } else {
                String field = "parts[" + i + "].layer";
                laid.add(gathering
                        .at(field, () -> part.over(covered(layer, laid, armature), layer))
                        .orElse(part));
            }
        }
        return List.copyOf(laid);
    }

    /** What a layer covers, among the parts above it in the list and what is not clay. */
    static Part covered(Layer layer, List<Part> above, Armature armature) {
        List<Part> choices = switch (layer.kind()) {
            case PART -> above;
            case NON_CLAY -> armature.nonClay().stream().map(NonClay::body).toList();
            case INSERT -> armature.inserts().stream().map(Insert::covering).toList();
        };
        if (layer.over() < 0 || layer.over() >= choices.size()) {
            boolean part = layer.kind() == Layer.Kind.PART;
            throw new InvalidInputException(
                    "over",
                    (part ? "part " : "thing ") + (layer.over() + 1),
                    choices.isEmpty()
                            ? part ? "nothing, for the first part" : "nothing: there is none"
                            : "1 to " + choices.size() + (part ? ", one above it in the list" : ""),
                    part ? "Move the covered part up in the list." : "Choose one of the things in this design.");
        }
        return choices.get(layer.over());
    }
}
