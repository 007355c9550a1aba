package fairember.app;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Breaks bodies: something in them becomes what it should not be. */
final class Broken {
    private Broken() {}

    /** Puts something odd in a random place of a body. */
    static void somewhere(JsonNode node, SplittableRandom random) {
        List<JsonNode> containers = new ArrayList<>();
        collect(node, containers);
        JsonNode chosen = containers.get(random.nextInt(containers.size()));
        JsonNode odd = switch (random.nextInt(8)) {
            case 0 -> Http.JSON.getNodeFactory().nullNode();
            case 1 -> Http.JSON.getNodeFactory().numberNode(-1);
            case 2 -> Http.JSON.getNodeFactory().numberNode(1e308);
            case 3 -> Http.JSON.getNodeFactory().numberNode(Long.MAX_VALUE);
            case 4 -> Http.JSON.getNodeFactory().stringNode("x".repeat(200));
            case 5 -> Http.JSON.createArrayNode();
            case 6 -> Http.JSON.createObjectNode();
            default -> Http.JSON.getNodeFactory().numberNode(0);
        };
        if (chosen instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            object.set(names.get(random.nextInt(names.size())), odd);
        } else if (chosen instanceof ArrayNode array && !array.isEmpty()) {
            array.set(random.nextInt(array.size()), odd);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> containers) {
        if (node.isContainer()) {
            containers.add(node);
            node.forEach(child -> collect(child, containers));
        }
    }
}
